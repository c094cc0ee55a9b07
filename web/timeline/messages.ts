import { message } from '@cadre/web/platform/i18n';

// BikeTimeline
export const whatHappened = message('What happened');
export const withHooksOutingsMarks = message('with hooks, outings and marks');
export const nothingYet = message('Nothing yet.');
export const earlier = message('Earlier');

// RecordView
export const kind = message('Kind');
export const model = message('Model');
export const size = message('Size');
export const notSaid = message('not said');
export const serialNumber = message('Serial number');
export const bought = message('Bought');
export const site = message('Site');
export const recordTag = message('Record of {tag}');
export const asWhen = message('As of {when}');
export const print = message('Print');
export const recordBike = message('Record of a bike');
export const thereNoSuchBike = message('There is no such bike here.');
export const fetchingBike = message('Fetching the bike …');

// wording
export const doesNotClearChecklist = message('does not clear: the checklist asks nothing of this bike');
export const doesNotClearChecklistHad = message('does not clear: the checklist had a newer version');
export const doesNotClearChecklistLeaves = message('does not clear: the checklist leaves out {checkpoints}');
export const cameIntoFleet = message('Came into the fleet');
export const edited = message('Edited');
export const builtOtherwiseItsLast = message('Built otherwise: its last check no longer counts');
export const hungOnAnotherHook = message('Hung on another hook');
export const takenOffItsHook = message('Taken off its hook');
export const handedOut = message('Handed out');
export const cameBack = message('Came back');
export const recheckBegun = message('Recheck begun');
export const checkBegun = message('Check begun');
export const markGiven = message('{listOf, plural, one {# mark} other {# marks}} given');
export const nothingFound = message('Nothing found');
export const ruledoutRuledOutBuild = message(' · {ruledOut} ruled out by the build');
export const checkSigned = message('Check signed');
export const checkSignedIncomplete = message('Check signed, incomplete');
export const criticalNobodyLooked = message(
  '{missing, plural, one {# critical} other {# criticals}} nobody looked at',
);
export const checkAmended = message('Check amended');
export const incompleteAfterAll = message(' · incomplete after all');
export const somethingHappened = message('Something happened');
export const photoTaken = message('Photo taken');
export const lookAskedForLater = message('Look asked for later');
export const timeLookAgain = message('Time to look again');
export const perdayDay = message('{perDay} % a day');
export const losesAir = message('loses air');
export const tooSoonSay = message('too soon to say');
export const lookedAgain = message('Looked again');
export const traineesCheckCoSigned = message('Trainee’s check co-signed');
export const checkLeftUnsignedClosed = message('Check left unsigned and closed');
export const newPolicyMovedWhat = message('A new policy moved what is open');
export const twoFindingsToldAs = message('Two findings told as one');
export const findingClosedItsPart = message('Finding closed: its part is not on the bike any more');
export const severitySet = message('Severity set');
export const repairBegun = message('Repair begun');
export const repairDone = message('Repair done');
export const minutesMin = message('{minutes} min');
export const repairPlanned = message('Repair planned');
export const standStand = message('stand {stand}');
export const awayWorkshop = message('Away at a workshop');
export const waitsForPart = message('Waits for a part');
export const leftApart = message('Left apart');
export const putTogetherAgain = message('Put together again');
export const released = message('Released');
export const hangTagHangtagbackBack = message('hang-tag {hangTagBack} back');
export const hangTagHungOn = message('Hang-tag hung on it');
export const offeredHouse = message('Offered to the house');
export const priced = message('Priced');
export const takenIntoFleet = message('Taken into the fleet');
export const notTaken = message('Not taken');
export const part = message('Part');
export const kindFitted = message('{kind} fitted');
export const partTakenOff = message('Part taken off');
export const namesSentNameof = message('{names}, sent by {nameOf}');
