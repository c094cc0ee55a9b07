export { changeOfPace, type ChangeOfPace } from './change-of-pace';
export { forecastWear, type WearAnswer, type WearForecast, type WearPrior } from './forecast';
export { fleetPrior } from './prior';
export { middle, robustLine, type WearPoint } from './robust-line';
export {
  wearSeries,
  type FittedSpan,
  type RiddenBike,
  type SeriesPoint,
  type TakenReading,
  type WearSeries,
} from './series';
export {
  isWorn,
  usualWear,
  WEAR_UNITS,
  WORN_MEASURES,
  worseWay,
  type WearUnit,
  type WornMeasure,
} from './usual';
export { wornAt } from './worn-at';
export { outlookOf, type Outlook, type Span3 } from './outlook';
export { healedIn, type Healed } from './healed';
