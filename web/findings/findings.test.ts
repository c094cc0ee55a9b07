import 'fake-indexeddb/auto';
import { flushPromises, mount } from '@vue/test-utils';
import { createPinia, setActivePinia } from 'pinia';
import { beforeEach, describe, expect, it } from 'vitest';
import { createMemoryHistory, createRouter, type Router } from 'vue-router';
import type { Bike } from '@cadre/contract/fleet';
import type { Finding } from '@cadre/core/findings';
import { USUAL_BUILD } from '@cadre/core/fleet';
import { NO_FACTS } from '@cadre/core/fitness';
import { DAY, findingLike } from '@cadre/test-world/core';
import { useFleet } from '@cadre/web/fleet';
import FindingsView from './FindingsView.vue';
import { siblingWords } from './sibling-wording';

const bike = (tag: string, ...findings: Finding[]): Bike =>
  ({
    id: tag,
    tag,
    modelId: null,
    model: 'Reed',
    size: 'M',
    siteId: 's',
    hookId: null,
    build: USUAL_BUILD.hybrid,
    facts: { ...NO_FACTS, findings },
  }) as unknown as Bike;
const finding = (id: string, more: Partial<Finding> = {}): Finding =>
  findingLike({ id, openedAt: Date.now() - DAY, ...more });
const words = (fault: string): Finding['words'] => ({
  checkpoint: 'Chain',
  fault,
  doNext: '',
  toMechanic: false,
  note: '',
});

const bikes = [
  bike(
    'Q2',
    finding('up', {
      severity: 'upkeep',
      zone: 'drivetrain',
      words: words('Dry'),
      openedAt: Date.now() - 3 * DAY,
    }),
  ),
  bike(
    'H1',
    finding('stop'),
    finding('soon', {
      severity: 'soon',
      limit: { until: Date.now() + DAY, outings: 10 },
      outingsUsed: 4,
      state: 'repaired',
      words: words('Worn'),
    }),
  ),
  bike(
    'A9',
    finding('late', {
      severity: 'soon',
      limit: { until: Date.now() - DAY, outings: 10 },
      words: words('Kinked'),
    }),
  ),
];
let router: Router;
async function shown(address = '/findings') {
  router = createRouter({
    history: createMemoryHistory(),
    routes: ['/findings', '/bench/:bikeId'].map((path) => ({
      path,
      name: path === '/findings' ? 'findings' : 'bench',
      component: { template: '<i />' },
    })),
  });
  await router.push(address);
  useFleet().wall = {
    sites: [],
    racks: [],
    models: [],
    groups: [],
    bikes,
    people: [],
    recordedUntil: 0,
    demo: false,
    policyHash: '',
    checklistVersions: 0,
    now: Date.now(),
  };
  const view = mount(FindingsView, { global: { plugins: [router] } });
  await flushPromises();
  return view;
}
const order = (view: Awaited<ReturnType<typeof shown>>): (string | undefined)[] =>
  view.findAll('[data-finding]').map((row) => row.attributes('data-finding'));

describe('the findings of the fleet', () => {
  beforeEach(() => setActivePinia(createPinia()));

  it('stand worst first, an overdue soon right behind the stops, with how long each may ride', async () => {
    const view = await shown();
    expect(order(view)).toEqual(['stop', 'late', 'soon', 'up']);
    expect(view.text()).toContain('4 findings');
    expect(view.get('[data-finding=soon]').text()).toMatch(/or 6 outings/);
    expect(view.get('[data-finding=late]').text()).toContain('past its limit');
    expect(view.get('[data-finding=soon]').text()).toContain('To recheck');
  });
  it('are sorted by the head touched, one way and the other, and say so', async () => {
    const view = await shown();
    await view.get('[data-sort=tag]').trigger('click');
    expect(order(view).at(0)).toBe('late');
    expect(view.get('th[aria-sort=ascending]').text()).toContain('Bike');
    await view.get('[data-sort=tag]').trigger('click');
    expect(order(view).at(0)).toBe('up');
    expect(view.get('th[aria-sort=descending]').text()).toContain('Bike');
    await view.get('[data-sort=openedAt]').trigger('click');
    expect(order(view).at(-1)).toBe('up');
  });
  it('are searched and filtered by what stands in the address', async () => {
    expect(order(await shown('/findings?q=chain h1'))).toEqual(['soon']);
    expect(order(await shown('/findings?severity=upkeep,stop'))).toEqual(['stop', 'up']);
    expect(order(await shown('/findings?state=repaired'))).toEqual(['soon']);
    const none = await shown('/findings?q=nothing');
    expect(order(none)).toEqual([]);
    expect(none.text()).toContain('No open finding matches this search.');
  });
  it('keep in the address what is chosen, and let go of it again', async () => {
    const view = await shown();
    await view.get('[data-choose=soon]').trigger('click');
    await flushPromises();
    expect(router.currentRoute.value.query).toEqual({ severity: 'soon' });
    expect(order(view)).toEqual(['late', 'soon']);
    await view.get('[data-findings-search] input').setValue('kink');
    await flushPromises();
    expect(order(view)).toEqual(['late']);
    await view.get('[data-choose=soon]').trigger('click');
    await flushPromises();
    expect(router.currentRoute.value.query).toEqual({ q: 'kink' });
  });
});

it('a look across says why in words', () =>
  expect([
    siblingWords('same-part', 'Soft 12'),
    siblingWords('same-hands', 'Ann'),
    siblingWords('same-model', ''),
  ]).toEqual(['Same part: Soft 12', 'Recently repaired here by Ann', 'Same model']));
