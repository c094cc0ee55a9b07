import { message } from '@cadre/web/platform/i18n';

// BenchBike
export const onBenchTag = message('On the bench: {tag}');
export const torqueCard = message('Torque card');
export const askMaker = message('Ask the maker');
export const findings = message('Findings');
export const noFindingOpenOn = message('No finding is open on it.');
export const startRepairFinding = message(
  'Start repair of {size, plural, one {# finding} other {# findings}}',
);

// BenchFinding
export const pastItsLimit = message('past its limit');
export const untilWhenOutingMore = message(
  'until {when} or {outings, plural, one {# outing} other {# outings}} more',
);
export const repairFault = message('Repair: {fault}');
export const seenTime = message(' · seen {timesSeen, plural, one {# time} other {# times}}');
export const doWord = message('Do:');
export const qualifiedMechanicMakerDecides = message(
  'A qualified mechanic or the maker decides. Nobody rides it to see.',
);

// BenchJobs
export const aGroup = message('A group');
export const aPart = message('a part');
export const jobs = message('Jobs');
export const minutesMin = message('{minutes} min');
export const sameWorkAsAbove = message('Same work as above.');

// BenchView
export const bench = message('Bench');
export const parts = message('Parts');
export const allFindings = message('All findings');
export const inOrderHasMost = message('In the order that has most wanted bikes out soonest');
export const hands = message('Hands');
export const nothingRepairEveryBike = message(
  'Nothing to repair. Every bike is as it should be, or has not been looked at.',
);

// BikeCosts
export const costTwelveMonths = message('Cost, twelve months');
export const noSignalNotHand = message('No signal: not at hand.');
export const noRepair = message('No repair.');
export const repairPartsShowMinutes = message(
  '{repairs, plural, one {# repair} other {# repairs}}: parts {show}, {minutes} min',
);

// CostsView
export const n30Days = message('30 days');
export const n90Days = message('90 days');
export const aYear = message('A year');
export const whatWasRepaired = message('By what was repaired');
export const byBike = message('By bike');
export const kindBike = message('By kind of bike');
export const byMonth = message('By month');
export const whatRepairsCost = message('What repairs cost');
export const repair = message('{repairs, plural, one {# repair} other {# repairs}}');
export const partsShow = message('parts {show}');
export const minutesMinPart = message('{minutes} min{part}');
export const showHour = message(' at {show} an hour');
export const noHourlyRateSet = message(
  'No hourly rate is set, so minutes cost nothing here. The lead sets it in the',
);
export const policy = message('policy');
export const nothingInTime = message('Nothing in this time.');
export const repairMinutesMin = message('{repairs, plural, one {# repair} other {# repairs}}, {minutes} min');
export const fetchingCosts = message('Fetching the costs …');

// FindingActs
export const changeSeverity = message('Change severity');
export const sameAsAnother = message('The same as another');
export const closePartNoLonger = message('Close: part no longer on the bike');
export const reason = message('Reason');
export const leaveIt = message('Leave it');
export const bikeNoLongerHas = message(
  'This bike no longer has the part, so nobody can check it again. {part}',
);
export const bikeStaysHeldUntil = message('The bike stays held until it is released.');
export const closeFinding = message('Close finding');
export const cancel = message('Cancel');
export const worseBothGoesOn = message(
  'The worse of both goes on here; the other is closed and stays on the timeline.',
);
export const sameAsFaultSeverity = message('Same as: {fault}, {severity}');

// FinishRepair
export const seePartsOneThem = message('See the parts: one of them cannot be taken so.');
export const whatWasDoneFault = message('What was done: {fault}');
export const fillInRecheckNeeds = message('Fill this in: the recheck needs it.');
export const whatTouched = message('What it touched');
export const allLookedAgainAdd = message('All of it is looked at again. Add what you loosened on the way.');
export const alwaysWithWork = message('always with this work');
export const withPart = message('with the part');
export const qualifiedMechanicMakerDecidesHere = message(
  'A qualified mechanic or the maker decides here. If that is not you: stop, note it as left apart, send it away.',
);
export const minutes = message('Minutes');
export const repairDone = message('Repair done');
export const wholeMinutes09999 = message('Whole minutes, 0 to 9999.');

// HangTag
export const hangTagOnBike = message('Hang-tag on the bike:');
export const hangTagOn = message('Hang a tag on it');
export const whichHangTagIts = message('Which hang-tag? Its number or colour');
export const hangsOnTag = message('It hangs on {tag}');
export const printOne = message('Print one');

// HoldTagView
export const hangTagTag = message('Hang-tag of {tag}');
export const print = message('Print');
export const tagNotHeldHang = message('{tag} is not held. A hang-tag is for a held bike.');
export const heldDoNotRide = message('Held. Do not ride.');
export const comesOffReleaseWhoever = message(
  'Comes off at the release, by whoever releases the bike. Printed {when}.',
);
export const hangTag = message('Hang-tag');
export const thereNoSuchBike = message('There is no such bike here.');
export const fetchingBike = message('Fetching the bike …');

// NotReassembled
export const leftApart = message('Left apart');
export const togetherAgain = message('Together again');
export const whatLooseOpenMissing = message('What is loose, open or missing now?');
export const noteIt = message('Note it');

// ReleaseBox
export const release = message('Release');
export const everythingStoppedWasRepaired = message(
  'Everything that stopped it was repaired and looked at again. Your name goes under letting it out.',
);
export const hangTagHangsOff = message('Hang-tag {hangs} is off the bike and in my hand');
export const note = message('Note');
export const releaseTag = message('Release {tag}');
export const readyMechanicLeadReleases = message('Ready. A mechanic or the lead releases it.');

// RepairCard
export const inWork = message('In work');
export const repaired = message('Repaired');
export const minutesMin2 = message(' · {minutes} min');
export const touchedTouched = message('Touched: {touched}');
export const youRepairedPolicyWants = message(
  'You repaired this. Policy wants a second person here: somebody else looks again.',
);
export const lookAgain = message('Look again');

// RepairPlan
export const standStand = message('stand {stand}');
export const countNameOnhandOn = message('{count} × {name} ({onHand} on hand)');
export const waitsForPart = message('Waits for a part');
export const awayWorkshop = message('Away at a workshop');
export const expectedWhen = message('· expected {when}');
export const itIsHere = message('It is here');
export const itIsBack = message('It is back');
export const noStandNobodyNamed = message('No stand, nobody named, no part counted on.');
export const planIt = message('Plan it');

// RepairPlanForm
export const notAssigned = message('Not assigned');
export const addPart = message('Add a part …');
export const partNameOnhandOn = message('{part}: {name} ({onHand} on hand)');
export const nothing = message('Nothing');
export const aPart2 = message('A part');
export const planRepair = message('Plan of the repair');
export const stand = message('Stand');
export const mechanic = message('Mechanic');
export const partsNeeded = message('Parts needed');
export const onhandOnHand = message('· {onHand} on hand');
export const oneMore = message('One more');
export const notNeeded = message('Not needed');
export const addPartNeeds = message('Add a part it needs');
export const waitsFor = message('Waits for');
export const whichPart = message('Which part');
export const whichWorkshop = message('Which workshop');
export const sayWhatWaitsFor = message('Say what it waits for.');
export const daysUntilThenIf = message('Days until then, if known');
export const wholeDays0999 = message('Whole days, 0 to 999.');
export const savePlan = message('Save plan');

// TorquedJoints
export const justFirmSoGives = message('just firm, so that it gives in a fall');
export const noFigureStatedSee = message('no figure stated: see the part');
export const setFlooredNM = message('set {floored} N m');
export const statedFiguresConflictAsk = message('stated figures conflict: ask the maker');
export const tightenedNM = message('Tightened to, N m');
export const overMostStatedMost = message(
  'Over the most stated, {most} N m: loosen it, look at the part, tighten it anew.',
);
export const number05200 = message('A number, 0.5 to 200 N m.');

// UsedParts
export const onBike = message('on the bike');
export const onBikeFront = message('on the bike, front');
export const onBikeRear = message('on the bike, rear');
export const anotherPart = message('Another part …');
export const forFault = message('for: {fault}');
export const usedUp = message('used up');
export const partsUsed = message('Parts used');
export const onlyOnhandOnHand = message('only {onHand} on hand: count the shelf, or use fewer');
export const leftLeftOnShelf = message('{left} left on the shelf after this');
export const nameWhereNow = message('{name}: where it is now');
export const nameForWhichFinding = message('{name}: for which finding');
export const oneNameFewer = message('One {name} fewer');
export const oneNameMore = message('One {name} more');
export const noneOnHand = message('none on hand');
export const onhandOnHand2 = message('{onHand} on hand');
export const anotherPartOffShelf = message('Another part off the shelf');
export const nothingOnShelfGoes = message('Nothing on the shelf goes onto this bike.');

// WaitingForUpkeep
export const whatWaitingCosts = message('What waiting costs');
export const chainsWornPastTheir = message(
  'Chains worn past their mark: the chain now, or chain and cassette later.',
);
export const nowShow = message('now {show}');
export const laterShow = message('later {show}');

// WarrantyView
export const coveredWhatShallWe = message('Is this covered, and what shall we do with the part?');
export const questionMaker = message('Question to the maker');
export const aboutWhichFindings = message('About which findings?');
export const bike = message('Bike');
export const serialNumber = message('Serial number');
export const notNoted = message('not noted');
export const bought = message('Bought');
export const warrantyUntil = message('Warranty until');
export const over = message(', over');
export const foundWhenNameofPart = message('Found {when} by {nameOf}{part}.');
export const seenTimesseenTimesSince = message(', seen {timesSeen} times since');
export const noteNote = message('Note: “{note}”.');
export const measuredMeasured = message('Measured {measured}');
export const againstLimit = message('against {limit}');
export const noFindingChosen = message('No finding chosen.');
export const partsOn = message('Parts on it');
export const partPart2NameSince = message('{part}{part2}: {name}, since {when}');
export const whatWeAsk = message('What we ask');
export const printedWhenTag = message('Printed {when} · {tag}');

// bench-wording
export const anyBike = message('any bike');
export const groupTimeLacksWant = message('{group} at {time} lacks: {want}');
export const groupLacksWantToo = message('{group} lacks: {want}; too late for {time}');
export const becomesStopWhen = message('Becomes a stop {when}');
export const noGroupWaitsFor = message('No group waits for it');
export const noneOnShelfItem = message('None on the shelf: {item}; here {when} if ordered now');
export const waitsNobodyKnowsHow = message('Waits, nobody knows how long');
export const waitsUntilWhen = message('Waits until {when}');

// finish-key
export const repairBeingFinished = message('the repair being finished');

// views
export const costs = message('Costs');

// wording
export const wheelOut = message('Wheel out');
export const tyreTubeOff = message('Tyre or tube off');
export const tyreLetDown = message('Tyre let down');
export const wheelTrued = message('Wheel trued');
export const hubBearings = message('Hub bearings');
export const brakeWorkedOn = message('Brake worked on');
export const stemHeadset = message('Stem or headset');
export const barLeversGrips = message('Bar, levers or grips');
export const cranksPedals = message('Cranks or pedals');
export const chainSprockets = message('Chain or sprockets');
export const gearsSet = message('Gears set');
export const saddlePost = message('Saddle or post');
export const rearSuspension = message('Rear suspension');
export const suspensionFork = message('Suspension fork');
export const batteryMotorWiring = message('Battery, motor, wiring');
export const accessories = message('Accessories');
export const toRepair = message('to repair');
export const inWork2 = message('in work');
export const repairedLookAgain = message('repaired, look again');
export const recheckPassedWaitsFor = message('recheck passed, waits for release');
export const closed = message('closed');
export const lookAgainFault = message('Look again: {fault}');
export const putTogetherWhat = message('Put together: {what}');
export const repairNotFinishedLooked = message('A repair is not finished and looked at again');
export const signCheckMarksWords = message('Sign the check that marks: {words}');
export const readRidersReport = message('Read the rider’s report');
export const decideAssessmentOnOffer = message('Decide the assessment: it is on offer, not of the fleet');
