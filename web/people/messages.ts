import { message } from '@cadre/web/platform/i18n';

// ChangePerson
export const changePerson = message('Change person');
export const signedInNameEarlier = message('Signed in: {name}. Earlier marks keep the name of their author.');
export const back = message('Back');
export const signOut = message('Sign out');

// ChangeSecret
export const leadsCodeWasValid = message(
  'The lead’s code was valid for one sign-in only. Choose your own code now.',
);
export const currentCode = message('Current code');
export const newCode = message('New code');
export const least8Characters = message('At least 8 characters');
export const repeatNewCode = message('Repeat the new code');
export const notSameCode = message('This is not the same code.');
export const changeCode = message('Change code');

// OwnAccess
export const yourPinRemovedFrom = message('Your PIN is removed from this device.');
export const yourSignIn = message('Your sign-in');
export const setPinForDevice = message('Set a PIN for this device');
export const changeMyCode = message('Change my code');
export const youSignedInWith = message(
  'You signed in with your PIN. To release a bike or to change people or rules, sign in with your code.',
);
export const yourPinSetFor = message('Your PIN is set for this device.');
export const yourCodeChangedOther = message('Your code is changed. Other devices are signed out.');
export const removeMyPin = message('Remove my PIN');
export const setPin = message('Set a PIN');
export const signOutOnAll = message('Sign out on all devices');
export const saveMyData = message('Save my data');
export const myDevices = message('My devices');

// OwnDevices
export const phone = message('Phone');
export const computerTablet = message('Computer or tablet');
export const signedInOn = message('Signed in on');
export const thisDevice = message('This device');
export const lastUsedWhen = message('last used {when}');

// PeopleView
export const peopleSettings = message('People and settings');
export const people = message('People');
export const left = message('(left)');
export const roleName = message('Role of {name}');
export const trainee = message('trainee');
export const saveDataName = message('Save data: {name}');
export const saveData = message('Save data');
export const removeName = message('Remove name…');
export const hasLeft = message('Has left');
export const isBack = message('Is back');
export const name = message('Name');
export const signInName = message('Sign-in name');
export const lowerCaseLettersDigits = message('lower-case letters and digits');
export const role = message('Role');
export const code = message('Code');
export const traineeAnswersCriticalQuestions = message(
  'Trainee: answers critical questions one by one; checks need a co-signature',
);
export const addPerson = message('Add person');
export const setHowAnswersGiven = message('Set how answers are given, and all other rules, under');
export const policy = message('Policy');

// RemoveName
export const theName = message('The name');
export const removedPermanentlyFromEvery = message(
  'is removed permanently from every page. The person’s checks and repairs stay and are shown under “Nameless” with six letters or digits. This cannot be undone. Save the person’s data first if anyone may ask for it.',
);
export const removeNamePermanently = message('Remove this name permanently');

// ResetSecret
export const tellName = message('Tell {name}:');
export const codeValidForOne = message(
  '. This code is valid for one sign-in. Until then {name} is signed out on all devices.',
);
export const done = message('Done');
export const codeForNameS = message('Code for {name}’s next sign-in');
export const least8CharactersName = message('At least 8 characters. {name} then chooses a new code.');
export const setCode = message('Set code');
export const cancel = message('Cancel');

// SetPin
export const n46Digits = message('4 to 6 digits');
export const pinFasterSignIn = message(
  'A PIN is a faster sign-in on this device while it is online. To release a bike or to change people or rules, you still need your code.',
);
export const pin = message('PIN');
export const yourCode = message('Your code');
export const setPin2 = message('Set PIN');

// SetupForm
export const program = message('Program');
export const nameLodgeParkSchool = message('Name of the lodge, park, school or club');
export const firstSite = message('First site');
export const placeWhereBikesStored = message('Place where the bikes are stored');
export const timeZone = message('Time zone');
export const opensAt = message('Opens at');
export const time = message('time');
export const yourName = message('Your name');
export const yourSignInName = message('Your sign-in name');
export const password = message('password');
export const setUp = message('Set up');

// SignInForm
export const peopleOnDevice = message('People on this device');
export const pinCode = message('PIN or code');
export const signIn = message('Sign in');
export const demoWithInventedPeople = message('This is a demo with invented people:');
export const theirCodesPrintedIn = message('Their codes are printed in the window where Cadre was started.');

// SignInView
export const cadre = message('Cadre');
export const whichBikesMayGo = message('Which bikes may go out, which may not, and why.');
export const setUpYourProgram = message('Set up your program');

// SignedFor
export const stationsNameSignedOff = message('Stations {name} is signed off for');
export const signedOffFor = message('Signed off for');
export const answersTheseStationEvery = message(
  '(answers these by station; every check still needs a co-signature)',
);

// help people
export const helpPeoplePurpose1 = message(
  'The people of your program, their roles and codes. A trainee’s checks need a co-signature.',
);
export const helpPeopleDesk = message('Desk');
export const helpPeopleDeskMeans = message('Sees everything, hands out and takes back.');
export const helpPeopleInspector = message('Inspector');
export const helpPeopleInspectorMeans = message('Also checks bikes.');
export const helpPeopleMechanic = message('Mechanic');
export const helpPeopleMechanicMeans = message('Also repairs and releases.');
export const helpPeopleLead = message('Lead');
export const helpPeopleLeadMeans = message('Also edits checklists, policy and people.');
