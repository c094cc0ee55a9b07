export { readNumber, readQuantity, type Unit } from './quantity';
export { isMeasure, MEASURES, type Measure } from './measures';
export { bareUnitOf, readReading, takesOneReading, type LikelySlip, type ReadReading } from './reading';
export { HOOKLESS_MOST, pressureVerdict, tyreWindow, type PressureVerdict, type PressureWindow, type TyreMarkings } from './tyre-window';
