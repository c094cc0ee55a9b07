// Texts of web/tracing, in ICU message format: {name} is filled in, plurals count.
import { message } from '@cadre/web/platform/i18n';

export const findCause = message('Find the cause');
export const intro = message('Choose what you notice. Cadre asks the quickest useful question first.');
export const search = message('What do you notice?');
export const noneMatches = message('Nothing matches. Try another word, such as noise, brake or gear.');
export const causesCount = message('{count} possible causes');
export const bike = message('Bike');
export const anyBike = message('Any bike');
export const position = message('Where');
export const wholeBike = message('Not sure');
export const front = message('Front');
export const rear = message('Rear');
export const minutesAbout = message('about {minutes} min');
export const secondsAbout = message('about {seconds} s');
export const toolsNeeded = message('Tools: {tools}');
export const cannotTell = message('Cannot tell');
export const answered = message('Your answers');
export const takeBack = message('Change');
export const startAgain = message('Start again');
export const otherSymptom = message('Other symptom');
export const remaining = message('Possible causes');
export const percent = message('{percent} %');
export const underOne = message('under 1 %');
export const doNotRide = message('Do not ride');
export const forMechanic = message('Qualified mechanic');
export const speaksFor = message('Speaks for it: {answer}');
export const speaksAgainst = message('Speaks against it: {answer}');
export const answerTo = message('{question} {answer}');
export const foundCause = message('Likely cause: {cause}');
export const whatToDo = message('What to do: {repair}');
export const handOver = message('This is for a qualified mechanic');
export const handOverHint = message('Show the mechanic the answers below.');
export const openEnd = message('More than one cause is left');
export const openHint = message(
  'Check the causes below, the likeliest first, or show the answers to a mechanic.',
);
export const stillToExclude = message('Do not ride yet. Not excluded: {causes}.');
export const stillStops = message('Do not ride until it is repaired and rechecked.');
export const excludeNow = message('Ask: {question}');
export const notHere = message('This symptom does not fit the bike you chose.');
export const helpPurpose = message(
  'Finds the cause of a fault with few questions. With a bike chosen, the search is saved and another person can continue.',
);
export const helpNoRelease = message(
  'A search never releases a bike. A dangerous cause that is not excluded holds the bike.',
);
export const helpCannotTell = message('Use this if you cannot check it. The question is then not counted.');
export const helpExclude = message(
  'A dangerous cause stays on the list until an answer excludes it, however rare it is.',
);
export const findCauseOn = message('Find the cause on {tag}');
export const forThisCheckpoint = message('For this checkpoint');
export const areaNoises = message('Knocks, creaks and other noises');
export const areaChassis = message('Steering, suspension, post and motor');
export const areaBrakes = message('Brakes');
export const areaWheels = message('Wheels and tyres');
export const areaDrivetrain = message('Chain and gears');
export const whereHeard = message('Where is the noise?');
export const openSearches = message('Open searches');
export const searchBy = message('{answers, plural, one {# answer} other {# answers}} · {name}, {when}');
export const notExcludedYet = message('Not excluded: {causes}');
export const goOn = message('Continue');
export const openSearch = message('Open');
export const causeToRecord = message('Cause');
export const recordFinding = message('Record finding');
export const handOverToWorkshop = message('Hand over to a workshop');
export const endWithoutCause = message('End without a cause');
export const handedOverHead = message('Handed over to a workshop');
export const endedWithoutCause = message('Ended without a cause');
export const symptomGone = message('Repaired and rechecked. Is the symptom gone?');
export const yesGone = message('Yes, gone');
export const noStillThere = message('No, still there');
export const repairAtBench = message('Repair at the bench');
export const openGuide = message('Open repair guide');
export const printHandOver = message('Hand-over sheet');
export const closeReason = message('Reason to close the search');
export const closeSearch = message('Close search');
export const fromRecord = message('From the record');
export const checkByHand = message('Check by hand');
export const becauseReading = message('{checkpoint} measured {said}, {when}');
export const becausePass = message('{checkpoint} passed, {when}');
export const becauseFinding = message('Open finding at {checkpoint}: {said}, {when}');
export const becauseService = message('Service overdue: {said}, since {when}');
export const becauseIncident = message('Incident: {said}, {when}');
export const becauseWork = message('Work done: {said}, {when}');
export const becausePunctures = message('Last punctures compared, the newest at {hour} o’clock, {when}');
export const savedHere = message('Saved on this device, not synced');
export const synced = message('Synced');
export const provedHere = message('Confirmed by {count, plural, one {# repair} other {# repairs}} here');
export const repairDidNotHelp = message('Repaired already. The symptom stayed.');
export const puncturesOf = message('Punctures, {position}');
export const addPuncture = message('Add puncture');
export const sameHourTwice = message(
  'Two punctures at the same place of this wheel. The cause is still in the tyre or rim. Find it before you fit a tube.',
);
export const punctureHow = message(
  'Valve at 12 o’clock. Lay the tube beside the wheel as it sat, and touch the hour of the hole.',
);
export const punctureCause = message('Cause of the hole');
export const punctureThorn = message('Through the tread');
export const punctureSpokeSide = message('Rim side');
export const puncturePinch = message('Pinched');
export const punctureValve = message('At the valve');
export const punctureBead = message('At the bead');
export const punctureUnknown = message('Not known');
export const recordPuncture = message('Record puncture');
export const oclock = message('{hour} o’clock');
export const noPunctures = message('No punctures recorded for this wheel.');
export const handOverTitle = message('Hand-over sheet');
export const handOverSheet = message('Hand-over sheet {tag}');
export const sheetOf = message('Printed {when} · search by {name}');
export const symptom = message('Symptom');
export const tried = message('Checked so far');
export const repairedInVain = message('Repaired without success: {cause}');
export const lastReadings = message('Last measured values');
export const readingLine = message('{what}: {typed}');
export const print = message('Print');
export const sheetOffline = message('No connection. The sheet is shown when there is one.');
export const noSuchSearch = message('This search does not exist.');
export const loading = message('Loading');
export const chooseWheel = message('Choose front or rear to record a puncture.');
