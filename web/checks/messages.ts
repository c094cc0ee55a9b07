import { message } from '@cadre/web/platform/i18n';

// BikeChecks
export const amendment = message(', amendment');
export const checks = message('Checks');
export const offlineEarlierChecksCannot = message('Offline: earlier checks cannot be shown.');
export const questionAnsweredSoFar = message(
  ', {marked, plural, one {# question} other {# questions}} answered so far',
);
export const startedNameOfWhen = message('started by {nameOf}, {when}');
export const continueWord = message('Continue');
export const incomplete = message('incomplete');

// CheckView
export const check = message('Check.');
export const loadingCheck = message('Loading the check …');
export const signedNameOfWhen = message('Signed by {nameOf} {when}');
export const notSigned = message('Not signed');
export const coSignedNameOf = message('· co-signed by {nameOf}');
export const markedPeople = message('· marked by {people}');
export const incomplete2 = message('· incomplete');
export const amendmentCorrects = message('This amendment corrects');
export const checkWasSigned = message('the check that was signed');
export const openEachWrongAnswer = message(
  'Open each wrong answer and enter the right one. The signed check is not changed: the amendment is stored beside it. An amendment never clears a held bike.',
);
export const amendCheck = message('Amend this check');
export const reasonForAmendment = message('Reason for the amendment');
export const cancel = message('Cancel');
export const amendAnswer = message('Amend {amending, plural, one {# answer} other {# answers}}');
export const enterReasonForAmendment = message('Enter the reason for the amendment.');

// CheckpointRow
export const notCritical = message('not critical');
export const noAnswerYet = message('No answer yet:');
export const close = message('Close');
export const problem = message('Problem');
export const change = message('Change');
export const pass = message('Pass');

// ClearingNote
export const checklistHasNewerVersion = message(
  'This checklist has a newer version. This check clears the bike only if you started the check today, before the newer version was published. Otherwise start a new check.',
);
export const checklistLeavesOutCritical = message(
  'This checklist leaves out {leftOut, plural, one {# critical checkpoint} other {# critical checkpoints}}: {names}. {part2}',
);
export const leadsReasonReason = message('The lead’s reason: {reason}');
export const noLeadGaveReason = message(
  'No lead gave a reason, so a check with this checklist clears no bike.',
);

// ClockDial
export const placeOnWheelAs = message('Place on the wheel, as on a clock with the valve at 12');
export const eachOclockPart = message('{each} o’clock{part}');
export const atTheValve = message(', at the valve');
export const valve = message('valve');
export const at12 = message('at 12');

// ExceptionPanel
export const reasonForSkipping = message('Reason for skipping');
export const whatYouDid = message('What you did');
export const note = message('Note');
export const chooseUsualFaultOpen = message('Choose a usual fault of the open row');
export const fixedOnSpot = message('Fixed on the spot');
export const skip = message('Skip');
export const esc = message('Esc');
export const closeRow = message('Close the row');
export const usualFaults = message('Usual faults');
export const or = message('Or');
export const closeRow2 = message('Close this row');

// FaultDetails
export const nextStep = message('Next step:');
export const qualifiedMechanicDecidesAbout = message('A qualified mechanic decides about this fault.');
export const thenCheck = message('Then check');
export const place = message('Place');
export const hideBike = message('Hide the bike');
export const touchPlaceOnBike = message('Touch the place on the bike');
export const moreSevereThanUsual = message('More severe than usual');
export const moreSevereThanUsual2 = message('More severe than usual?');

// HowToLook
export const minimumLeast = message('minimum {least}');
export const maximumMost = message('maximum {most}');
export const passIf = message('Pass if:');
export const limitOnChecklist = message('Limit on this checklist:');
export const tools = message('Tools:');
export const torqueValuesBike = message('Torque values of this bike');

// LeaveIt
export const leaveTagForNow = message('Leave {tag} for now');
export const questionStillOpenYour = message(
  '{left, plural, one {# question is} other {# questions are}} still open. Your answers are saved: you or another person can continue on any device.',
);
export const partLooseOpenRemoved = message(
  'Is a part loose, open or removed right now? If so, enter the part: the bike is held until it is reassembled.',
);
export const notReassembledWhatLoose = message('Not reassembled: what is loose, open or missing');
export const leaveBikeHeld = message('Leave bike held');
export const everythingAssembledLeave = message('Everything is assembled: leave');
export const stayHere = message('Stay here');

// MarkingField
export const enterNumberWithIts = message('Enter a number with its unit.');
export const enterValueMarkedOn = message('Enter the value marked on the part');
export const saveForTag = message('Save for {tag}');
export const notNow = message('Not now');

// NoteField
export const notesYouOftenWrite = message('Notes you often write');

// PlaceFigure
export const touchPlaceLabel = message('Touch the place: {label}');

// ReadingField
export const methodOf = message('Method for {name}');
export const reading = message('Reading');
export const namePart = message('of {name}{part}');
export const numbersWithoutUnitUnit = message(', numbers without a unit are {unit}');
export const numberKeysForName = message('Number keys for {name}');
export const useSuggestion = message('Use {suggestion}');
export const betterThanLastTime = message(
  'Better than last time ({withUnit}). Worn parts do not get better:',
);
export const newMovedPart = message('New or moved part');
export const lastMeasurementWasWrong = message('Last measurement was wrong');

// ReadingVerdict
export const verdictOverriddenAside = message('Verdict overridden: {aside}');
export const useVerdict = message('Use the verdict');
export const markWords = message('Mark {words}');
export const overrideVerdict = message('Override the verdict');
export const reason = message('Reason');
export const override = message('Override');

// RecordedAnswer
export const amend = message('Amend');

// ServiceMarks
export const lastCompleteCheck = message('Last complete check');
export const offlineCannotShown = message('Offline: cannot be shown.');
export const noCompleteCheckYet = message('No complete check yet.');
export const timeCount = message('{times, plural, one {# time} other {# times}}');

// SignOff
export const signOff = message('Sign off');
export const lookedQuestionAnsweredPart = message(
  '{looked} of {asked, plural, one {# question} other {# questions}} answered{part}.',
);
export const allPass = message(', all pass');
export const criticalQuestionNotAnswered = message(
  '{missing, plural, one {# critical question is} other {# critical questions are}} not answered. If you sign now, the check is incomplete and the bike is held.',
);
export const missingMore = message('and {missing} more');
export const problems = message('Problems');
export const stopsPluralOneFault = message(
  '{stops, plural, one {This fault means “do not ride”} other {# of these faults mean “do not ride”}}. After you sign, the bike is held until it is repaired, rechecked and released.',
);
export const traineesCheckValidAfter = message(
  'A trainee’s check is valid after an experienced person has co-signed it.',
);
export const signAsSignerPart = message('Sign as {signer}{part}');
export const incomplete3 = message(', incomplete');

// SignedElsewhere
export const nameHasSignedCheck = message('{name} has signed this check');
export const allAnswersFromDevice = message(
  'All answers from this device are in the signed check. To check the bike again, start a new check.',
);

// StandBar
export const showOther = message('{unseen, plural, one {Show the last one} other {Show the other #}}');
export const nextZonesName = message('Next: {zonesName}');
export const signOff2 = message('sign off');
export const passOtherSweepable = message('Pass the other {sweepable}');
export const leftLeftAnswerOne = message('{left} left, answer one by one');
export const passAllLeft = message('Pass all {left}');
export const passOtherLeft = message('Pass the other {left}');
export const undo = message('Undo');
export const askedLeft = message('{asked} left');
export const criticalsMissingCritical = message('{criticalsMissing} critical');
export const showWhatLeft = message(': show what is left');
export const leave = message('Leave');

// StandBike
export const showBike = message('Show the bike');
export const bike = message('Bike');
export const withOthers = message('with {others}');
export const routeRoundTag = message('Route round {tag}');

// StandStation
export const stationZonesName = message('Station {at}: {zonesName}');
export const backZonesName = message('Back to {zonesName}');
export const hideInstructions = message('Hide instructions');
export const instructions = message('Instructions');

// StandView
export const noOpenCheck = message('No open check');
export const checkAlreadySignedClosed = message(
  'This check is already signed or closed. If you are offline, this device may not have loaded this bike yet.',
);
export const goRackWall = message('Go to the rack wall');
export const loadingChecklist = message('Loading the checklist …');

// StationSteps
export const stations = message('Stations');
export const answered = message('answered');
export const withProblem = message('with a problem');

// WhatsLeft
export const questionLeft = message('{total, plural, one {# question} other {# questions}} left');
export const allQuestionsAnswered = message('All questions answered');
export const backStation = message('Back to the station');
export const critical2 = message(', critical');
export const boldQuestionsCriticalWithout = message(
  'Bold questions are critical: without an answer the check is incomplete.',
);

// answer-words
export const clockOclock = message('at {clock} o’clock');
export const openValuePart = message('Open: {value}{part}');
export const notAnswered = message('not answered');
export const enteredFromPaper = message('entered from paper');

// deliver
export const whatCouldNotSaved = message('“{what}” could not be saved as not reassembled. {what2} {todo}');

// use-last-looks
export const readingOnWhen = message('{reading} on {when}');
export const last = message('Last: ');

// use-readings
export const wasWithUnit = message('Was {withUnit}');

// use-stand-check
export const checkStand = message('the check at the stand');

// use-stand-keys
export const passRowsInSight = message('Pass the rows in sight (one by one: this row). At the end: sign.');
export const nextPreviousRow = message('Next or previous row');
export const nextPreviousStation = message('Next or previous station');
export const problemOpenRow = message('Problem: open the row');
export const showWhatLeftR = message('Show what is left. R returns to the row you were at.');

// views
export const stand = message('Stand');
export const check2 = message('Check');

// wording
export const watch = message('Watch');
export const fail = message('Fail');
export const skipped = message('Skipped');

// StandHead
export const answeredOf = message('{answered} of {asked}');

// help stand
export const helpStandPurpose1 = message(
  'Check the bike station by station. Look at every row; pass them together, or open a row that has a problem.',
);
export const helpStandPurpose2 = message(
  'After the last station you sign. Before that, Cadre shows every problem and every critical question without an answer.',
);
export const helpStandStation = message('Station');
export const helpStandStationMeans = message('One stop of the route round the bike.');
export const helpStandFixedOnTheSpot = message('Fixed on the spot');
export const helpStandFixedOnTheSpotMeans = message('The check failed, you corrected it, and it passes now.');
export const helpStandWatch = message('Watch');
export const helpStandWatchMeans = message(
  'Not right, but the bike may ride. It is checked at every inspection.',
);
export const helpStandSkipped = message('Skipped');
export const helpStandSkippedMeans = message('Not checked, with a reason.');
export const helpStandCritical = message('Critical');
export const helpStandCriticalMeans = message(
  'Without an answer, the check is incomplete and the bike is held.',
);
export const nobody = message('nobody');

// CheckpointRow: why a question deserves a second glance
export const newOnThisBike = message('New on this bike');
export const failedLastTime = message('Problem last time');

// Because words, RestingPasses
export const outingsSince = message('{count, plural, one {1 outing} other {# outings}} since the last pass');
export const movedSince = message('Moved since the last pass');
export const nightsUnlocked = message(
  '{count, plural, one {1 night} other {# nights}} not locked away since the last pass',
);
export const nightsOutdoors = message(
  '{count, plural, one {1 night} other {# nights}} outdoors since the last pass',
);
export const hoursSince = message('Last passed {count} h ago');
export const daysSince = message('Last passed {count, plural, one {1 day} other {# days}} ago');
export const incidentSince = message('Incident since the last pass');
export const bikeChangedSince = message('Bike changed since the last pass');
export const workedOnSince = message('Worked on since the last pass');
export const noRecentPass = message('No recent pass');
export const didNotPassLastTime = message('Did not pass last time');
export const lastPassNotCoSigned = message('Last passed by a trainee, not co-signed');
export const lastCheckTooFast = message('The last check was too fast to count');
export const lastCheckOnPaper = message('The last check was on paper');
export const questionChangedSince = message('Question or policy changed since the last pass');
export const notAskedToday = message('Not asked today');
export const questionsNotAsked = message(
  '{count, plural, one {1 question} other {# questions}} not asked today',
);
export const countNotAsked = message('{count} not asked');
export const askTheseToo = message('Ask these too');
export const passedByWhen = message('Passed by {name}, {when}:');
export const nothingSinceThenCanHave = message(
  'Nothing that can cause these faults has happened since. If you are not sure, ask them too.',
);
export const notAskedPassedBy = message('Not asked: passed by {name}, {when}');
export const findCause = message('Find the cause');
export const valuesSoFar = message('{count} of {few} values');
