import { message } from '@cadre/web/platform/i18n';

// api
export const serverDidNotAnswer = message('the server did not answer');

// problems
export const youNotSignedIn = message('You are not signed in.');
export const signInWhatYou = message('Sign in; what you marked is kept here.');
export const nameCodeDoNot = message('Name and code do not match.');
export const tryAgainLeadCan = message('Try again. The lead can set a new code.');
export const tooManyWrongPins = message('Too many wrong PINs: the PIN was removed.');
export const signInWithYour = message('Sign in with your code.');
export const youSignedInWith = message('You signed in with a PIN.');
export const signInWithYourCode = message('Sign in with your code to do this.');
export const browserKeepsNoCookies = message('This browser keeps no cookies.');
export const allowThemSignIn = message('Allow them, sign in again, then set a PIN.');
export const tooManyWrongTries = message('Too many wrong tries.');
export const waitMinutesMinutesAsk = message('Wait {minutes} minutes, or ask the lead.');
export const notYourCurrentCode = message('That is not your current code.');
export const tryAgain = message('Try again.');
export const yourCodeWasGood = message('Your code was good for one sign-in.');
export const chooseYourOwnFirst = message('Choose your own first; what you marked is saved here.');
export const theyStillWorkHere = message('They still work here.');
export const sayTheyHaveLeft = message('Say that they have left first.');
export const nameWasRemovedFor = message('This name was removed for good.');
export const addThemAsNew = message('Add them as a new person.');
export const onlyLead = message('This is the only lead.');
export const makeSomebodyElseLead = message('Make somebody else a lead first.');
export const traineeMayNotDo = message('A trainee may not do this alone.');
export const yourRoleMayNot = message('Your role may not do this.');
export const askLeadChangePerson = message('Ask the lead, or change person.');
export const pageWasNotOpened = message('This page was not opened from Cadre’s own address.');
export const openCadreItsOwn = message('Open Cadre by its own address and try again.');
export const thereNoSuchWhat = message('There is no such {what}.');
export const mayHaveBeenRemoved = message('It may have been removed. Go back and look again.');
export const somethingNotFilledIn = message('Something is not filled in right.');
export const seeFieldsMarkedBelow = message('See the fields marked below.');
export const moreThanLimitkbKb = message('That is more than {limitKb} kB.');
export const sendLessOnce = message('Send less at once.');
export const earlierTryWasSaved = message('An earlier try was saved with other values.');
export const reloadPageSeeWhat = message('Reload the page, see what was saved, and change that.');
export const somebodyElseChangedMeanwhile = message('Somebody else changed this meanwhile.');
export const compareBothChoose = message('Compare both and choose.');
export const checkOpenOnBike = message('A check is open on this bike already.');
export const joinIt = message('Join it.');
export const programSetUpAlready = message('This program is set up already.');
export const signIn = message('Sign in.');
export const tagTagTaken = message('Tag {tag} is taken.');
export const chooseAnotherTag = message('Choose another tag.');
export const bikeTagHangsOn = message('Bike {tag} hangs on this hook.');
export const chooseFreeHook = message('Choose a free hook.');
export const signInNameTaken = message('This sign-in name is taken.');
export const chooseAnother = message('Choose another.');
export const thereModelCalledName = message('There is a model called {name} already.');
export const chooseAnotherNameChange = message('Choose another name, or change that model.');
export const bikesBikesHangThere = message('{bikes} bikes hang there.');
export const hangThemElsewhereFirst = message('Hang them elsewhere first.');
export const tagsHangOnHooks = message('{tags} hang on the hooks that would go.');
export const somebodyAddedTookDown = message('Somebody added or took down a rack meanwhile.');
export const racksShownAsThey = message('The racks are shown as they are now: order them again.');
export const bikesBuildSpeaksAgainst = message('This bike’s build speaks against it.');
export const chooseAnotherBikeSay = message('Choose another bike, or say why it goes on all the same.');
export const partNotOnBike = message('This part is not on that bike any more.');
export const lookPartsAgain = message('Look at the parts again.');
export const groupWouldBackBefore = message('The group would be back before it is out.');
export const seeTimesMarkedBelow = message('See the times marked below.');
export const checklistLeavesOutCritical = message(
  'This checklist leaves out critical checkpoints: {checkpoints}.',
);
export const giveReasonStoredWith = message(
  'Give a reason. It is stored with the version and shown at every signature.',
);
export const someRowsCannotCome = message('Some rows cannot come in.');
export const theyNamedBelowNone = message('They are named below; none of this batch was kept.');
export const clockNotBehindRecord = message('The clock is not behind the record.');
export const nothingHasConfirmed = message('Nothing has to be confirmed.');
export const addressNotOneCadre = message('This address is not one Cadre is known by.');
export const openAddressWasSet = message(
  'Open the address it was set up with, or have CADRE_PUBLIC_URL set to this one.',
);
export const serverBusy = message('The server is busy.');
export const cadreTriesAgainIn = message('Cadre tries again in a moment.');
export const nothingShowsPersonEntered = message('Nothing shows that this person entered it.');
export const theyHaveSignIn = message('They have to sign in on this device: then it is sent in their name.');
export const youSignedInToo = message('You signed in too long ago for this.');
export const signInAgain = message('Sign in again.');
export const checkWasSignedAlready = message('This check was signed already.');
export const beginNewOneLook = message('Begin a new one to look again.');
export const checkWasLeftOn = message('This check was left on an earlier day and closed.');
export const beginNewOne = message('Begin a new one.');
export const checklistDoesNotAsk = message('This checklist does not ask that of this bike.');
export const itsBuildMayHave = message('Its build may have changed: begin a new check.');
export const somebodyElseMarkedOn = message('Somebody else marked on this check meanwhile.');
export const lookOverWhatThey = message('Look over what they marked, then sign again.');
export const youSignedCheckYourself = message('You signed this check yourself.');
export const somebodyElseCoSigns = message('Somebody else co-signs it.');
export const onlySignedCheckCan = message(
  'Only a signed check can be amended, and a recheck is done again instead.',
);
export const beginNewCheckBike = message('Begin a new check of this bike.');
export const inTwiceTags = message('In it twice: {tags}.');
export const takeSecondOneOut = message('Take the second one out.');
export const fileNoPictureCadre = message('This file is no picture Cadre can read.');
export const takePhotoChooseJpeg = message('Take a photo, or choose a JPEG, PNG or WebP.');
export const pictureWidthHeightPixels = message(
  'This picture is {width} by {height} pixels; a side may have {most}, and all of it 64 million.',
);
export const chooseSmallerOnePhotograph = message('Choose a smaller one, or photograph it anew.');
export const thereMostPhotosLook = message('There are {most} photos of this look already.');
export const sayRestInNote = message('Say the rest in the note.');
export const somebodyHasAnsweredLook = message('Somebody has answered this look meanwhile.');
export const reloadBikeSeeWhat = message('Reload the bike to see what was found.');
export const soakAnsweredSecondGauge = message('A soak is answered by a second gauge reading.');
export const gaugeAgainType = message('Gauge it again and type that.');
export const roundWasClosedMeanwhile = message('This round was closed meanwhile.');
export const makeNewOneFor = message('Make a new one for what is left.');
export const notDoneNotSaid = message('Not done, and not said why: {tags}.');
export const sayWhyForEach = message('Say why for each; it is kept with the round.');
export const deadlinePastAlready = message('The deadline is past already.');
export const setLaterTime = message('Set a later time.');
export const checkWaitsForNo = message('This check waits for no co-signature.');
export const nothingDo = message('Nothing to do.');
export const tagPart = message('{tag} is {part}.');
export const thisBike = message('This bike');
export const held = message('held');
export const dueRideOutCheck = message('due a ride-out check');
export const doesNotGoOut = message('It does not go out. Its reasons say what ends that.');
export const tagNotOnIts = message('{tag} is not on its hook.');
export const takeBackFirst = message('Take it back first.');
export const notWorseThanNow = message('That is not worse than it is now.');
export const chooseWorseOne = message('Choose a worse one.');
export const hasSeverityAlready = message('It has that severity already.');
export const faultStopStaysOne = message('This fault is a stop and stays one.');
export const repairRecheckRelease = message('Repair it, recheck, release.');
export const findingClosedGone = message('This finding is closed or gone.');
export const reloadBench = message('Reload the bench.');
export const faultPartStillOn = message('{fault}: the part is still on this bike.');
export const thisFinding = message('This finding');
export const repairLookAgainIf = message(
  'Repair it and look again. If the part was taken off, change the bike’s build first.',
);
export const theseFindingsOnTwo = message('These findings are on two bikes.');
export const mergeOneBikeOpen = message(
  'A merge is of one bike. Open a look across to follow one fault over several.',
);
export const twoDifferentLooksCheckpoints = message('Two different looks: {checkpoints}.');
export const leaveThemApartOne = message('Leave them apart: one look after the repair would not see both.');
export const sameFinding = message('That is the same finding.');
export const chooseAnotherOneMerge = message('Choose another one to merge with it.');
export const nameOnhandOnHand = message('{name}: {onHand} on hand, {count} wanted.');
export const countShelfPutCount = message(
  'Count the shelf and put the count right under Parts, or use fewer. What you typed stays.',
);
export const nameThereOnhandWould = message('{name}: there are {onHand}; that would be fewer than none.');
export const sayHowManyLie = message('Say how many lie on the shelf now.');
export const pNMOver = message('{p} N m is over the most stated for this joint, {most} N m.');
export const loosenLookPartFor = message(
  'Loosen it, look at the part for damage, tighten it anew within the figure.',
);
export const hangTagHangtagOn = message('Hang-tag {hangTag} is on it already.');
export const oneEnoughComesBack = message('One is enough: it comes back at the release.');
export const assessmentWasDecidedAlready = message('This assessment was decided already.');
export const lookBikeItself = message('Look at the bike itself.');
export const notPricedYetFaults = message('Not priced yet: {faults}.');
export const priceEveryFindingNothing = message('Price every finding, nothing where it costs nothing.');
export const faultInWorkAlready = message('“{fault}” is in work already.');
export const finishRepair = message('Finish that repair.');
export const repairDoneAlready = message('This repair is done already.');
export const goOnRecheck = message('Go on to the recheck.');
export const repairNotDoneYet = message('This repair is not done yet.');
export const sayWhatWasDone = message('Say what was done first.');
export const thereNothingLookAgain = message('There is nothing to look at again.');
export const sayWhatWorkTouched = message('Say what the work touched.');
export const youRepairedYourselfFaults = message('You repaired this yourself: {faults}.');
export const policyWantsSomebodyElse = message(
  'Policy wants somebody else to look again here. Change person.',
);
export const nothingHoldsBike = message('Nothing holds this bike.');
export const noReleaseNeeded = message('No release is needed.');
export const hangTagHangtagStill = message('Hang-tag {hangTag} still hangs on it.');
export const takeOffBikeTick = message('Take it off the bike, tick that you have it, then release.');
export const notReadyForRelease = message('Not ready for release: {blocks}.');
export const repairRecheckPutEverything = message('Repair, recheck and put everything together first.');
export const wasPutTogetherAlready = message('This was put together already.');
export const somethingWentWrongOn = message('Something went wrong on the server.');
export const tryAgainIfStays = message('Try again. If it stays, tell whoever runs Cadre the number below.');
export const fillIn = message('Fill this in.');
export const leastMinimum = message('At least {minimum}.');
export const mostMaximum = message('At most {maximum}.');
export const takenTag = message('Taken by {tag}.');
export const taken = message('Taken.');
export const tagHasHadHeld = message(
  '{tag} has or had this, and is held or gone with open findings. Release that bike first, or correct its entry.',
);
export const notReadableAsNumber = message('Not readable as a number with its unit.');
export const fromLeastMostUnit = message('From {least} to {most} {unit}.');
export const moreThanItsMost = message('More than its most, {most}.');
export const laterThanGoesOut = message('Later than it goes out.');
export const noTimeZoneName = message('No time zone of that name. Try Europe/London.');
export const hookAnotherSite = message('This hook is at another site.');
export const lettersDigitsDashesIn = message('Letters, digits and dashes, in the form shown.');
export const statedAlreadyParamsBikes = message('Stated already: {params}. The bike’s form changes it.');
export const speaksAgainstWhatStated = message('Speaks against what is stated already: read both again.');
export const textContainsBrokenCharacter = message('This text contains a broken character. Type it again.');
export const nestedTooDeeply = message('Nested too deeply.');
export const notAsWantedHere = message('Not as wanted here.');
