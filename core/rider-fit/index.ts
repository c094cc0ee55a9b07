export type { Rider } from './rider';
export {
  riderFit,
  riderIssues,
  type FitBike,
  type FitSuspension,
  type NotOffered,
  type RiderFit,
  type TyreFigure,
} from './rider-fit';
export {
  lastSag,
  pressureTable,
  suspensionStart,
  type ForkReading,
  type LastSag,
  type SuspensionStart,
} from './suspension-start';
