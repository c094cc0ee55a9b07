import { zonesOf, type Route, type Zone } from '@cadre/core/catalogue';
import type { Build } from '@cadre/core/fleet';
import { uprightGeometry, type Geometry } from './geometry';
import { longFront } from './long-front';
import { around, between, plus, point, type Point } from './point';
import { pathOf, type Stroke, type StrokeRole } from './stroke';
import { trike } from './trike';
import { drawUpright } from './upright';

/** A drawing before it is turned into paths: strokes and where each zone is touched. */
export interface Drawing {
  readonly strokes: readonly Stroke[];
  readonly anchors: Readonly<Partial<Record<Zone, Point>>>;
}

export interface FigurePath {
  readonly zone: Zone;
  readonly role: StrokeRole;
  readonly width: number;
  readonly d: string;
}

export interface BikeFigure {
  readonly viewBox: {
    readonly x: number;
    readonly y: number;
    readonly width: number;
    readonly height: number;
  };
  readonly paths: readonly FigurePath[];
  /** Where each zone of this bike is touched, in the drawing's own units (y down). */
  readonly anchors: Readonly<Partial<Record<Zone, Point>>>;
  readonly ground: number;
}

/** The zones of an upright bike as places one can touch, spread so that fingers can tell them apart. */
function uprightAnchors(build: Build, g: Geometry): Drawing['anchors'] {
  return {
    'front-wheel': around(g.front.centre, -18, g.front.radius * 0.72),
    'front-brake':
      build.brakeFront === 'rim' ? plus(g.crown, point(34, -30)) : around(g.front.centre, 150, 96),
    'fork-headset':
      build.brakeFront === 'rim'
        ? between(g.headTop, g.headBottom, 0.4)
        : between(g.headBottom, g.front.centre, 0.12),
    cockpit: plus(g.headTop, point(10, 120)),
    frame: between(g.headBottom, g.bracket, 0.5),
    ...(build.rearSuspension === 'shock' ? { 'rear-suspension': between(g.bracket, g.seatTop, 0.72) } : {}),
    'cranks-pedals': plus(g.bracket, point(40, -60)),
    drivetrain: plus(g.rear.centre, point(70, -130)),
    'saddle-post': plus(g.saddle, point(-20, -40)),
    'rear-brake':
      build.brakeRear === 'rim'
        ? plus(between(g.seatTop, g.rear.centre, 0.4), point(-30, 20))
        : around(g.rear.centre, 70, 110),
    'rear-wheel': around(g.rear.centre, 200, g.rear.radius * 0.74),
    ...(build.assist !== 'none'
      ? {
          assist:
            build.frameShape === 'step-through'
              ? plus(g.rear.centre, point(-40, g.rear.radius + 150))
              : plus(between(g.headBottom, g.bracket, 0.5), point(60, -140)),
        }
      : {}),
    ...(build.accessories.length > 0
      ? { accessories: plus(g.rear.centre, point(-230, g.rear.radius + 60)) }
      : {}),
  };
}

function draw(build: Build): Drawing {
  if (build.frameShape === 'recumbent-trike') return trike(build);
  if (build.frameShape === 'long-front') return longFront(build);
  const geometry = uprightGeometry(build);
  return { strokes: drawUpright(build, geometry), anchors: uprightAnchors(build, geometry) };
}

function pointsOf(stroke: Stroke): readonly Point[] {
  if ('circle' in stroke.shape) {
    const { circle, radius } = stroke.shape;
    return [plus(circle, point(-radius, -radius)), plus(circle, point(radius, radius))];
  }
  return 'curve' in stroke.shape ? stroke.shape.curve : stroke.shape.line;
}

const MARGIN = 24;
/** Half of what a place to touch takes up when it is lit. */
const TOUCH = 40;

/** Draws a bike from its build. Both wheels stand on the ground line; units are millimetres, y down. */
export function drawBike(build: Build): BikeFigure {
  const { strokes, anchors } = draw(build);
  // The places to touch belong to the picture as much as the bike does.
  const points = [
    ...strokes.flatMap(pointsOf),
    ...Object.values(anchors).flatMap((at) => [
      plus(at, point(-TOUCH, -TOUCH)),
      plus(at, point(TOUCH, TOUCH)),
    ]),
  ];
  const left = Math.min(...points.map((each) => each.x)) - MARGIN;
  const right = Math.max(...points.map((each) => each.x)) + MARGIN;
  const ground = Math.min(0, ...points.map((each) => each.y));
  const top = Math.max(...points.map((each) => each.y)) + MARGIN;
  const flipped = Object.entries(anchors).map(([zone, at]) => [zone, point(at.x, top - at.y)] as const);
  return {
    viewBox: { x: left, y: 0, width: right - left, height: top - ground + MARGIN },
    paths: strokes.map((stroke) => ({
      zone: stroke.zone,
      role: stroke.role,
      width: stroke.width,
      d: pathOf(stroke, top),
    })),
    anchors: Object.fromEntries(flipped),
    ground: top,
  };
}

/** The walk round this bike: its zones' places in the order of the route. */
export function walkOf(
  figure: BikeFigure,
  route: Route,
): readonly { readonly zone: Zone; readonly at: Point }[] {
  return zonesOf(route).flatMap((zone) => {
    const at = figure.anchors[zone];
    return at ? [{ zone, at }] : [];
  });
}

/** A smooth SVG path through the points, for the route line. */
export function smoothPath(points: readonly Point[]): string {
  const [first, ...rest] = points;
  if (!first) return '';
  let path = `M${first.x.toFixed(1)} ${first.y.toFixed(1)}`;
  rest.forEach((to, index) => {
    const from = points[index] as Point;
    const before = points[index - 1] ?? from;
    const after = points[index + 2] ?? to;
    const c1 = plus(from, point((to.x - before.x) / 6, (to.y - before.y) / 6));
    const c2 = plus(to, point(-(after.x - from.x) / 6, -(after.y - from.y) / 6));
    path += `C${c1.x.toFixed(1)} ${c1.y.toFixed(1)} ${c2.x.toFixed(1)} ${c2.y.toFixed(1)} ${to.x.toFixed(1)} ${to.y.toFixed(1)}`;
  });
  return path;
}
