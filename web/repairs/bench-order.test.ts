import 'fake-indexeddb/auto';
import { createPinia, setActivePinia } from 'pinia';
import { effectScope } from 'vue';
import { beforeEach, describe, expect, it } from 'vitest';
import type { Bike } from '@cadre/contract/fleet';
import type { StockItem } from '@cadre/contract/parts';
import type { Repair } from '@cadre/contract/repairs';
import { USUAL_BUILD } from '@cadre/core/fleet';
import { evaluateFitness, NO_FACTS, type DueService, type FitnessFacts } from '@cadre/core/fitness';
import type { Finding } from '@cadre/core/findings';
import { NO_PLAN, type BenchReason } from '@cadre/core/repairs';
import { findingLike, HOUR } from '@cadre/test-world/core';
import { now } from '@cadre/web/platform/time';
import { useFleet } from '@cadre/web/fleet';
import { placeWords } from './bench-wording';
import { useBenchOrder } from './use-bench-order';

const bike = (
  tag: string,
  findings: readonly Finding[],
  more: Partial<FitnessFacts> = {},
  size = 'M',
): Bike =>
  ({
    ...{ id: tag, tag, modelId: null, model: 'Reed', size, siteId: 's', hookId: null, whereabouts: 'in' },
    build: USUAL_BUILD.hardtail,
    facts: { ...NO_FACTS, findings, validUntil: now() + 9 * HOUR, ...more },
  }) as unknown as Bike;
const pads = (onHand: number): StockItem => ({
  id: 'pads',
  kind: 'pads',
  name: 'Sea pads',
  facts: {},
  modelIds: [],
  markings: {},
  onHand,
  least: 1,
  price: 1,
  leadDays: 5,
  supplier: 's',
  version: 1,
});

function ordered(
  bikes: readonly Bike[],
  items: readonly StockItem[] = [],
  repairs: readonly Repair[] = [],
): string[] {
  const outAt = now() + HOUR;
  useFleet().wall = {
    ...{
      sites: [],
      racks: [],
      models: [],
      people: [],
      policyHash: '',
      checklistVersions: 0,
      now: now(),
      recordedUntil: 0,
      demo: false,
    },
    groups: [
      {
        id: 'g',
        siteId: 's',
        name: 'Year 5',
        outAt,
        backAt: outAt + HOUR,
        wants: [{ count: 4, kind: null, size: 'M' }],
        version: 1,
      },
    ],
    bikes,
  };
  const places = effectScope().run(() =>
    useBenchOrder({
      answer: (of) => evaluateFitness(of.facts, now()),
      items: () => items,
      repairs: () => repairs,
      hands: () => 1,
    }),
  );
  return (places?.value ?? []).map((place) => `${place.job.bikeId} ${place.because.code}`);
}
beforeEach(() => setActivePinia(createPinia()));

describe('the jobs of the bench', () => {
  it('are what is held or asks for a repair in time; what a group lacks stands first', () => {
    const soon = findingLike({ id: 's', severity: 'soon', limit: { until: now() + 48 * HOUR, outings: 9 } });
    const order = ordered([
      bike('watched', [findingLike({ id: 'w', severity: 'watch' })]),
      bike('soon', [soon]),
      bike('large', [findingLike({ id: 'l' })], {}, 'L'),
      bike('wanted', [findingLike({ id: 'm' })]),
    ]);
    expect(order).toEqual(['wanted for-group', 'soon runs-out', 'large nobody-waits']);
  });

  it('wait for a part nobody has on the shelf, and not for one nobody keeps', () => {
    const worn = findingLike({ checkpoint: 'disc-pads', fault: 'worn' });
    expect(ordered([bike('a', [worn])], [pads(0)])).toEqual(['a lacks-part']);
    expect(ordered([bike('a', [worn])], [pads(1)])).toEqual(['a for-group']);
    expect(ordered([bike('a', [worn])])).toEqual(['a for-group']);
  });

  it('are overdue services too: one that keeps a bike in frees it, one with a date runs out, planned work waits', () => {
    const service = (service: string, overdue: DueService['overdue'], until?: number): DueService => ({
      ...{ service, name: service, overdue, dueAt: now() - HOUR },
      ...(until === undefined ? {} : { until }),
    });
    const order = ordered([
      bike('planned', [], { services: [service('post', 'maintenance')] }),
      bike('dated', [], { services: [service('sealant', 'fix-by', now() + 30 * HOUR)] }),
      bike('kept-in', [], { services: [service('fluid', 'due')] }),
    ]);
    expect(order).toEqual(['kept-in for-group', 'dated runs-out']);
  });

  it('are last while they are away, and none while on offer', () => {
    const held = bike('a', [findingLike({ state: 'in-work' })], { repairs: [{ id: 'r', state: 'started' }] });
    const waits = { for: 'workshop' as const, what: 'Fork', until: null, since: 0 };
    const repair = {
      id: 'r',
      bikeId: 'a',
      state: 'started',
      plan: { ...NO_PLAN, waits },
    } as unknown as Repair;
    expect(ordered([held], [], [repair])).toEqual(['a away']);
    expect(ordered([bike('b', [findingLike()], { assessment: { id: 'i' } })])).toEqual([]);
  });
});

describe('why a job stands where it does', () => {
  const want = { count: 1, kind: 'hardtail', size: 'M' } as const;
  const outAt = Date.UTC(2026, 5, 10, 9, 30);
  const named = { group: () => 'Year 5', item: () => 'Sea pads', now: outAt, timeZone: 'UTC' };
  it.each<[BenchReason, string]>([
    [{ code: 'for-group', groupId: 'g', want, outAt }, 'Year 5 at 09:30 needs M hardtail'],
    [
      { code: 'too-late', groupId: 'g', want: { ...want, kind: null, size: '' }, outAt },
      'Year 5 needs any bike; too late for 09:30',
    ],
    [{ code: 'runs-out', until: outAt + 24 * HOUR }, '“Do not ride” from tomorrow 09:30'],
    [
      { code: 'lacks-part', itemId: 'i', until: outAt + 24 * HOUR },
      'Sea pads: none in stock; arrives tomorrow 09:30 if ordered now',
    ],
    [{ code: 'away', until: null }, 'Waiting, end not known'],
    [{ code: 'nobody-waits' }, 'No group needs this bike'],
  ])('%o', (because, words) => expect(placeWords(because, named)).toBe(words));
});
