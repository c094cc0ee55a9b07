import { flushPromises, mount } from '@vue/test-utils';
import { createPinia, setActivePinia } from 'pinia';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { createMemoryHistory, createRouter } from 'vue-router';
import TraceView from './TraceView.vue';
import { tracingViews } from './views';

beforeEach(() => {
  setActivePinia(createPinia());
  localStorage.clear();
  vi.stubGlobal('fetch', () => Promise.reject(new TypeError('no network')));
});
afterEach(() => vi.unstubAllGlobals());

async function open(trace: string) {
  const blank = { render: () => null };
  const router = createRouter({
    history: createMemoryHistory(),
    routes: [
      ...tracingViews,
      { path: '/', component: blank },
      { path: '/stand/:bikeId', name: 'stand', component: blank },
    ],
  });
  await router.push(`/find-cause/${trace}`);
  const view = mount(TraceView, { props: { trace }, global: { plugins: [router] } });
  await flushPromises();
  return view;
}
const answer = async (view: Awaited<ReturnType<typeof open>>, at: number): Promise<void> => {
  await view.get(`[data-answer="${at}"]`).trigger('click');
};

describe('the search for a cause', () => {
  it('works without signal, keeps its answers over a closed tab, and takes one back', async () => {
    const view = await open('front-knock');
    expect(view.get('[data-trace-question]').text()).toContain('Do you feel it at the headset joint?');
    await answer(view, 0);
    expect(view.get('[data-cause]').attributes('data-cause')).toBe('headset');
    view.unmount();
    const again = await open('front-knock');
    expect(again.get('[data-given=joint]').text()).toContain('Yes');
    await again.get('[data-given=joint] button').trigger('click');
    expect(again.find('[data-given]').exists()).toBe(false);
  });

  it('says what it comes to, and that a cause no answer excluded keeps the bike in', async () => {
    const view = await open('front-knock');
    for (let asked = 0; asked < 8 && !view.find('[data-trace-end]').exists(); asked += 1)
      await answer(view, view.get('[data-trace-question]').text().includes('headset joint') ? 0 : 1);
    const end = view.get('[data-trace-end]');
    expect(end.text()).toContain('Likely cause: Headset loose');
    expect(end.text()).toContain('Do not ride yet. Not excluded: Steerer or crown damaged');
    await view.get('[data-exclude=line]').trigger('click');
    await answer(view, 1);
    expect(view.get('[data-trace-end]').text()).not.toContain('Steerer or crown damaged');
  });

  it('counts nothing nobody could tell', async () => {
    const view = await open('front-knock');
    const before = view.findAll('[data-cause]').map((each) => each.text());
    await view.get('[data-cannot-tell]').trigger('click');
    expect(view.findAll('[data-cause]').map((each) => each.text())).toEqual(before);
    expect(view.get('[data-given]').text()).toContain('Cannot tell');
  });
});
