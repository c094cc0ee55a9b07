import { mount } from '@vue/test-utils';
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { LIMITS, type LimitKey, type Measure, type NextStep, type Verdict } from '@cadre/core/measures';
import { LIMIT_GROUPS, LIMIT_WORDS, limitText, limitValue } from './limit-wording';
import LimitScale from './LimitScale.vue';
import NumberPad from './NumberPad.vue';
import {
  asTyped,
  cellWords,
  shownValue,
  verdictSays,
  verdictShort,
  verdictWords,
  withUnit,
} from './reading-wording';

const KEYS = Object.keys(LIMITS) as LimitKey[];
const verdict = (more: Partial<Verdict> = {}): Verdict =>
  ({
    outcome: 'fail',
    value: 0.6,
    limit: { value: 1, source: 'default' },
    next: 'renew-pads',
    because: null,
    ...more,
  }) as Verdict;

describe('the limits of a house', () => {
  it('stand each in just one group, under its own words', () => {
    expect(LIMIT_GROUPS.flatMap((group) => group.keys).sort()).toEqual([...KEYS].sort());
    expect(KEYS.filter((key) => !LIMIT_WORDS[key])).toEqual([]);
  });
  it('are read back as they were shown, whatever their unit', () =>
    fc.assert(
      fc.property(fc.constantFrom(...KEYS), fc.integer({ min: 1, max: 5000 }), (key, thousandths) => {
        const shown = String(thousandths / 1000);
        const kept = limitValue(key, shown);
        expect(kept).not.toBeNull();
        expect(Number(limitText(key, kept ?? 0))).toBeCloseTo(thousandths / 1000, 3);
      }),
    ));
  it.each<[LimitKey, string, number]>([
    ['chainFew', '0.75 %', 0.0075],
    ['padRenew', '1,2 mm', 1.2],
    ['tyreFloorOver70', '0.6 bar', 60],
  ])('%s typed as %s is %d in the core', (key, typed, value) => expect(limitValue(key, typed)).toBe(value));
  it.each(['', 'thick', '1.2.3', 'NaN'])('“%s” is none', (typed) =>
    expect(limitValue('padRenew', typed)).toBeNull(),
  );
});

describe('a value on screen', () => {
  it.each<[Measure, number, string]>([
    ['tyre-window', 276, '2.76 bar'],
    ['chain', 0.0052, '0.52 %'],
    ['sag', 0.251, '25.1 %'],
    ['disc-pad', 1.254, '1.25 mm'],
  ])('of %s, %d, is “%s”', (measure, value, words) => expect(shownValue(measure, value)).toBe(words));
  it('keeps the unit somebody typed, and adds the one it was taken in', () => {
    expect([
      withUnit('30 psi', 'tyre-window'),
      withUnit('2.5', 'tyre-window'),
      withUnit('1/16', 'chain'),
    ]).toEqual(['30 psi', '2.5 bar', '1/16']);
    expect([asTyped({ typed: '2.1 1.9', unit: 'mm' }), asTyped({ typed: '36 psi', unit: 'bar' })]).toEqual([
      '2.1 1.9 mm',
      '36 psi',
    ]);
  });
});

describe('a verdict in words', () => {
  it('says reading, limit and where the limit is from, then what to do', () =>
    expect(verdictWords({ measure: 'disc-pad', verdicts: [verdict()] })).toEqual({
      words:
        'Past its limit: 0.6 mm (limit 1 mm, Cadre’s default). Fit new pads on both sides before the next ride.',
      bad: true,
    }));
  it('of a sound reading says nothing to do, and is not bad', () => {
    const { words, bad } = verdictWords({
      measure: 'disc-pad',
      verdicts: [verdict({ outcome: 'pass', value: 3, next: 'go-on' })],
    });
    expect([words, bad]).toEqual(['Pass: 3 mm (limit 1 mm, Cadre’s default).', false]);
  });
  it('without a limit is not called sound: nobody knows', () => {
    const { words, bad } = verdictWords({
      measure: 'rotor',
      verdicts: [verdict({ outcome: 'unknown', limit: null, value: 1.6, next: 'read-rotor-marking' })],
    });
    expect(words).toBe(
      'No limit is known: 1.6 mm. Read the minimum thickness marked on the rotor. Without it there is no verdict.',
    );
    expect(bad).toBe(false);
  });
  it('tells what else is wrong, and leaves out what is sound', () => {
    const more = [
      verdict({ outcome: 'watch', next: 'centre-caliper' }),
      verdict({ outcome: 'pass', next: 'go-on' }),
    ];
    expect(verdictWords({ measure: 'disc-pad', verdicts: [verdict(), ...more] }).words).toMatch(
      /ride\. Also: Uneven wear: centre the caliper.*piston\.$/,
    );
  });
  it('of nothing is nothing', () =>
    expect(verdictWords({ measure: 'disc-pad', verdicts: [] })).toEqual({ words: '', bad: false }));
  it.each<[Verdict['outcome'], NextStep, string, string]>([
    ['watch', 'pump', 'low', 'Too low: 1.5 bar'],
    ['watch', 'let-down', 'high', 'Too high: 1.5 bar'],
    ['renew', 'plan-chain', 'near limit', 'Near its limit: 1.5 bar'],
    ['pass', 'go-on', '', 'Pass: 1.5 bar'],
  ])('%s, %s: “%s” where there is no room, “%s” where there is', (outcome, next, short, long) => {
    const told = verdict({ outcome, next, value: 150, limit: null });
    expect([verdictShort(told), verdictSays('tyre-window', told)]).toEqual([short, long]);
  });
});

describe('a typed text that was not taken', () => {
  it('says what it would have to be, and what it would be without the likely slip', () => {
    const cell = {
      kind: 'refused',
      why: 'out-of-range',
      measure: 'tyre-window',
      unit: 'kPa',
      least: 0,
      most: 1100,
      likely: 'psi',
    } as never;
    expect(cellWords(cell, ' 35 bar ')).toEqual({
      said: '“35 bar” is outside the possible range, 0 bar to 11 bar.',
      suggestion: '35 psi',
    });
  });
  it('says how many figures it takes', () => {
    const cell = (few: number, many: number) =>
      cellWords({ kind: 'refused', why: 'how-many', few, many } as never, '1').said;
    expect([cell(4, 4), cell(3, 8)]).toEqual([
      'Enter 4 values.',
      'Enter 3 to 8 values, with spaces between them.',
    ]);
  });
  it('is no number', () =>
    expect(cellWords({ kind: 'refused', why: 'not-understood' } as never, 'soft').said).toContain(
      '“soft” is not a number',
    ));
});

describe('keys for gloved fingers', () => {
  const pad = (measure: Measure) => {
    const view = mount(NumberPad, {
      props: {
        measure,
        name: 'Rear',
        modelValue: '',
        'onUpdate:modelValue': (modelValue: string) => void view.setProps({ modelValue }),
      },
    });
    const press = async (...keys: string[]): Promise<string> => {
      for (const key of keys) await view.get(`[data-key="${key}"]`).trigger('click');
      return view.props('modelValue');
    };
    return { view, press };
  };
  it('write figures, take the last back, and part two by a space', async () => {
    const { press } = pad('disc-pad');
    expect(await press('2', '.', '1', '7', 'back', 'next', '1', '.', '9')).toBe('2.1 1.9');
  });
  it('say the unit once, however often it is pressed', async () => {
    const { press } = pad('tyre-window');
    expect(await press('3', '0', 'bar', 'psi')).toBe('30 psi');
  });
  it('have only what the measure can use, and an end', async () => {
    const { view, press } = pad('rim-track');
    expect(view.find('[data-key="/"]').exists() || view.find('[data-key=bar]').exists()).toBe(false);
    await press('enter');
    expect(view.emitted('done')).toHaveLength(1);
  });
});

it('a reading is drawn beside its limits: outside them is marked by more than its place', () => {
  const scale = { soundFrom: 1.5, soundTo: null, limits: [{ value: 1.5, source: 'marking' }] } as never;
  const at = (value: number) => mount(LimitScale, { props: { measure: 'rotor', scale, values: [value] } });
  expect(at(1.4).html()).not.toBe(at(1.7).html());
  expect(at(1.4).text()).toContain('1.5');
});
