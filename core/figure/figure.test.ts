import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import {
  ASSISTS,
  BARS,
  BIKE_KINDS,
  BRAKES,
  FORKS,
  FRAME_SHAPES,
  GEARS,
  USUAL_BUILD,
  WHEEL_SIZES,
  type Build,
} from '@cadre/core/fleet';
import { asBuilt, questionsOf } from '@cadre/core/catalogue';
import { RIDE_OUT } from '@cadre/core/shipped';
import { distance, drawBike, point, smoothPath, uprightGeometry, WHEEL_RADIUS, walkOf } from './index';

const anyBuild = fc
  .record({
    kind: fc.constantFrom(...BIKE_KINDS),
    frameShape: fc.constantFrom(...FRAME_SHAPES),
    wheelSizeFront: fc.constantFrom(...WHEEL_SIZES),
    wheelSizeRear: fc.constantFrom(...WHEEL_SIZES),
    fork: fc.constantFrom(...FORKS),
    brakeFront: fc.constantFrom(...BRAKES),
    brakeRear: fc.constantFrom(...BRAKES),
    bar: fc.constantFrom(...BARS),
    gears: fc.constantFrom(...GEARS),
    assist: fc.constantFrom(...ASSISTS),
  })
  .map((fields): Build => ({ ...USUAL_BUILD[fields.kind], ...fields }));

describe('the bike figure', () => {
  it('stands both wheels on the ground and meets the axle with the stays, whatever is fitted', () => {
    fc.assert(
      fc.property(anyBuild, (build) => {
        const g = uprightGeometry(build);
        expect(g.rear.centre.y).toBe(g.rear.radius);
        expect(g.front.centre.y).toBeCloseTo(g.front.radius, 6);
        expect(g.front.radius).toBe(WHEEL_RADIUS[build.wheelSizeFront]);
        expect(g.wheelbase).toBeGreaterThan(g.rear.radius + g.front.radius);
        expect(g.bracket.x).toBeGreaterThan(0);
      }),
    );
  });

  it('gives a trail hardtail the wheelbase a frame builder would', () => {
    const g = uprightGeometry(USUAL_BUILD.hardtail);
    expect(distance(g.rear.centre, g.bracket)).toBeCloseTo(438, 6);
    expect(g.wheelbase).toBeGreaterThan(1080);
    expect(g.wheelbase).toBeLessThan(1220);
  });

  it('never draws a broken path', () => {
    fc.assert(
      fc.property(anyBuild, (build) => {
        const figure = drawBike(build);
        expect(figure.paths.length).toBeGreaterThan(20);
        for (const path of figure.paths) expect(path.d).toMatch(/^M[-\d. LCacZM]+$/);
        expect(Object.values(figure.viewBox).every(Number.isFinite)).toBe(true);
      }),
      { numRuns: 60 },
    );
  });

  it.each(BIKE_KINDS)(
    'has a place to touch for every zone the checklist asks of a %s, far enough apart for a finger',
    (kind) => {
      const build = USUAL_BUILD[kind];
      const figure = drawBike(build);
      const zones = new Set(questionsOf(RIDE_OUT, asBuilt(build)).map((each) => each.zone));
      for (const zone of zones) expect(figure.anchors[zone], zone).toBeDefined();
      const places = [...zones].map((zone) => figure.anchors[zone] ?? point(0, 0));
      for (const [index, a] of places.entries())
        for (const b of places.slice(index + 1)) expect(distance(a, b)).toBeGreaterThan(90);
    },
  );

  it('walks the zones in the order of the route, through every one', () => {
    const walk = walkOf(drawBike(USUAL_BUILD.hardtail), 'm-front-first').map((stop) => stop.zone);
    expect(walk[0]).toBe('front-wheel');
    expect(walk.indexOf('cockpit')).toBeLessThan(walk.indexOf('saddle-post'));
    expect(walk.indexOf('rear-brake')).toBeLessThan(walk.indexOf('rear-wheel'));
    const path = smoothPath([point(0, 0), point(10, 5), point(20, 0)]);
    expect(path.match(/C/g)).toHaveLength(2);
  });
});

/** Circles of a role in a drawing, as centre and radius, read back from their paths. */
function circlesOf(
  figure: ReturnType<typeof drawBike>,
  role: string,
  zone?: string,
): { x: number; y: number; radius: number }[] {
  return figure.paths
    .filter((path) => path.role === role && (zone === undefined || path.zone === zone))
    .flatMap((path) => [...path.d.matchAll(/M(-?[\d.]+) (-?[\d.]+)a([\d.]+) /g)])
    .map(([, x, y, radius]) => ({ x: Number(x) + Number(radius), y: Number(y), radius: Number(radius) }));
}

describe.each(BIKE_KINDS)('the figure of a %s', (kind) => {
  const figure = drawBike(USUAL_BUILD[kind]);
  const tyres = circlesOf(figure, 'tyre');

  it('stands every wheel on the ground line', () => {
    expect(tyres.length).toBeGreaterThanOrEqual(2);
    const width = (at: number): number => figure.paths.filter((path) => path.role === 'tyre')[at]?.width ?? 0;
    for (const [index, tyre] of tyres.entries())
      expect(tyre.y + tyre.radius + width(index) / 2).toBeCloseTo(figure.ground, 0);
  });

  it('runs its chain from a ring at the cranks to a sprocket at the rear wheel', () => {
    const rear = tyres.reduce((left, tyre) => (tyre.x < left.x ? tyre : left));
    const ends = figure.paths
      .filter((path) => path.zone === 'drivetrain' && path.role === 'thin')
      .flatMap((path) =>
        [...path.d.matchAll(/[ML](-?[\d.]+) (-?[\d.]+)/g)].map(([, x, y]) => point(Number(x), Number(y))),
      );
    expect(ends.length).toBeGreaterThanOrEqual(4);
    // Within a sprocket's reach of the rear axle at one end, within a ring's of the cranks at the other.
    expect(Math.min(...ends.map((end) => distance(end, rear)))).toBeLessThan(70);
    const ring = circlesOf(figure, 'steel', 'cranks-pedals').reduce(
      (best, each) => (each.radius > best.radius ? each : best),
      {
        x: 0,
        y: 0,
        radius: 0,
      },
    );
    expect(ring.radius).toBeGreaterThan(50);
    expect(Math.min(...ends.map((end) => Math.abs(distance(end, ring) - ring.radius)))).toBeLessThan(30);
  });

  it('keeps all of itself, and every place to touch, inside its picture', () => {
    const { x, y, width, height } = figure.viewBox;
    for (const at of [...Object.values(figure.anchors), ...tyres]) {
      expect(at.x).toBeGreaterThan(x);
      expect(at.x).toBeLessThan(x + width);
      expect(at.y).toBeGreaterThan(y);
      expect(at.y).toBeLessThan(y + height);
    }
  });
});

it('makes the cargo bike longer than any other, and the trike lower', () => {
  const size = (kind: (typeof BIKE_KINDS)[number]) =>
    drawBike({ ...USUAL_BUILD[kind], accessories: [] }).viewBox;
  const others = BIKE_KINDS.filter((kind) => kind !== 'cargo' && kind !== 'trike');
  for (const kind of others) {
    expect(size('cargo').width).toBeGreaterThan(size(kind).width * 1.3);
    expect(size('trike').height).toBeLessThan(size(kind).height);
  }
});
