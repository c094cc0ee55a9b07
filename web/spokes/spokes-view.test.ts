import { mount } from '@vue/test-utils';
import { createPinia, setActivePinia } from 'pinia';
import { beforeEach, describe, expect, it, vi } from 'vitest';
import SpokesView from './SpokesView.vue';

vi.mock('./pluck.worklet.ts?worker&url', () => ({ default: '/worklet.js' }));
vi.mock('./training-wheel.wav?url', () => ({ default: '/wheel.wav' }));
beforeEach(() => {
  setActivePinia(createPinia());
  sessionStorage.clear();
});

async function typed(pitches: string) {
  const view = mount(SpokesView);
  await view.get('[data-typed-pitches] input').setValue(pitches);
  await view.get('form').trigger('submit');
  return view;
}
type View = Awaited<ReturnType<typeof typed>>;
const stateOf = (view: View, spoke: number): string | undefined =>
  view.get(`[data-spoke="${spoke}"]`).attributes('data-state');

describe('spokes by ear', () => {
  it('judges each side by its own middle and says even, uneven or slack, never enough', async () => {
    const view = await typed('390 300 392 331 391 329 200 330');
    expect(view.get('[data-next-spoke]').text()).toBe('Pluck spoke 9 of 32');
    expect([stateOf(view, 0), stateOf(view, 6), stateOf(view, 9)]).toEqual(['even', 'slack', 'unknown']);
    expect(view.get('[data-side=left] [data-side-said]').text()).toContain('far less tension');
    expect(view.get('[data-side=right] [data-side-said]').text()).toContain('Even');
    expect(view.text()).toContain('not whether the tension is high enough');
  });

  it('takes a spoke without tension for a stop, and takes it back', async () => {
    const view = await typed('390 330 392 331 391 329');
    await view.get('[data-no-tension]').trigger('click');
    expect(view.get('[data-side=left]').text()).toContain('no tension. Do not ride');
    await view.get('[data-take-back]').trigger('click');
    expect(view.get('[data-next-spoke]').text()).toBe('Pluck spoke 7 of 32');
    expect(view.get('[data-side=left]').text()).toContain('Pluck at least 4');
  });

  it('refuses what is no pitch and loses nothing typed', async () => {
    const view = await typed('390 abc');
    expect(view.text()).toContain('Enter numbers from 60 to 1200');
    expect((view.get('[data-typed-pitches] input').element as HTMLInputElement).value).toBe('390 abc');
    expect(view.get('[data-next-spoke]').text()).toBe('Pluck spoke 1 of 32');
  });

  it('says why nothing can be heard, and what to do by hand', async () => {
    vi.stubGlobal('AudioContext', vi.fn());
    const view = mount(SpokesView);
    await view.get('[data-listen]').trigger('click');
    expect(view.get('[role=alert]').text()).toMatch(/not secure.*Type the pitches by hand/);
    vi.unstubAllGlobals();
  });
});
