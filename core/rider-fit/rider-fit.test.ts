import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { BIKE_KINDS } from '@cadre/core/fleet';
import { HOUR_MS } from '@cadre/core/time';
import { tyreWindow } from '@cadre/core/measures';
import {
  lastSag,
  type ForkReading,
  type LastSag,
  pressureTable,
  riderFit,
  riderIssues,
  suspensionStart,
  type FitBike,
  type FitSuspension,
  type Rider,
} from '.';
import { saddleStart } from './saddle-start';

const RANGE = { lowest: null, highest: null, atMarkZero: null };
const rider = (more: Partial<Rider> = {}): Rider => ({
  ...{ massKg: 75, luggageKg: 0, heightMm: 1750, inseamMm: 800 },
  ...more,
});
const tyre = (more: Partial<FitBike['tyres']['front']> = {}): FitBike['tyres']['front'] => ({
  widthMm: 47,
  window: tyreWindow({ sidewallMin: 210, sidewallMax: 450, rimMax: 380, width: 47 }),
  tubeless: false,
  ...more,
});
const bike = (more: Partial<FitBike> = {}): FitBike => ({
  ...{ kind: 'hybrid', heightMinMm: null, heightMaxMm: null, maximumLoadKg: null, maximumTotalKg: null },
  ...{ bikeKg: 17, tyres: { front: tyre(), rear: tyre() }, fork: null, shock: null, saddle: RANGE },
  ...more,
});
const HARD = { surface: 'hard' } as const;
const fit = (of: Rider, on: FitBike) => riderFit(of, on, HARD, {});
const codes = (of: Rider, on: FitBike): readonly string[] => fit(of, on).notOffered.map((each) => each.code);

describe('a bike is offered to a rider', () => {
  it.each([
    ['without stated limits', rider({ massKg: 150 }), bike(), []],
    ['of its lowest height', rider({ heightMm: 1600 }), bike({ heightMinMm: 1600, heightMaxMm: 1800 }), []],
    ['of its greatest height', rider({ heightMm: 1800 }), bike({ heightMinMm: 1600, heightMaxMm: 1800 }), []],
    ['not a millimetre shorter', rider({ heightMm: 1599 }), bike({ heightMinMm: 1600 }), ['too-short']],
    ['not a millimetre taller', rider({ heightMm: 1801 }), bike({ heightMaxMm: 1800 }), ['too-tall']],
    ['whose height nobody knows', rider({ heightMm: null }), bike({ heightMinMm: 1900 }), []],
    ['under its maximum load', rider({ massKg: 99 }), bike({ maximumLoadKg: 100 }), []],
    ['not at it', rider({ massKg: 100 }), bike({ maximumLoadKg: 100 }), ['too-heavy']],
    [
      'not with luggage over it',
      rider({ massKg: 90, luggageKg: 12 }),
      bike({ maximumLoadKg: 100 }),
      ['too-heavy'],
    ],
    [
      'not with the bike over the whole',
      rider({ massKg: 104 }),
      bike({ maximumTotalKg: 120 }),
      ['too-heavy'],
    ],
    ['under the whole', rider({ massKg: 102 }), bike({ maximumTotalKg: 120 }), []],
    [
      'not where both are passed',
      rider({ massKg: 130 }),
      bike({ maximumLoadKg: 110, maximumTotalKg: 125 }),
      ['too-heavy', 'too-heavy'],
    ],
    // A step-through of unknown mass counts as 29 kg.
    [
      'by a heavy guess where its mass is not stated',
      rider({ massKg: 92 }),
      bike({ kind: 'step-through', bikeKg: null, maximumTotalKg: 120 }),
      ['too-heavy'],
    ],
    ['whose saddle shows no mark', rider(), bike({ saddle: { ...RANGE, highest: 707 } }), []],
    // 800 x 0.883 = 706.4
    [
      'not where the mark would show',
      rider(),
      bike({ saddle: { ...RANGE, highest: 706.4 } }),
      ['frame-too-small'],
    ],
    [
      'not on a frame far too large',
      rider(),
      bike({ saddle: { ...RANGE, lowest: 720 } }),
      ['frame-too-large'],
    ],
  ] as const)('%s', (_name, of, on, wanted) => {
    expect(codes(of, on)).toEqual(wanted);
  });
});

describe('a saddle starts', () => {
  it.each([
    [{ heightMm: null, inseamMm: 800 }, RANGE, { mm: 706.4, mark: null, estimated: false, atLowest: false }],
    [{ heightMm: 1750, inseamMm: 860 }, RANGE, { mm: 759.38, mark: null, estimated: false, atLowest: false }],
    // 1750 x 0.46 = 805; x 0.883 = 710.8
    [
      { heightMm: 1750, inseamMm: null },
      RANGE,
      { mm: 710.815, mark: null, estimated: true, atLowest: false },
    ],
    [
      { heightMm: null, inseamMm: 800 },
      { ...RANGE, atMarkZero: 640 },
      { mm: 706.4, mark: 6, estimated: false, atLowest: false },
    ],
    [
      { heightMm: null, inseamMm: 800 },
      { ...RANGE, lowest: 710 },
      { mm: 710, mark: null, estimated: false, atLowest: true },
    ],
    [
      { heightMm: null, inseamMm: 800 },
      { ...RANGE, atMarkZero: 720 },
      { mm: 706.4, mark: null, estimated: false, atLowest: false },
    ],
  ])('for %o on %o', (of, range, wanted) => {
    const start = saddleStart(of, range);
    expect(start).toMatchObject({ ...wanted, mm: expect.closeTo(wanted.mm, 2) as number });
  });

  it('nowhere where nothing is known of the legs', () => {
    expect(saddleStart({ heightMm: null, inseamMm: null }, RANGE)).toBeNull();
  });

  it('not on a post that shows its mark at its lowest', () => {
    const range = { lowest: 600, highest: 600, atMarkZero: null };
    expect(saddleStart({ heightMm: null, inseamMm: 675 }, range)).toBe('too-small');
  });

  it('on no recumbent', () => {
    expect(fit(rider(), bike({ kind: 'trike' })).saddle).toBeNull();
  });
});

describe('tyres start', () => {
  it.each([
    // 92 kg in all, rear 50.6 kg on 47 mm: 222 kPa, inside 210 to 380.
    ['calculated for the rider', rider(), bike(), 222, 'calculated'],
    [
      'at the ceiling for the heavy',
      rider({ massKg: 118 }),
      bike({ tyres: { front: tyre({ widthMm: 35 }), rear: tyre({ widthMm: 35 }) } }),
      380,
      'calculated',
    ],
    ['at the marked floor for the light', rider({ massKg: 55, luggageKg: 0 }), bike(), 210, 'calculated'],
    [
      'at the usual figure on a child’s bike',
      rider({ massKg: 30 }),
      bike({ kind: 'child', bikeKg: 12 }),
      210,
      'usual',
    ],
    ['at the usual figure on a cargo bike', rider(), bike({ kind: 'cargo' }), 350, 'usual'],
    [
      'at the usual figure where the width is not known',
      rider(),
      bike({ tyres: { front: tyre(), rear: tyre({ widthMm: null }) } }),
      350,
      'usual',
    ],
    [
      'at the start chosen before where that is more',
      rider(),
      bike({
        tyres: {
          front: tyre(),
          rear: tyre({ window: tyreWindow({ sidewallMin: 210, sidewallMax: 450, start: 260, width: 47 }) }),
        },
      }),
      260,
      'calculated',
    ],
  ] as const)('%s', (_name, of, on, kPa, from) => {
    expect(fit(of, on).tyres.rear).toMatchObject({ kPa: expect.closeTo(kPa, -0.5) as number, from });
  });

  it('nowhere where the markings leave no room', () => {
    const window = tyreWindow({ sidewallMin: 400, rimMax: 300, width: 47 });
    expect(fit(rider(), bike({ tyres: { front: tyre(), rear: tyre({ window }) } })).tyres.rear).toBeNull();
  });
});

describe('suspension starts', () => {
  const stated = { table: '60=480 70=550 80=620', markedMax: null };
  it.each([
    [60, 480],
    [65, 515],
    [72.5, 567.5],
    [80, 620],
  ])('of its table, for %d kg: %d kPa', (kg, kPa) => {
    expect(suspensionStart(kg, stated, null, 0.2)).toEqual({ kPa, from: 'table', held: false });
  });
  it.each([
    ['under its table', 59, stated, null],
    ['over its table', 81, stated, null],
    ['held at its marking', 78, { ...stated, markedMax: 590 }, { kPa: 590, from: 'table', held: true }],
  ] as const)('%s', (_name, kg, of, wanted) => {
    expect(suspensionStart(kg, of, null, 0.2)).toEqual(wanted);
  });
  it.each<[string, readonly ForkReading[], LastSag | null]>([
    ['nothing measured', [], null],
    ['a sag without a pressure', [{ of: 'sag', value: 0.2, at: 0 }], null],
    [
      'a pressure of two days before',
      [
        { of: 'pressure', value: 500, at: 0 },
        { of: 'sag', value: 0.2, at: 48 * HOUR_MS },
      ],
      null,
    ],
    [
      'the newest sag, and the pressure nearest to it',
      [
        { of: 'pressure', value: 400, at: 0 },
        { of: 'sag', value: 0.3, at: HOUR_MS },
        { of: 'pressure', value: 500, at: 99 * HOUR_MS },
        { of: 'sag', value: 0.24, at: 100 * HOUR_MS },
        { of: 'pressure', value: 520, at: 110 * HOUR_MS },
      ],
      { kPa: 500, sag: 0.24 },
    ],
  ])('by what was read of it: %s', (_what, readings, expected) => {
    expect(lastSag(readings)).toEqual(expected);
  });
  it('from the sag measured last, a fifth at a step, never over the marking', () => {
    const last = { kPa: 500, sag: 0.24 };
    const none = { table: null, markedMax: null };
    expect(suspensionStart(75, none, last, 0.2)).toEqual({ kPa: 600, from: 'last-measured', held: false });
    expect(suspensionStart(75, none, { kPa: 500, sag: 0.4 }, 0.2)?.kPa).toBe(600);
    expect(suspensionStart(75, { table: null, markedMax: 550 }, last, 0.2)).toEqual({
      ...{ kPa: 550, from: 'last-measured', held: true },
    });
    expect(suspensionStart(75, none, null, 0.2)).toBeNull();
  });
  it.each(['', '60', '60=480 x', '60=480 60=500', '60=480 70=400', '60:480'])('“%s” is no table', (text) => {
    expect(pressureTable(text)).toBeNull();
  });
  it('of a child’s bike are not set by mass', () => {
    const fork: FitSuspension = { ...stated, last: null, targetSag: 0.2 };
    expect(fit(rider({ massKg: 60 }), bike({ kind: 'child', fork })).fork).toBeNull();
    expect(fit(rider({ massKg: 60 }), bike({ fork })).fork?.kPa).toBe(480);
  });
});

describe('a child’s saddle', () => {
  it('is set so that both balls of the feet reach the ground, by no figure', () => {
    expect(fit(rider({ massKg: 30 }), bike({ kind: 'child' }))).toMatchObject({
      saddle: null,
      childSaddle: true,
    });
  });
});

describe('what was said of a rider', () => {
  it.each([
    [{ massKg: 9 }, 'massKg'],
    [{ massKg: Number.NaN }, 'massKg'],
    [{ luggageKg: -1 }, 'luggageKg'],
    [{ heightMm: 175 }, 'heightMm'],
    [{ inseamMm: 80 }, 'inseamMm'],
  ])('%o is refused at its field', (more, path) => {
    expect(riderIssues(rider(more)).map((each) => each.path)).toEqual([path]);
  });
  it('may be a height, an inseam, or neither', () => {
    expect(riderIssues(rider({ heightMm: null, inseamMm: null }))).toEqual([]);
  });
});

describe('whoever rides whatever', () => {
  const kPa = fc.option(fc.integer({ min: 100, max: 600 }), { nil: undefined });
  const drawnTyre = fc
    .record({
      sidewallMin: kPa,
      sidewallMax: kPa,
      rimMax: kPa,
      start: kPa,
      width: fc.integer({ min: 20, max: 75 }),
    })
    .map((marked) => tyre({ widthMm: marked.width, window: tyreWindow(marked) }));
  const maybe = (min: number, max: number) => fc.option(fc.integer({ min, max }), { nil: null });
  const suspension = fc.option(
    fc.record({
      table: fc.constantFrom(null, '50=400 90=900'),
      markedMax: maybe(200, 900),
      last: fc.option(
        fc.record({
          kPa: fc.integer({ min: 100, max: 900 }),
          sag: fc.double({ min: 0.05, max: 0.6, noNaN: true }),
        }),
        { nil: null },
      ),
      targetSag: fc.constantFrom(0.175, 0.2, 0.275),
    }),
    { nil: null },
  );
  const drawnBike = fc.record({
    kind: fc.constantFrom(...BIKE_KINDS),
    heightMinMm: maybe(1000, 1700),
    heightMaxMm: maybe(1600, 2000),
    maximumLoadKg: maybe(30, 150),
    maximumTotalKg: maybe(40, 180),
    bikeKg: maybe(9, 50),
    tyres: fc.record({ front: drawnTyre, rear: drawnTyre }),
    fork: suspension,
    shock: suspension,
    saddle: fc.record({ lowest: maybe(500, 700), highest: maybe(600, 900), atMarkZero: maybe(500, 700) }),
  });
  const drawnRider = fc.record({
    massKg: fc.integer({ min: 15, max: 160 }),
    luggageKg: fc.integer({ min: 0, max: 30 }),
    heightMm: maybe(1000, 2100),
    inseamMm: maybe(450, 1000),
  });

  it('no figure is outside a window or over a marking, and no bike is offered over a mass', () => {
    let offered = 0;
    fc.assert(
      fc.property(drawnRider, drawnBike, (of, on) => {
        const { tyres, fork, shock, saddle, notOffered } = fit(of, on);
        for (const end of ['front', 'rear'] as const) {
          const { window } = on.tyres[end];
          const figure = tyres[end];
          if (!figure) continue;
          expect(window.conflict).toBeFalsy();
          if (window.ceiling !== null) expect(figure.kPa).toBeLessThanOrEqual(window.ceiling + 1e-9);
          if (window.floor !== null && (window.floorSource === 'marking' || window.floorSource === 'start'))
            expect(figure.kPa).toBeGreaterThanOrEqual(window.floor - 1e-9);
        }
        for (const [start, stated] of [
          [fork, on.fork],
          [shock, on.shock],
        ] as const)
          if (start && stated && stated.markedMax !== null)
            expect(start.kPa).toBeLessThanOrEqual(stated.markedMax);
        if (saddle && on.saddle.highest !== null) expect(saddle.mm).toBeLessThan(on.saddle.highest);
        if (notOffered.length > 0) return;
        offered += 1;
        const load = of.massKg + of.luggageKg;
        if (on.maximumLoadKg !== null) expect(load).toBeLessThan(on.maximumLoadKg);
        if (on.maximumTotalKg !== null && on.bikeKg !== null)
          expect(load + on.bikeKg).toBeLessThan(on.maximumTotalKg);
      }),
      { numRuns: 2000 },
    );
    expect(offered).toBeGreaterThan(100);
  });
});
