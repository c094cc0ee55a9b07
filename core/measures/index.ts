export { readNumber, readQuantity, type Unit } from './quantity';
