import { createPinia, setActivePinia } from 'pinia';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import type { Wall } from '@cadre/contract/wall';
import { fetched, Refusal, type Fetched } from '../../testing/fetched';
import { SavedWall } from './kept-wall';
import { useFleet } from './use-fleet';

const WALL = 'GET /api/v1/wall';
const wall: Wall = {
  sites: [],
  racks: [],
  models: [],
  groups: [],
  bikes: [],
  people: [],
  recordedUntil: 0,
  demo: false,
  policyHash: '',
  checklistVersions: 0,
  now: Date.now(),
};
let server: Fetched;
beforeEach(() => {
  setActivePinia(createPinia());
  server = fetched();
});
afterEach(() => vi.unstubAllGlobals());
const asked = (): number => server.sent.filter((each) => each.at === WALL).length;

describe('the wall asked for before it is known who asks', () => {
  it('is the one everybody after waits for', async () => {
    server.answers[WALL] = () => wall;
    const fleet = useFleet();
    await Promise.all([fleet.loadAhead(), fleet.load()]);
    expect([asked(), fleet.wall?.policyHash]).toEqual([1, '']);
  });
  it('of nobody is refused in silence, and asked for anew once somebody is there', async () => {
    server.answers[WALL] = () => new Refusal('session.required', [], 401);
    const fleet = useFleet();
    await fleet.loadAhead();
    expect(fleet.wall).toBeNull();
    server.answers[WALL] = () => wall;
    await fleet.load();
    expect([asked(), fleet.wall !== null]).toEqual([2, true]);
  });
  it('cut off half-way leaves what was kept here, and says since when it is so', async () => {
    new SavedWall().whole(JSON.stringify({ ...wall, now: 5 }));
    await vi.waitFor(async () => expect((await new SavedWall().read())?.now).toBe(5));
    vi.stubGlobal('fetch', () =>
      Promise.resolve(new Response('{"now": ', { headers: { 'content-type': 'application/json' } })),
    );
    const fleet = useFleet();
    await fleet.loadAhead();
    expect([fleet.wall?.now, fleet.asOf]).toEqual([5, 5]);
  });
});
