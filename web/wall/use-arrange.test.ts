import 'fake-indexeddb/auto';
import { createPinia, setActivePinia } from 'pinia';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import type { Bike } from '@cadre/contract/fleet';
import type { Wall } from '@cadre/contract/wall';
import { USUAL_BUILD } from '@cadre/core/fleet';
import { NO_FACTS } from '@cadre/core/fitness';
import { useArrange } from './use-arrange';
import { useFleet } from '../fleet/use-fleet';

const hooks = (rack: string, count: number) =>
  Array.from({ length: count }, (_, index) => ({ id: `${rack}${index + 1}`, number: index + 1 }));
const bike = (tag: string, siteId: string, hookId: string | null): Bike => ({
  id: tag,
  tag,
  modelId: null,
  model: 'm',
  size: '',
  serial: '',
  boughtOn: '',
  warrantyUntil: '',
  siteId,
  hookId,
  build: USUAL_BUILD.hybrid,
  own: [],
  fit: {},
  whereabouts: 'in',
  version: 1,
  facts: NO_FACTS,
  parts: [],
  marked: {},
  openCheckId: null,
});
const wall: Wall = {
  sites: [
    { id: 'A', name: 'A', timeZone: 'UTC', opensAt: '09:00' },
    { id: 'B', name: 'B', timeZone: 'UTC', opensAt: '09:00' },
  ],
  racks: [
    { id: 'x', siteId: 'A', name: 'x', order: 1, hooks: hooks('x', 3) },
    { id: 'y', siteId: 'A', name: 'y', order: 2, hooks: hooks('y', 1) },
    { id: 'z', siteId: 'B', name: 'z', order: 1, hooks: hooks('z', 1) },
  ],
  models: [],
  groups: [],
  bikes: [bike('1', 'A', 'x1'), bike('2', 'A', 'x2'), bike('3', 'B', 'z1'), bike('4', 'A', null)],
  people: [],
  recordedUntil: 0,
  demo: false,
  policyHash: 'a'.repeat(64),
  checklistVersions: 2,
  now: 0,
};
let sent: { path: string; body: Record<string, unknown> }[];
beforeEach(() => {
  setActivePinia(createPinia());
  useFleet().wall = wall;
  sent = [];
  vi.stubGlobal('fetch', async (path: string, init: { body: string | null }) => {
    if (init.body) sent.push({ path, body: JSON.parse(init.body) as Record<string, unknown> });
    return new Response(JSON.stringify(path.endsWith('/wall') ? wall : { bikes: [] }), {
      status: 200,
      headers: { 'content-type': 'application/json' },
    });
  });
});
afterEach(() => vi.unstubAllGlobals());

describe('arranging racks', () => {
  it('hangs a bike on a free hook, and on its own hook not at all', async () => {
    const arrange = useArrange();
    await arrange.put('1', 'x3');
    await arrange.put('1', 'x1');
    expect(sent.map((each) => [each.body.siteId, each.body.moves])).toEqual([
      ['A', [{ bikeId: '1', hookId: 'x3' }]],
    ]);
  });

  it('lets two bikes of a site change places; of two sites the one in the way comes off its hook', async () => {
    const arrange = useArrange();
    await arrange.lift('1');
    expect(arrange.lifted.value).toBe('1');
    await arrange.lift('2');
    expect(arrange.lifted.value).toBeNull();
    await arrange.put('1', 'z1');
    expect(sent.map((each) => each.body.moves)).toEqual([
      [
        { bikeId: '1', hookId: 'x2' },
        { bikeId: '2', hookId: 'x1' },
      ],
      [
        { bikeId: '1', hookId: 'z1' },
        { bikeId: '3', hookId: null },
      ],
    ]);
  });

  it('puts a bike down when it is touched again, and takes up another that hangs nowhere', async () => {
    const arrange = useArrange();
    await arrange.lift('1');
    await arrange.lift('1');
    expect(arrange.lifted.value).toBeNull();
    await arrange.lift('1');
    await arrange.lift('4');
    expect(arrange.lifted.value).toBe('4');
    expect(sent).toEqual([]);
  });

  it('moves a rack among those of its site, and no further than the ends', async () => {
    const arrange = useArrange();
    const [x, y] = wall.racks;
    if (!x || !y) throw new Error('no racks');
    await arrange.move(y, -1);
    await arrange.move(x, -1);
    await arrange.move(y, 1);
    await arrange.place('x', y);
    await arrange.place('z', x);
    expect(sent.map((each) => [each.path, each.body.rackIds])).toEqual([
      ['/api/v1/sites/A/racks/order', ['y', 'x']],
      ['/api/v1/sites/A/racks/order', ['y', 'x']],
    ]);
  });
});
