import { mount } from '@vue/test-utils';
import { describe, expect, it } from 'vitest';
import type { Repair } from '@cadre/contract/repairs';
import { TOUCHES } from '@cadre/core/repairs';
import { findingLike } from '@cadre/core/testing';
import FinishRepair from './FinishRepair.vue';
import { blockWords, TOUCH_WORDS } from './wording';

const finding = findingLike();
const repair = { id: 'r', findingIds: [finding.id] } as unknown as Repair;
const form = () => mount(FinishRepair, { props: { repair, findings: [finding], busy: false } });

describe('finishing a repair', () => {
  it('asks what was done before it is done, and keeps what was typed', async () => {
    const wrapper = form();
    await wrapper.get('input[inputmode=numeric]').setValue('12');
    await wrapper.get('form').trigger('submit');
    expect(wrapper.emitted('done')).toBeUndefined();
    expect(wrapper.text()).toContain('Fill this in');
    expect((wrapper.get('input[inputmode=numeric]').element as HTMLInputElement).value).toBe('12');
  });

  it('starts from what the zone usually touches, and lets more be added', async () => {
    const wrapper = form();
    await wrapper.get('[data-done]').setValue('New cable');
    await wrapper
      .findAll('button')
      .find((button) => button.text() === TOUCH_WORDS['stem-headset'])
      ?.trigger('click');
    await wrapper.get('form').trigger('submit');
    expect(wrapper.emitted('done')?.[0]).toEqual([
      [{ findingId: finding.id, done: 'New cable' }],
      [
        { touch: 'brake-work', position: 'front' },
        { touch: 'stem-headset', position: 'only' },
      ],
      null,
    ]);
  });

  it.each(['-3', '1.5', 'ten'])('refuses %s minutes by the field', async (typed) => {
    const wrapper = form();
    await wrapper.get('[data-done]').setValue('x');
    await wrapper.get('input[inputmode=numeric]').setValue(typed);
    await wrapper.get('form').trigger('submit');
    expect(wrapper.emitted('done')).toBeUndefined();
    expect(wrapper.text()).toContain('Whole minutes');
  });
});

describe('words of the bench', () => {
  it('stand for every kind of work and everything a release waits for', () => {
    for (const touch of TOUCHES) expect(TOUCH_WORDS[touch].length).toBeGreaterThan(3);
    expect(blockWords({ code: 'not-repaired', finding })).toBe('Repair: does not stop the wheel');
    expect(blockWords({ code: 'left-apart', what: 'wheel out' })).toBe('Put together: wheel out');
  });
});
