export { CAUSES, DAYS_UNTIL, HOURS_UNTIL, type Cause, type CausesOf } from './cause';
export { everyDayOf } from './every-day';
export { NO_REST, restsNot, type EarlierLook, type NoRest, type Rest } from './earlier-pass';
export {
  askedOf,
  BECAUSE,
  checkExposure,
  exposureOf,
  exposureSince,
  type Because,
  type BikeSince,
  type CheckExposure,
  type Exposure,
  type ExposureRules,
} from './exposure';
export { restsByPass, type RestsOfPass } from './rests-by-pass';
export type { Happened, Happening } from './happened';
