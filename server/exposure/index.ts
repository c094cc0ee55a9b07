export { exposureOfBikes, isByExposure, type ToAsk } from './exposure';
export { exposureUnder } from './preview';
