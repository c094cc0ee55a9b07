export { resolveMarks, markedUnasked, progressOf, type Progress, type Answer } from './resolve-marks';
export {
  BETTER,
  SIDES,
  type Mark,
  type MarkedFault,
  type MarkProof,
  type Place,
  type Reading,
  type Side,
  type Spot,
} from './mark';
export { MARK_WAYS, MARK_OUTCOMES, OUTCOMES, type MarkWay, type MarkOutcome, type Outcome } from './outcome';
export { lastLooks } from './last-looks';
export { overlay } from './amend';
export { isHasty, sameDigits, type NotedReading } from './unusual-records';
export { secondGlance, type SecondGlance } from './second-glance';
export { placesAsked } from './places';
