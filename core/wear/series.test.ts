import { describe, expect, it } from 'vitest';
import fc from 'fast-check';
import { POSITIONS } from '@cadre/core/catalogue';
import { LIMITS } from '@cadre/core/measures';
import { DAY, NOON, onLike } from '@cadre/test-world/core';
import {
  healedIn,
  usualWear,
  wearSeries,
  WORN_MEASURES,
  worseWay,
  wornAt,
  type FittedSpan,
  type RiddenBike,
  type TakenReading,
  type WearSeries,
} from '.';

const day = (number: number): number => NOON + number * DAY;
const read = (at: number, value: number, more: Partial<TakenReading> = {}): TakenReading => ({
  bikeId: 'a',
  measure: 'chain',
  position: 'only',
  values: [value],
  at: day(at),
  ...more,
});
const span = (from: number, to: number | null, more: Partial<FittedSpan> = {}): FittedSpan => ({
  partId: 'chain-1',
  partName: 'Chain one',
  kind: 'chain',
  bikeId: 'a',
  position: 'only',
  from: day(from),
  to: to === null ? null : day(to),
  ...more,
});
/** A hardtail (12 km an outing) that goes out at noon of each of these days. */
const ridden = (id: string, ...days: number[]): RiddenBike => ({
  id,
  kind: 'hardtail',
  outings: days.map((each) => ({ at: day(each), km: null })),
});
const every = (from: number, to: number): number[] =>
  Array.from({ length: to - from }, (_, at) => from + at + 0.5);
const values = (series: WearSeries | undefined): readonly number[] =>
  series?.points.map((point) => point.value) ?? [];

describe('wear series', () => {
  it('of a part count usage since it was fitted, in km by outings', () => {
    const [series] = wearSeries(
      [read(20, 0.003), read(10, 0.001)],
      [span(0, null)],
      [ridden('a', ...every(0, 30))],
      day(30),
    );
    expect(series).toMatchObject({
      partId: 'chain-1',
      onBike: 'a',
      unit: 'km',
      since: day(0),
      usageNow: 360,
      perDay: 12,
    });
    expect(series?.points).toEqual([
      { at: day(10), usage: 120, value: 0.001, bikeId: 'a' },
      { at: day(20), usage: 240, value: 0.003, bikeId: 'a' },
    ]);
  });
  it('count days where no outing lies between the readings', () => {
    const [series] = wearSeries([read(10, 0.001), read(20, 0.003)], [span(0, null)], [ridden('a')], day(30));
    expect(series).toMatchObject({ unit: 'days', usageNow: 30, perDay: 1 });
    expect(series?.points.map((point) => point.usage)).toEqual([10, 20]);
  });
  it('start anew with a renewed part; the old one is on no bike', () => {
    const spans = [span(0, 15), span(15, null, { partId: 'chain-2', partName: 'Chain two' })];
    const series = wearSeries(
      [read(10, 0.006), read(20, 0.0005)],
      spans,
      [ridden('a', ...every(0, 30))],
      day(30),
    );
    expect(series.map((each) => [each.partId, each.onBike, each.points.length])).toEqual([
      ['chain-1', null, 1],
      ['chain-2', 'a', 1],
    ]);
    expect(series[1]?.points[0]?.usage).toBe(60);
  });
  it('go with a wheel to another bike, rotor and rim with it, and count what each bike rode', () => {
    const wheel = { partId: 'w', partName: 'Wheel', kind: 'wheel' as const, position: 'rear' as const };
    const spans = [span(0, 10, wheel), span(10, null, { ...wheel, bikeId: 'b' })];
    const rotor = { measure: 'rotor', position: 'rear' as const };
    const series = wearSeries(
      [
        read(5, 1.7, rotor),
        read(15, 1.66, { ...rotor, bikeId: 'b' }),
        read(15, 0.1, { measure: 'rim-track', position: 'rear', bikeId: 'b' }),
      ],
      spans,
      [ridden('a', ...every(0, 30)), ridden('b', 12, 13)],
      day(20),
    );
    expect(
      series.map((each) => [
        each.measure,
        each.onBike,
        each.points.map((point) => [point.bikeId, point.usage]),
      ]),
    ).toEqual(
      [
        [
          'rotor',
          'b',
          [
            ['a', 60],
            ['b', 144],
          ],
        ],
        ['rim-track', 'b', [['b', 144]]],
      ].sort((a, b) => (`w ${a[0]}` < `w ${b[0]}` ? -1 : 1)),
    );
  });
  it('prefer a rotor’s own fitment to its wheel’s', () => {
    const spans = [
      span(0, null, { partId: 'w', kind: 'wheel', position: 'front' }),
      span(0, null, { partId: 'r', partName: 'Rotor', kind: 'rotor', position: 'front' }),
    ];
    expect(
      wearSeries([read(5, 1.7, { measure: 'rotor', position: 'front' })], spans, [], day(6))[0]?.partId,
    ).toBe('r');
  });
  it('of what has no name sit on the bike, and begin again where somebody said it was renewed', () => {
    const pads = { measure: 'disc-pad', position: 'front' as const };
    const series = wearSeries(
      [
        read(0, 3, pads),
        read(10, 2, pads),
        read(20, 3.1, { ...pads, better: 'renewed' }),
        read(30, 2.5, pads),
      ],
      [],
      [ridden('a', ...every(0, 40))],
      day(40),
    );
    expect(series.map((each) => [each.onBike, values(each)])).toEqual([
      [null, [3, 2]],
      ['a', [3.1, 2.5]],
    ]);
    expect(series[1]?.since).toBe(day(20));
  });
  it('keep a trike’s two front wheels, and compound and total, apart', () => {
    const at = (position: TakenReading['position'], method?: string) =>
      read(1, 3, { measure: 'disc-pad', position, method });
    expect(
      wearSeries([at('left-front'), at('right-front'), at('left-front', 'total')], [], [], day(2)),
    ).toHaveLength(3);
  });
  it('take the most worn of several places, and leave out what does not wear', () => {
    const series = wearSeries(
      [
        read(0, 0, { measure: 'rotor', values: [1.62, 1.58, 1.56] }),
        read(0, 300, { measure: 'tyre-window' }),
      ],
      [],
      [],
      day(1),
    );
    expect(series.map(values)).toEqual([[1.56]]);
  });
  it('of a bike that stood still go nowhere of late', () => {
    const [series] = wearSeries(
      [read(0, 0.001), read(20, 0.002)],
      [span(0, null)],
      [ridden('a', 5, 6)],
      day(200),
    );
    expect(series).toMatchObject({ unit: 'km', perDay: 0 });
  });
  it('lose no reading, whatever was fitted where, and usage never runs back', () => {
    const reading = fc.record({
      bikeId: fc.constantFrom('a', 'b'),
      measure: fc.constantFrom(...WORN_MEASURES),
      position: fc.constantFrom(...POSITIONS),
      values: fc.array(fc.double({ min: 0, max: 4, noNaN: true }), { minLength: 1, maxLength: 3 }),
      at: fc.integer({ min: 0, max: 100 }).map(day),
      better: fc.constantFrom(undefined, 'renewed', 'measured'),
    });
    const fitted = fc
      .record({
        part: fc.constantFrom('p', 'q'),
        kind: fc.constantFrom('chain' as const, 'wheel' as const),
        from: fc.nat(50),
        long: fc.nat(50),
      })
      .map(({ part, kind, from, long }) =>
        span(from, from + long, {
          partId: `${part}-${kind}`,
          kind,
          position: kind === 'chain' ? 'only' : 'rear',
        }),
      );
    fc.assert(
      fc.property(
        fc.array(reading, { maxLength: 20 }),
        fc.array(fitted, { maxLength: 4 }),
        (readings, spans) => {
          const series = wearSeries(
            readings,
            spans,
            [ridden('a', ...every(0, 60)), ridden('b', 3, 70)],
            day(100),
          );
          expect(series.reduce((sum, each) => sum + each.points.length, 0)).toBe(readings.length);
          for (const { points, usageNow, perDay } of series) {
            expect(
              points.every(
                (point, at) => point.usage >= (points[at - 1]?.usage ?? 0) && point.usage <= usageNow,
              ),
            ).toBe(true);
            expect(perDay).toBeGreaterThanOrEqual(0);
          }
        },
      ),
    );
  });
});

describe('wear that healed', () => {
  const pads = { measure: 'disc-pad', position: 'front' as const };
  const healed = (readings: readonly TakenReading[], since = 0) =>
    healedIn(wearSeries(readings, [], [], day(50)), since).map(({ before, after }) => [
      before.value,
      after.value,
      after.better,
    ]);
  it('is told where nothing was said, and where it was only measured better', () => {
    expect(healed([read(0, 2, pads), read(5, 2.6, pads), read(9, 2.5, pads)])).toEqual([[2, 2.6, undefined]]);
    expect(healed([read(0, 2, pads), read(5, 2.6, { ...pads, better: 'measured' })])).toEqual([
      [2, 2.6, 'measured'],
    ]);
  });
  it('is none within what a hand and a caliper differ by, nor where the part was renewed', () => {
    expect(healed([read(0, 2, pads), read(5, 2.1, pads)])).toEqual([]);
    expect(healed([read(0, 2, pads), read(5, 3.1, { ...pads, better: 'renewed' })])).toEqual([]);
  });
  it('is told of late only', () => {
    const since = (from: number) => healed([read(0, 2, pads), read(5, 2.6, pads)], from);
    expect([since(day(6)), since(day(5) + 1), since(day(5)).length]).toEqual([[], [], 1]);
  });
});

describe('what wear runs to', () => {
  it.each([
    ['chain', null, {}, 0.005, 'default'],
    ['chain', null, { build: { sprockets: 9 } }, LIMITS.chainFew.is, 'default'],
    ['disc-pad', 'compound', {}, LIMITS.padFault.is, 'default'],
    ['disc-pad', 'total', { fit: { padTotalMin: 1, padTotalMinFront: 3 } }, 3, 'marking'],
    ['rotor', null, { fit: { rotorMinFront: 1.55 } }, 1.55, 'marking'],
    ['rim-track', null, {}, LIMITS.rimTrackFault.is, 'default'],
    ['rim-pad', null, { limits: { rimPadHolder: 1.5 } }, 1.5, 'policy'],
  ] as const)('of %s, %s on %o is %f', (measure, method, on, value, source) =>
    expect(wornAt(measure, method, onLike(on))).toEqual({ value, source }),
  );
  it('is nothing known of a rotor that says nothing', () =>
    expect(wornAt('rotor', null, onLike())).toBeNull());
  it('is usual of every wearing measure, in km and in days', () => {
    for (const measure of WORN_MEASURES) {
      const [km, days] = [usualWear(measure, 'km'), usualWear(measure, 'days')];
      expect(km.rate > 0 && km.spread > 0 && km.noise > 0 && days.rate > km.rate).toBe(true);
      expect(['more', 'less']).toContain(worseWay(measure));
    }
  });
});
