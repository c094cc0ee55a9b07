import { describe, expect, it } from 'vitest';
import type { DueService } from '@cadre/core/fitness';
import { HOUR_MS } from '@cadre/core/time';
import { factsLike } from '@cadre/test-world/core';
import { RIDE_OUT, SHIPPED_CHECKLISTS } from '@cadre/core/shipped';
import { calendarEntries, checklistSettling, sealantDose, weekLoads, type CalendarEntry } from '.';

// Half an hour before midnight in Madrid, where it is an hour later than in UTC.
const NOW = Date.parse('2026-11-30T22:30:00Z');
const at = (hours: number): number => NOW + hours * HOUR_MS;
const sites = [
  { id: 'quay', timeZone: 'Europe/London' },
  { id: 'hill', timeZone: 'Europe/Madrid' },
];
const service = (key: string, dueAt: number): DueService => ({
  service: key,
  name: `Do ${key}`,
  overdue: 'due',
  dueAt,
});
const bike = (id: string, services: readonly DueService[], siteId = 'quay') => ({
  id,
  siteId,
  facts: factsLike({ services }),
});
const days = (bikes: ReturnType<typeof bike>[], more: object = {}) =>
  calendarEntries({ sites, bikes, groups: [], rounds: [], ...more }, NOW).map(
    ({ day, kind, name, bikeIds, overdue }) =>
      `${day} ${kind} ${name} ${bikeIds.join('+')}${overdue ? ' overdue' : ''}`,
  );

describe('the calendar', () => {
  it('puts a service of several bikes on one day together, and another day apart', () => {
    expect(
      days([
        bike('a', [service('oil', at(30))]),
        bike('b', [service('oil', at(30)), service('wash', at(60))]),
        bike('c', [service('oil', at(80))]),
      ]),
    ).toEqual([
      '2026-12-02 service Do oil a+b',
      '2026-12-03 service Do wash b',
      '2026-12-04 service Do oil c',
    ]);
  });
  it('puts what is overdue on today, and says so; what falls due later today is not overdue', () => {
    expect(days([bike('a', [service('oil', at(-100))]), bike('b', [service('oil', at(1))])])).toEqual([
      '2026-11-30 service Do oil a+b overdue',
    ]);
    expect(days([bike('b', [service('oil', at(1))])])).toEqual(['2026-11-30 service Do oil b']);
  });
  it('counts days by the calendar of each site, and keeps sites apart', () => {
    expect(days([bike('a', [service('oil', at(1))]), bike('h', [service('oil', at(1))], 'hill')])).toEqual([
      '2026-11-30 service Do oil a',
      '2026-12-01 service Do oil h',
    ]);
  });
  it('shows groups when they go out and open rounds when they are due, first what has a time', () => {
    const groups = [{ id: 'g', siteId: 'quay', name: 'Year 5', outAt: at(12) }];
    const round = { siteId: 'quay', bikeIds: ['a'] };
    const rounds = [
      { ...round, id: 'r1', name: 'Morning', deadline: at(10), state: 'open' },
      { ...round, id: 'r2', name: 'Late', deadline: at(-30), state: 'open' },
      { ...round, id: 'r3', name: 'Done', deadline: at(9), state: 'closed' },
    ];
    expect(days([bike('a', [service('oil', at(9))])], { groups, rounds })).toEqual([
      '2026-11-30 round Late a overdue',
      '2026-12-01 round Morning a',
      '2026-12-01 group Year 5 ',
      '2026-12-01 service Do oil a',
    ]);
  });
  it('shows an event when it starts, and before it what has no round yet', () => {
    const steps = [
      { name: 'order', deadline: at(20), state: 'closed' },
      { name: 'clean', deadline: at(30), state: 'coming' },
      { name: 'late', deadline: at(-1), state: 'coming' },
    ];
    const events = [
      { id: 'e', siteId: 'quay', name: 'Lake ride', startsAt: at(50), bikeIds: ['a', 'b'], steps },
    ];
    expect(days([], { events })).toEqual([
      '2026-12-02 event Lake ride: clean a+b',
      '2026-12-03 event Lake ride a+b',
    ]);
  });
  it('shows what a campaign has still to do on each day, and what it has missed on today', () => {
    const slots = [
      { bikeId: 'a', day: '2026-12-02' },
      { bikeId: 'b', day: '2026-12-02' },
      { bikeId: 'c', day: '2026-12-02' },
      { bikeId: 'd', day: '2026-11-20' },
    ];
    const bikes = [
      { bikeId: 'a', partsOn: '2026-12-01' },
      { bikeId: 'b', partsOn: '2026-12-01' },
      { bikeId: 'c', partsOn: null },
    ];
    const campaigns = [{ id: 'k', siteId: 'quay', name: 'Spring', slots, bikes, done: [{ bikeId: 'b' }] }];
    const deliveries = [{ id: 'r', siteId: 'quay', bikeId: 'e', what: 'Sea pads', at: at(60) }];
    expect(days([], { campaigns, deliveries })).toEqual([
      '2026-11-30 campaign Spring d overdue',
      '2026-12-01 delivery Spring a',
      '2026-12-02 campaign Spring a+c',
      '2026-12-03 delivery Sea pads e',
    ]);
  });
  it('shows a recheck with a time, and none that waits for outings', () => {
    const recheck = (what: string, dueAt: number | null) => ({
      id: what,
      kind: 'soak',
      what,
      position: 'only',
      dueAt,
    });
    const facts = factsLike({ timedRechecks: [recheck('Tyre', at(3)), recheck('Spokes', null)] as never });
    expect(
      calendarEntries({ sites, bikes: [{ id: 'a', siteId: 'quay', facts }], groups: [], rounds: [] }, NOW),
    ).toMatchObject([{ kind: 'recheck', name: 'Tyre', day: '2026-12-01', bikeIds: ['a'] }]);
  });
});

describe('the checklist done for a service', () => {
  const of = (...settling: string[]): string | undefined =>
    checklistSettling(settling, SHIPPED_CHECKLISTS)?.key;
  it('is the ride-out where that asks it anyway, else one that asks little besides', () => {
    expect(of('rim-pads', 'disc-pads', 'rotor')).toBe(RIDE_OUT.key);
    expect(of('chain-lube')).toBe('lube');
  });
  it('is none where every one asks far more, or nothing settles it', () => {
    expect(of('sealant')).toBe('sealant');
    expect(of('post-freed')).toBeUndefined();
    expect(of('chain-lube', 'sealant')).toBeUndefined();
    expect(of()).toBeUndefined();
  });
});

describe('the sealant of a service', () => {
  it('is what is stated of the tubeless tyres, and says how many state nothing', () => {
    const tubeless = { tyreFront: 'tubeless', tyreRear: 'tubeless' } as const;
    expect(
      sealantDose([
        { build: tubeless, fit: { sealantFront: 60, sealantRear: 80 } },
        { build: tubeless, fit: { sealantFront: 60 } },
        { build: { tyreFront: 'tube', tyreRear: 'tube' }, fit: { sealantFront: 60 } },
      ]),
    ).toEqual({ ml: 200, unstated: 1 });
  });
});

describe('the load by week', () => {
  const entry = (kind: 'service' | 'round' | 'recheck', day: string, bikes: number): CalendarEntry => ({
    ...{ key: `${kind} ${day}`, kind, siteId: 'quay', day, at: null, name: kind, overdue: false, of: kind },
    bikeIds: Array.from({ length: bikes }, (_, index) => `b${index}`),
  });
  it('counts the bikes of each week from its Monday on, weeks without anything too', () => {
    const entries = [
      entry('service', '2026-11-29', 9), // the Sunday before
      entry('service', '2026-11-30', 2),
      entry('service', '2026-12-06', 3),
      entry('round', '2026-12-02', 14),
      entry('recheck', '2026-12-20', 1),
    ];
    expect(weekLoads(entries, '2026-12-03', 3)).toEqual([
      { from: '2026-11-30', services: 5, rechecks: 0, rounds: 14 },
      { from: '2026-12-07', services: 0, rechecks: 0, rounds: 0 },
      { from: '2026-12-14', services: 0, rechecks: 1, rounds: 0 },
    ]);
  });
});
