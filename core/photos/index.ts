export { fileIssue, fitWithin, PHOTO_LIMITS, PHOTO_TYPES, sidesIssue } from './limits';
export { drawnOn, SHAPE_KINDS, shapeOf, type PicturePoint, type Shape, type ShapeKind } from './shape';
