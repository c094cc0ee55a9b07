import { message } from '@cadre/web/platform/i18n';

// api
export const serverDidNotAnswer = message('the server did not answer');

// problems
export const youNotSignedIn = message('You are not signed in.');
export const signInYourMarks = message('Sign in. Your marks are saved on this device.');
export const nameCodeDoNot = message('The name and the code do not match.');
export const tryAgainAskLead = message('Try again, or ask the lead for a new code.');
export const tooManyWrongPins = message('Too many wrong PINs. The PIN was removed.');
export const signInWithYour = message('Sign in with your code.');
export const youSignedInWith = message('You signed in with a PIN.');
export const signInWithYourCode = message('Sign in with your code to do this.');
export const browserDoesNotAccept = message('This browser does not accept cookies.');
export const allowCookiesSignIn = message('Allow cookies, sign in again, then set a PIN.');
export const tooManyWrongCodes = message('Too many wrong codes.');
export const waitMinutesMinutesAsk = message('Wait {minutes} minutes, or ask the lead.');
export const notYourCurrentCode = message('This is not your current code.');
export const tryAgain = message('Try again.');
export const yourCodeWasValid = message('Your code was valid for one sign-in only.');
export const chooseYourOwnCode = message('Choose your own code first. Your marks are saved on this device.');
export const personStillWorksHere = message('This person still works here.');
export const markPersonAsLeft = message('Mark the person as left first.');
export const nameWasRemovedPermanently = message('This name was removed permanently.');
export const addPersonAgainUnder = message('Add the person again under a new name.');
export const personOnlyLead = message('This person is the only lead.');
export const makeAnotherPersonLead = message('Make another person a lead first.');
export const traineeMayNotDo = message('A trainee may not do this alone.');
export const yourRoleDoesNot = message('Your role does not allow this.');
export const askLeadChangePerson = message('Ask the lead, or change person.');
export const pageWasOpenedFrom = message('This page was opened from a different address than Cadre’s.');
export const openCadreItsOwn = message('Open Cadre at its own address and try again.');
export const whatDoesNotExist = message('This {what} does not exist.');
export const mayHaveBeenRemoved = message('It may have been removed. Go back and try again.');
export const someValuesMissingWrong = message('Some values are missing or wrong.');
export const correctFieldsMarkedBelow = message('Correct the fields marked below.');
export const dataLargerThanLimitKb = message('The data is larger than {limitKb} kB.');
export const sendLessTime = message('Send less at a time.');
export const earlierAttemptWasSaved = message('An earlier attempt was saved with different values.');
export const reloadPageChangeSaved = message('Reload the page and change the saved values.');
export const anotherPersonHasChanged = message('Another person has changed the same data.');
export const compareBothVersionsChoose = message('Compare both versions and choose.');
export const bikeAlreadyHasOpen = message('This bike already has an open check.');
export const joinCheck = message('Join that check.');
export const programAlreadySetUp = message('This program is already set up.');
export const signIn = message('Sign in.');
export const tagTagAlreadyIn = message('Tag {tag} is already in use.');
export const chooseAnotherTag = message('Choose another tag.');
export const bikeTagOnHook = message('Bike {tag} is on this hook.');
export const chooseFreeHook = message('Choose a free hook.');
export const signInNameAlready = message('This sign-in name is already in use.');
export const chooseAnotherName = message('Choose another name.');
export const modelNamedNameAlready = message('A model named {name} already exists.');
export const chooseAnotherNameChange = message('Choose another name, or change that model.');
export const bikeStillOnRack = message(
  '{bikes, plural, one {# bike is} other {# bikes are}} still on this rack.',
);
export const moveTheseBikesOther = message('Move these bikes to other hooks first.');
export const tagsOnHooksYou = message('{tags} are on the hooks you want to remove.');
export const anotherPersonHasAdded = message('Another person has added or removed a rack.');
export const racksReloadedOrderThem = message('The racks are reloaded. Order them again.');
export const partDoesNotSuit = message('The part does not suit this bike’s build.');
export const chooseAnotherBikeEnter = message(
  'Choose another bike, or enter a reason for fitting the part anyway.',
);
export const partNoLongerOn = message('This part is no longer on that bike.');
export const reloadListParts = message('Reload the list of parts.');
export const returnTimeBeforeDeparture = message('The return time is before the departure time.');
export const correctTimesMarkedBelow = message('Correct the times marked below.');
export const checklistLeavesOutCritical = message(
  'This checklist leaves out critical checkpoints: {checkpoints}.',
);
export const enterReasonStoredWith = message(
  'Enter a reason. It is stored with the version and shown at every signature.',
);
export const someRowsCannotImported = message('Some rows cannot be imported.');
export const rowsListedBelowNo = message('The rows are listed below. No row of this batch was saved.');
export const serversClockNotBehind = message('The server’s clock is not behind the record.');
export const youDoNotNeed = message('You do not need to confirm anything.');
export const cadreDoesNotAccept = message('Cadre does not accept this address.');
export const openCadreItsUsual = message(
  'Open Cadre at its usual address. To use this one, set CADRE_PUBLIC_URL to it.',
);
export const serverBusy = message('The server is busy.');
export const cadreTriesAgainIn = message('Cadre tries again in a moment.');
export const entryHasNoProof = message('This entry has no proof of its author.');
export const authorMustSignIn = message(
  'The author must sign in on this device. Then the entry is synced in the author’s name.',
);
export const youSignedInToo = message('You signed in too long ago to do this.');
export const signInAgain = message('Sign in again.');
export const checkAlreadySigned = message('This check is already signed.');
export const startNewCheck = message('Start a new check.');
export const checkWasLeftUnfinished = message(
  'This check was left unfinished on an earlier day and is closed.',
);
export const checklistDoesNotAsk = message('This checklist does not ask this question for this bike.');
export const bikesBuildMayHave = message('The bike’s build may have changed. Start a new check.');
export const anotherPersonHasMarked = message(
  'Another person has marked on this check since you last saw it.',
);
export const readNewAnswersThen = message('Read the new answers, then sign again.');
export const youSignedCheckYourself = message('You signed this check yourself.');
export const askAnotherPersonCo = message('Ask another person to co-sign.');
export const checkCannotAmendedOnly = message(
  'This check cannot be amended: only a signed check can, and a recheck is repeated instead.',
);
export const startNewCheckBike = message('Start a new check of this bike.');
export const item = message('item');
export const listedTwiceTags = message('Listed twice: {tags}.');
export const removeSecondEntry = message('Remove the second entry.');
export const cadreCannotReadFile = message('Cadre cannot read this file as a picture.');
export const takePhotoChooseJpeg = message('Take a photo, or choose a JPEG, PNG or WebP file.');
export const pictureHasWidthHeight = message(
  'This picture has {width} × {height} pixels. The maximum is {most} pixels a side and 64 million pixels in all.',
);
export const chooseSmallerPictureTake = message('Choose a smaller picture, or take a new photo.');
export const questionAlreadyHasMost = message('This question already has {most} photos.');
export const describeRestInNote = message('Describe the rest in the note.');
export const anotherPersonHasAlready = message('Another person has already answered this recheck.');
export const reloadBikeSeeAnswer = message('Reload the bike to see the answer.');
export const leakTestNeedsSecond = message('A leak test needs a second pressure reading.');
export const measurePressureAgainEnter = message('Measure the pressure again and enter it.');
export const anotherPersonHasClosed = message('Another person has closed this round.');
export const makeNewRoundFor = message('Make a new round for the bikes that are left.');
export const noReasonGivenFor = message('No reason given for: {tags}.');
export const enterReasonForEach = message(
  'Enter a reason for each bike. The reasons are stored with the round.',
);
export const deadlineInPast = message('The deadline is in the past.');
export const setLaterTime = message('Set a later time.');
export const checkDoesNotNeed = message('This check does not need a co-signature.');
export const youDoNotNeedDo = message('You do not need to do anything.');
export const tagPart = message('{tag} is {part}.');
export const held = message('held');
export const dueRideOutCheck = message('due a ride-out check');
export const bikeCannotHandedOut = message('This bike cannot be handed out. Its page says what to do.');
export const tagOutAway = message('{tag} is out or away.');
export const takeBikeBackFirst = message('Take the bike back first.');
export const severityNotHigherThan = message('This severity is not higher than the present one.');
export const chooseHigherSeverity = message('Choose a higher severity.');
export const findingAlreadyHasSeverity = message('The finding already has this severity.');
export const faultAlwaysMeansDo = message('This fault always means “do not ride”.');
export const repairRecheckReleaseBike = message('Repair, recheck and release the bike.');
export const findingAlreadyClosed = message('This finding is already closed.');
export const reloadBench = message('Reload the bench.');
export const faultPartStillOn = message('{fault}: the part is still on this bike.');
export const repairRecheckPartIf = message(
  'Repair and recheck the part. If it was removed, change the bike’s build first.',
);
export const theseFindingsOnTwo = message('These findings are on two bikes.');
export const onlyFindingsOnOne = message(
  'Only findings on one bike can be merged. For several bikes, use “similar bikes”.',
);
export const theseFindingsBelongTwo = message('These findings belong to two checkpoints: {checkpoints}.');
export const keepBothFindingsOne = message(
  'Keep both findings: one recheck would not cover both checkpoints.',
);
export const sameFinding = message('This is the same finding.');
export const chooseAnotherFindingMerge = message('Choose another finding to merge.');
export const nameOnHandInStock = message('{name}: {onHand} in stock, {count} needed.');
export const countStockCorrectNumber = message(
  'Count the stock and correct the number under Stock, or use fewer. Your entries are not lost.',
);
export const nameOnlyOnHandIn = message('{name}: only {onHand} in stock, so the result would be below zero.');
export const enterNumberInStock = message('Enter the number in stock now.');
export const valueNMAbove = message('{value} N m is above the maximum for this joint, {most} N m.');
export const loosenJointInspectPart = message(
  'Loosen the joint, inspect the part for damage, and tighten it within the limit.',
);
export const hangTagHangTagAlready = message('Hang-tag {hangTag} is already on this bike.');
export const oneHangTagEnough = message('One hang-tag is enough. It comes off at the release.');
export const assessmentAlreadyDecided = message('This assessment is already decided.');
export const openBikesPage = message('Open the bike’s page.');
export const noPriceYetFor = message('No price yet for: {faults}.');
export const enterPriceForEvery = message(
  'Enter a price for every finding. Enter 0 where a repair costs nothing.',
);
export const faultAlreadyInRepair = message('“{fault}” is already in repair.');
export const finishRepair = message('Finish that repair.');
export const repairAlreadyDone = message('This repair is already done.');
export const continueWithRecheck = message('Continue with the recheck.');
export const repairNotDoneYet = message('This repair is not done yet.');
export const enterWhatWasDone = message('Enter what was done first.');
export const repairHasNothingRecheck = message('This repair has nothing to recheck.');
export const enterWhatWorkTouched = message('Enter what the work touched.');
export const youDidRepairYourself = message('You did this repair yourself: {faults}.');
export const yourPolicyRequiresSecond = message(
  'Your policy requires a second person for this recheck. Change person.',
);
export const bikeNotHeld = message('This bike is not held.');
export const bikeDoesNotNeed = message('The bike does not need a release.');
export const hangTagHangTagStill = message('Hang-tag {hangTag} is still on the bike.');
export const takeHangTagOff = message('Take the hang-tag off, tick the box, then release.');
export const notReadyForRelease = message('Not ready for release: {blocks}.');
export const repairRecheckReassembleEverything = message('Repair, recheck and reassemble everything first.');
export const itemAlreadyReassembled = message('This item is already reassembled.');
export const serverHadError = message('The server had an error.');
export const tryAgainIfError = message(
  'Try again. If the error stays, give this number to the person who runs Cadre.',
);
export const fillIn = message('Fill this in.');
export const minimumMinimum = message('Minimum {minimum}.');
export const maximumMaximum = message('Maximum {maximum}.');
export const inUseTag = message('In use by {tag}.');
export const alreadyInUse = message('Already in use.');
export const tagHasHadValue = message(
  '{tag} has or had this value, and is held or gone with open findings. Release that bike first, or correct its entry.',
);
export const enterNumberWithIts = message('Enter a number with its unit.');
export const enterLeastMostUnit = message('Enter {least} to {most} {unit}.');
export const enterLeastMost = message('Enter {least} to {most}.');
export const enterMostLess = message('Enter {most} or less.');
export const enterTimeAfterDeparture = message('Enter a time after the departure.');
export const timeZoneDoesNot = message('This time zone does not exist. Try Europe/London.');
export const hookAnotherSite = message('This hook is at another site.');
export const useLettersDigitsDashes = message('Use letters, digits and dashes, in the form shown.');
export const alreadySetParamsChange = message('Already set to {params}. Change it in the bike’s form.');
export const valueContradictsAnotherValue = message(
  'This value contradicts another value of this bike. Check both.',
);
export const textContainsBrokenCharacter = message('This text contains a broken character. Type it again.');
export const dataNestedTooDeeply = message('The data is nested too deeply.');
export const valueNotAcceptedHere = message('This value is not accepted here.');

// fields and things
export const address = message('address');
export const assessment = message('assessment');
export const bike = message('bike');
export const record = message('record');
export const check = message('check');
export const checklist = message('checklist');
export const finding = message('finding');
export const campaign = message('campaign');
export const event = message('event');
export const group = message('group');
export const model = message('model');
export const part = message('part');
export const person = message('person');
export const photo = message('photo');
export const program = message('program');
export const rack = message('rack');
export const recheck = message('recheck');
export const repair = message('repair');
export const round = message('round');
export const service = message('Service');
export const route = message('route');
export const site = message('site');
export const listedTwice = message('Listed twice. Remove one.');
export const everyZoneOnce = message('A route has every zone once.');
export const notKnownHere = message('Cadre does not know this value. Reload the page and choose again.');
export const sameBike = message('This is the same bike.');
export const notYourCode = message('This code is not right.');
export const notReadable = message('This is not valid JSON.');
export const timeInPast = message('This time is in the past.');
export const tooFewValues = message('More values are needed.');
export const tooManyValues = message('There are too many values.');
export const tooLate = message('This time is too late.');
export const minimumAboveMaximum = message('The minimum is above the maximum.');
export const enterWholeNumber = message('Enter a whole number.');
export const wrongNumberOfValues = message('Enter one value for each place.');
export const noMaximumKnown = message('No maximum is known.');
export const noPressureAllowed = message('The markings allow no pressure: ask the maker.');
export const wrongOrder = message('The second reading must be later than the first.');
export const outsideFit = message('This value is outside the range of the calculation.');
export const noSuchDay = message('There is no such day. Write month and day, for example 11-01.');
export const exceptionTwice = message('Another exception says how this is done on some of these bikes.');
export const intervalByClimate = message(
  'This sets how often a service is due, so it cannot change with the season. Choose kinds of bike only.',
);
export const neverOpen = message('Leave at least one weekday open.');
export const seasonTwice = message('This site has another season on some of these days.');
export const neverDue = message(
  'This would never fall due. Give at least one interval and bikes it applies to.',
);
export const neverDueMost = message('This would never fall due. Enter {most} or less.');
export const alwaysDueLeast = message('This would always be due. Enter {least} or more.');
export const settlesEachOther = message('These services settle each other. Remove one of the links.');
export const odometerBackwards = message('The last reading was {km} km. Enter at least that.');
export const odometerLeap = message('The last reading was {km} km. Check the figure, then save it again.');

export const serverRefused = message('The server did not accept this ({code}).');
export const reloadPage = message('Reload the page, then try again.');

export const tagNotOut = message('{tag} is not out.');
export const checkTagReload = message('Check the tag. Another person may have taken the bike back.');
export const groupOver = message('{name} should be back already.');
export const changeGroupTimes = message(
  'Change the times of the group, or hand the bikes out without a group.',
);

export const report = message('report');
export const noPublicAddress = message('Labels cannot be printed yet: phones cannot reach this address.');
export const setPublicAddress = message(
  'Ask the operator to set CADRE_PUBLIC_URL to the address of this program.',
);
export const reportDealtWith = message('Another person has already dealt with this report.');
export const reloadReports = message('Reload the reports to see the result.');
export const kitItem = message('item');
export const tagIsLent = message('{tag} is lent.');
export const takeItemBackFirst = message('Take the item back first.');
export const tagIsNotLent = message('{tag} is not lent.');
export const reloadKit = message('Reload the page to see where the item is.');
export const tagCannotBeLent = message('{tag} cannot be lent: {why}.');
export const takeAnotherItem = message('Take another item, or inspect this one first.');
export const tagPackedFor = message('{tag} is packed for {name}.');
export const tagIsWithdrawn = message('{tag} is withdrawn for good.');
export const addNewItemInstead = message('Add a new item in its place.');
export const kitWithdrawn = message('withdrawn');
export const kitImpact = message('it took an impact');
export const kitExpired = message('it is expired');
export const kitIncomplete = message('something is missing');
export const kitDamp = message('it is damp');
export const calendarsNotFetched = message('Calendars are not fetched from addresses here.');
export const calendarHostsSetting = message(
  'Save the calendar as a file and read the file, or ask the person who runs Cadre to allow its host.',
);
export const hostNotAllowed = message('{host} is not a host calendars are fetched from.');
export const hostIsPrivate = message('{host} is an address inside your own network.');
export const useCalendarFile = message('Save the calendar as a file with the next weeks, and read the file.');
export const calendarTooLarge = message('The calendar has more than 5 MB.');
export const calendarTimedOut = message('The calendar was not sent within 10 seconds.');
export const hostAnsweredStatus = message('{host} answered with status {status}.');
export const hostNoAnswer = message('{host} does not answer.');
export const checkCalendarAddress = message('Check the address, or read the calendar as a file.');
export const mustBeWebAddress = message(
  'Enter an address that starts with https:// and has no password in it.',
);
export const equipment = message('tool or instrument');
export const search = message('search');
export const searchIsOver = message('This search has ended.');
export const beginNewSearch = message('Begin a new search for this bike.');
export const searchNotRepaired = message('The cause of this search is not repaired and rechecked yet.');
export const repairRecheckThenSay = message('Finish the repair and the recheck, then answer this.');
export const recording = message('recording');
export const noSound = message('This is no recording that can be played.');
export const soundTooLarge = message('The recording is larger than 256 kB.');
export const soundTooLong = message('The recording is longer than 15 seconds.');
export const recordAgain = message('Record the noise again, 15 seconds at most.');
