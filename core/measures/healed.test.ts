import { describe, expect, it } from 'vitest';
import { isHealed, mostWorn, wears } from '.';

describe('a part that reads better than last time', () => {
  it.each([
    ['chain', [0.006], [0.0055], false],
    ['chain', [0.006], [0.0054], true],
    ['chain', [0.004], [0.006], false],
    ['disc-pad', [1.2, 1.4], [1.4, 1.4], false],
    ['disc-pad', [1.2, 1.4], [1.41, 1.6], true],
    ['disc-pad', [1.2, 2.4], [1.2, 3.9], false],
    ['rotor', [1.6, 1.6, 1.6], [1.63, 1.64, 1.63], false],
    ['rotor', [1.6, 1.6, 1.6], [1.64, 1.64, 1.64], true],
    ['rim-track', [0.3], [0.25], false],
    ['rim-track', [0.3], [0.2], true],
    ['rim-pad', [1], [1.4], true],
    ['tyre-window', [200], [300], false],
    ['disc-pad', [], [3], false],
  ] as const)('%s from %o to %o: healed %s', (measure, before, after, healed) =>
    expect(isHealed(measure, before, after)).toBe(healed),
  );
  it('is told by its most worn place', () => {
    expect([
      mostWorn('chain', [0.004, 0.005]),
      mostWorn('rotor', [1.6, 1.5]),
      mostWorn('sag', [0.2]),
      mostWorn('rotor', []),
    ]).toEqual([0.005, 1.5, null, null]);
    expect([wears('rotor'), wears('sag'), wears('bell')]).toEqual([true, false, false]);
  });
});
