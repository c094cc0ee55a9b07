import { message } from '@cadre/web/platform/i18n';

// BenchBike
export const onBenchTag = message('On the bench: {tag}');
export const findCause = message('Find the cause');
export const torqueCard = message('Torque card');
export const warrantyQuery = message('Warranty query');
export const findings = message('Findings');
export const noOpenFindings = message('No open findings.');
export const startRepairFinding = message(
  'Start repair of {size, plural, one {# finding} other {# findings}}',
);

// BenchFinding
export const repairFault = message('Repair: {fault}');
export const seenTime = message(' · seen {timesSeen, plural, one {# time} other {# times}}');
export const nextStep = message('Next step:');
export const qualifiedMechanicMakerDecides = message(
  'A qualified mechanic or the maker decides. Do not test-ride the bike.',
);

// BenchJobs
export const aGroup = message('A group');
export const aPart = message('a part');
export const repairsInOrder = message('Repairs in order');
export const minutesMin = message('{minutes} min');
export const sameWorkAsRow = message('Same work as the row above.');

// BenchView
export const bench = message('Bench');
export const sortedSoMostNeeded = message('Sorted so that the most needed bikes are ready first');
export const mechanics = message('Mechanics');
export const noOpenRepairs = message('No open repairs.');

// BikeCosts
export const costInLast12 = message('Cost in the last 12 months');
export const offlineCannotShown = message('Offline: cannot be shown.');
export const noRepairs = message('No repairs.');
export const repairPartsShowMinutes = message(
  '{repairs, plural, one {# repair} other {# repairs}}: parts {show}, {minutes} min',
);

// CostsView
export const n30Days = message('30 days');
export const n90Days = message('90 days');
export const oneYear = message('One year');
export const byRepair = message('By repair');
export const byBike = message('By bike');
export const kindBike = message('By kind of bike');
export const byMonth = message('By month');
export const whatRepairsCost = message('What repairs cost');
export const repairCount = message('{repairs, plural, one {# repair} other {# repairs}}');
export const partsShow = message('parts {show}');
export const minutesMinPart = message('{minutes} min{part}');
export const showHour = message(' at {show} an hour');
export const noHourlyRateSet = message(
  'No hourly rate is set, so work time costs nothing here. The lead sets the rate under',
);
export const policy = message('policy');
export const noRepairsInPeriod = message('No repairs in this period.');
export const repairMinutesMin = message('{repairs, plural, one {# repair} other {# repairs}}, {minutes} min');
export const loadingCosts = message('Loading the costs …');

// FindingActs
export const changeSeverity = message('Change severity');
export const mergeWithAnotherFinding = message('Merge with another finding');
export const closePartNoLonger = message('Close: part no longer on the bike');
export const reason = message('Reason');
export const cancel = message('Cancel');
export const bikeNoLongerHas = message(
  'This bike no longer has the part, so nobody can check it again. {part}',
);
export const bikeStaysHeldUntil = message('The bike stays held until it is released.');
export const closeFinding = message('Close finding');
export const moreSevereFindingStays = message(
  'The more severe finding stays open. The other is closed and stays on the timeline.',
);
export const mergeWithFaultSeverity = message('Merge with: {fault}, {severity}');

// FinishRepair
export const onePartsCannotUsed = message('One of the parts cannot be used like this. See the parts below.');
export const workDoneFault = message('Work done: {fault}');
export const enterWorkDoneRecheck = message('Enter the work done. The recheck needs it.');
export const partsBikeTouchedWork = message('Parts of the bike touched by the work');
export const allTheseRecheckedAdd = message('All of these are rechecked. Add everything you loosened.');
export const alwaysWithRepair = message('always with this repair');
export const withPart = message('with this part');
export const qualifiedMechanicMakerDecidesHere = message(
  'A qualified mechanic or the maker decides here. If you are not qualified: stop, record the bike as not reassembled, and send it to a workshop.',
);
export const minutes = message('Minutes');
export const repairDone = message('Repair done');
export const enterWholeMinutesFrom = message('Enter whole minutes from 0 to 9999.');

// HangTag
export const hangTagOnBike = message('Hang-tag on the bike:');
export const putHangTagOn = message('Put a hang-tag on the bike');
export const numberColourHangTag = message('Number or colour of the hang-tag');
export const hangTagOnTag = message('Hang-tag is on {tag}');
export const printHangTag = message('Print hang-tag');

// HoldTagView
export const hangTagTag = message('Hang-tag of {tag}');
export const print = message('Print');
export const tagNotHeldHang = message('{tag} is not held. Hang-tags are for held bikes only.');
export const heldDoNotRide = message('Held. Do not ride.');
export const removeOnlyWhenBike = message('Remove only when the bike is released. Printed {when}.');
export const hangTag = message('Hang-tag');
export const bikeDoesNotExist = message('This bike does not exist.');
export const loadingBike = message('Loading the bike …');

// NotReassembled
export const notReassembled = message('Not reassembled');
export const reassembled = message('Reassembled');
export const whatLooseOpenMissing = message('What is loose, open or missing now?');
export const addItem = message('Add item');

// ReleaseBox
export const release = message('Release');
export const everyDoNotRide = message(
  'Every “do not ride” finding is repaired and rechecked. The release is recorded under your name.',
);
export const hangTagHangsOff = message('Hang-tag {hangs} is off the bike and in my hand');
export const note = message('Note');
export const releaseTag = message('Release {tag}');
export const readyForReleaseMechanic = message('Ready for release. A mechanic or lead releases the bike.');

// RepairCard
export const inRepair = message('In repair');
export const repaired = message('Repaired');
export const minutesMin2 = message(' · {minutes} min');
export const touchedTouched = message('Touched: {touched}');
export const youDidRepairYour = message(
  'You did this repair. Your policy requires a second person for the recheck.',
);
export const recheck = message('Recheck');

// RepairPlan
export const standStand = message('stand {stand}');
export const countNameOnHandIn = message('{count} × {name} ({onHand} in stock)');
export const waitsForPart = message('Waits for a part');
export const awayWorkshop = message('Away at a workshop');
export const expectedWhen = message('· expected {when}');
export const partArrived = message('Part arrived');
export const bikeBack = message('Bike is back');
export const noStandMechanicParts = message('No stand, mechanic or parts planned.');
export const planRepair = message('Plan repair');

// RepairPlanForm
export const notAssigned = message('Not assigned');
export const addPart = message('Add a part …');
export const partNameOnHandIn = message('{part}: {name} ({onHand} in stock)');
export const nothing = message('Nothing');
export const aPart2 = message('A part');
export const planRepair2 = message('Plan of the repair');
export const stand = message('Stand');
export const mechanic = message('Mechanic');
export const partsNeeded = message('Parts needed');
export const onHandInStock = message('· {onHand} in stock');
export const addOne = message('Add one');
export const remove = message('Remove');
export const addNeededPart = message('Add a needed part');
export const waitsFor = message('Waits for');
export const part = message('Part');
export const workshop = message('Workshop');
export const enterWhatRepairWaits = message('Enter what the repair waits for.');
export const daysWaitIfKnown = message('Days to wait, if known');
export const enterWholeDaysFrom = message('Enter whole days from 0 to 999.');
export const savePlan = message('Save plan');

// TorquedJoints
export const onlyFirmEnoughTurn = message('only firm enough to turn in a fall');
export const noValueKnownRead = message('no value known: read the part');
export const setFlooredNM = message('set {floored} N m');
export const valuesConflictAskMaker = message('values conflict: ask the maker');
export const torqueUsedNM = message('Torque used, N m');
export const aboveMaximumMostN = message(
  'Above the maximum of {most} N m. Loosen the joint, inspect the part, and tighten it again.',
);
export const enterNumberFrom0 = message('Enter a number from 0.5 to 200 N m.');

// UsedParts
export const onBike = message('on the bike');
export const onBikeFront = message('on the bike, front');
export const onBikeRear = message('on the bike, rear');
export const anotherPart = message('Another part …');
export const forFault = message('for: {fault}');
export const usedUp = message('used up');
export const partsUsed = message('Parts used');
export const onlyOnHandInStock = message('only {onHand} in stock: count the stock, or use fewer');
export const leftLeftInStock = message('{left} left in stock after this');
export const positionName = message('Position of {name}');
export const findingRepairedWithName = message('Finding repaired with {name}');
export const oneNameLess = message('One {name} less');
export const oneNameMore = message('One {name} more');
export const noneInStock = message('none in stock');
export const onHandInStock2 = message('{onHand} in stock');
export const addPartFromStock = message('Add a part from stock');
export const noPartInStock = message('No part in stock suits this bike.');

// WaitingForUpkeep
export const costWaiting = message('Cost of waiting');
export const wornChainsCostNew = message(
  'Worn chains: the cost of a new chain now, or of chain and cassette later.',
);
export const nowShow = message('now {show}');
export const laterShow = message('later {show}');

// WarrantyView
export const doesWarrantyCoverWhat = message(
  'Does the warranty cover this? What should we do with the part?',
);
export const findingsAskAbout = message('Findings to ask about');
export const bike = message('Bike');
export const serialNumber = message('Serial number');
export const notRecorded = message('not recorded');
export const bought = message('Bought');
export const warrantyUntil = message('Warranty until');
export const expired = message(', expired');
export const foundWhenNameOfPart = message('Found {when} by {nameOf}{part}.');
export const seenTimesSeenTimesSince = message(', seen {timesSeen} times since');
export const noteNote = message('Note: “{note}”.');
export const measuredMeasured = message('Measured {measured}');
export const againstLimit = message('against {limit}');
export const noFindingChosen = message('No finding chosen.');
export const partsOnBike = message('Parts on this bike');
export const partPart2NameSince = message('{part}{part2}: {name}, since {when}');
export const ourQuestion = message('Our question');
export const printedWhenTag = message('Printed {when} · {tag}');

// bench-wording
export const anyBike = message('any bike');
export const groupTimeNeedsWant = message('{group} at {time} needs {want}');
export const groupNeedsWantToo = message('{group} needs {want}; too late for {time}');
export const doNotRideFrom = message('“Do not ride” from {when}');
export const noGroupNeedsBike = message('No group needs this bike');
export const itemNoneInStock = message('{item}: none in stock; arrives {when} if ordered now');
export const waitingEndNotKnown = message('Waiting, end not known');
export const waitingUntilWhen = message('Waiting until {when}');

// finish-key
export const finishedRepair = message('the finished repair');

// views
export const costs = message('Costs');

// wording
export const toRepair = message('to repair');
export const inRepair2 = message('in repair');
export const repairedRecheck = message('repaired, to recheck');
export const recheckPassedWaitingFor = message('recheck passed, waiting for release');
export const closed = message('closed');
export const recheckFault = message('Recheck: {fault}');
export const reassembleWhat = message('Reassemble: {what}');
export const finishRecheckOpenRepair = message('Finish and recheck the open repair');
export const signCheckMarksWords = message('Sign the check that marks: {words}');
export const readRidersReport = message('Read the rider’s report');
export const decideUsedBikeAssessment = message('Decide the used-bike assessment');

// help bench
export const helpBenchPurpose1 = message(
  'Repairs, sorted so that the most needed bikes are ready first. Choose a bike, start the repair, enter the work, then recheck and release.',
);
export const helpBenchPurpose2 = message('Only a release ends a hold.');
export const helpBenchRecheck = message('Recheck');
export const helpBenchRecheckMeans = message(
  'The questions that failed and those that the work touched are asked again.',
);
export const helpBenchRelease = message('Release');
export const helpBenchReleaseMeans = message('The recorded act that lets a held bike out.');
export const helpBenchNotReassembled = message('Not reassembled');
export const helpBenchNotReassembledMeans = message('What is loose, open or missing now.');

// help costs
export const helpCostsPurpose1 = message(
  'What repairs cost: parts at their price on the day, and work time at the hourly rate of your policy.',
);
export const time = message('Time');
export const deletedBike = message('deleted');

// BenchReasons
export const openTheCheck = message('Open the check');
export const excludeCauses = message('Exclude the cause: {causes}');
export const repairGuide = message('Repair guide');
export const pullOver = message(
  '{value} N m is above the maximum of {most} N m. Loosen all bolts of this joint and begin again.',
);
export const pullShort = message('{value} N m: pull on to {wanted} N m.');
export const nextPull = message(
  '{bolts, plural, one {Stage {stage} of {stages}: {value} N m} other {Bolt {bolt}, stage {stage} of {stages}: {value} N m}}',
);
export const jointDone = message('All stages done');
