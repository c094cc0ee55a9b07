import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import {
  hangerVerdict,
  isWorseVerdict,
  runOutVerdict,
  slackVerdict,
  spokesVerdicts,
  widestDifference,
} from '.';
import { valueOf, wrongFields } from '@cadre/test-world/core';

describe('run-out', () => {
  it.each([
    [[0], { rimBrake: true }, 'nothing'],
    [[0.99], { rimBrake: true }, 'nothing'],
    [[1], { rimBrake: true }, 'soon'],
    [[2.99], { rimBrake: true }, 'soon'],
    [[3], { rimBrake: true }, 'stop'],
    [[1.99], { rimBrake: false }, 'nothing'],
    [[2], { rimBrake: false }, 'soon'],
    [[3.99], { rimBrake: false }, 'soon'],
    [[4], { rimBrake: false }, 'stop'],
    [[0.5, 2.2], { rimBrake: false }, 'soon'],
    [[0.5, 0.4], { rimBrake: true }, 'nothing'],
    [[0.99], { rimBrake: false, fresh: true }, 'nothing'],
    [[1], { rimBrake: false, fresh: true }, 'soon'],
    [[1], { rimBrake: true, fresh: true }, 'soon'],
    [[3.9], { rimBrake: false, fresh: true }, 'soon'],
    [[0], { rimBrake: false, rubs: true }, 'stop'],
  ] as const)('%o on %o: %s', (runOut, wheel, becomes) =>
    expect(valueOf(runOutVerdict(runOut, wheel, {})).becomes).toBe(becomes),
  );
  it.each([
    [[], ['runOut']],
    [[1, 2, 3], ['runOut']],
    [[-1], ['runOut.0']],
    [[1, 51], ['runOut.1']],
  ])('%o is refused', (runOut, fields) =>
    expect(wrongFields(runOutVerdict(runOut, { rimBrake: true }, {}))).toEqual(fields),
  );
  it('is the widest difference of the gaps', () => {
    expect(widestDifference([4, 6.5, 5])).toBe(2.5);
    expect(widestDifference([])).toBe(0);
  });
});

describe('spokes', () => {
  const worst = (readings: readonly number[], floor?: number) =>
    valueOf(spokesVerdicts({ readings, method: 'meter', floor }, {})).verdicts[0];
  it.each([
    [[100, 100, 100, 100], 'pass', 'go-on'],
    [Array.from({ length: 40 }, () => 100), 'pass', 'go-on'],
    [[100, 119, 100, 81], 'pass', 'go-on'],
    [[100, 120, 100, 100, 100], 'watch', 'watch-spoke'],
    [[100, 80, 100, 100, 100], 'watch', 'watch-spoke'],
    [[100, 51, 100, 100, 100], 'watch', 'watch-spoke'],
    [[100, 50, 100, 100, 100], 'fail', 'tension-spokes'],
    [[100, 1, 100, 100, 100], 'fail', 'tension-spokes'],
    [[100, 0, 100, 100, 100], 'fail', 'stop-spoke'],
  ] as const)('%o: %s, %s', (readings, outcome, next) =>
    expect(worst(readings)).toMatchObject({ outcome, next }),
  );
  it.each([
    [[100, 100, 100, 100], 100, 'tension-wheel'],
    [[100, 100, 100, 100], 99, 'go-on'],
    [[100, 100, 100, 40], 120, 'tension-spokes'],
  ])('%o with %d marked as least: %s', (readings, floor, next) => {
    const { verdicts } = valueOf(spokesVerdicts({ readings, method: 'meter', floor }, {}));
    expect(verdicts.map((verdict) => verdict.next)).toContain(next);
    expect(verdicts[0]?.becomes).toBe(next === 'go-on' ? 'nothing' : 'stop');
  });
  it.each([[[0, 0, 0, 0]], [[0, 0, 0, 0, 100]]])('%o without tension at all are a stop', (readings) =>
    expect(worst(readings)).toMatchObject({ becomes: 'stop', next: 'stop-spoke' }),
  );
  it('by pitch go with its square', () => {
    const { relative, verdicts } = valueOf(
      spokesVerdicts({ readings: [400, 400, 400, 400, 350], method: 'pitch' }, {}),
    );
    expect(relative[4]).toBeCloseTo((350 / 400) ** 2, 9);
    expect(verdicts[0]?.next).toBe('watch-spoke');
    const { verdicts: still } = valueOf(
      spokesVerdicts({ readings: [400, 400, 400, 400, 360], method: 'pitch' }, {}),
    );
    expect(still[0]?.outcome).toBe('pass');
  });
  it.each([
    ['pitch', 300, false],
    ['meter', undefined, false],
    ['meter', 80, true],
  ] as const)('by %s with %s as least say whether it is enough: %s', (method, floor, saysEnough) =>
    expect(valueOf(spokesVerdicts({ readings: [100, 100, 100, 100], method, floor }, {})).saysEnough).toBe(
      saysEnough,
    ),
  );
  it('of a floor that is none are refused', () =>
    expect(wrongFields(spokesVerdicts({ readings: [1, 1, 1, 1], method: 'meter', floor: -1 }, {}))).toEqual([
      'floor',
    ]));
  it('by pitch are never judged by a meter’s floor', () =>
    expect(
      valueOf(spokesVerdicts({ readings: [300, 300, 300, 300], method: 'pitch', floor: 500 }, {})).verdicts,
    ).toHaveLength(1));
  it.each([
    [[100, 100, 100], 'meter', ['readings']],
    [Array.from({ length: 41 }, () => 100), 'meter', ['readings']],
    [[100, -1, 100, 100], 'meter', ['readings.1']],
    [[100, 1001, 100, 100], 'meter', ['readings.1']],
    [[100, 1500, 2001, 100], 'pitch', ['readings.2']],
  ] as const)('%o by %s is refused', (readings, method, fields) =>
    expect(wrongFields(spokesVerdicts({ readings, method }, {}))).toEqual(fields),
  );
});

describe('a hanger', () => {
  it.each([
    [[10, 13.9, 11, 10], 10, 'nothing'],
    [[10, 14, 11, 10], 10, 'soon'],
    [[10, 11.9, 11, 10], 11, 'nothing'],
    [[10, 12, 11, 10], 11, 'soon'],
    [[10, 12, 11, 10], 10, 'nothing'],
    [[10, 12], 12, 'soon'],
    [[10, 10, 10, 10, 10, 10, 10, 10], 12, 'nothing'],
  ] as const)('with gaps of %o and %d sprockets: %s', (gaps, sprockets, becomes) =>
    expect(valueOf(hangerVerdict(gaps, sprockets, {})).becomes).toBe(becomes),
  );
  it.each([
    [[10], ['gaps']],
    [[1, 2, 3, 4, 5, 6, 7, 8, 9], ['gaps']],
    [[10, 61], ['gaps.1']],
  ])('%o is refused', (gaps, fields) => expect(wrongFields(hangerVerdict(gaps, 9, {}))).toEqual(fields));
});

describe('chain slack', () => {
  it.each([
    [0, 'soon', 'loosen-chain'],
    [7.9, 'soon', 'loosen-chain'],
    [8, 'soon', 'loosen-chain'],
    [8.1, 'nothing', 'go-on'],
    [12, 'nothing', 'go-on'],
    [14.9, 'nothing', 'go-on'],
    [15, 'soon', 'tighten-chain'],
    [19.9, 'soon', 'tighten-chain'],
    [20, 'stop', 'stop-chain'],
    [60, 'stop', 'stop-chain'],
  ] as const)('of %d mm: %s, %s', (slack, becomes, next) =>
    expect(valueOf(slackVerdict(slack, {}))).toMatchObject({ becomes, next }),
  );
  it.each([
    [14.9, 'nothing'],
    [15, 'stop'],
    [17, 'stop'],
    [8, 'soon'],
  ] as const)('of %d mm where the chain works the only brake: %s', (slack, becomes) =>
    expect(valueOf(slackVerdict(slack, {}, true)).becomes).toBe(becomes),
  );
  it.each([-1, 81, Number.NaN])('of %d mm is refused', (slack) =>
    expect(wrongFields(slackVerdict(slack, {}))).toEqual(['slack']),
  );
});

describe('farther outside is never a better verdict', () => {
  const mm = (max: number) => fc.double({ min: 0, max, noNaN: true });
  it.each([
    ['run-out', 50, (value: number) => valueOf(runOutVerdict([value], { rimBrake: true }, {}))],
    ['hanger', 60, (value: number) => valueOf(hangerVerdict([0, value], 11, {}))],
    ['slack over the middle', 68, (value: number) => valueOf(slackVerdict(value + 12, {}))],
    ['slack under the middle', 12, (value: number) => valueOf(slackVerdict(12 - value, {}))],
  ] as const)('%s', (_, most, judge) =>
    fc.assert(
      fc.property(
        mm(most),
        mm(most),
        (a, b) => !isWorseVerdict(judge(Math.min(a, b)), judge(Math.max(a, b))),
      ),
    ),
  );
});
