export { guardOctave, SPOKE_HZ } from './octaves';
export { PluckListener, toneIn, type Pluck } from './pluck';
export { PLUCK_EVERY_S, synthesiseSpokes, TRAINING_WHEEL, type SpokeSound } from './synthesise';
