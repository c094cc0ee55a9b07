import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { leak, pressureVerdict, sitePressure, tyreStart, tyreWindow, WHEEL_SHARE, type Leak } from '.';
import { valueOf, wrongFields } from '@cadre/test-world/core';

const HARD = { surface: 'hard' } as const;
const OPEN = tyreWindow({ sidewallMax: 1000 });

describe('where a tyre’s pressure starts', () => {
  it('for 92 kg, 0.55 of it on 47 mm: 50.6 kg, 222 kPa, inside 210 to 380', () => {
    const window = tyreWindow({ sidewallMin: 210, sidewallMax: 450, rimMax: 380 });
    const start = valueOf(tyreStart(92, WHEEL_SHARE.rear, 47, HARD, window));
    expect(start.load).toBeCloseTo(50.6, 9);
    expect(start.pressure).toBeCloseTo(222, 0);
    expect(start.held).toBeNull();
  });
  it('for a child of 24 kg is refused: the house’s figure counts', () =>
    expect(wrongFields(tyreStart(24, 0.45, 57, HARD, OPEN))).toEqual(['mass']));
  it.each([
    [66, 0.45, 40, ['mass']],
    [66.8, 0.45, 40, null],
    [60, 0.5, 40, null],
    [160, 0.5, 40, null],
    [178, 0.45, 40, ['mass']],
    [177.7, 0.45, 40, null],
    [92, 0.55, 22.9, ['width']],
    [92, 0.55, 23, null],
    [92, 0.55, 60, null],
    [92, 0.55, 60.1, ['width']],
    [40, 0.45, 62, ['mass', 'width']],
    [5, 0.45, 62, ['mass']],
    [92, 0.95, 47, ['share']],
    [92, Number.NaN, 10, ['share', 'width']],
  ] as const)('for %d kg by %d on %d mm is refused by %o', (mass, share, width, fields) => {
    const answer = tyreStart(mass, share, width, HARD, OPEN);
    if (fields) expect(wrongFields(answer)).toEqual(fields);
    else expect(answer.ok).toBe(true);
  });
  it.each([
    [{ surface: 'gravel' }, 0.9],
    [{ surface: 'trail' }, 0.85],
    [{ surface: 'hard', wet: true }, 0.95],
    [{ surface: 'hard', tubeless: true }, 0.95],
    [{ surface: 'trail', wet: true, tubeless: true }, 0.75],
  ] as const)('is softer on %o', (ride, share) => {
    const on = (each: Parameters<typeof tyreStart>[3]): number =>
      valueOf(tyreStart(92, 0.55, 47, each, OPEN)).pressure;
    expect(on(ride) / on(HARD)).toBeCloseTo(share, 9);
  });
  it.each([
    [{ sidewallMin: 250, sidewallMax: 450 }, 250, 'floor'],
    [{ sidewallMax: 200 }, 200, 'ceiling'],
    // A floor that is only the program's lifts no start.
    [{ sidewallMax: 450, width: 36 }, 221.59, null],
  ] as const)('is held inside %o, and says so', (marked, pressure, held) =>
    expect(valueOf(tyreStart(92, 0.55, 47, HARD, tyreWindow(marked)))).toMatchObject({
      pressure: expect.closeTo(pressure, 0),
      held,
    }),
  );
  it('is not held by an end it stands on', () => {
    const { pressure } = valueOf(tyreStart(92, 0.55, 47, HARD, OPEN));
    expect(
      valueOf(tyreStart(92, 0.55, 47, HARD, { floor: pressure, floorSource: 'marking', ceiling: 900 })).held,
    ).toBeNull();
    expect(valueOf(tyreStart(92, 0.55, 47, HARD, { floor: 0, ceiling: pressure })).held).toBeNull();
  });
  it('has no place in a window without room, or without a marked maximum', () => {
    expect(wrongFields(tyreStart(92, 0.55, 47, HARD, tyreWindow({ sidewallMin: 301, rimMax: 300 })))).toEqual(
      ['window'],
    );
    expect(wrongFields(tyreStart(92, 0.55, 47, HARD, tyreWindow({ sidewallMin: 200 })))).toEqual(['window']);
    expect(
      valueOf(tyreStart(92, 0.55, 47, HARD, tyreWindow({ sidewallMin: 300, rimMax: 300 }))).pressure,
    ).toBe(300);
  });
  it('is never outside its window', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 60, max: 140, noNaN: true }),
        fc.integer({ min: 23, max: 60 }),
        fc.integer({ min: 60, max: 400 }),
        (mass, width, floor) => {
          const answer = tyreStart(mass, 0.55, width, HARD, {
            floor,
            floorSource: 'marking',
            ceiling: floor + 50,
          });
          if (answer.ok)
            expect(answer.value.pressure >= floor && answer.value.pressure <= floor + 50).toBe(true);
        },
      ),
    );
  });
});

describe('a leak', () => {
  const look = (more: Partial<Leak>): Leak => ({ before: 300, after: 276, hours: 18, ...more });
  it('of 24 of 300 kPa in 18 hours is 10.67 % a day, and soon', () => {
    const answer = valueOf(leak(look({}), {}));
    expect(answer.perDay * 100).toBeCloseTo(10.67, 2);
    expect(answer).toMatchObject({ outcome: 'fail', becomes: 'soon', because: 'rate' });
  });
  it('of 7 of 200 kPa in four hours cannot be told yet', () =>
    expect(valueOf(leak({ before: 200, after: 193, hours: 4 }, {}))).toMatchObject({
      outcome: 'too-soon',
      because: 'hours',
    }));
  it.each([
    // A tenth a day to the digit, and just under it.
    [{ after: 270, hours: 24 }, 'fail', 'rate'],
    [{ after: 270.1, hours: 24 }, 'pass', 'holds'],
    [{ after: 276, hours: 5.99 }, 'too-soon', 'hours'],
    [{ after: 276, hours: 6 }, 'fail', 'rate'],
    // A loss no gauge and no cold can explain is judged before six hours, and one they can is not.
    [{ before: 100, after: 80, hours: 5, warmthBefore: 15, warmthAfter: 15 }, 'fail', 'rate'],
    [{ before: 100, after: 85, hours: 5 }, 'too-soon', 'hours'],
    [{ before: 100, after: 82, hours: 0.5, warmthBefore: 15, warmthAfter: 8 }, 'fail', 'rate'],
    [{ after: 276, hours: 5 }, 'too-soon', 'hours'],
    [{ after: 276, hours: 5, warmthBefore: 15, warmthAfter: 15 }, 'fail', 'rate'],
    // Certain: 300 less 7 of two gauges and 2 of connecting; a tenth a day in 4 h 48 min is 6.
    [{ after: 285, hours: 4.8, warmthBefore: 15, warmthAfter: 15 }, 'fail', 'rate'],
    [{ after: 285.1, hours: 4.8, warmthBefore: 15, warmthAfter: 15 }, 'too-soon', 'hours'],
    // Little as it is, it certainly reaches the floor before the next look.
    [
      { after: 289, hours: 5, warmthBefore: 15, warmthAfter: 15, floor: 283, nextLookHours: 24 },
      'fail',
      'floor',
    ],
    [
      { after: 289, hours: 5, warmthBefore: 15, warmthAfter: 15, floor: 282, nextLookHours: 24 },
      'too-soon',
      'hours',
    ],
    // Nothing lost for certain reaches no floor, however near it stands.
    [
      { after: 292, hours: 5, warmthBefore: 15, warmthAfter: 15, floor: 295, nextLookHours: 24 },
      'too-soon',
      'hours',
    ],
    // Less than the gauges can tell in that time, and it might be a lot.
    // What is certain at the worst of both gauges: exactly at the floor is at it, and of nothing that is certainly lost nothing is said.
    [
      {
        after: 286,
        hours: 5,
        warmthBefore: 15,
        warmthAfter: 15,
        accuracyBefore: 4,
        accuracyAfter: 4,
        floor: 290,
      },
      'fail',
      'floor',
    ],
    [
      {
        after: 290,
        hours: 5,
        warmthBefore: 15,
        warmthAfter: 15,
        accuracyBefore: 4,
        accuracyAfter: 4,
        floor: 294,
      },
      'too-soon',
      'hours',
    ],
    [{ after: 295, hours: 6 }, 'too-soon', 'gauges'],
    // Less than the gauges can tell, and even the worst of it is little.
    [{ after: 300, hours: 48 }, 'pass', 'holds'],
    [{ after: 303, hours: 48 }, 'pass', 'holds'],
    // As little, but at worst at its floor before it is looked at again.
    [{ after: 300, hours: 48, floor: 295, nextLookHours: 72 }, 'too-soon', 'gauges'],
    // At worst exactly a tenth a day, or exactly at its floor: not settled.
    [{ after: 300, hours: 24, accuracyBefore: 18, accuracyAfter: 24 }, 'too-soon', 'gauges'],
    [
      { after: 300, hours: 24, accuracyBefore: 0, accuracyAfter: 24, floor: 276, nextLookHours: 24 },
      'too-soon',
      'gauges',
    ],
    // Gauges that leave just as much open as was lost: the rate counts.
    [{ after: 278, hours: 24, accuracyBefore: 6, accuracyAfter: 8 }, 'pass', 'holds'],
    [{ after: 200, hours: 9600 }, 'pass', 'holds'],
    // A rate that is no fault by itself reaches the floor before the next look.
    [{ after: 282, hours: 24, floor: 264, nextLookHours: 24 }, 'fail', 'floor'],
    [{ after: 282, hours: 24, floor: 264, nextLookHours: 23.9 }, 'pass', 'holds'],
    [{ after: 282, hours: 24, floor: 290, nextLookHours: 0 }, 'fail', 'floor'],
    [{ after: 282, hours: 24, floor: 150, nextLookHours: 24 }, 'pass', 'holds'],
    // Better gauges see more.
    [{ after: 295, hours: 6, accuracyBefore: 0.5, accuracyAfter: 0.5 }, 'pass', 'holds'],
  ] as const)('%o: %s, %s', (more, outcome, because) =>
    expect(valueOf(leak(look(more), {}))).toMatchObject({ outcome, because }),
  );
  it('names its floor by where that comes from', () => {
    const low = { after: 282, hours: 24, floor: 264, nextLookHours: 24 };
    expect(valueOf(leak(look(low), {})).limit).toEqual({ value: 264, source: 'marking' });
    expect(valueOf(leak(look({ ...low, floorSource: 'default' }), {})).limit).toEqual({
      value: 264,
      source: 'default',
    });
  });
  it('is none where the night was cold', () => {
    const answer = valueOf(leak(look({ after: 286, hours: 24, warmthBefore: 20, warmthAfter: 9 }), {}));
    expect(answer.corrected).toBeCloseTo((286 + 101.325) * (293.15 / 282.15) - 101.325, 6);
    expect(answer.outcome).toBe('pass');
    expect(valueOf(leak(look({ after: 286, hours: 24, warmthBefore: 20 }), {})).corrected).toBeCloseTo(
      286,
      9,
    );
  });
  it('reaches its floor in so many hours', () =>
    expect(
      valueOf(leak(look({ after: 282, hours: 24, floor: 264, nextLookHours: 1 }), {})).hoursToFloor,
    ).toBeCloseTo(24, 9));
  it('at its floor already is there, though it holds', () => {
    expect(valueOf(leak(look({ before: 282, after: 282, hours: 24, floor: 282 }), {})).hoursToFloor).toBe(0);
    expect(
      valueOf(leak(look({ before: 282, after: 282, hours: 24, floor: 270 }), {})).hoursToFloor,
    ).toBeNull();
  });
  it('of nothing reaches no floor', () =>
    expect(valueOf(leak(look({ after: 310, hours: 24, floor: 264 }), {})).hoursToFloor).toBeNull());
  it.each([
    [{ before: 10 }, ['before']],
    [{ after: -1 }, ['after']],
    [{ hours: 0 }, ['hours']],
    [{ hours: -4 }, ['hours']],
    [{ hours: Number.NaN }, ['hours']],
    [{ site: 20, accuracyBefore: -1 }, ['site', 'accuracyBefore']],
    [{ accuracyAfter: 101 }, ['accuracyAfter']],
    [{ warmthBefore: -50, warmthAfter: 90 }, ['warmthBefore', 'warmthAfter']],
    [{ floor: -1, nextLookHours: -1 }, ['floor', 'nextLook']],
    [{ hours: 9700 }, ['hours']],
  ] as const)('%o is refused', (more, fields) => expect(wrongFields(leak(look(more), {}))).toEqual(fields));
  it('counts with thinner air higher up', () => {
    expect(valueOf(sitePressure(0))).toBe(101.325);
    expect(valueOf(sitePressure(1500))).toBeCloseTo(84.56, 1);
    expect(wrongFields(sitePressure(9000))).toEqual(['altitude']);
  });
});

describe('the window of a tyre', () => {
  it.each([
    [{ sidewallMin: 210, sidewallMax: 450, rimMax: 380 }, 210, 380],
    [{ sidewallMin: 210, sidewallMax: 450 }, 210, 450],
    [{ sidewallMin: 210, rimMax: 380, hookless: true }, 210, 380],
    [{ sidewallMax: 600, hookless: true }, null, 500],
    [{}, null, null],
  ])('%o is from %s to %s', (marked, floor, ceiling) =>
    expect(tyreWindow(marked)).toMatchObject({ floor, ceiling }),
  );
  it.each([
    [30, 400, 350],
    [30.1, 300, 230],
    [37, 300, 230],
    [37.1, 250, 180],
    [45, 250, 180],
    [45.1, 180, 140],
    [57, 180, 140],
    [57.1, 120, 100],
    [70, 120, 100],
    [70.1, 60, 60],
  ])('of %d mm without a marked minimum begins at %d kPa, tubeless at %d', (width, tube, tubeless) => {
    expect(tyreWindow({ sidewallMax: 600, width }, {})).toMatchObject({
      floor: tube,
      floorSource: 'default',
    });
    expect(tyreWindow({ sidewallMax: 600, width, tubeless: true }, {})).toMatchObject({
      floor: tubeless,
      floorSource: 'default',
    });
  });
  it('begins at what the program set, unless the tyre says otherwise', () => {
    expect(tyreWindow({ width: 40 }, { tyreFloor45: 280 })).toMatchObject({
      floor: 280,
      floorSource: 'policy',
    });
    expect(tyreWindow({ width: 40, sidewallMin: 200 }, { tyreFloor45: 280 })).toMatchObject({
      floor: 200,
      floorSource: 'marking',
    });
  });
  it('begins at the start chosen for it, never under its marked minimum', () => {
    expect(tyreWindow({ width: 40, sidewallMax: 450, start: 190 })).toMatchObject({
      floor: 190,
      floorSource: 'start',
    });
    expect(tyreWindow({ sidewallMin: 200, sidewallMax: 450, start: 190 })).toMatchObject({
      floor: 200,
      floorSource: 'marking',
    });
    expect(tyreWindow({ sidewallMin: 200, sidewallMax: 450, start: 220 })).toMatchObject({
      floor: 220,
      floorSource: 'start',
    });
    // A start at the sidewall's own least is that least: what is under it is under a marking.
    expect(tyreWindow({ sidewallMin: 200, sidewallMax: 450, start: 200 })).toMatchObject({
      floor: 200,
      floorSource: 'marking',
    });
    expect(tyreWindow({ sidewallMin: 200, sidewallMax: 210, start: 220 })).toMatchObject({
      floor: 200,
      floorSource: 'marking',
      conflict: false,
    });
  });
  it('of which a house floor leaves nothing keeps its ceiling only', () =>
    expect(tyreWindow({ sidewallMax: 200, width: 40 }, {})).toMatchObject({
      floor: null,
      ceiling: 200,
      conflict: false,
    }));
  it('knows nothing of figures that are none', () =>
    expect(
      tyreWindow({ sidewallMin: Number.NaN, rimMax: -1, sidewallMax: 0, width: Number.NaN }, {}),
    ).toMatchObject({ floor: null, ceiling: 0 }));
  it('of which the two ends are one holds that one pressure', () => {
    expect(tyreWindow({ sidewallMin: 380, rimMax: 380 })).toMatchObject({
      floor: 380,
      ceiling: 380,
      conflict: false,
    });
    expect(pressureVerdict(380, tyreWindow({ sidewallMin: 380, rimMax: 380 }))).toBe('inside');
    expect(tyreWindow({ sidewallMax: 250, width: 40 }, {})).toMatchObject({ floor: 250, ceiling: 250 });
  });
  it('that its markings leave no room in is a conflict', () => {
    const window = tyreWindow({ sidewallMin: 400, rimMax: 380 });
    expect(window.conflict).toBe(true);
    expect(pressureVerdict(390, window)).toBe('high');
    expect(pressureVerdict(300, window)).toBe('low');
  });
  it.each([
    [0, 'empty'],
    [19, 'empty'],
    [20, 'low'],
    [209.9, 'low'],
    [210, 'inside'],
    [380, 'inside'],
    [380.1, 'high'],
    [-1, 'unknown'],
    [Number.NaN, 'unknown'],
  ] as const)('from 210 to 380 holds %d: %s', (kpa, verdict) =>
    expect(pressureVerdict(kpa, tyreWindow({ sidewallMin: 210, sidewallMax: 380 }))).toBe(verdict),
  );
  it('is never inverted', () => {
    const some = fc.option(fc.integer({ min: 30, max: 1100 }), { nil: undefined });
    fc.assert(
      fc.property(
        some,
        some,
        some,
        fc.boolean(),
        fc.option(fc.integer({ min: 18, max: 130 }), { nil: undefined }),
        (sidewallMin, sidewallMax, rimMax, hookless, width) => {
          const { floor, ceiling, conflict } = tyreWindow(
            { sidewallMin, sidewallMax, rimMax, hookless, width },
            {},
          );
          expect(conflict || floor === null || ceiling === null || floor <= ceiling).toBe(true);
        },
      ),
    );
  });
  it('says nothing where nothing is marked', () => {
    expect(pressureVerdict(300, tyreWindow({}))).toBe('unknown');
    expect(pressureVerdict(300, tyreWindow({ sidewallMax: 450 }))).toBe('unknown');
    expect(pressureVerdict(500, tyreWindow({ sidewallMax: 450 }))).toBe('high');
  });
  it('never calls what is farther outside better', () => {
    const window = { floor: 210, ceiling: 380 };
    const worth = { inside: 0, low: 1, high: 1, empty: 2, unknown: 3 };
    fc.assert(
      fc.property(
        fc.double({ min: 0, max: 1200, noNaN: true }),
        fc.double({ min: 0, max: 600, noNaN: true }),
        (kpa, by) => {
          if (kpa <= 210)
            expect(worth[pressureVerdict(Math.max(0, kpa - by), window)]).toBeGreaterThanOrEqual(
              worth[pressureVerdict(kpa, window)],
            );
          if (kpa >= 380)
            expect(worth[pressureVerdict(kpa + by, window)]).toBeGreaterThanOrEqual(
              worth[pressureVerdict(kpa, window)],
            );
        },
      ),
    );
  });
});
