import 'fake-indexeddb/auto';
import { disableAutoUnmount, enableAutoUnmount } from '@vue/test-utils';
import { afterAll, afterEach, beforeAll, beforeEach, vi } from 'vitest';
import { localDb } from '@cadre/web/platform/local-db';
import { setHomeZone, setServerNow } from '@cadre/web/platform/time';

// The files of a worker share their modules (loading them once is most of the time): what one leaves behind is put away here.
disableAutoUnmount();
enableAutoUnmount(afterEach);
beforeEach(() => {
  setServerNow(Date.now());
  setHomeZone(undefined);
});
// Nothing saved, and nobody waiting: an outbox that would send again later would send what the next file keeps.
const waiting = new Set<ReturnType<typeof setTimeout>>();
const begin = globalThis.setTimeout;
const recorded = ((...given: Parameters<typeof setTimeout>) => {
  const timer = begin(...given);
  waiting.add(timer);
  return timer;
}) as typeof setTimeout;
beforeAll(() => {
  globalThis.setTimeout = recorded;
});
afterAll(() => {
  globalThis.setTimeout = begin;
  waiting.forEach((timer) => clearTimeout(timer));
  return Promise.all(localDb.tables.map((table) => table.clear()));
});

// No test reaches for a server that is not there; one that wants answers puts its own in this place.
globalThis.fetch = () => Promise.reject(new TypeError('no network in tests of the web'));

// A second is not long on a machine that does other things too. What never comes fails all the same.
const { waitFor } = vi;
vi.waitFor = (callback, options) => waitFor(callback, options ?? { timeout: 10_000 });
