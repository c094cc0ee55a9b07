export { changeOfPace } from './change-of-pace';
export { forecastWear, type WearForecast, type WearPrior } from './forecast';
export { fleetPrior } from './prior';
export { middle, robustLine, type WearPoint } from './robust-line';
export { wearSeries, type FittedSpan, type RiddenBike, type TakenReading, type WearSeries } from './series';
export { usualWear, WEAR_UNITS, WORN_MEASURES, worseWay, type WearUnit, type WornMeasure } from './usual';
export { wornAt } from './worn-at';
export { outlookOf, type Outlook } from './outlook';
export { healedIn, type Healed } from './healed';
