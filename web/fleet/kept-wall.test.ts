import 'fake-indexeddb/auto';
import { beforeEach, describe, expect, it, vi } from 'vitest';
import type { Bike } from '@cadre/contract/fleet';
import type { Wall } from '@cadre/contract/wall';
import { localDb } from '@cadre/web/platform/local-db';
import { SavedWall } from './kept-wall';

const bike = (id: string, size: string): Bike => ({ id, tag: id, size }) as Bike;
const text = (...bikes: Bike[]): string =>
  JSON.stringify({
    sites: [],
    racks: [],
    models: [],
    groups: [],
    bikes,
    people: [],
    recordedUntil: 0,
    demo: false,
    policyHash: '',
    checklistVersions: 2,
    now: 5,
  } satisfies Wall);
const told = async (): Promise<string[]> =>
  ((await new SavedWall().read())?.bikes ?? []).map((each) => `${each.id} ${each.size}`);
beforeEach(() => localDb.things.clear());

describe('the wall kept for times without signal', () => {
  it('is what the server said, with the bikes that changed since, in another tab or after a restart', async () => {
    const own = new SavedWall();
    own.whole(text(bike('a', 'S'), bike('b', 'M')));
    own.change([bike('b', 'L')]);
    own.change([bike('c', 'XL')]);
    await vi.waitFor(async () => expect(await told()).toEqual(['a S', 'b L', 'c XL']));
  });
  it('forgets changes a newer whole already holds', async () => {
    const own = new SavedWall();
    own.whole(text(bike('a', 'S')));
    own.change([bike('a', 'M')]);
    own.whole(text(bike('a', 'L')));
    await vi.waitFor(async () => expect(await told()).toEqual(['a L']));
  });
  it('is written again after a write that failed', async () => {
    const own = new SavedWall();
    const failing = vi.spyOn(localDb.things, 'put').mockRejectedValueOnce(new Error('no room'));
    const reported = vi.fn();
    vi.stubGlobal('reportError', reported);
    own.whole(text(bike('a', 'S')));
    await vi.waitFor(() =>
      expect(reported).toHaveBeenCalledWith(expect.objectContaining({ message: 'no room' })),
    );
    failing.mockRestore();
    vi.unstubAllGlobals();
    own.whole(text(bike('b', 'M')));
    await vi.waitFor(async () => expect(await told()).toEqual(['b M']));
  });
  it('is nothing before there was one', async () => {
    expect(await new SavedWall().read()).toBeNull();
  });
});
