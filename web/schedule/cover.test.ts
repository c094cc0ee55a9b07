import 'fake-indexeddb/auto';
import { createPinia, setActivePinia } from 'pinia';
import { effectScope } from 'vue';
import { describe, expect, it } from 'vitest';
import type { Bike } from '@cadre/contract/fleet';
import type { Wall } from '@cadre/contract/wall';
import { USUAL_BUILD } from '@cadre/core/fleet';
import { NO_FACTS } from '@cadre/core/fitness';
import { now } from '@cadre/web/platform/time';
import { useFleet } from '@cadre/web/fleet';
import { useCover } from './use-cover';

const bike = (tag: string, validUntil: number | null, whereabouts: Bike['whereabouts'] = 'in'): Bike => ({
  id: tag,
  tag,
  modelId: null,
  model: 'm',
  size: '24 in',
  serial: '',
  boughtOn: '',
  warrantyUntil: '',
  siteId: 's',
  hookId: null,
  build: USUAL_BUILD.child,
  own: [],
  fit: {},
  whereabouts,
  version: 1,
  facts: { ...NO_FACTS, validUntil },
  parts: [],
  marked: {},
  openCheckId: null,
});

it('a group is covered by bikes that may go out and hang here now, and by no others', () => {
  setActivePinia(createPinia());
  const soon = now() + 3_600_000;
  const wall = {
    sites: [{ id: 's', name: 'S', timeZone: 'UTC', opensAt: '09:00' }],
    racks: [],
    models: [],
    groups: [
      {
        id: 'g',
        siteId: 's',
        name: 'Year 5',
        outAt: soon,
        backAt: soon + 1,
        wants: [{ count: 4, kind: 'child', size: '24"' }],
        version: 1,
      },
    ],
    bikes: [bike('cleared', soon), bike('due', null), bike('out', soon, 'out'), bike('also cleared', soon)],
    people: [],
    recordedUntil: 0,
    demo: false,
    policyHash: '',
    checklistVersions: 2,
    now: now(),
  } satisfies Wall;
  const scope = effectScope();
  scope.run(() => {
    useFleet().wall = wall;
    expect(useCover().value).toMatchObject([{ needed: 4, cleared: 2, wants: [{ cleared: 2, short: 2 }] }]);
  });
  scope.stop();
});

describe('the strip', () => {
  it('has no group to show when none is due', () => {
    setActivePinia(createPinia());
    const scope = effectScope();
    scope.run(() => expect(useCover().value).toEqual([]));
    scope.stop();
  });
});
