import { flushPromises, mount } from '@vue/test-utils';
import { createPinia, setActivePinia } from 'pinia';
import { afterEach, expect, it, vi } from 'vitest';
import type { Wall } from '@cadre/contract/wall';
import { useFleet } from '@cadre/web/fleet';
import CalendarAddresses from './CalendarAddresses.vue';

afterEach(() => vi.unstubAllGlobals());

it('an address is made while those there are still come in: the touch is not lost', async () => {
  setActivePinia(createPinia());
  useFleet().wall = { bikes: [], people: [], sites: [{ id: 's', name: 'Quay' }] } as unknown as Wall;
  const sent: string[] = [];
  const lists: ((response: Response) => void)[] = [];
  vi.stubGlobal('fetch', (path: string, { method }: { method: string }) => {
    sent.push(method);
    return method === 'GET'
      ? new Promise<Response>((resolve) => lists.push(resolve))
      : Promise.resolve(Response.json({ id: 'made', siteId: 's', madeAt: 2, path }));
  });
  const view = mount(CalendarAddresses, { props: { siteId: 's' } });
  const details = view.get('details');
  (details.element as HTMLDetailsElement).open = true;
  await details.trigger('toggle');
  await view.get('[data-make-address]').trigger('click');
  await flushPromises();
  // The list that is on its way may not have it: it is asked for once more.
  expect(sent).toEqual(['GET', 'POST', 'GET']);
  const address = (): string => (view.get('[data-fresh-address] input').element as HTMLInputElement).value;
  expect(address()).toMatch(/[\w-]{22}\.ics$/);
  const [before, made] = ['before', 'made'].map((id) => ({ id, siteId: 's', madeAt: 1 }));
  lists[1]?.(Response.json({ addresses: [before, made] }));
  await flushPromises();
  lists[0]?.(Response.json({ addresses: [before] }));
  await flushPromises();
  expect(view.findAll('[data-address]').map((each) => each.attributes('data-address'))).toEqual([
    'before',
    'made',
  ]);
});
