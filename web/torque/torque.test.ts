import { mount } from '@vue/test-utils';
import { describe, expect, it } from 'vitest';
import { DEFAULT_POLICY, type Practices } from '@cadre/core/catalogue';
import { USUAL_BUILD, type FitList, type Joint } from '@cadre/core/fleet';
import { torqueCard } from '@cadre/core/torque';
import PolicyTorque from './PolicyTorque.vue';
import TorqueJoint from './TorqueJoint.vue';

function joint(
  name: Joint,
  model: FitList,
  practices: Partial<Practices> = {},
  more: { adapter?: boolean; kind?: keyof typeof USUAL_BUILD } = {},
) {
  const policy = { ...DEFAULT_POLICY, practices: { ...DEFAULT_POLICY.practices, ...practices } };
  const row = torqueCard(
    { build: USUAL_BUILD[more.kind ?? 'hardtail'], model, own: {}, parts: {} },
    policy,
  ).find((each) => each.joint === name);
  if (!row) throw new Error(`no ${name}`);
  return mount(TorqueJoint, {
    props: {
      row,
      adapter: more.adapter ?? false,
      atTheWrench: (target: number) => ({ set: target * 0.75, pull: target / 0.15 }),
    },
  });
}

describe('a joint on the torque card', () => {
  it('tells its figure, the stages, the pull and where the figure comes from', () => {
    const text = joint(
      'stem-faceplate',
      { 'torqueMax:stem-faceplate': 6, 'torqueMax:bar-clamp': 5 },
      { torque: 'ten-under' },
    ).text();
    for (const words of [
      'Stem faceplate',
      '4.5 N m',
      '39.8 in lbf',
      '2.25 · 3.6 · 4.5 N m',
      '30 N, like lifting 3 kg',
      'bar: at most 5 N m (the model)',
    ])
      expect(text).toContain(words);
    expect(text).not.toContain('Set the wrench to');
  });
  it('is never shown higher than it is stated', () => {
    // 44 in lbf, 39.9 in lbf.
    expect(joint('crank-arm', { 'torqueMax:crank-arm': 4.9713 }).get('[data-target]').text()).toContain(
      '4.97',
    );
    expect(joint('crank-arm', { 'torqueMax:crank-arm': 4.508 }).get('[data-stages]').text()).toBe(
      '2.25 · 3.6 · 4.5 N m',
    );
  });
  it('tells what to set where an adapter lies in line', () =>
    expect(
      joint('crank-arm', { 'torqueMax:crank-arm': 40 }, {}, { adapter: true }).get('[data-set-to]').text(),
    ).toBe('30 N m with the adapter'));
  it('gives no figure where two conflict, and none where none is stated', () => {
    const conflict = joint('seatpost-clamp', {
      'torqueMax:seatpost-clamp': 6,
      'torqueMin:seatpost-clamp': 6.2,
    });
    expect(conflict.get('[data-conflict]').text()).toContain(
      'minimum 6.2 N m, maximum 6 N m. Do not tighten',
    );
    expect(conflict.find('[data-target]').exists()).toBe(false);
    expect(joint('pedal', {}).get('[data-none]').text()).toContain(
      'No value known. Read the part, or ask a qualified mechanic.',
    );
    expect(joint('pedal', {}).text()).toContain(
      'The left pedal has a left-hand thread: turn it backwards to tighten. Some torque wrenches do not measure in that direction.',
    );
  });
  it('goes by the house’s way', () => {
    const marked = { 'torqueMax:lever-clamp': 4 };
    expect(joint('lever-clamp', marked, { leverClamp: 'just-firm' }).get('[data-target]').text()).toMatch(
      /Maximum\s*4/,
    );
    expect(joint('lever-clamp', marked, { torque: 'witness' }).text()).toContain('broken line is a fault');
  });
  it('draws its bolts in the order they are turned, as many as there are', async () => {
    const rotor = joint('rotor-bolt', { 'torqueMax:rotor-bolt': 6 });
    expect(rotor.findAll('[data-bolts] text').map((each) => each.text())).toEqual([
      '1',
      '2',
      '3',
      '4',
      '5',
      '6',
    ]);
    expect(rotor.get('[data-bolts]').attributes('aria-label')).toContain('6 bolts');
    await rotor.get('select').setValue('5');
    expect(rotor.findAll('[data-bolts] text')).toHaveLength(5);
  });
});

describe('the most of this house', () => {
  it('takes a figure in range, names what is not, and forgets what is emptied', async () => {
    const form = mount(PolicyTorque, { props: { modelValue: { pedal: 30 } } });
    await form.get('button').trigger('click');
    const field = (name: Joint) => form.get(`[data-torque-most=${name}] input`);
    expect(form.text()).toContain('1 of 19 set');
    await field('lever-clamp').setValue('3,5 N m');
    expect(form.emitted('update:modelValue')?.at(-1)).toEqual([{ pedal: 30, 'lever-clamp': 3.5 }]);
    await field('lever-clamp').setValue('200');
    expect(form.text()).toContain('Enter a number from 0.5 to 80 N m');
    expect(form.emitted('wrong')?.at(-1)).toEqual([['lever-clamp']]);
    expect(form.emitted('update:modelValue')).toHaveLength(1);
    await field('pedal').setValue('');
    expect(form.emitted('update:modelValue')?.at(-1)).toEqual([{ 'lever-clamp': 3.5 }]);
  });
});
