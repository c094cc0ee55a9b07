import { flushPromises, mount } from '@vue/test-utils';
import { createPinia, setActivePinia } from 'pinia';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { createMemoryHistory, createRouter, type Router } from 'vue-router';
import type { Bike } from '@cadre/contract/fleet';
import type { Wall } from '@cadre/contract/wall';
import { DEFAULT_POLICY, type PolicyVersion } from '@cadre/core/catalogue';
import { USUAL_BUILD, type FitList } from '@cadre/core/fleet';
import { useCatalogue } from '@cadre/web/catalogue';
import { useFleet } from '@cadre/web/fleet';
import TorqueView from './TorqueView.vue';

let router: Router;
const blank = { template: '<i />' };
async function card(fit: FitList, address = '/bikes/b/torque', policy: Partial<PolicyVersion> = {}) {
  const routes = ['bike', 'bike-edit', 'model'].map((name) => ({
    path: `/${name}/:bikeId?/:modelId?`,
    name,
    component: blank,
  }));
  router = createRouter({
    history: createMemoryHistory(),
    routes: [...routes, { path: '/bikes/:bikeId/torque', name: 'torque', component: blank }],
  });
  await router.push(address);
  const bike = {
    id: 'b',
    tag: 'H1',
    modelId: 'm',
    model: 'Reed',
    size: 'M',
    build: USUAL_BUILD.hardtail,
    fit: {},
    marked: {},
    facts: {},
  } as unknown as Bike;
  useFleet().wall = {
    sites: [],
    racks: [],
    groups: [],
    people: [],
    bikes: [bike],
    models: [{ id: 'm', name: 'Reed', build: USUAL_BUILD.hardtail, fit, version: 1 }],
  } as unknown as Wall;
  useCatalogue().known = {
    checklists: [],
    policy: { hash: '', policy: { ...DEFAULT_POLICY, ...policy } },
  };
  const view = mount(TorqueView, { props: { bikeId: 'b' }, global: { plugins: [router] } });
  await flushPromises();
  return view;
}
const order = (view: Awaited<ReturnType<typeof card>>): (string | undefined)[] =>
  view.findAll('[data-joint]').map((row) => row.attributes('data-joint'));

describe('the torque card of a bike', () => {
  beforeEach(() => {
    setActivePinia(createPinia());
    vi.stubGlobal('fetch', () => Promise.reject(new TypeError('no network')));
  });
  afterEach(() => vi.unstubAllGlobals());

  it('has the joints with a figure first, those without after them, and says how the house torques', async () => {
    const view = await card({ 'torqueMax:rotor-bolt': 6, 'torqueMax:stem-steerer': 5 });
    expect(order(view).slice(0, 2)).toEqual(['stem-steerer', 'rotor-bolt']);
    expect(view.findAll('[data-target]')).toHaveLength(2);
    expect(view.findAll('[data-none]')).toHaveLength(order(view).length - 2);
    expect(view.text()).toContain('the lowest of the stated values');
    expect(view.text()).toContain(
      'A value marked on the part in your hand overrides this card. If in doubt, ask the maker or a qualified mechanic.',
    );
  });
  it('goes by the house’s practices and its own most', async () => {
    const practices = { ...DEFAULT_POLICY.practices, torque: 'ten-under' } as const;
    const view = await card({ 'torqueMax:stem-steerer': 5, 'torqueMax:rotor-bolt': 6 }, undefined, {
      practices,
      torqueMost: { 'rotor-bolt': 4 },
    });
    expect(view.findAll('[data-target]').map((each) => each.text().replace(/\s+/g, ' '))).toEqual([
      '4.5 N m',
      '3.6 N m',
    ]);
    expect(view.text()).toContain(
      'Your policy: 10 % below the lowest stated value, but never below a stated minimum.',
    );
    expect(view.get('[data-joint=rotor-bolt]').text()).toContain('at most 4 N m (your policy)');
  });
  it('reckons the wrench at hand from what stands in the address, and keeps there what is typed', async () => {
    const view = await card({ 'torqueMax:stem-steerer': 5 }, '/bikes/b/torque?wrench=150&adapter=50');
    expect(view.get('[data-set-to]').text()).toBe('3.75 N m with the adapter');
    expect(view.get('[data-pull]').text()).toBe('25 N, like lifting 3 kg');
    await view.get('[data-wrench=adapter] input').setValue('0');
    await flushPromises();
    expect(router.currentRoute.value.query).toEqual({ wrench: '150', adapter: '0' });
    expect(view.find('[data-set-to]').exists()).toBe(false);
    expect(view.get('[data-pull]').text()).toBe('33 N, like lifting 3 kg');
  });
  it('names a length that cannot be, and reckons nothing from it', async () => {
    const view = await card({ 'torqueMax:stem-steerer': 5 }, '/bikes/b/torque?wrench=5&adapter=x');
    expect(view.get('[data-wrench=wrench]').text()).toContain('Enter 50 to 1500 mm');
    expect(view.get('[data-wrench=adapter]').text()).toContain('Enter a number');
    expect(view.find('[data-pull]').exists()).toBe(false);
    expect(view.get('[data-target]').text()).toContain('5');
  });
});
