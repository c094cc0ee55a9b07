export { readNumber, readQuantity, type Unit } from './quantity';
export { isMeasure, MEASURES, type Measure } from './measures';
