import 'fake-indexeddb/auto';
import { createPinia, setActivePinia } from 'pinia';
import { effectScope } from 'vue';
import { afterEach, beforeEach, expect, it, vi } from 'vitest';
import type { Bike } from '@cadre/contract/fleet';
import { fetched } from '../../testing/fetched';
import { useServiceDone } from './use-service-done';

beforeEach(() => setActivePinia(createPinia()));
afterEach(() => vi.unstubAllGlobals());

const bike = { id: 'b', tag: 'H1' } as Bike;
it('a service touched while another is on its way is said after it, each once', async () => {
  const { sent } = fetched({
    'POST /api/v1/bikes/b/services/sealant/done': () => bike,
    'POST /api/v1/bikes/b/services/chain-lube/done': () => bike,
  });
  const services = effectScope().run(() => useServiceDone());
  if (!services) throw new Error('no scope');
  const answers = [
    services.done(bike, 'sealant'),
    services.done(bike, 'chain-lube'),
    services.done(bike, 'sealant'),
  ];
  expect([services.isOnItsWay(bike, 'sealant'), services.isOnItsWay(bike, 'chain-lube')]).toEqual([
    true,
    true,
  ]);
  expect(await Promise.all(answers)).toEqual([true, true, false]);
  expect(sent.map(({ at }) => at.split('/').at(-2))).toEqual(['sealant', 'chain-lube']);
  expect(services.isOnItsWay(bike, 'sealant')).toBe(false);
});
