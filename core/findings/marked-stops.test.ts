import { describe, expect, it } from 'vitest';
import { asBuilt, questionsOf, DEFAULT_POLICY } from '@cadre/core/catalogue';
import { resolveMarks, type Mark } from '@cadre/core/checks';
import { USUAL_BUILD } from '@cadre/core/fleet';
import { RIDE_OUT } from '@cadre/core/shipped';
import { findingLike, NOON } from '@cadre/test-world/core';
import { stopsOf, withStops } from './index';

const questions = questionsOf(RIDE_OUT, asBuilt(USUAL_BUILD.hardtail));
const marked = (more: Partial<Mark>) =>
  stopsOf({
    questions,
    answers: resolveMarks([
      {
        ...{ id: 'm', checkpoint: 'stops-wheel', position: 'front', outcome: 'fail', way: 'single' },
        ...{ faults: [], note: '', author: 'ann', writerId: 'w', counter: 1, at: NOON },
        ...more,
      },
    ]),
    policy: DEFAULT_POLICY,
    signedAt: NOON,
    signedBy: 'ann',
    newId: () => 'new',
  }).map((each) => each.fault);

describe('a stop that is marked', () => {
  it('is a named fault that is one, chosen to be one, or an unnamed one where faults can be', () => {
    expect(marked({ faults: [{ fault: 'none' }] })).toEqual(['none']);
    expect(marked({ faults: [{ fault: 'none' }], outcome: 'watch' })).toEqual(['none']);
    expect(marked({ faults: [] })).toHaveLength(1);
    expect(marked({ checkpoint: 'grips', position: 'only', faults: [{ fault: 'torn' }] })).toEqual([]);
    expect(
      marked({ checkpoint: 'grips', position: 'only', faults: [{ fault: 'torn', severity: 'stop' }] }),
    ).toEqual(['torn']);
    expect(marked({ outcome: 'pass' })).toEqual([]);
  });
});

describe('what a check found', () => {
  const stop = findingLike({ id: 'stop', lastSeenAt: NOON + 5 });
  it('has every stop marked in it: as found, lighter under a newer policy, or not asked any more', () => {
    expect(withStops([stop], [stop], [])).toEqual([stop]);
    expect(withStops([stop], [], [])).toEqual([stop]);
    const lighter = findingLike({ id: 'f', severity: 'soon', limit: { until: 1, outings: 1 } });
    expect(withStops([stop], [lighter], [])).toMatchObject([{ id: 'f', severity: 'stop', limit: null }]);
    expect(withStops([], [lighter], [])).toEqual([lighter]);
  });
  it('is the finding that was open already, open again though it was repaired meanwhile', () => {
    const known = findingLike({ id: 'known', severity: 'watch', state: 'rechecked', repairedBy: 'ben' });
    expect(withStops([stop], [], [known])).toMatchObject([
      { id: 'known', severity: 'stop', state: 'open', repairedBy: null, timesSeen: 2, lastSeenAt: NOON + 5 },
    ]);
  });
});
