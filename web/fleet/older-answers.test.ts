import { createPinia, setActivePinia } from 'pinia';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import type { Bike } from '@cadre/contract/fleet';
import type { Wall } from '@cadre/contract/wall';
import { useFleet } from './use-fleet';

/** The server as the test plays it: each answer waits until it is given. */
let asked: { readonly at: string; readonly give: (body: unknown) => void }[];
let tellStream: (bike: object) => void;
const bike = (whereabouts: 'in' | 'out'): Bike => ({ id: 'a', tag: 'W1', whereabouts }) as Bike;
const wall = (...bikes: readonly Bike[]): Wall =>
  ({ sites: [], racks: [], models: [], groups: [], bikes, people: [], now: Date.now() }) as unknown as Wall;

beforeEach(() => {
  setActivePinia(createPinia());
  asked = [];
  vi.stubGlobal('navigator', {}); // no locks: this tab has the stream itself
  vi.stubGlobal(
    'fetch',
    (path: string, { method }: { method: string }) =>
      new Promise((done) => {
        const give = (body: unknown): void =>
          done(new Response(JSON.stringify(body), { headers: { 'content-type': 'application/json' } }));
        asked.push({ at: `${method} ${path}`, give });
      }),
  );
  vi.stubGlobal(
    'EventSource',
    class extends EventTarget {
      onmessage: ((event: { data: string }) => void) | null = null;
      constructor() {
        super();
        tellStream = (told) => this.onmessage?.({ data: JSON.stringify({ bikeId: 'a', bike: told }) });
      }
      close(): void {
        this.onmessage = null;
      }
    },
  );
});
afterEach(() => vi.unstubAllGlobals());

const answer = async (at: string, body: unknown): Promise<void> => {
  await vi.waitFor(() => expect(asked.map((each) => each.at)).toContain(at));
  const index = asked.findIndex((each) => each.at === at);
  asked.splice(index, 1)[0]?.give(body);
};

describe('a bike as an own act was answered with it', () => {
  it('is not put back by what the stream told before, which is asked for again', async () => {
    const fleet = useFleet();
    void fleet.load();
    await answer('GET /api/v1/wall', wall(bike('in')));
    await vi.waitFor(() => expect(fleet.bikes).toHaveLength(1));
    fleet.follow();
    const seen: string[] = [];
    fleet.onChanged(() => void seen.push(fleet.bikes[0]?.whereabouts ?? 'none'));
    tellStream(bike('in')); // on its way since before
    fleet.put(bike('out'));
    await vi.waitFor(() => expect(seen).toEqual(['out']));
    await answer('GET /api/v1/bikes/a', bike('in')); // somebody else took it back since: now it is so
    await vi.waitFor(() => expect(fleet.bikes[0]?.whereabouts).toBe('in'));
    fleet.unfollow();
  });

  it('is not put back by a bike, nor by a whole wall, asked for before', async () => {
    const fleet = useFleet();
    void fleet.load();
    await answer('GET /api/v1/wall', wall(bike('in')));
    await vi.waitFor(() => expect(fleet.bikes).toHaveLength(1));
    void fleet.load();
    void fleet.refresh('a');
    await vi.waitFor(() => expect(asked).toHaveLength(2));
    fleet.put(bike('out'));
    const late = asked.splice(0, 2);
    late[0]?.give(wall(bike('in')));
    late[1]?.give(bike('in'));
    await vi.waitFor(() =>
      expect(asked.map((each) => each.at)).toEqual(Array(2).fill('GET /api/v1/bikes/a')),
    );
    expect(fleet.bikes[0]?.whereabouts).toBe('out');
  });

  it('that came before the first wall is asked for once that is there', async () => {
    const fleet = useFleet();
    void fleet.load();
    fleet.put(bike('out'));
    await answer('GET /api/v1/wall', wall(bike('in')));
    await answer('GET /api/v1/bikes/a', bike('out'));
    await vi.waitFor(() => expect(fleet.bikes[0]?.whereabouts).toBe('out'));
  });
});
