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
export const toStand = message('Record it at the stand');
export const notHere = message('This symptom does not fit the bike you chose.');
export const helpPurpose = message(
  'Finds the cause of a fault with few questions. The answers stay on this device until you start again.',
);
export const helpNoRelease = message(
  'Nothing here releases a bike. Record what you find at the stand or on the bench.',
);
export const helpCannotTell = message('Use this if you cannot check it. The question is then not counted.');
export const helpExclude = message(
  'A dangerous cause stays on the list until an answer excludes it, however rare it is.',
);
