import type { Build, FrameShape, WheelSize } from '@cadre/core/fleet';
import { around, distance, minus, plus, point, times, type Point } from './point';

/** Outer radius of wheel and tyre, in millimetres. */
export const WHEEL_RADIUS: Record<WheelSize, number> = {
  '16': 208,
  '20': 254,
  '24': 305,
  '26': 335,
  '27.5': 352,
  '28': 348,
  '29': 370,
};

/** The figures a frame builder would give, in millimetres and degrees. */
interface FrameFigures {
  readonly chainstay: number;
  /** The bracket's height over the ground. */
  readonly bracketHeight: number;
  readonly seatAngle: number;
  readonly headAngle: number;
  /** From the bracket to the top of the head tube, forward and up. */
  readonly reach: number;
  readonly stack: number;
  readonly headTube: number;
  readonly seatTube: number;
  /** From the bracket to the top of the saddle, along the seat tube. */
  readonly saddle: number;
  readonly forkOffset: number;
}

const FIGURES: Record<Exclude<FrameShape, 'recumbent-trike'>, FrameFigures> = {
  diamond: {
    chainstay: 440,
    bracketHeight: 285,
    seatAngle: 73,
    headAngle: 71,
    reach: 390,
    stack: 600,
    headTube: 160,
    seatTube: 500,
    saddle: 690,
    forkOffset: 48,
  },
  sloping: {
    chainstay: 438,
    bracketHeight: 312,
    seatAngle: 74,
    headAngle: 67.5,
    reach: 430,
    stack: 615,
    headTube: 115,
    seatTube: 430,
    saddle: 690,
    forkOffset: 46,
  },
  'step-through': {
    chainstay: 465,
    bracketHeight: 290,
    seatAngle: 71,
    headAngle: 69,
    reach: 375,
    stack: 640,
    headTube: 190,
    seatTube: 480,
    saddle: 650,
    forkOffset: 55,
  },
  'full-suspension': {
    chainstay: 440,
    bracketHeight: 342,
    seatAngle: 75.5,
    headAngle: 65.5,
    reach: 455,
    stack: 620,
    headTube: 110,
    seatTube: 425,
    saddle: 690,
    forkOffset: 44,
  },
  'long-front': {
    chainstay: 450,
    bracketHeight: 290,
    seatAngle: 71,
    headAngle: 70,
    reach: 400,
    stack: 690,
    headTube: 150,
    seatTube: 480,
    saddle: 640,
    forkOffset: 40,
  },
};

/** The child's frame: the same shape, sized by its wheel. */
function childFigures(radius: number): FrameFigures {
  const size = radius / WHEEL_RADIUS['24'];
  return {
    chainstay: 385 * size,
    bracketHeight: 268 * size,
    seatAngle: 73,
    headAngle: 70,
    reach: 320 * size,
    stack: 470 * size,
    headTube: 95,
    seatTube: 300 * size,
    saddle: 480 * size,
    forkOffset: 38,
  };
}

export interface Wheel {
  readonly centre: Point;
  readonly radius: number;
}

/** Where everything on an upright bike sits. */
export interface Geometry {
  readonly rear: Wheel;
  readonly front: Wheel;
  readonly bracket: Point;
  readonly headTop: Point;
  readonly headBottom: Point;
  readonly crown: Point;
  readonly seatTop: Point;
  readonly saddle: Point;
  /** Unit vector down the steering axis. */
  readonly steering: Point;
  readonly wheelbase: number;
  readonly crank: number;
  readonly ring: number;
}

function figuresOf(build: Build): FrameFigures {
  if (build.kind === 'child')
    return childFigures(Math.max(WHEEL_RADIUS[build.wheelSizeRear], WHEEL_RADIUS[build.wheelSizeFront]));
  return FIGURES[build.frameShape === 'recumbent-trike' ? 'diamond' : build.frameShape];
}

/**
 * The points of an upright frame. The rear axle and the bracket follow from the stay and the bracket
 * height; the front axle is where the steering axis, moved forward by the fork's offset, comes down to the
 * front wheel's radius: so both wheels stand on the ground and the stays meet the axle, whatever the sizes.
 */
export function uprightGeometry(build: Build): Geometry {
  const figures = figuresOf(build);
  const rearRadius = WHEEL_RADIUS[build.wheelSizeRear];
  const frontRadius = WHEEL_RADIUS[build.wheelSizeFront];
  const rear = point(0, rearRadius);
  const rise = figures.bracketHeight - rearRadius;
  const bracket = point(Math.sqrt(figures.chainstay ** 2 - rise ** 2), figures.bracketHeight);
  const headTop = plus(bracket, point(figures.reach, figures.stack));
  const steering = minus(around(point(0, 0), -figures.headAngle, 1), point(0, 0));
  const headBottom = plus(headTop, times(steering, figures.headTube));
  const forward = point(-steering.y, steering.x);
  const start = plus(headBottom, times(forward, figures.forkOffset));
  const front = plus(start, times(steering, (frontRadius - start.y) / steering.y));
  const seat = minus(around(point(0, 0), 180 - figures.seatAngle, 1), point(0, 0));
  return {
    rear: { centre: rear, radius: rearRadius },
    front: { centre: front, radius: frontRadius },
    bracket,
    headTop,
    headBottom,
    crown: plus(headBottom, times(steering, 14)),
    seatTop: plus(bracket, times(seat, figures.seatTube)),
    saddle: plus(bracket, times(seat, figures.saddle)),
    steering,
    wheelbase: distance(rear, point(front.x, rear.y)),
    crank: build.kind === 'child' ? 132 : 170,
    ring: build.kind === 'child' ? 66 : build.gears === 'derailleur' && build.sprockets >= 11 ? 70 : 88,
  };
}

/** The two lines that touch both circles from outside, upper then lower, as pairs of points. */
export function beltLines(a: Wheel, b: Wheel): readonly [readonly [Point, Point], readonly [Point, Point]] {
  const apart = distance(a.centre, b.centre);
  const along = Math.atan2(b.centre.y - a.centre.y, b.centre.x - a.centre.x);
  const lean = Math.acos(Math.min(1, Math.max(-1, (a.radius - b.radius) / apart)));
  const line = (angle: number): readonly [Point, Point] => [
    around(a.centre, (angle * 180) / Math.PI, a.radius),
    around(b.centre, (angle * 180) / Math.PI, b.radius),
  ];
  return [line(along + lean), line(along - lean)];
}
