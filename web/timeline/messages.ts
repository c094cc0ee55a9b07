import { message } from '@cadre/web/platform/i18n';

// BikeTimeline
export const timeline = message('Timeline');
export const showHooksOutingsMarks = message('show hooks, outings and marks');
export const noEntriesYet = message('No entries yet.');
export const showEarlier = message('Show earlier');

// RecordView
export const kind = message('Kind');
export const model = message('Model');
export const size = message('Size');
export const notRecorded = message('not recorded');
export const serialNumber = message('Serial number');
export const bought = message('Bought');
export const site = message('Site');
export const recordTag = message('Record of {tag}');
export const asWhen = message('As of {when}');
export const print = message('Print');
export const bikeRecord = message('Bike record');
export const bikeDoesNotExist = message('This bike does not exist.');
export const loadingBike = message('Loading the bike …');

// wording
export const doesNotClearBike = message(
  'does not clear the bike: the checklist has no question for this bike',
);
export const doesNotClearBikeChecklist = message(
  'does not clear the bike: the checklist had a newer version',
);
export const doesNotClearBikeChecklistLeaves = message(
  'does not clear the bike: the checklist leaves out {checkpoints}',
);
export const addedFleet = message('Added to the fleet');
export const edited = message('Edited');
export const buildChangedLastCheck = message('Build changed: the last check is no longer valid');
export const movedAnotherHook = message('Moved to another hook');
export const removedFromItsHook = message('Removed from its hook');
export const handedOut = message('Handed out');
export const takenBack = message('Taken back');
export const recheckStarted = message('Recheck started');
export const checkStarted = message('Check started');
export const markGiven = message('{listOf, plural, one {# mark} other {# marks}} given');
export const noFindings = message('No findings');
export const ruledOutNotAskedBecause = message(' · {ruledOut} not asked because of the build');
export const checkSigned = message('Check signed');
export const checkSignedIncomplete = message('Check signed, incomplete');
export const criticalQuestionNotAnswered = message(
  '{missing, plural, one {# critical question} other {# critical questions}} not answered',
);
export const checkAmended = message('Check amended');
export const nowIncomplete = message(' · now incomplete');
export const incident = message('Incident');
export const photoTaken = message('Photo taken');
export const timedRecheckSet = message('Timed recheck set');
export const timedRecheckDue = message('Timed recheck due');
export const perDayDay = message('{perDay} % a day');
export const losesAir = message('loses air');
export const noResultYet = message('no result yet');
export const timedRecheckDone = message('Timed recheck done');
export const traineesCheckCoSigned = message('Trainee’s check co-signed');
export const unsignedCheckClosed = message('Unsigned check closed');
export const newPolicyChangedOpen = message('New policy changed open findings');
export const findingsMerged = message('Findings merged');
export const findingClosedPartNo = message('Finding closed: part no longer on the bike');
export const severityChanged = message('Severity changed');
export const repairStarted = message('Repair started');
export const repairDone = message('Repair done');
export const minutesMin = message('{minutes} min');
export const repairPlanned = message('Repair planned');
export const standStand = message('stand {stand}');
export const awayWorkshop = message('Away at a workshop');
export const waitsForPart = message('Waits for a part');
export const notReassembled = message('Not reassembled');
export const reassembled = message('Reassembled');
export const released = message('Released');
export const hangTagHangTagBackReturned = message('hang-tag {hangTagBack} returned');
export const hangTagPutOn = message('Hang-tag put on');
export const offeredYourProgram = message('Offered to your program');
export const priced = message('Priced');
export const acceptedIntoFleet = message('Accepted into the fleet');
export const declined = message('Declined');
export const part = message('Part');
export const kindFitted = message('{kind} fitted');
export const partRemoved = message('Part removed');
export const namesSyncedNameOf = message('{names}, synced by {nameOf}');
export const holdsAir = message('holds air');
export const serviceDone = message('Service done');
export const odometerRead = message('Odometer');
export const kmShown = message('{km} km');

export const outingStarted = message('Outing started');
export const problemReported = message('Problem reported');
export const reportDescribed = message('Report described');
export const reportClosed = message('Report closed');
export const reportToFinding = message('Report became a finding');
export const searchSaved = message('Search for a cause');
export const searchEnded = message('Search for a cause ended');
export const handedOver = message('Handed over to a workshop');
export const noCauseFound = message('No cause found');
export const repairEndedSymptom = message('Cause confirmed by the repair');
export const symptomStillThere = message('Symptom still there after the repair');
export const searchClosed = message('Search for a cause closed');
export const punctureRecorded = message('Puncture recorded');
export const atHour = message('At {hour} o’clock from the valve');
export const soundAdded = message('Noise recorded');
