import type { Zone } from '@cadre/core/catalogue';
import { around, type Point } from './point';

/** How a stroke is drawn; the look belongs to the screen. */
export type StrokeRole =
  'tyre' | 'rim' | 'spoke' | 'tube' | 'thin' | 'steel' | 'cable' | 'solid' | 'soft' | 'plate';

/** One stroke of the drawing, in millimetres with y up; `width` 0 means filled. */
export interface Stroke {
  readonly zone: Zone;
  readonly role: StrokeRole;
  readonly width: number;
  readonly shape:
    | { readonly line: readonly Point[]; readonly closed?: boolean }
    | { readonly circle: Point; readonly radius: number }
    /** A curve from the first point to the last, bent by the two between. */
    | { readonly curve: readonly [Point, Point, Point, Point] };
}

export function line(zone: Zone, role: StrokeRole, width: number, ...points: Point[]): Stroke {
  return { zone, role, width, shape: { line: points } };
}

export function shape(zone: Zone, role: StrokeRole, ...points: Point[]): Stroke {
  return { zone, role, width: 0, shape: { line: points, closed: true } };
}

export function circle(zone: Zone, role: StrokeRole, width: number, centre: Point, radius: number): Stroke {
  return { zone, role, width, shape: { circle: centre, radius } };
}

export function curve(
  zone: Zone,
  role: StrokeRole,
  width: number,
  a: Point,
  b: Point,
  c: Point,
  d: Point,
): Stroke {
  return { zone, role, width, shape: { curve: [a, b, c, d] } };
}

/** Spokes laced across each other, as a wheel is really built: they leave the hub at a tangent. */
export function spokes(
  zone: Zone,
  centre: Point,
  hub: number,
  rim: number,
  count: number,
): readonly Stroke[] {
  return Array.from({ length: count }, (_, index) => {
    const degrees = (360 / count) * index;
    const lean = index % 2 === 0 ? 66 : -66;
    return line(zone, 'spoke', 2.2, around(centre, degrees + lean, hub), around(centre, degrees, rim));
  });
}

const round = (value: number): string => String(Math.round(value * 10) / 10);

/** The SVG path of a stroke, with y turned down from `top`. */
export function pathOf(stroke: Stroke, top: number): string {
  const at = (p: Point): string => `${round(p.x)} ${round(top - p.y)}`;
  if ('circle' in stroke.shape) {
    const { circle: c, radius: r } = stroke.shape;
    return `M${at({ x: c.x - r, y: c.y })}a${round(r)} ${round(r)} 0 1 0 ${round(2 * r)} 0a${round(r)} ${round(r)} 0 1 0 ${round(-2 * r)} 0Z`;
  }
  if ('curve' in stroke.shape) {
    const [a, b, c, d] = stroke.shape.curve;
    return `M${at(a)}C${at(b)} ${at(c)} ${at(d)}`;
  }
  return `M${stroke.shape.line.map(at).join('L')}${stroke.shape.closed ? 'Z' : ''}`;
}
