import { describe, expect, it } from 'vitest';
import { USUAL_BUILD, BIKE_KINDS } from '@cadre/core/fleet';
import { CHECKPOINTS, RIDE_OUT, SHIPPED_CHECKLISTS } from '@cadre/core/shipped';
import { asBuilt, clearsNot, leavesOut } from './index';

const DAY = { openedAt: 10, endOfDay: 100, signedAt: 20, supersededAt: null as number | null, reason: '' };
const hardtail = asBuilt(USUAL_BUILD.hardtail);
const without = (key: string) => ({
  ...RIDE_OUT,
  items: RIDE_OUT.items.filter((item) => item.checkpoint.key !== key),
});
const clears = (checklist: Parameters<typeof clearsNot>[0], more: Partial<typeof DAY> = {}) =>
  clearsNot(checklist, hardtail, CHECKPOINTS, { ...DAY, ...more })?.code ?? 'clears';

describe('a complete check', () => {
  it('clears on what is shipped, whatever the kind of bike', () => {
    for (const checklist of SHIPPED_CHECKLISTS.filter((each) => each.clears))
      for (const kind of BIKE_KINDS.filter((each) => !checklist.kinds || checklist.kinds.includes(each)))
        expect([
          checklist.key,
          kind,
          clearsNot(checklist, asBuilt(USUAL_BUILD[kind]), CHECKPOINTS, DAY),
        ]).toEqual([checklist.key, kind, null]);
  });
  it('clears nothing where it asks nothing', () => {
    expect(clears({ items: [] })).toBe('asks-nothing');
  });
  it('clears nothing where it leaves out a critical of that bike, but for a lead’s reason', () => {
    expect(clears(without('stops-wheel'))).toBe('leaves-out');
    expect(clears(without('stops-wheel'), { reason: 'Pedal club: no brakes here' })).toBe('clears');
    expect(leavesOut(without('stops-wheel'), CHECKPOINTS)).toHaveLength(1);
    expect(leavesOut({ ...without('stops-wheel'), clears: false }, CHECKPOINTS)).toEqual([]);
  });
  it('clears on a version that was the newest when it was begun, on that day only', () => {
    expect(clears(RIDE_OUT, { supersededAt: 15 })).toBe('clears');
    expect(clears(RIDE_OUT, { supersededAt: 10 })).toBe('clears');
    expect(clears(RIDE_OUT, { supersededAt: 9 })).toBe('superseded');
    expect(clears(RIDE_OUT, { supersededAt: 15, signedAt: 101 })).toBe('superseded');
  });
});
