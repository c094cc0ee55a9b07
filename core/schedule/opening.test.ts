import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import {
  ALWAYS_OPEN,
  dayAfter,
  nextOpenDay,
  openingIssues,
  opensOn,
  weekdayOf,
  type Opening,
  type OpeningSite,
} from './index';

const site = (opening: Partial<Opening>): OpeningSite => ({
  opensAt: '09:00',
  opening: { ...ALWAYS_OPEN, ...opening },
});
const christmas = { day: '2026-12-25', opensAt: null, name: 'Christmas' };

describe('a day of the calendar', () => {
  it.each([
    ['2026-11-30', 1],
    ['2026-12-06', 7],
    ['2028-02-29', 2],
  ])('%s is weekday %d', (day, weekday) => expect(weekdayOf(day)).toBe(weekday));
  it.each([
    ['2026-12-31', 1, '2027-01-01'],
    ['2028-02-28', 1, '2028-02-29'],
    // Clocks change in between.
    ['2026-10-24', 2, '2026-10-26'],
    ['2026-03-01', -1, '2026-02-28'],
  ])('%s and %d days on: %s', (day, days, wanted) => expect(dayAfter(day, days)).toBe(wanted));
});

describe('when a site opens', () => {
  it.each<[string, Partial<Opening>, string, string | null]>([
    ['as usual', {}, '2026-11-30', '09:00'],
    ['not on a weekday it is closed on', { closedOn: [1] }, '2026-11-30', null],
    ['the day after', { closedOn: [1] }, '2026-12-01', '09:00'],
    ['not on a holiday', { exceptions: [christmas] }, '2026-12-25', null],
    ['later on some day', { exceptions: [{ ...christmas, opensAt: '11:00' }] }, '2026-12-25', '11:00'],
    [
      'on a holiday that falls on a closed weekday and is opened for',
      { closedOn: [5], exceptions: [{ ...christmas, opensAt: '10:00' }] },
      '2026-12-25',
      '10:00',
    ],
  ])('%s', (_name, opening, day, wanted) => expect(opensOn(site(opening), day)).toBe(wanted));

  it.each<[string, Partial<Opening>, string, string | null]>([
    ['today itself', {}, '2026-11-30', '2026-11-30'],
    ['past a closed weekday', { closedOn: [1, 2] }, '2026-11-30', '2026-12-02'],
    [
      'past a holiday at the end of a week',
      { closedOn: [6, 7], exceptions: [christmas] },
      '2026-12-25',
      '2026-12-28',
    ],
    ['none where it never opens', { closedOn: [1, 2, 3, 4, 5, 6, 7] }, '2026-11-30', null],
  ])('the next day it opens: %s', (_name, opening, day, wanted) =>
    expect(nextOpenDay(site(opening), day)).toBe(wanted),
  );

  it('the next open day is open, not before the day asked for, and none between them is', () => {
    const day = fc.integer({ min: 0, max: 700 }).map((days) => dayAfter('2026-01-01', days));
    const opening = fc.record({
      closedOn: fc.uniqueArray(fc.integer({ min: 1, max: 7 }), { maxLength: 6 }),
      exceptions: fc.uniqueArray(
        fc.record({ day, opensAt: fc.constantFrom(null, '10:00'), name: fc.constant('') }),
        { selector: (each) => each.day, maxLength: 20 },
      ),
    });
    fc.assert(
      fc.property(opening, day, (own, from) => {
        const next = nextOpenDay(site(own), from);
        if (next === null) throw new Error('never open');
        expect(opensOn(site(own), next)).not.toBeNull();
        expect(next >= from).toBe(true);
        for (let at = from; at < next; at = dayAfter(at)) expect(opensOn(site(own), at)).toBeNull();
      }),
    );
  });
});

describe('what is wrong with an opening', () => {
  it.each<[string, Partial<Opening>, string[]]>([
    ['nothing', { closedOn: [1], exceptions: [christmas] }, []],
    ['every weekday closed', { closedOn: [1, 2, 3, 4, 5, 6, 7] }, ['closedOn never-open']],
    ['no such day', { exceptions: [{ ...christmas, day: '2026-02-30' }] }, ['exceptions.0.day no-such-day']],
    ['no day', { exceptions: [{ ...christmas, day: '' }] }, ['exceptions.0.day required']],
    ['no time', { exceptions: [{ ...christmas, opensAt: '25:00' }] }, ['exceptions.0.opensAt required']],
    ['a day twice', { exceptions: [christmas, christmas] }, ['exceptions.1.day twice']],
  ])('%s', (_name, opening, wanted) =>
    expect(openingIssues({ ...ALWAYS_OPEN, ...opening }).map((each) => `${each.path} ${each.code}`)).toEqual(
      wanted,
    ),
  );
});
