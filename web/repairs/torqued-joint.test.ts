import { PiniaColada } from '@pinia/colada';
import { mount } from '@vue/test-utils';
import { createPinia, setActivePinia } from 'pinia';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { computed, nextTick, reactive } from 'vue';
import { USUAL_BUILD } from '@cadre/core/fleet';
import { DEFAULT_POLICY } from '@cadre/core/catalogue';
import { torqueCard, type TorqueCardRow } from '@cadre/core/torque';
import { useInstruments } from '@cadre/web/instruments';
import type { FinishForm } from './finish-form';
import { FINISH_FORM } from './finish-key';
import TorquedJoint from './TorquedJoint.vue';

beforeEach(() => {
  localStorage.clear();
  vi.stubGlobal('fetch', () => Promise.reject(new TypeError('no network')));
});
afterEach(() => vi.unstubAllGlobals());

/** The joint of a stem of 6 N m, or one of which nothing is stated, with what the form has of it. */
async function joint(stated = true) {
  const pinia = createPinia();
  setActivePinia(pinia);
  const card = torqueCard(
    {
      build: { ...USUAL_BUILD.hardtail, accessories: [...USUAL_BUILD.hardtail.accessories] },
      model: {},
      own: stated ? { 'torqueMax:stem-steerer': 6 } : {},
      parts: {},
    },
    DEFAULT_POLICY,
  );
  const row = card.find((each) => each.joint === 'stem-steerer') as TorqueCardRow;
  const torques: Record<string, string> = reactive({});
  const form = {
    torques,
    pulls: reactive<Record<string, readonly number[]>>({}),
    sentBy: reactive<Record<string, string | null>>({}),
    torquesWrong: computed(() => []),
    tighten: (at: string, typed: string) => (torques[at] = typed),
  } as unknown as FinishForm;
  const view = mount(TorquedJoint, {
    props: { row },
    global: { plugins: [pinia, PiniaColada], provide: { [FINISH_FORM as symbol]: form } },
  });
  await view.get('input').trigger('focus');
  const pull = async (value: number): Promise<void> => {
    useInstruments().receive(`${value} N m`, null);
    await nextTick();
  };
  return { view, form, pull };
}

describe('a joint tightened with a wrench that sends', () => {
  it('goes bolt by bolt and stage by stage, and has its value only at the end', async () => {
    const { view, form, pull } = await joint();
    await pull(3);
    expect(view.get('[data-next-pull]').text()).toBe('Bolt 2, stage 1 of 3: 3 N m');
    for (const value of [3, 4.8, 4.8, 6]) {
      expect(form.torques['stem-steerer'] ?? '').toBe('');
      await pull(value);
    }
    await pull(5.9);
    expect(view.find('[data-pulls-done]').exists()).toBe(true);
    expect(form.torques['stem-steerer']).toBe('6');
    expect(form.pulls['stem-steerer']).toHaveLength(6);
  });

  it('asks again for a pull that is short, and begins again after one over the maximum', async () => {
    const { view, form, pull } = await joint();
    await pull(2);
    expect(view.get('[data-pull-refused]').text()).toBe('2 N m: pull on to 3 N m.');
    await pull(3);
    await pull(6.5);
    expect(view.get('[data-pull-refused]').text()).toContain('above the maximum of 6 N m');
    expect(form.pulls['stem-steerer']).toEqual([]);
    expect(form.torques['stem-steerer'] ?? '').toBe('');
  });

  it('has no stages where nothing is stated: what was sent last is what it was left at', async () => {
    const { view, form, pull } = await joint(false);
    await pull(4);
    await pull(5.2);
    expect(form.torques['stem-steerer']).toBe('5.2');
    expect(view.find('[data-next-pull], [data-pulls-done]').exists()).toBe(false);
  });

  it('counts no pulls once a value is typed by hand', async () => {
    const { view, form, pull } = await joint();
    await pull(3);
    await view.get('input').setValue('5.5');
    expect(form.pulls['stem-steerer']).toEqual([]);
    expect(form.torques['stem-steerer']).toBe('5.5');
  });
});
