import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { ALWAYS_OPEN, opensOn, siteClock, siteDay, siteTimeOn } from '@cadre/core/schedule';
import { SHIPPED_CHECKLISTS } from '@cadre/core/shipped';
import { HOUR_MS } from '@cadre/core/time';
import { PREP_CHECKLISTS, PREP_STEPS, prepSteps, soakDueAt, type PrepSite } from '.';

const ZONE = 'Europe/London';
const site: PrepSite = { timeZone: ZONE, opensAt: '09:00', opening: ALWAYS_OPEN };
const on = (day: string, clock: string): number => siteTimeOn(day, ZONE, clock);
const told = (startsAt: number, now: number, where = site): string[] =>
  prepSteps(startsAt, where, now).map(
    ({ step, deadline, late }) =>
      `${step} ${siteDay(deadline, ZONE)} ${siteClock(deadline, ZONE)}${late ? ' late' : ''}`,
  );

describe('an event counted back', () => {
  const start = on('2026-06-20', '09:30');
  it('is ordered for a week before, cleaned the day before, set for the night, and ready in the morning', () => {
    expect(told(start, on('2026-06-01', '10:00'))).toEqual([
      'order 2026-06-13 17:00',
      'clean 2026-06-19 16:00',
      'soak 2026-06-19 18:00',
      'morning 2026-06-20 09:30',
    ]);
  });
  it('counts days of the calendar over a change of clocks', () => {
    expect(told(on('2026-03-30', '08:00'), on('2026-03-01', '10:00'))[1]).toBe('clean 2026-03-29 16:00');
  });
  it('comes earlier, never later, where the site is closed; the morning itself stays', () => {
    const closed = {
      closedOn: [6],
      exceptions: [{ day: '2026-06-19', opensAt: null, name: 'Fair' }],
    };
    expect(told(start, on('2026-06-01', '10:00'), { ...site, opening: closed })).toEqual([
      'order 2026-06-12 17:00',
      'clean 2026-06-18 16:00',
      'soak 2026-06-18 18:00',
      'morning 2026-06-20 09:30',
    ]);
  });
  it('says which steps are late when it is planned late, and drops a night that is no night', () => {
    expect(told(start, on('2026-06-18', '12:00'))).toEqual([
      'order 2026-06-18 20:00 late',
      'clean 2026-06-19 16:00',
      'soak 2026-06-19 18:00',
      'morning 2026-06-20 09:30',
    ]);
    expect(told(start, on('2026-06-20', '05:00'))).toEqual([
      'order 2026-06-20 09:30 late',
      'clean 2026-06-20 09:30 late',
      'morning 2026-06-20 09:30',
    ]);
    expect(told(start, start)).toEqual([]);
  });
  it('gauges again as the morning begins, never sooner than a gauge can tell', () => {
    expect(soakDueAt(on('2026-06-19', '18:00'), start)).toBe(on('2026-06-20', '04:30'));
    expect(soakDueAt(on('2026-06-20', '02:00'), start)).toBe(on('2026-06-20', '08:00'));
  });
  it('has a shipped checklist for every step', () => {
    const keys = SHIPPED_CHECKLISTS.map((checklist) => checklist.key);
    for (const step of PREP_STEPS) expect(keys).toContain(PREP_CHECKLISTS[step]);
  });
  it('is made before it is due, due by the start, on an open day, whenever it is planned', () => {
    const day = fc.integer({ min: 0, max: 400 });
    const closedOn = fc.uniqueArray(fc.integer({ min: 1, max: 7 }), { maxLength: 6 });
    fc.assert(
      fc.property(day, day, closedOn, fc.integer({ min: 0, max: 23 }), (from, ahead, closed, hour) => {
        const now = on('2026-01-01', '12:00') + from * 24 * HOUR_MS;
        const startsAt = now + ahead * 24 * HOUR_MS + hour * HOUR_MS + 1;
        const where = { ...site, opening: { closedOn: closed, exceptions: [] } };
        for (const each of prepSteps(startsAt, where, now)) {
          expect(each.makeAt).toBeGreaterThanOrEqual(now);
          expect(each.makeAt).toBeLessThan(each.deadline);
          expect(each.deadline).toBeGreaterThan(now);
          expect(each.deadline).toBeLessThanOrEqual(startsAt);
          if (!each.late && each.step !== 'morning')
            expect(opensOn(where, siteDay(each.deadline, ZONE))).not.toBeNull();
        }
      }),
    );
  });
});
