import { describe, expect, it } from 'vitest';
import type { WearSeriesTold } from '@cadre/contract/wear';
import { outlookOf, usualWear } from '@cadre/core/wear';
import { chartOption, roundUp } from './chart-option';
import type { WornThing } from './use-wear';
import { limitSays, nameOf, outlookWords, roughly, sureWords } from './wear-wording';

const NOON = Date.UTC(2026, 5, 10, 12);
const seriesLike = (more: Partial<WearSeriesTold> = {}): WearSeriesTold => ({
  key: 'k',
  measure: 'disc-pad',
  position: 'front',
  method: 'compound',
  partId: null,
  partName: null,
  onBike: 'a',
  since: 0,
  unit: 'km',
  points: [0, 250, 500, 750, 1000].map((usage) => ({ at: NOON, usage, value: 4 - usage / 500, bikeId: 'a' })),
  usageNow: 1000,
  perDay: 10,
  limit: { value: 1, source: 'default' },
  prior: usualWear('disc-pad', 'km'),
  ...more,
});
const thing = (more: Partial<WearSeriesTold> = {}): WornThing => {
  const series = seriesLike(more);
  return { series, outlook: outlookOf(series, NOON) };
};
const words = (more: Partial<WearSeriesTold> = {}): string => {
  const { series, outlook } = thing(more);
  return outlookWords(series, outlook, 'Europe/London');
};

describe('what is said of wear', () => {
  it('names the limit, what is left and how far it may be out, and when', () =>
    expect(words()).toMatch(
      /^Reaches 1 mm in about 500 km \(\d+ to \d+\), likely date 30 Jul 2026 \(\d+ \w+ to \d+ \w+\)\.$/,
    ));
  it('keeps the year of a date that falls into another', () =>
    expect(words({ perDay: 2.6 })).toMatch(/likely date \d+ Dec 2026 \(\d+ \w+ to \d+ \w+ 2027\)/));
  it('says when it stands still, when it is there, and when nobody knows the limit', () => {
    expect(words({ perDay: 0 })).toContain('no recent rides, so no date');
    expect(words({ usageNow: 9000 })).toBe('Probably at its limit of 1 mm now. Measure the part.');
    expect(words({ limit: null })).toBe('No limit is known for this part, so there is no forecast.');
  });
  it('says what it rests on', () => {
    const sure = (more: Partial<WearSeriesTold>): string => {
      const { outlook } = thing(more);
      return outlook ? sureWords(outlook) : '';
    };
    expect(sure({})).toBe('reliable, from 5 readings of this part');
    expect(sure({ points: seriesLike().points.slice(0, 2) })).toContain(
      'from 2 readings of this part and the wear of the fleet',
    );
    expect(sure({ points: seriesLike().points.slice(0, 1) })).toContain(
      'from the wear of the fleet: one reading does not show how fast this part wears',
    );
  });
  it('gives two figures and no more', () =>
    expect([7.4, 52, 128, 1049].map(roughly)).toEqual(['7', '52', '130', '1000']));
  it('names the thing, its end and its limit’s source', () => {
    expect(nameOf(seriesLike())).toBe('Disc pads, front');
    expect(nameOf(seriesLike({ measure: 'chain', position: 'only', method: null }))).toBe('Chain');
    expect(nameOf(seriesLike({ method: 'total' }))).toBe('Disc pads, front with plate');
    expect(limitSays(seriesLike())).toBe('limit 1 mm, Cadre’s default');
  });
});

describe('the chart of wear', () => {
  const colours = { ink: '#111', soft: '#222', line: '#333', act: '#444', held: '#555' };
  const option = (now: WornThing, before: readonly WornThing[] = []) =>
    chartOption(now, before, colours) as {
      series: { name: string; data: number[][] }[];
      xAxis: { max: number };
    };
  it('draws the readings, the likely line to the limit and the wedge, and what sat there before', () => {
    const { series, xAxis } = option(thing(), [thing({ key: 'old', onBike: null })]);
    expect(series.map((each) => each.name)).toEqual(['before', '80 % range', 'likely', 'read']);
    expect(series.find((each) => each.name === 'read')?.data[4]).toEqual([1000, 2]);
    const likely = series.find((each) => each.name === 'likely')?.data;
    expect(likely?.[1]?.[0]).toBeCloseTo(1500, 6);
    expect(likely?.[1]?.[1]).toBe(1);
    expect(xAxis.max).toBeGreaterThanOrEqual(1500);
  });
  it('draws a chain in percent, and no forecast where no limit is known', () => {
    const chain = {
      measure: 'chain',
      position: 'only',
      method: null,
      prior: usualWear('chain', 'km'),
    } as const;
    const points = [0, 300, 600].map((usage) => ({ at: NOON, usage, value: usage * 5e-6, bikeId: 'a' }));
    expect(
      option(thing({ ...chain, points, limit: { value: 0.005, source: 'policy' } })).series.at(-1)
        ?.data[2]?.[1],
    ).toBeCloseTo(0.3, 9);
    expect(option(thing({ ...chain, points, limit: null })).series.map((each) => each.name)).toEqual([
      'read',
    ]);
  });
  it('ends its axis at a figure people read', () =>
    expect([599, 1000, 1012, 87].map(roundUp)).toEqual([600, 1000, 1500, 90]));
});
