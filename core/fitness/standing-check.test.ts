import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { standingCheck, type ChecklistHistory } from './index';

const checklist = (
  key: string,
  lastComplete: number | null,
  lastIncomplete: number | null,
): ChecklistHistory => ({
  checklistHash: key,
  checklistKey: key,
  clears: /ride-out|turnaround/.test(key),
  afterRideOut: key === 'turnaround',
  lastComplete,
  lastIncomplete,
});
const rideOut = (complete: number | null, incomplete: number | null): ChecklistHistory =>
  checklist('ride-out', complete, incomplete);

describe('the check that speaks for a bike', () => {
  it.each<[string, ChecklistHistory[], [string, number, boolean] | null]>([
    ['none, when nothing was signed', [], null],
    ['the ride-out', [rideOut(5, null)], ['ride-out', 5, true]],
    ['the newer of complete and incomplete: incomplete', [rideOut(5, 6)], ['ride-out', 6, false]],
    ['the newer of complete and incomplete: complete', [rideOut(7, 6)], ['ride-out', 7, true]],
    [
      'an incomplete ride-out, however many chains were lubed since',
      [rideOut(1, 6), checklist('lube', 9, null)],
      ['ride-out', 6, false],
    ],
    [
      'an incomplete ride-out, though a turnaround was whole',
      [rideOut(1, 6), checklist('turnaround', 9, null)],
      ['ride-out', 6, false],
    ],
    [
      'a whole ride-out after a turnaround left open',
      [rideOut(9, null), checklist('turnaround', null, 6)],
      ['ride-out', 9, true],
    ],
    [
      'a whole children’s ride-out after an incomplete other one',
      [rideOut(null, 6), checklist('ride-out-children', 9, null)],
      ['ride-out-children', 9, true],
    ],
    [
      'an incomplete look after a crash, though a ride-out was whole since',
      [rideOut(9, null), checklist('after-crash', null, 6)],
      ['after-crash', 6, false],
    ],
    [
      'the ride-out again, once the look after the crash is whole',
      [rideOut(9, null), checklist('after-crash', 12, 6)],
      ['ride-out', 9, true],
    ],
    [
      'the ride-out rather than newer work that clears nothing',
      [rideOut(5, null), checklist('lube', 9, null)],
      ['ride-out', 5, true],
    ],
    ['work, when there was nothing else', [checklist('lube', 9, null)], ['lube', 9, true]],
    [
      'the newest of two left open',
      [rideOut(null, 6), checklist('after-crash', null, 8)],
      ['after-crash', 8, false],
    ],
    ['the incomplete of two in the same instant', [rideOut(6, 6)], ['ride-out', 6, false]],
  ])('is %s', (_name, history, wanted) => {
    const found = standingCheck(history);
    expect(found && [found.checklistHash, found.signedAt, found.complete]).toEqual(wanted);
  });

  it('goes by all versions of a checklist together', () => {
    const old = { ...rideOut(null, 6), checklistHash: 'v1' };
    expect(standingCheck([old, { ...rideOut(8, null), checklistHash: 'v2' }])).toMatchObject({
      checklistHash: 'v2',
      complete: true,
    });
    expect(
      standingCheck([
        { ...old, lastIncomplete: 9 },
        { ...rideOut(8, null), checklistHash: 'v2' },
      ]),
    ).toMatchObject({ checklistHash: 'v1', complete: false });
  });

  it('is never made complete by work on another checklist that clears nothing', () => {
    const time = fc.option(fc.integer({ min: 0, max: 50 }), { nil: null });
    fc.assert(
      fc.property(
        time,
        time,
        time,
        fc.constantFrom('lube', 'return', 'season-opening'),
        (complete, incomplete, other, key) => {
          const alone = standingCheck([rideOut(complete, incomplete)]);
          const beside = standingCheck([rideOut(complete, incomplete), checklist(key, other, null)]);
          if (alone) expect(beside).toEqual(alone);
        },
      ),
    );
  });
});
