export type { Cause, CausesOf } from './cause';
export { everyDayOf } from './every-day';
export type { EarlierLook, Rest } from './earlier-pass';
export {
  askedOf,
  BECAUSE,
  checkExposure,
  exposureOf,
  exposureSince,
  type Because,
  type BikeSince,
  type CheckExposure,
  type ExposureRules,
} from './exposure';
export { restsByPass } from './rests-by-pass';
export type { Happening } from './happened';
