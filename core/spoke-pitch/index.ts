export { guardOctave, SPOKE_HZ } from './octaves';
export { PluckListener, type Pluck } from './pluck';
export { synthesiseSpokes, TRAINING_WHEEL } from './synthesise';
