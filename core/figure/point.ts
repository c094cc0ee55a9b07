/** A point in millimetres: x forward from the rear axle's ground point, y up from the ground. */
export interface Point {
  readonly x: number;
  readonly y: number;
}

export const point = (x: number, y: number): Point => ({ x, y });
export const plus = (a: Point, b: Point): Point => point(a.x + b.x, a.y + b.y);
export const minus = (a: Point, b: Point): Point => point(a.x - b.x, a.y - b.y);
export const times = (a: Point, factor: number): Point => point(a.x * factor, a.y * factor);
/** The point a share of the way from a to b. */
export const between = (a: Point, b: Point, share: number): Point => plus(a, times(minus(b, a), share));
export const distance = (a: Point, b: Point): number => Math.hypot(a.x - b.x, a.y - b.y);
/** The point at an angle in degrees (0 forward, 90 up) and distance from a centre. */
export const around = (centre: Point, degrees: number, radius: number): Point =>
  point(
    centre.x + radius * Math.cos((degrees * Math.PI) / 180),
    centre.y + radius * Math.sin((degrees * Math.PI) / 180),
  );
/** The unit vector from a to b. */
export function towards(a: Point, b: Point): Point {
  const length = distance(a, b);
  return length === 0 ? point(1, 0) : times(minus(b, a), 1 / length);
}
