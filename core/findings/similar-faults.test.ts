import { describe, expect, it } from 'vitest';
import { DAY, findingLike, NOON } from '@cadre/test-world/core';
import { similarFaults, type Mate } from '.';

const mate = (bikeId: string, more: Partial<Mate> = {}): Mate => ({
  bikeId,
  modelId: null,
  parts: [],
  work: [],
  ...more,
});
const pads = (name: string, position: 'front' | 'rear' = 'front') => ({
  kind: 'pads' as const,
  position,
  name,
});
const work = (by: string, daysAgo: number, touch: 'brake-work' | 'gears-set' = 'brake-work') => ({
  by,
  touches: [touch],
  at: NOON - daysAgo * DAY,
});
const finding = findingLike({ zone: 'front-brake', position: 'front', openedAt: NOON });
const across = (own: Partial<Mate>, ...mates: readonly Mate[]) =>
  similarFaults(finding, mate('own', own), [mate('own', own), ...mates], ['brake-work']).map((each) => [
    each.bikeId,
    each.because,
    each.what,
  ]);

describe('a look across', () => {
  it('finds the same part wherever it sits, by its name as people write it', () =>
    expect(
      across(
        { parts: [pads('Soft 12')] },
        mate('a', { parts: [pads('soft  12', 'rear')] }),
        mate('b', { parts: [pads('Hard 9')] }),
      ),
    ).toEqual([['a', 'same-part', 'soft  12']]));
  it('is not led by a part of another place', () => {
    expect(
      across(
        { parts: [{ kind: 'chain', position: 'only', name: 'X' }] },
        mate('a', { parts: [{ kind: 'chain', position: 'only', name: 'X' }] }),
      ),
    ).toEqual([]);
    expect(across({ parts: [pads('Soft 12', 'rear')] }, mate('a', { parts: [pads('Soft 12')] }))).toEqual([]);
  });
  it('finds what the same hands did last at the same place, and not what others did after them', () =>
    expect(
      across(
        { work: [work('tom', 20), work('ann', 10)] },
        mate('a', { work: [work('ann', 3)] }),
        mate('b', { work: [work('ann', 30), work('tom', 2)] }),
        mate('c', { work: [work('ann', 5, 'gears-set')] }),
        mate('d', { work: [work('ann', 60)] }),
      ),
    ).toEqual([['a', 'same-hands', 'ann']]));
  it('counts work of 45 days ago to the day, and of two at one moment the first told', () => {
    expect(across({ work: [work('ann', 45)] }, mate('a', { work: [work('ann', 45)] }))).toEqual([
      ['a', 'same-hands', 'ann'],
    ]);
    expect(across({ work: [work('ann', 9), work('tom', 9)] }, mate('a', { work: [work('ann', 2)] }))).toEqual(
      [['a', 'same-hands', 'ann']],
    );
  });
  it('counts work done up to the moment it was found', () =>
    expect(across({ work: [work('ann', 0)] }, mate('a', { work: [work('ann', 1)] }))).toEqual([
      ['a', 'same-hands', 'ann'],
    ]));
  it('leaves out work done after it was found', () =>
    expect(across({ work: [work('tom', -2)] }, mate('a', { work: [work('tom', 1)] }))).toEqual([]));
  it('finds bikes of the same model, each bike once by its strongest reason', () =>
    expect(
      across(
        { modelId: 'm', parts: [pads('Soft 12')], work: [work('ann', 4)] },
        mate('z', { modelId: 'm' }),
        mate('a', { modelId: 'm', work: [work('ann', 4)] }),
        mate('b', { modelId: 'm', parts: [pads('Soft 12')] }),
        mate('c'),
      ),
    ).toEqual([
      ['b', 'same-part', 'Soft 12'],
      ['a', 'same-hands', 'ann'],
      ['z', 'same-model', ''],
    ]));
  it('of a bike of no model finds no model', () => expect(across({}, mate('a'))).toEqual([]));
});
