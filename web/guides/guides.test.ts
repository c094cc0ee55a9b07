import { PiniaColada } from '@pinia/colada';
import { flushPromises, mount } from '@vue/test-utils';
import { createPinia, setActivePinia } from 'pinia';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { createMemoryHistory, createRouter } from 'vue-router';
import type { Bike } from '@cadre/contract/fleet';
import { USUAL_BUILD } from '@cadre/core/fleet';
import { GUIDES } from '@cadre/core/shipped';
import GuideSteps from './GuideSteps.vue';
import GuidesView from './GuidesView.vue';
import { guidesViews } from './views';

const blank = { render: () => null };
async function at(path: string) {
  const router = createRouter({
    history: createMemoryHistory(),
    routes: [
      ...guidesViews,
      { path: '/bench/:bikeId?', name: 'bench', component: blank },
      { path: '/bikes/:bikeId/torque', name: 'torque', component: blank },
    ],
  });
  await router.push(path);
  const pinia = createPinia();
  setActivePinia(pinia);
  return { global: { plugins: [router, pinia, PiniaColada] } };
}
beforeEach(() => {
  sessionStorage.clear();
  localStorage.clear();
  vi.stubGlobal('fetch', () => Promise.reject(new TypeError('no network')));
});
afterEach(() => vi.unstubAllGlobals());

const bike = {
  ...{ id: 'b', tag: 'H01', modelId: null, build: USUAL_BUILD.hardtail, parts: [], siteId: 's' },
  ...{ fit: { 'torqueMax:stem-steerer': 6 }, marked: {} },
} as unknown as Bike;
const headset = GUIDES.find(({ key }) => key === 'headset');

describe('a repair guide', () => {
  it('shows the torque of this bike at its step, and remembers which steps are done and what they touch', async () => {
    if (!headset) throw new Error('no guide for the headset');
    const props = { guide: headset, bike, position: 'only' as const };
    const view = mount(GuideSteps, { ...(await at('/guides/headset')), props });
    await flushPromises();
    expect(view.get('[data-torque-step=stem-steerer]').text()).toBe('Stem on steerer: 6 N m');
    expect(view.text()).toContain('Stop at a line, bulge or crack');
    const drawing = view.get('[data-guide-drawing]');
    expect(drawing.attributes('aria-label')).toMatch(/^Headset in section/);
    expect(drawing.findAll('text').map((each) => each.text())).toContain('Top cap');
    await view.get('[data-step="0"]').trigger('click');
    expect(view.get('[data-step="0"]').attributes('aria-pressed')).toBe('true');
    expect(JSON.parse(sessionStorage.getItem('cadre.followed.b') ?? '')).toEqual([
      { touch: 'stem-headset', position: 'only' },
    ]);
    view.unmount();
    const again = mount(GuideSteps, { ...(await at('/guides/headset')), props });
    expect(again.get('[data-step="0"]').attributes('aria-pressed')).toBe('true');
  });

  it('is found by its job and by the finding somebody comes from', async () => {
    const all = mount(GuidesView, { ...(await at('/guides')), props: {} });
    expect(all.findAll('[data-guide]').length).toBe(GUIDES.length);
    await all.get('[data-seek-guide] input, input[data-seek-guide]').setValue('hanger');
    expect(all.findAll('[data-guide]').map((each) => each.attributes('data-guide'))).toContain('hanger');
    const found = mount(GuidesView, { ...(await at('/guides?checkpoint=chain-wear&fault=past')), props: {} });
    expect(found.findAll('[data-guide]').map((each) => each.attributes('data-guide'))).toEqual(['chain']);
    const none = mount(GuidesView, { ...(await at('/guides?checkpoint=serial')), props: {} });
    expect(none.text()).toContain('No guide is for this checkpoint alone');
  });
});
