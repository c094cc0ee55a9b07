import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { findingLike } from '@cadre/test-world/core';
import { PART_KINDS, USUAL_BUILD } from '@cadre/core/fleet';
import { costsOf, jobMinutes, touchesOfPart, withTouches, type CostedRepair } from './index';

const repair = (more: Partial<CostedRepair> = {}): CostedRepair => ({
  ...{
    bikeId: 'b',
    kind: 'hybrid',
    month: '2026-06',
    minutes: 30,
    used: [],
    findings: [{ id: 'f', checkpoint: 'rotor', name: 'Rotor: bent' }],
  },
  ...more,
});
const part = (price: number, count = 1, findingId = 'f') => ({
  itemId: 'i',
  name: 'n',
  kind: 'pads' as const,
  count,
  price,
  findingId,
});

describe('what repairs cost', () => {
  it('is parts and minutes at the rate: two at 14.50 and half an hour at 36', () => {
    expect(costsOf([repair({ used: [part(1450, 2)] })], 3600).total).toEqual({
      key: 'total',
      repairs: 1,
      minutes: 30,
      parts: 2900,
      cost: 4700,
    });
  });

  it('is nothing without repairs, and without a rate only the parts', () => {
    expect(costsOf([], 3600).total.cost).toBe(0);
    expect(costsOf([repair({ used: [part(100)] })], 0).total.cost).toBe(100);
  });

  it('shares minutes among what was repaired and gives parts to what they were for', () => {
    const findings = [
      { id: 'f', checkpoint: 'rotor', name: 'Rotor' },
      { id: 'g', checkpoint: 'grips', name: 'Grips' },
    ];
    expect(
      costsOf([repair({ findings, used: [part(500, 1, 'g'), part(70, 1, 'nobody')] })], 0).byFinding,
    ).toEqual([
      { key: 'Grips', repairs: 1, minutes: 15, parts: 500, cost: 500 },
      { key: 'Rotor', repairs: 1, minutes: 15, parts: 70, cost: 70 },
    ]);
  });

  it('adds up to the same total whichever way it is grouped', () => {
    const repairs = fc.array(
      fc.record({
        bike: fc.constantFrom('a', 'b', 'c'),
        month: fc.constantFrom('2026-05', '2026-06'),
        minutes: fc.option(fc.integer({ min: 0, max: 300 })),
        price: fc.integer({ min: 0, max: 9999 }),
      }),
    );
    fc.assert(
      fc.property(repairs, fc.integer({ min: 0, max: 9000 }), (drawn, rate) => {
        const costs = costsOf(
          drawn.map(({ bike, month, minutes, price }) =>
            repair({ bikeId: bike, month, minutes, used: [part(price)] }),
          ),
          rate,
        );
        for (const rows of [costs.byBike, costs.byKind, costs.byMonth, costs.byFinding])
          expect(rows.reduce((sum, row) => sum + row.cost, 0)).toBeCloseTo(costs.total.cost, 4);
      }),
    );
  });
});

describe('what renewing a part touches', () => {
  it('is at its end; a cassette has the rear wheel out, a fork the front one', () => {
    expect(touchesOfPart('pads', 'rear', USUAL_BUILD.hybrid)).toEqual([
      { touch: 'brake-work', position: 'rear' },
    ]);
    expect(touchesOfPart('cassette', 'only', USUAL_BUILD.hybrid)).toContainEqual({
      touch: 'axle-out',
      position: 'rear',
    });
    expect(touchesOfPart('fork', 'only', USUAL_BUILD.hybrid)).toContainEqual({
      touch: 'axle-out',
      position: 'front',
    });
    expect(touchesOfPart('wheel', 'front', USUAL_BUILD.hybrid)).toContainEqual({
      touch: 'brake-work',
      position: 'front',
    });
  });
  it('is something for every part that has a name', () => {
    for (const kind of PART_KINDS)
      expect(touchesOfPart(kind, 'front', USUAL_BUILD.hybrid).length > 0, kind).toBe(kind !== 'other');
  });
  it.each([
    ['headset-lower', 'stem-headset@only'],
    ['front-hub', 'hub-bearings@front'],
    ['rear-hub', 'hub-bearings@rear'],
    ['bracket', 'cranks-pedals@only chain-sprockets@only'],
    ['pivots', 'rear-suspension@only'],
  ] as const)('of a bearing is by its place: %s', (place, wanted) =>
    expect(
      touchesOfPart('bearing', 'only', USUAL_BUILD.hybrid, { place })
        .map((each) => `${each.touch}@${each.position}`)
        .join(' '),
    ).toBe(wanted),
  );
  it('is added once to what was said', () => {
    const said = [{ touch: 'brake-work', position: 'rear' }] as const;
    expect(withTouches(said, touchesOfPart('pads', 'rear', USUAL_BUILD.hybrid))).toEqual(said);
    expect(withTouches(said, touchesOfPart('pads', 'front', USUAL_BUILD.hybrid))).toHaveLength(2);
  });
});

describe('the minutes of a job', () => {
  it('count each kind of work once, what is repaired already not, and the look after it always', () => {
    const brake = findingLike();
    expect(jobMinutes([brake])).toBe(30);
    expect(jobMinutes([brake], 2)).toBe(60);
    expect(jobMinutes([], 1)).toBe(20);
    expect(jobMinutes([brake, findingLike({ id: 'f2' })])).toBe(30);
    expect(jobMinutes([brake, findingLike({ id: 'f2', position: 'rear', zone: 'rear-brake' })])).toBe(55);
    expect(jobMinutes([findingLike({ state: 'repaired' })])).toBe(5);
    expect(jobMinutes([findingLike({ zone: 'frame' })])).toBe(25);
  });
});
