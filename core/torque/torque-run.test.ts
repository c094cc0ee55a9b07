import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { nextPull, pullAnswer, type TorqueRun } from './torque-run';

const FACEPLATE: TorqueRun = { stages: [2.5, 4, 5], bolts: 4, most: 5 };

describe('tightening a joint by a wrench that sends', () => {
  it('goes crosswise over all bolts to each stage in turn', () => {
    const seen: (readonly [number, number])[] = [];
    const pulls: number[] = [];
    for (let next = nextPull(FACEPLATE, pulls); next.state === 'pull'; next = nextPull(FACEPLATE, pulls)) {
      seen.push([next.stage, next.bolt]);
      pulls.push(next.newtonMetres);
    }
    expect(seen.slice(0, 5)).toEqual([
      [0, 1],
      [0, 3],
      [0, 2],
      [0, 4],
      [1, 1],
    ]);
    expect(seen).toHaveLength(12);
    expect(nextPull(FACEPLATE, pulls)).toEqual({ state: 'done', newtonMetres: 5 });
  });

  it('refuses a pull over the maximum, and asks again for one that falls short', () => {
    expect(pullAnswer(FACEPLATE, [], 5.1)).toEqual({ state: 'over', most: 5 });
    expect(pullAnswer(FACEPLATE, [], 2.3)).toEqual({ state: 'short', wanted: 2.5 });
    expect(pullAnswer(FACEPLATE, [], 2.45)).toEqual({ state: 'reached' });
    expect(pullAnswer({ ...FACEPLATE, most: null }, [], 50)).toEqual({ state: 'reached' });
  });

  it('never ends before every bolt reached the last stage, whatever the wrench sends', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 1, max: 8 }),
        fc.array(fc.double({ min: 0, max: 8, noNaN: true }), { maxLength: 60 }),
        (bolts, sent) => {
          const run = { ...FACEPLATE, bolts };
          const pulls = sent.reduce<number[]>(
            (all, value) =>
              nextPull(run, all).state === 'pull' && pullAnswer(run, all, value).state === 'reached'
                ? [...all, value]
                : all,
            [],
          );
          expect(pulls.every((value) => value <= 5)).toBe(true);
          if (nextPull(run, pulls).state === 'done') {
            expect(pulls).toHaveLength(3 * bolts);
            expect(pulls.slice(-bolts).every((value) => value >= 5 * 0.97)).toBe(true);
          }
        },
      ),
    );
  });
});
