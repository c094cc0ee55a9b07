import { describe, expect, it } from 'vitest';
import {
  BEARINGS,
  chargeVerdict,
  costOfWaiting,
  findBearings,
  healthVerdict,
  assessment,
  intervalSince,
  repairCost,
  sagPressure,
  sagShare,
  sagVerdict,
  usageOf,
  usedTravel,
  type SagBand,
} from '.';
import { valueOf, wrongFields } from '@cadre/test-world/core';

describe('sag', () => {
  it('of 34 on 160 mm is 21.25 %, inside a trail fork’s band', () => {
    const sag = valueOf(sagShare(34, 160));
    expect(sag).toBe(0.2125);
    expect(valueOf(sagVerdict(sag, 'trail-fork', {})).outcome).toBe('pass');
  });
  it('may use all there is', () => expect(valueOf(sagShare(160, 160))).toBe(1));
  it.each([
    ['hybrid-fork', 0.15, 0.2],
    ['trail-fork', 0.15, 0.25],
    ['trail-shock', 0.25, 0.3],
    ['park-fork', 0.2, 0.3],
    ['park-shock', 0.28, 0.35],
  ] as [SagBand, number, number][])('of a %s belongs between %d and %d', (band, least, most) => {
    const at = (sag: number) => valueOf(sagVerdict(sag, band, {}));
    expect([least - 0.001, least - 0.05, most + 0.001, most + 0.05].map((sag) => at(sag))).toMatchObject(
      Array(4).fill({ becomes: 'fixed', uncorrected: 'upkeep' }),
    );
    expect([least, least + 0.001, most - 0.001, most].map((sag) => at(sag).outcome)).toEqual(
      Array(4).fill('pass'),
    );
    expect(at(0.01).limit?.value).toBe(least);
    expect(at(0.6).limit?.value).toBe(most);
  });
  it.each([
    [500, 0.25, 0.2, undefined, 600, 'step'],
    [500, 0.22, 0.2, undefined, 550, null],
    [500, 0.24, 0.2, undefined, 600, null],
    [500, 0.1, 0.2, undefined, 400, 'step'],
    [500, 0.16, 0.2, undefined, 400, null],
    [500, 0.22, 0.2, 540, 540, 'marked'],
    [500, 0.22, 0.2, 550, 550, null],
    [900, 0.2, 0.2, 600, 600, 'marked'],
  ])('at %d kPa of %d for %d, at most %s: try %d, held by %s', (pressure, sag, target, most, next, held) => {
    const answer = valueOf(sagPressure(pressure, sag, target, most));
    expect(answer.pressure).toBeCloseTo(next, 9);
    expect(answer.held).toBe(held);
  });
  it.each([
    [0.69, 'firmer-than-needed'],
    [0.7, 'as-meant'],
    [0.97, 'as-meant'],
    [0.98, 'full-travel'],
    [1, 'full-travel'],
  ])('with %d of the travel used: %s', (used, note) => expect(valueOf(usedTravel(used))).toBe(note));
  it.each([
    [sagShare(170, 160), ['ring']],
    [sagShare(-1, 10), ['travel', 'ring']],
    [sagVerdict(1.1, 'trail-fork', {}), ['sag']],
    [sagPressure(10, 0, 0.9), ['pressure', 'sag', 'target']],
    [sagPressure(500, 0.2, 0.2, 20), ['markedMax']],
    [usedTravel(-0.1), ['used']],
  ])('what cannot be is refused (%#)', (answer, fields) => expect(wrongFields(answer)).toEqual(fields));
});

describe('a battery', () => {
  it.each([
    [0.399, 'fixed'],
    [0.4, 'nothing'],
    [0.7, 'nothing'],
    [0.701, 'fixed'],
    [0.85, 'fixed'],
    [0, 'fixed'],
    [1, 'fixed'],
  ])('charged to %d in the store: %s', (charge, becomes) =>
    expect(valueOf(chargeVerdict(charge, true, {})).becomes).toBe(becomes),
  );
  it('in use is for the person to say', () =>
    expect(valueOf(chargeVerdict(0.1, false, {}))).toMatchObject({ outcome: 'unknown', becomes: 'nothing' }));
  it.each([
    [350, 500, 'renew'],
    [351, 500, 'pass'],
    [100, 500, 'renew'],
    [500, 500, 'pass'],
  ])('of %d Wh of %d: %s', (energy, rated, outcome) =>
    expect(valueOf(healthVerdict(energy, rated, {})).outcome).toBe(outcome),
  );
  it.each([
    [chargeVerdict(1.01, true, {}), ['charge']],
    [healthVerdict(4000, 10, {}), ['rated', 'measured']],
  ])('what cannot be is refused (%#)', (answer, fields) => expect(wrongFields(answer)).toEqual(fields));
});

describe('an interval', () => {
  it.each([
    [{ days: 30 }, { days: 60 }, 1, 0.5, 'days', false],
    [{ days: 59.9 }, { days: 60 }, 1, 59.9 / 60, 'days', false],
    [{ days: 60 }, { days: 60 }, 1, 1, 'days', true],
    [{ days: 30, km: 490 }, { days: 60, km: 500 }, 1, 0.98, 'km', false],
    [{ days: 30, km: 490 }, { days: 60, km: 500 }, 0.5, 1.96, 'km', true],
    [{ outings: 3 }, { outings: 3, days: 90 }, 1, 1, 'outings', true],
    [{ days: 30, km: 250 }, { days: 60, km: 500 }, 1, 0.5, 'days', false],
    [{ hours: 20, days: 170 }, { hours: 50, days: 180 }, 1, 170 / 180, 'days', false],
  ] as const)('%o of %o, times %d: %d by %s, due %s', (since, every, factor, used, by, due) => {
    const answer = valueOf(intervalSince(since, every, factor));
    expect(answer.used).toBeCloseTo(used, 9);
    expect(answer).toMatchObject({ by, due });
  });
  it('says what is left of it', () =>
    expect(valueOf(intervalSince({ km: 620 }, { km: 500 })).left).toBe(-120));
  it.each([
    [intervalSince({ days: 3 }, {}), ['since']],
    [intervalSince({ days: 3 }, { km: 500 }), ['since']],
    [intervalSince({ km: -1 }, { km: 500 }), ['since.km']],
    [intervalSince({ km: 1 }, { km: 0 }, 0), ['factor', 'every.km']],
  ])('what cannot be is refused (%#)', (answer, fields) => expect(wrongFields(answer)).toEqual(fields));
});

describe('usage', () => {
  it('is the computer’s, else outings of its kind', () => {
    expect(valueOf(usageOf('child', 10, { km: 80, hours: 20 }))).toEqual({
      km: 80,
      hours: 20,
      source: 'computer',
    });
    expect(valueOf(usageOf('child', 10, null))).toEqual({ km: 50, hours: 15, source: 'outings' });
  });
  it('that cannot be is refused', () =>
    expect(wrongFields(usageOf('cargo', -1, { km: -1, hours: 1e6 }))).toEqual(['outings', 'km', 'hours']));
});

describe('bearings', () => {
  it.each([
    [10, 26, 8, '6000'],
    [8.05, 21.95, 7, '608'],
    [8, 24, 8, '628'],
    [9, 26, 8, '629'],
    [35, 62, 14, '6007'],
    [30, 62, 16, '6206'],
    [30, 42, 7, '6806'],
    [15, 28, 7.1, '6902'],
    [30.15, 41, 6.5, '30.15x41x6.5 36°/45°'],
    [37, 49, 7, '37x49x7 45°/45°'],
  ])('of %d, %d and %d mm: %s', (bore, outside, width, designation) =>
    expect(valueOf(findBearings(bore, outside, width))[0]?.bearing.designation).toBe(designation),
  );
  it('are within 0.15 mm in each measure, or none', () => {
    expect(valueOf(findBearings(10.15, 26, 8)).map((found) => found.bearing.designation)).toEqual(['6000']);
    expect(valueOf(findBearings(10.16, 26, 8))).toEqual([]);
    expect(valueOf(findBearings(10, 26, 8.2))).toEqual([]);
  });
  it('that a round and a headset bearing share are both named', () =>
    expect(valueOf(findBearings(40, 52, 7)).map((found) => found.bearing.kind)).toEqual([
      'radial',
      'headset',
    ]));
  it('come nearest first', () => {
    const found = valueOf(findBearings(30.15, 41.1, 6.6));
    expect(found.map((each) => each.off)).toEqual([...found.map((each) => each.off)].sort((a, b) => a - b));
  });
  it('are each found by their own measures, and hold together', () => {
    expect(BEARINGS.length).toBeGreaterThan(70);
    for (const bearing of BEARINGS) {
      expect(
        valueOf(findBearings(bearing.bore, bearing.outside, bearing.width)).map((found) => found.bearing),
        bearing.designation,
      ).toContain(bearing);
      expect(bearing.outside > bearing.bore + 4 && bearing.width < bearing.outside, bearing.designation).toBe(
        true,
      );
    }
  });
  it('that cannot be are refused', () =>
    expect(wrongFields(findBearings(1, 100, Number.NaN))).toEqual(['bore', 'outside', 'width']));
});

describe('cost', () => {
  it('of a repair is parts and minutes', () =>
    expect(valueOf(repairCost({ parts: 22, minutes: 30 }, 48))).toBe(46));
  it.each([
    [100, 300, 200 - 46 - 0, true],
    [254, 300, 0, false],
    [253.9, 300, 0.1, true],
    [400, 300, -146, false],
  ])('of a used bike for %d against %d leaves %d', (price, worth, gain, accept) => {
    const answer = valueOf(assessment([{ parts: 22, minutes: 30 }], 48, price, worth));
    expect(answer.gain).toBeCloseTo(gain, 9);
    expect(answer.accept).toBe(accept);
  });
  it('of waiting is the sprockets', () =>
    expect(valueOf(costOfWaiting({ parts: 25, minutes: 15 }, { parts: 60, minutes: 45 }, 40))).toEqual({
      now: 35,
      later: 125,
      saved: 90,
    }));
  it.each([
    [repairCost({ parts: -1, minutes: Number.NaN }, 40), ['parts', 'minutes']],
    [assessment([{ parts: 1, minutes: 2e4 }], 40, -1, 100), ['price', 'findings.0.minutes']],
    [costOfWaiting({ parts: 1, minutes: 1 }, { parts: -1, minutes: 1 }, 40), ['sprockets.parts']],
  ])('that cannot be is refused (%#)', (answer, fields) => expect(wrongFields(answer)).toEqual(fields));
});
