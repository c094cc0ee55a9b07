import { describe, expect, it } from 'vitest';
import { fitItem, USUAL_BUILD } from '@cadre/core/fleet';
import { onLike } from '@cadre/test-world/core';
import { judgeReading, MARKINGS_AT_STAND, MEASURES, wantedMarkings, type Measure } from '.';

describe('what to read off a part', () => {
  it.each([
    ['rotor', {}, ['rotorMinFront']],
    ['rotor', { end: 'rear' }, ['rotorMinRear']],
    ['rotor', { fit: { rotorMinFront: 1.55 } }, []],
    ['tyre-window', {}, ['sidewallMinFront', 'sidewallMaxFront']],
    ['tyre-window', { fit: { sidewallMinFront: 200 } }, ['sidewallMaxFront']],
    ['pressure', {}, ['forkPressureMax']],
    ['pressure', { rearSuspension: true }, ['shockPressureMax']],
    ['chain', {}, []],
    ['disc-pad', {}, []],
  ] as const)('of %s with %o is %o', (measure, on, keys) =>
    expect(wantedMarkings(measure, onLike(on))).toEqual(keys),
  );
  it('is always one the fit list takes as a number, and one the stand may keep', () => {
    expect(MARKINGS_AT_STAND.map((key) => fitItem(key)?.stated.type)).toEqual(
      MARKINGS_AT_STAND.map(() => 'number'),
    );
    for (const measure of Object.keys(MEASURES) as Measure[])
      for (const end of ['front', 'rear', 'only'] as const)
        for (const rearSuspension of [false, true])
          for (const key of wantedMarkings(measure, onLike({ end, rearSuspension })))
            expect(MARKINGS_AT_STAND).toContain(key);
  });
  it('gives a rotor nobody could judge its verdict', () => {
    const outcome = (fit: object) => {
      const answer = judgeReading(
        { measure: 'rotor', values: [1.58, 1.58, 1.58] },
        onLike({ build: USUAL_BUILD.hardtail, fit: { ...fit } }),
      );
      return answer.ok ? answer.value[0]?.outcome : null;
    };
    expect([outcome({}), outcome({ rotorMinFront: 1.55 })]).toEqual(['unknown', 'renew']);
  });
});
