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
export { pressureTable, suspensionStart, type SuspensionStart } from './suspension-start';
