import { streamOf } from '@cadre/core/draws';
import type { BikeKind } from '@cadre/core/fleet';
import type { Bench, BenchJob } from '@cadre/core/repairs';
import type { Group } from '@cadre/core/schedule';
import { HOUR, NOON } from './builders';

const MODELS: readonly { readonly kind: BikeKind; readonly size: string }[] = [
  { kind: 'child', size: '20 in' },
  { kind: 'child', size: '24 in' },
  { kind: 'hybrid', size: 'M' },
  { kind: 'hardtail', size: 'M' },
  { kind: 'hardtail', size: 'L' },
];
const WORKS = ['front-brake', 'rear-brake', 'rear-wheel', 'drivetrain', 'cockpit'];

/**
 * A bad morning: fifty faulty bikes in the order they came in, ten of them with a part that is not on the shelf, so many people repairing, and three groups whose sizes
 * the faultless bikes do not reach. The same for the same seed.
 */
export function faultyMorning(seed: number, hands = 2): Bench {
  const draw = streamOf(seed);
  const of = <T>(list: readonly T[]): T => list[Math.floor(draw() * list.length)] as T;
  const jobs = Array.from({ length: 50 }, (_each, at): BenchJob => {
    const lacks = at % 5 === 2;
    return {
      ...{ bikeId: `b${String(at).padStart(2, '0')}`, siteId: 's', frees: true, ...of(MODELS) },
      ...{
        minutes: 10 + Math.floor(draw() * 60),
        since: NOON - (100 - at) * HOUR,
        until: draw() < 0.2 ? NOON + 48 * HOUR : null,
      },
      ...{ work: of(WORKS), needs: [{ itemId: lacks ? 'scarce' : 'plenty', count: 1 }], away: null },
    };
  });
  const sound = Array.from({ length: 12 }, (_each, at) => ({
    id: `sound${at}`,
    siteId: 's',
    ready: true,
    ...of(MODELS),
  }));
  const group = (id: string, hours: number, wants: readonly (readonly [number, number])[]): Group => ({
    ...{ id, siteId: 's', name: id, outAt: NOON + hours * HOUR, backAt: NOON + (hours + 3) * HOUR },
    wants: wants.map(([count, model]) => ({
      count,
      kind: MODELS[model]?.kind ?? null,
      size: MODELS[model]?.size ?? '',
    })),
  });
  return {
    jobs,
    groups: [
      group('first', 1, [
        [5, 1],
        [2, 2],
      ]),
      group('second', 2, [
        [4, 3],
        [3, 0],
      ]),
      group('third', 4, [
        [5, 4],
        [4, 2],
        [3, 1],
      ]),
    ],
    bikes: [
      ...sound,
      ...jobs.map(({ bikeId, siteId, kind, size }) => ({ id: bikeId, siteId, kind, size, ready: false })),
    ],
    shelf: new Map([
      ['plenty', { onHand: 99, leadDays: 0 }],
      ['scarce', { onHand: 0, leadDays: 4 }],
    ]),
    hands,
    now: NOON,
  };
}

/** A bench small enough to try every order of it: three to five jobs, scarce parts, one to three groups. The same for the same seed. */
export function smallBench(seed: number): Bench {
  const draw = streamOf(seed * 7919);
  const of = <T>(list: readonly T[]): T => list[Math.floor(draw() * list.length)] as T;
  const upTo = (least: number, most: number): number => least + Math.floor(draw() * (most - least + 1));
  const jobs = Array.from({ length: upTo(3, 5) }, (_each, at): BenchJob => ({
    ...{
      bikeId: `b${at}`,
      siteId: 's',
      kind: of(['hybrid', 'child'] as const),
      size: of(['S', 'M']),
      frees: true,
      minutes: upTo(10, 70),
    },
    ...{
      since: NOON,
      until: null,
      work: of(WORKS),
      needs: draw() < 0.3 ? [{ itemId: of(['one', 'two']), count: 1 }] : [],
      away: null,
    },
  }));
  const groups = Array.from({ length: upTo(1, 3) }, (_each, at): Group => {
    const outAt = NOON + (upTo(1, 4) * HOUR) / 2;
    const wants = Array.from({ length: upTo(1, 2) }, () => ({
      count: upTo(1, 2),
      kind: of([null, 'hybrid', 'child'] as const),
      size: of(['', 'S', 'M']),
    }));
    return { id: `g${at}`, siteId: 's', name: `g${at}`, outAt, backAt: outAt + 3 * HOUR, wants };
  });
  return {
    ...{ jobs, groups, hands: upTo(1, 2), now: NOON },
    bikes: jobs.map(({ bikeId, siteId, kind, size }) => ({ id: bikeId, siteId, kind, size, ready: false })),
    shelf: new Map([
      ['one', { onHand: 1, leadDays: 1 }],
      ['two', { onHand: 2, leadDays: 1 }],
    ]),
  };
}
