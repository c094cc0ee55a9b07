export { forecastWear, type WearAnswer, type WearForecast, type WearPrior } from './forecast';
export { fleetPrior } from './prior';
export { middle, robustLine, type WearPoint } from './robust-line';
export { BACK_TEST_SHAPES, backTest, type BackTestRow, type BackTestShape } from './back-test';
