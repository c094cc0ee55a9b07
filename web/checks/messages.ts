import { message } from '@cadre/web/platform/i18n';

// BikeChecks
export const amendment = message(', amendment');
export const checks = message('Checks');
export const noSignalEarlierChecks = message('No signal: earlier checks are not at hand.');
export const halfDoneLookMarked = message(
  ', half done: {marked, plural, one {# look} other {# looks}} marked',
);
export const begunNameofWhen = message('begun by {nameOf} {when}');
export const goOn = message('Go on');
export const incomplete = message('incomplete');

// CheckView
export const check = message('Check.');
export const gettingCheck = message('Getting the check …');
export const signedNameofWhen = message('Signed by {nameOf} {when}');
export const notSigned = message('Not signed');
export const coSignedNameof = message('· co-signed by {nameOf}');
export const markedPeople = message('· marked by {people}');
export const incomplete2 = message('· incomplete');
export const itCorrects = message('It corrects');
export const checkAsWasSigned = message('the check as it was signed');
export const openWhatWasMarked = message(
  'Open what was marked wrong and say what is true. What was signed stays as it is; this stands beside it. No amendment lets a held bike out.',
);
export const amendCheck = message('Amend this check');
export const whyAmended = message('Why is it amended?');
export const leaveIt = message('Leave it');
export const amendLook = message('Amend {amending, plural, one {# look} other {# looks}}');
export const sayWhyAmended = message('Say why it is amended.');

// CheckpointRow
export const noMarkYet = message('No mark yet:');
export const critical = message('critical');
export const close = message('Close');
export const problem = message('Problem');
export const change = message('Change');
export const pass = message('Pass');

// ClearingNote
export const thereNewerVersionChecklist = message(
  'There is a newer version of this checklist. This check clears the bike only if you began it today, before the newer version was published. Otherwise begin a new check.',
);
export const checklistLeavesOutLeftout = message(
  'This checklist leaves out {leftOut} critical {part}: {leftOut2}. {part2}',
);
export const checkpoint = message('checkpoint');
export const checkpoints = message('checkpoints');
export const leadsReasonReason = message('The lead’s reason: {reason}');
export const noLeadGaveReason = message('No lead gave a reason, so it clears no bike.');

// ClockDial
export const onClockFromValve = message('On the clock from the valve');
export const eachOclockPart = message('{each} o’clock{part}');
export const theValve = message(', the valve');
export const valve = message('valve');
export const at12 = message('at 12');

// ExceptionPanel
export const whyWasSkipped = message('Why was it skipped?');
export const whatWasDone = message('What was done?');
export const note = message('Note');
export const nameUsualFaultRow = message('Name a usual fault of the row that is open');
export const fixedOnSpot = message('Fixed on the spot');
export const skip = message('Skip');
export const esc = message('Esc');
export const closeRow = message('Close the row');
export const usualFaults = message('Usual faults');
export const or = message('Or');
export const doneWithRow = message('Done with this row');

// FaultDetails
export const doNext = message('Do next:');
export const qualifiedMechanicDecidesAbout = message('A qualified mechanic decides about this one.');
export const lookNext = message('Look next at');
export const where = message('Where');
export const hideBike = message('Hide the bike');
export const touchPlaceOnBike = message('Touch the place on the bike');
export const worseThanUsual = message('Worse than usual');
export const worseThanUsual2 = message('Worse than usual?');

// HowToLook
export const leastLeast = message('at least {least}');
export const mostMost = message('at most {most}');
export const passWhen = message('Pass when:');
export const limitOnChecklist = message('Limit on this checklist:');
export const tools = message('Tools:');
export const figuresBikesJoints = message('The figures of this bike’s joints');

// LeaveIt
export const leaveTagForNow = message('Leave {tag} for now');
export const leftLooksLeftYour = message(
  '{left} looks are left. Your marks stay: you or somebody else goes on from here, at any tablet.',
);
export const anythingLooseOpenOff = message(
  'Is anything loose, open or off the bike right now? Say it: the bike is held until it is put together again.',
);
export const leftApartWhatLoose = message('Left apart: what is loose, open or missing');
export const leaveHeld = message('Leave it, held');
export const nothingApartLeave = message('Nothing is apart: leave it');
export const stay = message('Stay');

// MarkingField
export const numberWithItsUnit = message('A number with its unit.');
export const noteWhatMarkedOn = message('Note what is marked on it');
export const keepOnTag = message('Keep it on {tag}');
export const notNow = message('Not now');

// NoteField
export const whatYouOftenWrite = message('What you often write');

// PlaceFigure
export const touchWhereLabel = message('Touch where it is: {label}');

// ReadingField
export const reading = message('Reading');
export const namePart = message('of {name}{part}');
export const bareNumbersInUnit = message(', bare numbers in {unit}');
export const keysForName = message('Keys for {name}');
export const itIsSuggestion = message('It is {suggestion}');
export const betterThanLastTime = message('Better than last time ({withUnit}). Wear does not heal:');
export const renewedMoved = message('Renewed or moved');
export const measuredBetterNow = message('Measured better now');

// ReadingVerdict
export const leftAsideAside = message('Left aside: {aside}');
export const itCounts = message('It counts');
export const markWords = message('Mark it · {words}');
export const leaveItsVerdictAside = message('Leave its verdict aside');
export const why = message('Why');
export const leaveAside = message('Leave it aside');
export const no = message('No');

// RecordedAnswer
export const amend = message('Amend');

// ServiceMarks
export const lastLookedOverWhole = message('Last looked over whole');
export const noSignalNotHand = message('No signal: not at hand.');
export const noChecklistYet = message('By no checklist yet.');
export const time = message('{times, plural, one {# time} other {# times}}');

// SignOff
export const signOff = message('Sign off');
export const lookedAskedLookedPart = message('{looked} of {asked} looked at{part}.');
export const allPassed = message(', all passed');
export const criticalNobodyLookedSigned = message(
  '{missing, plural, one {# critical} other {# criticals}} nobody looked at. Signed like this, the check is incomplete and the bike is held.',
);
export const missingMore = message('and {missing} more');
export const problems = message('Problems');
export const partSignedBikeHeld = message(
  '{part}: signed, the bike is held until it is repaired, looked at again and released.',
);
export const thisIsAStop = message('This is a stop');
export const stopsTheseStops = message('{stops} of these are stops');
export const traineesCheckCountsWhen = message(
  'A trainee’s check counts when somebody experienced has co-signed it.',
);
export const signAsSignerPart = message('Sign as {signer}{part}');
export const incomplete3 = message(', incomplete');

// SignedElsewhere
export const nameHasSignedCheck = message('{name} has signed this check');
export const everythingMarkedHereIn = message(
  'Everything marked here is in it. To look again, begin a new one.',
);

// StandBar
export const nextZonesname = message('Next: {zonesName}');
export const signOff2 = message('sign off');
export const passOtherSweepable = message('Pass the other {sweepable}');
export const leftLeftOneOne = message('{left} left, one by one');
export const passAllLeft = message('Pass all {left}');
export const passOtherLeft = message('Pass the other {left}');
export const undo = message('Undo');
export const askedLeft = message('{asked} left');
export const criticalsmissingCritical = message('{criticalsMissing} critical');
export const showWhatLeft = message(': show what is left');
export const leave = message('Leave');

// StandBike
export const bike = message('Bike');
export const withOthers = message('with {others}');
export const walkRoundTag = message('The walk round {tag}');

// StandStation
export const stationZonesname = message('Station {at}: {zonesName}');
export const backZonesname = message('Back to {zonesName}');
export const hideHowLook = message('Hide how to look');
export const howLook = message('How to look');

// StandView
export const noCheckOpenHere = message('No check to open here');
export const checkSignedClosedBrowser = message(
  'This check is signed or closed, or this browser has never seen this bike and there is no signal.',
);
export const rackWall = message('To the rack wall');
export const gettingChecklist = message('Getting the checklist …');

// StationSteps
export const stations = message('Stations');
export const lookedAt = message('looked at');
export const withProblem = message('with a problem');

// WhatsLeft
export const lookLeft = message('{total, plural, one {# look} other {# looks}} left');
export const nothingLeft = message('Nothing left');
export const backStation = message('Back to the station');
export const critical2 = message(', critical');
export const heavyPrintCriticalWithout = message(
  'Heavy print is critical: without it the check is incomplete.',
);

// answer-words
export const clockOclock = message('at {clock} o’clock');
export const openValuePart = message('Open: {value}{part}');
export const nobodyLooked = message('nobody looked');
export const keyedInFromPaper = message('keyed in from paper');

// deliver
export const whatLeftApartWas = message('“{what}” left apart was not taken. {what2} {todo}');
export const setAsideCheckid = message('set-aside.{checkId}');

// use-last-looks
export const readingOnWhen = message('{reading} on {when}');
export const last = message('Last: ');

// use-readings
export const wasWithunit = message('Was {withUnit}');

// use-stand-check
export const checkStand = message('the check at the stand');

// use-stand-keys
export const passAllHereOne = message('Pass all here (or this one, one by one); at the end: sign');
export const fromRowRow = message('From row to row');
export const fromStationStation = message('From station to station');
export const problemOpenRow = message('Problem: open the row');
export const whatLeftRGoes = message('What is left; R goes back to where one was');

// views
export const stand = message('Stand');
export const check2 = message('Check');

// wording
export const watch = message('Watch');
export const fail = message('Fail');
export const skipped = message('Skipped');
export const left = message('left');
export const right = message('right');
export const driveSide = message('drive side');
export const offSide = message('off side');
export const top = message('top');
export const underneath = message('underneath');
