export { drawBike, smoothPath, walkOf, type BikeFigure } from './figure';
export { uprightGeometry, WHEEL_RADIUS } from './geometry';
export { distance, point } from './point';
export type { StrokeRole } from './stroke';
