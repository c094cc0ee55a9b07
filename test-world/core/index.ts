export { causesByWords } from './causes-by-words';
export { NOON, HOUR, DAY, findingLike, factsLike, hardtailAsked, judged } from './builders';
export type { Said } from './builders';
export { faultyMorning, smallBench } from './faulty-bikes';
export { onLike } from './measured-on';
export { valueOf, wrongFields } from './measured';
export { TRIAL_BIKES } from './trial-bikes';
