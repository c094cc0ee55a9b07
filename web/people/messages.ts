import { message } from '@cadre/web/platform/i18n';

// ChangePerson
export const changePerson = message('Change person');
export const nowNameMarksKeep = message('Now: {name}. Marks keep the name of whoever gave them.');
export const back = message('Back');
export const signOut = message('Sign out');

// ChangeSecret
export const leadsCodeWasGood = message(
  'The lead’s code was good for this one sign-in. Choose your own now.',
);
export const currentCode = message('Current code');
export const newCode = message('New code');
export const eightCharactersMore = message('Eight characters or more');
export const repeatNewCode = message('Repeat the new code');
export const notSameAsAbove = message('Not the same as above.');
export const changeCode = message('Change the code');

// OwnAccess
export const yourPinGoneFrom = message('Your PIN is gone from this device.');
export const yourAccess = message('Your access');
export const setPinForDevice = message('Set a PIN for this device');
export const changeMyCode = message('Change my code');
export const youSignedInWith = message(
  'You signed in with your PIN. Releasing a bike and changing people or rules need your code.',
);
export const yourPinSetFor = message('Your PIN is set for this device.');
export const yourCodeChangedOther = message('Your code is changed. Other devices are signed out.');
export const removeMyPin = message('Remove my PIN');
export const setPin = message('Set a PIN');
export const signOutOnEvery = message('Sign out on every device');
export const saveMyData = message('Save my data');
export const myDevices = message('My devices');

// OwnDevices
export const phone = message('Phone');
export const computerTablet = message('Computer or tablet');
export const signedInOn = message('Signed in on');
export const thisDevice = message('This device');
export const lastUsedWhen = message('last used {when}');

// PeopleView
export const peopleSetup = message('People and setup');
export const people = message('People');
export const left = message('(left)');
export const roleName = message('Role of {name}');
export const trainee = message('trainee');
export const saveTheirDataName = message('Save their data: {name}');
export const saveTheirData = message('Save their data');
export const removeName = message('Remove name…');
export const hasLeft = message('Has left');
export const isBack = message('Is back');
export const name = message('Name');
export const signInName = message('Sign-in name');
export const smallLettersDigits = message('Small letters and digits');
export const role = message('Role');
export const code = message('Code');
export const traineeCriticalsOneOne = message('Trainee: criticals one by one, checks co-signed');
export const addPerson = message('Add this person');
export const howMarksGivenEvery = message('How marks are given, and every other rule of the house, is under');
export const policy = message('Policy');

// RemoveName
export const theName = message('The name');
export const goesForGoodHere = message(
  'goes for good, here and on every page. Their checks and repairs stay; they are then by “Nameless” and six letters or digits. Nobody can bring the name back. Save their data first if anybody may ask for it.',
);
export const removeNameForGood = message('Remove this name for good');

// ResetSecret
export const tellName = message('Tell {name}:');
export const goodForOneSign = message(
  '. It is good for one sign-in. They are signed out everywhere until then.',
);
export const done = message('Done');
export const codeForNameS = message('Code for {name}’s next sign-in');
export const eightCharactersMoreThey = message('Eight characters or more. They choose their own then.');
export const setCode = message('Set code');
export const cancel = message('Cancel');

// SetPin
export const fourSixDigits = message('Four to six digits');
export const withPinYouSign = message(
  'With the PIN you sign in faster on this device, as long as it has a connection. Releasing a bike and changing people or rules still need your code.',
);
export const pin = message('PIN');
export const yourCode = message('Your code');
export const setPin2 = message('Set this PIN');

// SetupForm
export const program = message('Program');
export const lodgeParkSchoolClub = message('The lodge, park, school or club');
export const firstSite = message('First site');
export const whereBikesKept = message('Where the bikes are kept');
export const timeZone = message('Time zone');
export const opensAt = message('Opens at');
export const time = message('time');
export const yourName = message('Your name');
export const yourSignInName = message('Your sign-in name');
export const password = message('password');
export const setUp = message('Set up');

// SignInForm
export const peopleBrowser = message('People of this browser');
export const pinCode = message('PIN or code');
export const signIn = message('Sign in');
export const demoItsPeopleMade = message('This is the demo. Its people are made up:');
export const theirCodesPrintedWhere = message('Their codes are printed where Cadre was started.');

// SignInView
export const cadre = message('Cadre');
export const whichBikesMayGo = message('Which bikes may go out, which may not, and why.');
export const setUpYourProgram = message('Set up your program');

// SignedFor
export const whatNameSignedOff = message('What {name} is signed off for');
export const signedOffFor = message('Signed off for');
export const givesTheseStationEvery = message('(gives these by station; every check is still co-signed)');
