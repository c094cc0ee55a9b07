export { drawBike, smoothPath, walkOf, type BikeFigure, type FigurePath } from './figure';
export { uprightGeometry, WHEEL_RADIUS, type Geometry } from './geometry';
export { distance, point, type Point } from './point';
export type { StrokeRole } from './stroke';
