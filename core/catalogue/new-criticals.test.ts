import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { BIKE_KINDS, USUAL_BUILD, type Build } from '@cadre/core/fleet';
import { RIDE_OUT } from '@cadre/core/shipped';
import { asBuilt, questionsOf, newCriticals } from './index';

const { hardtail, hybrid } = USUAL_BUILD;

describe('what a build newly asks', () => {
  it.each([
    ['nothing, when nothing is changed', hybrid, hybrid, []],
    ['nothing, by what no checkpoint asks about', hybrid, { ...hybrid, bar: 'riser' } as Build, []],
    [
      'the rotor and its fixings, with a disc at the front',
      hybrid,
      { ...hybrid, brakeFront: 'cable-disc' } as Build,
      ['disc-pads@front', 'rotor@front'],
    ],
    [
      'pivots, with a shock',
      hardtail,
      { ...hardtail, rearSuspension: 'shock' } as Build,
      ['suspension-pivots@only'],
    ],
  ])('%s', (_name, before, after, keys) => {
    const found = newCriticals(RIDE_OUT, asBuilt(before), asBuilt(after));
    expect(found).toEqual(expect.arrayContaining([...keys]));
    if (keys.length === 0) expect(found).toEqual([]);
  });

  it('is exactly the criticals asked after and not before, for any two bikes', () => {
    fc.assert(
      fc.property(fc.constantFrom(...BIKE_KINDS), fc.constantFrom(...BIKE_KINDS), (from, to) => {
        const before = new Set(
          questionsOf(RIDE_OUT, asBuilt(USUAL_BUILD[from])).map((question) => question.key),
        );
        const expected = questionsOf(RIDE_OUT, asBuilt(USUAL_BUILD[to])).filter(
          (question) => question.critical && !before.has(question.key),
        );
        expect(newCriticals(RIDE_OUT, asBuilt(USUAL_BUILD[from]), asBuilt(USUAL_BUILD[to]))).toEqual(
          expected.map((question) => question.key),
        );
      }),
    );
  });
});
