import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import {
  discPadVerdicts,
  isWorseVerdict,
  leverShare,
  leverVerdict,
  rimPadVerdict,
  rimTrackVerdict,
  rotorVerdicts,
  type RotorMarkings,
} from '.';
import { valueOf, wrongFields } from '@cadre/test-world/core';

describe('disc pads', () => {
  it.each([
    [[3.4], 'total', { plate: 1.9 }, 1.5, 'renew', 'upkeep'],
    [[3.5], 'total', {}, 1.5, 'renew', 'upkeep'],
    [[1.6], 'compound', {}, 1.6, 'pass', 'nothing'],
    [[1.51], 'compound', {}, 1.51, 'pass', 'nothing'],
    [[1.5], 'compound', {}, 1.5, 'renew', 'upkeep'],
    [[1.01], 'compound', {}, 1.01, 'renew', 'upkeep'],
    [[1.0], 'compound', {}, 1.0, 'fail', 'stop'],
    [[0.4], 'compound', {}, 0.4, 'fail', 'stop'],
    [[2.9], 'total', {}, 0.9, 'fail', 'stop'],
    [[1.2], 'total', {}, 0, 'fail', 'stop'],
    [[3.51], 'total', { totalMin: 3 }, 3.51, 'pass', 'nothing'],
    [[3.5], 'total', { totalMin: 3 }, 3.5, 'renew', 'upkeep'],
    [[3.01], 'total', { totalMin: 3 }, 3.01, 'renew', 'upkeep'],
    [[3.0], 'total', { totalMin: 3, plate: 1.5 }, 3.0, 'fail', 'stop'],
    [[1.4], 'compound', { totalMin: 3 }, 1.4, 'renew', 'upkeep'],
    [[2.2, 1.4], 'compound', {}, 0.8, 'watch', 'soon'],
  ] as const)('%o by %s, %o: %d, %s, %s', (thickness, method, marked, value, outcome, becomes) => {
    const [worst] = valueOf(discPadVerdicts(thickness, method, marked, {}));
    expect(worst?.value).toBeCloseTo(value, 9);
    expect(worst).toMatchObject({ outcome, becomes });
  });
  it.each([
    [[2.5, 2.0], true],
    [[2.49, 2.0], false],
    [[2.0, 2.6], true],
    [[2.0], false],
  ])('%o: uneven %s', (thickness, uneven) => {
    const verdicts = valueOf(discPadVerdicts(thickness, 'compound', {}, {}));
    expect(verdicts.some((verdict) => verdict.next === 'centre-caliper' && verdict.becomes === 'soon')).toBe(
      uneven,
    );
  });
  it('keep more where the house rides hard or wet', () => {
    const [worst] = valueOf(discPadVerdicts([1.3], 'compound', {}, { padAllowance: 0.3 }));
    expect(worst).toMatchObject({ outcome: 'fail', limit: { value: 1.3, source: 'policy' } });
    const [marked] = valueOf(discPadVerdicts([3.3], 'total', { totalMin: 3 }, { padAllowance: 0.3 }));
    expect(marked).toMatchObject({ outcome: 'fail', limit: { source: 'marking' } });
  });
  it.each([
    [[], 'compound', ['thickness']],
    [[1, 2, 3], 'compound', ['thickness']],
    [[-1], 'compound', ['thickness.0']],
    [[2, 7], 'compound', ['thickness.1']],
    [[11, Number.NaN], 'total', ['thickness.0', 'thickness.1']],
  ] as const)('%o by %s is refused', (thickness, method, fields) =>
    expect(wrongFields(discPadVerdicts(thickness, method, {}, {}))).toEqual(fields),
  );
  it.each([
    // Compound and plate against the total the maker marks: 1.2 + 1.8 is not over 3.2.
    [[1.2], 'compound', { plate: 1.8, totalMin: 3.2 }, 'fail', 3],
    [[1.5], 'compound', { plate: 1.8, totalMin: 3.2 }, 'renew', 1.5],
    [[1.8], 'compound', { plate: 1.8, totalMin: 3.2 }, 'renew', 3.6],
    [[2], 'compound', { plate: 1.8, totalMin: 3.2 }, 'pass', 2],
    // A generous marking loosens nothing where the compound itself is gone.
    [[0.9], 'compound', { plate: 2.6, totalMin: 3 }, 'fail', 0.9],
    // Without a marked plate the policy's counts.
    [[1.6], 'compound', { totalMin: 3.6 }, 'fail', 3.6],
  ] as const)('%o by %s with %o: %s', (thickness, method, marked, outcome, value) =>
    expect(valueOf(discPadVerdicts(thickness, method, marked, {}))[0]).toMatchObject({
      outcome,
      value: expect.closeTo(value, 9),
    }),
  );
  it('marked with what no pad has are refused by the marking', () =>
    expect(wrongFields(discPadVerdicts([2], 'total', { plate: 6, totalMin: Number.NaN }, {}))).toEqual([
      'plate',
      'totalMin',
    ]));
  it('thinner is never better', () => {
    const mm = fc.double({ min: 0, max: 6, noNaN: true });
    fc.assert(
      fc.property(mm, mm, (a, b) => {
        const worst = (value: number) => valueOf(discPadVerdicts([value], 'compound', {}, {}))[0];
        const [thin, thick] = [worst(Math.min(a, b)), worst(Math.max(a, b))];
        expect(thin && thick && isWorseVerdict(thick, thin)).toBe(false);
      }),
    );
  });
});

describe('rim pads', () => {
  it.each([
    [{ line: 'there' }, 'pass', 'nothing'],
    [{ line: 'gone' }, 'fail', 'soon'],
    [{ line: 'none', overHolder: 1.01 }, 'pass', 'nothing'],
    [{ line: 'none', overHolder: 1 }, 'fail', 'stop'],
    [{ line: 'there', overHolder: 0.5 }, 'fail', 'stop'],
    [{ line: 'gone', overHolder: 3 }, 'fail', 'soon'],
    [{ line: 'gone', overHolder: 0.9 }, 'fail', 'stop'],
  ] as const)('%o: %s, %s', (pads, outcome, becomes) =>
    expect(valueOf(rimPadVerdict(pads, {}))).toMatchObject({ outcome, becomes }),
  );
  it.each([
    [{ line: 'none' }, ['overHolder']],
    [{ line: 'there', overHolder: -0.1 }, ['overHolder']],
    [{ line: 'there', overHolder: 21 }, ['overHolder']],
  ] as const)('%o is refused', (pads, fields) =>
    expect(wrongFields(rimPadVerdict(pads, {}))).toEqual(fields),
  );
});

describe('a rotor', () => {
  const worst = (places: readonly number[], marked: RotorMarkings) =>
    valueOf(rotorVerdicts(places, marked, {}));
  it('of 1.62, 1.58 and 1.56, marked 1.55, is near its limit and pulses', () => {
    const [first, second] = worst([1.62, 1.58, 1.56], { min: 1.55 });
    expect(first).toMatchObject({
      outcome: 'renew',
      becomes: 'upkeep',
      value: 1.56,
      limit: { value: 1.55, source: 'marking' },
    });
    expect(second).toMatchObject({ outcome: 'watch', becomes: 'watch', next: 'note-pulsing' });
    expect(second?.value).toBeCloseTo(0.06, 9);
  });
  it.each([
    [[1.66, 1.66, 1.66], { min: 1.55 }, 'pass'],
    [[1.65, 1.65, 1.65], { min: 1.55 }, 'renew'],
    [[1.551, 1.56, 1.56], { min: 1.55 }, 'renew'],
    [[1.55, 1.56, 1.56], { min: 1.55 }, 'fail'],
    [[1.5, 1.5, 1.5], { nominal: 1.8 }, 'fail'],
    [[1.6, 1.6, 1.6], { nominal: 1.8 }, 'renew'],
    [[1.61, 1.61, 1.61], { nominal: 1.8 }, 'pass'],
    [[1.55, 1.55, 1.55], { nominal: 1.85 }, 'fail'],
    [[1.52, 1.52, 1.52], { nominal: 1.8, min: 1.55 }, 'fail'],
    [[1.9, 1.9, 1.9], { nominal: 2.0 }, 'unknown'],
    [[1.9, 1.9, 1.9], { nominal: 1.9 }, 'unknown'],
    [[1.51, 1.52, 1.52], {}, 'unknown'],
    // Nobody knows its limit, and it is thinner than any rotor may be.
    [[1.5, 1.6, 1.6], {}, 'fail'],
    [[1.2, 1.2, 1.2], { nominal: 2 }, 'fail'],
    [[1.45, 1.45, 1.45], { min: 1.4 }, 'renew'],
  ])('of %o, %o: %s', (places, marked, outcome) => {
    const [first] = worst(places, marked);
    expect(first?.outcome).toBe(outcome);
    expect(first?.becomes).toBe(
      { pass: 'nothing', renew: 'upkeep', fail: 'stop', unknown: 'nothing' }[outcome],
    );
    if (outcome === 'unknown') expect(first?.next).toBe('read-rotor-marking');
  });
  it.each([
    [[1.8, 1.76, 1.78], false],
    [[1.8, 1.75, 1.78], true],
    [[1.8, 1.75, ...Array.from({ length: 22 }, () => 1.78)], true],
  ])('of %o pulses: %s', (places, pulses) =>
    expect(worst(places, { min: 1.5 }).some((verdict) => verdict.next === 'note-pulsing')).toBe(pulses),
  );
  it.each([
    [[1.8, 1.8], ['places']],
    [Array.from({ length: 25 }, () => 1.8), ['places']],
    [[1.8, 0.4, 1.8], ['places.1']],
    [[1.8, 1.8, Number.NaN], ['places.2']],
  ])('%o is refused', (places, fields) => expect(wrongFields(rotorVerdicts(places, {}, {}))).toEqual(fields));
});

describe('a rotor’s markings', () => {
  it('that no rotor has are refused', () =>
    expect(wrongFields(rotorVerdicts([1.6, 1.6, 1.6], { min: 0.2, nominal: Number.NaN }, {}))).toEqual([
      'min',
      'nominal',
    ]));
});

describe('a rim’s brake track', () => {
  it.each([
    [0, 'there', 'pass', 'nothing'],
    [0.19, 'none', 'pass', 'nothing'],
    [0.2, 'none', 'watch', 'watch'],
    [0.49, 'there', 'watch', 'watch'],
    [0.5, 'there', 'fail', 'stop'],
    [0, 'gone', 'fail', 'stop'],
  ] as const)('hollow by %d mm, mark %s: %s, %s', (hollow, indicator, outcome, becomes) =>
    expect(valueOf(rimTrackVerdict(hollow, indicator, {}))).toMatchObject({ outcome, becomes }),
  );
  it.each([-0.1, 3.1, Number.NaN])('%d mm is refused', (hollow) =>
    expect(wrongFields(rimTrackVerdict(hollow, 'none', {}))).toEqual(['hollow']),
  );
});

describe('a brake lever', () => {
  it.each([
    [0, 'watch', 'watch', 'look-for-drag'],
    [0.19, 'watch', 'watch', 'look-for-drag'],
    [0.2, 'pass', 'nothing', 'go-on'],
    [0.5, 'pass', 'nothing', 'go-on'],
    [0.59, 'pass', 'nothing', 'go-on'],
    [0.6, 'watch', 'soon', 'take-up-lever'],
    [0.79, 'watch', 'soon', 'take-up-lever'],
    [0.8, 'fail', 'stop', 'stop-lever'],
    [1, 'fail', 'stop', 'stop-lever'],
  ] as const)('biting at %d of its travel: %s, %s, %s', (share, outcome, becomes, next) =>
    expect(valueOf(leverVerdict(share, false, {}))).toMatchObject({ outcome, becomes, next }),
  );
  it('that touches the grip is a stop wherever it bites', () =>
    expect(valueOf(leverVerdict(0.4, true, {}))).toMatchObject({ becomes: 'stop' }));
  it('may bite at the very end of it', () => expect(valueOf(leverShare(40, 40))).toBe(1));
  it('bites at a share of its travel', () => expect(valueOf(leverShare(22, 40))).toBeCloseTo(0.55, 9));
  it.each([
    [leverShare(41, 40), ['bite']],
    [leverShare(-1, 4), ['travel', 'bite']],
    [leverVerdict(1.2, false, {}), ['share']],
  ])('what cannot be is refused (%#)', (answer, fields) => expect(wrongFields(answer)).toEqual(fields));
});
