import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import {
  CLIMATES,
  DEFAULT_PRACTICES,
  seasonIssues,
  WEATHERED,
  type Conditions,
  type Season,
  type ServiceRule,
} from '@cadre/core/catalogue';
import { BIKE_KINDS, USUAL_BUILD, type BikeKind, type Build } from '@cadre/core/fleet';
import { TYPICAL_OUTING } from '@cadre/core/measures';
import { CHECKPOINTS, shippedServices } from '@cadre/core/shipped';
import { DAY_MS, HOUR_MS } from '@cadre/core/time';
import {
  ALWAYS_DRY,
  climateAt,
  doneBy,
  lastDone,
  odometerSlip,
  rulesOfProgram,
  seasonLine,
  type SeasonLine,
  serviceDue,
  serviceIssues,
  serviceLeft,
  servicesEffect,
  servicePlan,
  usesOf,
  type ServiceDue,
} from '.';

const BY_KEY = new Map(CHECKPOINTS.map((checkpoint) => [checkpoint.key, checkpoint]));
const SITE = 'a-site';
const at = (text: string): number => Date.parse(text);
const BORN = at('2026-03-01T08:00:00Z');
const rule = (more: Partial<ServiceRule> = {}): ServiceRule => ({
  ...{ key: 'r', name: 'A service', applies: { always: true }, every: { days: 30 } },
  ...{ weathered: null, overdue: 'maintenance' },
  settledBy: { checkpoints: [], works: [], parts: [], services: [] },
  ...more,
});
const season = (climate: Season['climate'], from: string, to: string, more = {}): Season => ({
  ...{ siteId: SITE, climate, from, to },
  ...more,
});
const years = { first: 2026, last: 2028 };
const outingsFrom = (first: string, days: number): number[] =>
  Array.from({ length: days }, (_, day) => at(first) + day * DAY_MS);
const shown = (due: ServiceDue): string | null =>
  due.dueAt === null ? null : new Date(due.dueAt).toISOString();

describe('an interval by the calendar', () => {
  it.each<[string, number, string]>([
    ['a day', 1, '2026-03-02T08:00:00.000Z'],
    ['a fortnight', 14, '2026-03-15T08:00:00.000Z'],
    ['thirty days', 30, '2026-03-31T08:00:00.000Z'],
    ['ninety days', 90, '2026-05-30T08:00:00.000Z'],
    ['half a year', 182, '2026-08-30T08:00:00.000Z'],
    ['a year', 365, '2027-03-01T08:00:00.000Z'],
  ])('%s after it was done', (_name, days, wanted) =>
    expect(shown(serviceDue(rule({ every: { days } }), null, BORN, [], ALWAYS_DRY))).toBe(wanted),
  );

  it.each<[string, string | null, string, boolean]>([
    ['never done: from when the bike came', null, '2026-03-31T08:00:00.000Z', false],
    ['done since', '2026-04-10T09:00:00Z', '2026-05-10T09:00:00.000Z', true],
    ['said to be done before it came', '2026-01-01T00:00:00Z', '2026-03-31T08:00:00.000Z', true],
  ])('%s', (_name, doneAt, wanted, everDone) => {
    const due = serviceDue(rule(), doneAt === null ? null : at(doneAt), BORN, [], ALWAYS_DRY);
    expect([shown(due), due.everDone]).toEqual([wanted, everDone]);
  });
});

describe('an interval by use', () => {
  const daily = usesOf('hybrid', outingsFrom('2026-03-02T10:00:00Z', 60));
  it.each<[string, ServiceRule['every'], string | null, ServiceDue['by']]>([
    ['three outings', { outings: 3 }, '2026-03-04T10:00:00.000Z', 'outings'],
    ['one outing', { outings: 1 }, '2026-03-02T10:00:00.000Z', 'outings'],
    // 14 km an outing: 300 km with the 22nd.
    ['300 km', { km: 300 }, '2026-03-23T10:00:00.000Z', 'km'],
    ['14 km, to the metre', { km: 14 }, '2026-03-02T10:00:00.000Z', 'km'],
    ['15 km', { km: 15 }, '2026-03-03T10:00:00.000Z', 'km'],
    // 2 h an outing: 50 h with the 25th.
    ['50 h', { hours: 50 }, '2026-03-26T10:00:00.000Z', 'hours'],
    ['more than it was ridden', { km: 5000 }, null, null],
    ['km first', { days: 60, km: 300 }, '2026-03-23T10:00:00.000Z', 'km'],
    ['days first', { days: 10, km: 300 }, '2026-03-11T08:00:00.000Z', 'days'],
    ['hours before km', { hours: 10, km: 300 }, '2026-03-06T10:00:00.000Z', 'hours'],
    ['days where use is not yet enough', { days: 90, outings: 100 }, '2026-05-30T08:00:00.000Z', 'days'],
  ])('%s', (_name, every, wanted, by) => {
    const due = serviceDue(rule({ every }), null, BORN, daily, ALWAYS_DRY);
    expect([shown(due), due.by]).toEqual([wanted, by]);
  });

  it('counts an outing at the very moment it was done as before it', () => {
    const [first] = daily;
    const due = serviceDue(rule({ every: { outings: 1 } }), first?.at ?? 0, BORN, daily, ALWAYS_DRY);
    expect(shown(due)).toBe('2026-03-03T10:00:00.000Z');
  });

  it.each(BIKE_KINDS)('%s: as far as its kind usually goes', (kind) => {
    const uses = usesOf(kind, outingsFrom('2026-03-02T10:00:00Z', 100));
    const outings = Math.ceil(300 / TYPICAL_OUTING[kind].km);
    const due = serviceDue(rule({ every: { km: 300 } }), null, BORN, uses, ALWAYS_DRY);
    expect(due.dueAt).toBe(outings <= 100 ? uses[outings - 1]?.at : null);
  });
});

describe('a bike’s computer', () => {
  const outings = outingsFrom('2026-03-02T10:00:00Z', 4);
  const reading = (text: string, km: number) => ({ at: at(text), km });
  it.each<[string, readonly { at: number; km: number }[], readonly number[]]>([
    ['no reading: as usual', [], [14, 14, 14, 14]],
    [
      'one reading says where it stands, not how far it went',
      [reading('2026-03-03T12:00:00Z', 900)],
      [14, 14, 14, 14],
    ],
    [
      'two: the outings between them share the distance',
      [reading('2026-03-02T08:00:00Z', 100), reading('2026-03-03T12:00:00Z', 160)],
      [30, 30, 14, 14],
    ],
    [
      'not moved between two: nothing ridden',
      [reading('2026-03-02T08:00:00Z', 100), reading('2026-03-03T12:00:00Z', 100)],
      [0, 0, 14, 14],
    ],
    [
      'ridden without an outing on record',
      [reading('2026-02-01T08:00:00Z', 100), reading('2026-02-05T08:00:00Z', 140)],
      [40, 14, 14, 14, 14],
    ],
    [
      'three readings',
      [
        reading('2026-03-02T08:00:00Z', 0),
        reading('2026-03-02T18:00:00Z', 20),
        reading('2026-03-05T18:00:00Z', 110),
      ],
      [20, 30, 30, 30],
    ],
  ])('%s', (_name, odometer, wanted) =>
    expect(usesOf('hybrid', outings, odometer).map((use) => use.km)).toEqual(wanted),
  );

  it.each<[string, number | null, number, number, ReturnType<typeof odometerSlip>]>([
    ['the first', null, 12_000, 0, null],
    ['the same again', 500, 500, 1, null],
    ['a day’s ride', 500, 560, 1, null],
    ['backwards', 500, 499.9, 1, 'backwards'],
    ['a figure too many', 500, 5600, 1, 'leap'],
    ['as much over a month', 500, 5000, 31, null],
    ['the most of a day', 500, 650, 1, null],
    ['a hair over it', 500, 650.1, 1, 'leap'],
  ])('reading %s', (_name, before, km, days, wanted) =>
    expect(
      odometerSlip(before === null ? null : { at: BORN, km: before }, { at: BORN + days * DAY_MS, km }),
    ).toBe(wanted),
  );
});

describe('seasons', () => {
  const wetWinter = seasonLine([season('wet', '11-01', '02-28')], 'Europe/London', years);
  it.each<[string, string]>([
    ['2026-10-31T23:59:59Z', 'dry'],
    ['2026-11-01T00:00:00Z', 'wet'],
    ['2026-12-31T23:59:59Z', 'wet'],
    ['2027-02-28T23:59:59Z', 'wet'],
    ['2027-03-01T00:00:00Z', 'dry'],
    ['2027-11-15T12:00:00Z', 'wet'],
    ['2028-02-29T12:00:00Z', 'dry'],
  ])('over the new year: %s is %s', (time, wanted) => expect(climateAt(wetWinter, at(time))).toBe(wanted));

  it.each<[string, string, string]>([
    ['Pacific/Auckland', '2026-05-31T11:59:59Z', 'dry'],
    ['Pacific/Auckland', '2026-05-31T12:00:00Z', 'wet'],
    ['America/Denver', '2026-06-01T05:59:59Z', 'dry'],
    ['America/Denver', '2026-06-01T06:00:00Z', 'wet'],
    ['Europe/London', '2026-05-31T23:00:00Z', 'wet'],
    ['UTC', '2026-05-31T23:00:00Z', 'dry'],
  ])('begin by the site’s own calendar: in %s %s is %s', (zone, time, wanted) =>
    expect(climateAt(seasonLine([season('wet', '06-01', '08-31')], zone, years), at(time))).toBe(wanted),
  );

  it('one after the other, with dry between', () => {
    const line = seasonLine(
      [season('salt', '12-01', '01-31'), season('wet', '02-01', '03-15'), season('dusty', '07-01', '07-31')],
      'UTC',
      years,
    );
    expect(
      ['2026-12-01', '2027-01-31', '2027-02-01', '2027-03-15', '2027-03-16', '2027-07-04', '2027-08-01'].map(
        (day) => climateAt(line, at(`${day}T12:00:00Z`)),
      ),
    ).toEqual(['salt', 'salt', 'wet', 'wet', 'dry', 'dusty', 'dry']);
  });

  const WET = seasonLine([season('wet', '03-11', '03-31')], 'UTC', years);
  it.each<[string, ServiceRule, string]>([
    // Ten dry days, then two for one: twenty more of the thirty in ten.
    ['tyres come round twice as soon', rule({ weathered: 'tyres' }), '2026-03-21T04:00:00.000Z'],
    ['what it does not wear goes on as it was', rule({ weathered: 'posts' }), '2026-03-31T08:00:00.000Z'],
    ['what no climate touches too', rule(), '2026-03-31T08:00:00.000Z'],
    [
      'what runs in the wet alone begins with it',
      rule({ climates: ['wet'], every: { days: 7 } }),
      '2026-03-18T00:00:00.000Z',
    ],
    [
      'and weekly where a fortnight is halved',
      rule({ climates: ['wet'], weathered: 'rims', every: { days: 14 } }),
      '2026-03-18T00:00:00.000Z',
    ],
    [
      'a long one goes on where the wet ended, and into the next',
      rule({ climates: ['wet'], every: { days: 28 } }),
      '2027-03-18T00:00:00.000Z',
    ],
  ])('%s', (_name, given, wanted) => expect(shown(serviceDue(given, null, BORN, [], WET))).toBe(wanted));

  it('what runs in a climate that never comes is never due', () =>
    expect(serviceDue(rule({ climates: ['freezing'] }), null, BORN, [], WET).dueAt).toBeNull());

  it('the house’s own factor takes the place of the shipped one', () => {
    const line = seasonLine([season('wet', '03-01', '05-31', { factors: { tyres: 0.25 } })], 'UTC', years);
    expect(shown(serviceDue(rule({ weathered: 'tyres', every: { days: 40 } }), null, BORN, [], line))).toBe(
      '2026-03-11T08:00:00.000Z',
    );
  });

  it.each<[string, string]>([
    // 14 km an outing, from 2 March; each counts twice from the 11th on: 9 dry ones, then 28 km each.
    ['chain', '2026-03-17T10:00:00.000Z'],
    ['posts', '2026-03-23T10:00:00.000Z'],
  ])('a wet kilometre counts twice for the %s', (weathered, wanted) =>
    expect(
      shown(
        serviceDue(
          rule({ every: { km: 300 }, weathered: weathered as 'chain' }),
          null,
          BORN,
          usesOf('hybrid', outingsFrom('2026-03-02T10:00:00Z', 60)),
          WET,
        ),
      ),
    ).toBe(wanted),
  );

  it('an hour set forward in spring is lost to no interval', () => {
    const line = seasonLine([season('wet', '03-20', '04-10')], 'Europe/London', years);
    const due = serviceDue(rule({ every: { days: 30 }, weathered: 'tyres' }), null, BORN, [], line);
    // 18 d 16 h of the thirty in the dry, the other 11 d 8 h in half the time.
    expect(due.dueAt).toBe(at('2026-03-20T00:00:00Z') + (11 * DAY_MS + 8 * HOUR_MS) / 2);
  });

  it.each<[string, readonly Season[], readonly string[]]>([
    ['sound', [season('wet', '11-01', '02-28'), season('dusty', '06-01', '08-31')], []],
    ['without an end', [season('wet', '11-01', '')], ['seasons.0.to required']],
    ['without a beginning', [season('wet', '', '03-01')], ['seasons.0.from required']],
    ['a day that is none', [season('wet', '02-30', '03-01')], ['seasons.0.from no-such-day']],
    ['a month that is none', [season('wet', '01-01', '13-01')], ['seasons.0.to no-such-day']],
    ['not a day at all', [season('wet', '1 May', '06-01')], ['seasons.0.from no-such-day']],
    [
      'the same day in two',
      [season('wet', '11-01', '02-28'), season('salt', '02-28', '03-31')],
      ['seasons.1.from season-twice'],
    ],
    [
      'two over the new year',
      [season('wet', '12-15', '01-15'), season('salt', '01-10', '01-20')],
      ['seasons.1.from season-twice'],
    ],
    [
      'the same day at two sites',
      [season('wet', '11-01', '02-28'), { ...season('salt', '11-01', '02-28'), siteId: 'b-site' }],
      [],
    ],
    ['one day long', [season('salt', '01-01', '01-01')], []],
    [
      'a factor that does away with the interval',
      [season('wet', '11-01', '02-28', { factors: { tyres: 0.01 } })],
      ['seasons.0.factors.tyres out-of-range'],
    ],
    [
      'one that draws it out past four times',
      [season('wet', '11-01', '02-28', { factors: { chain: 4.5 } })],
      ['seasons.0.factors.chain out-of-range'],
    ],
  ])('as written: %s', (_name, seasons, wanted) =>
    expect(seasonIssues(seasons).map(({ path, code }) => `${path} ${code}`)).toEqual(wanted),
  );
});

const built = (kind: BikeKind, more: Partial<Build> = {}) => ({
  build: { ...USUAL_BUILD[kind], ...more },
  parts: [],
  siteId: SITE,
});
const RULES = shippedServices(DEFAULT_PRACTICES);
const servicesOf = (rules: readonly ServiceRule[], bike: ReturnType<typeof built>): readonly ServiceRule[] =>
  servicePlan(rules, bike, BY_KEY).rules;
const keysOf = (
  kind: BikeKind,
  more: Partial<Build> = {},
  practices = DEFAULT_PRACTICES,
): readonly string[] => servicesOf(shippedServices(practices), built(kind, more)).map((each) => each.key);

describe('what is serviced on a bike', () => {
  it.each<[string, readonly string[], string, boolean]>([
    ['a chain with a chain', keysOf('hybrid'), 'chain-lube', true],
    ['no chain on a belt', keysOf('hybrid', { transmission: 'belt' }), 'chain-lube', false],
    ['nor one to measure', keysOf('hybrid', { transmission: 'belt' }), 'chain-wear', false],
    ['sealant in tubeless tyres', keysOf('hardtail', { tyreFront: 'tubeless' }), 'sealant', true],
    ['none in tubes', keysOf('child', { tyreFront: 'tube', tyreRear: 'tube' }), 'sealant', false],
    ['fluid in hydraulic brakes', keysOf('hardtail', { brakeFront: 'hydraulic-disc' }), 'brake-fluid', true],
    ['none in cable ones', keysOf('child', { brakeFront: 'rim', brakeRear: 'rim' }), 'brake-fluid', false],
    ['rims where brakes rub on them', keysOf('child', { brakeFront: 'rim' }), 'rim-clean', true],
    [
      'none with discs',
      keysOf('hardtail', { brakeFront: 'hydraulic-disc', brakeRear: 'hydraulic-disc' }),
      'rim-clean',
      false,
    ],
    ['sag with a fork that sinks', keysOf('full-suspension'), 'sag', true],
    ['none with a rigid one', keysOf('child', { fork: 'rigid', rearSuspension: 'none' }), 'sag', false],
    ['fork lowers on a fork with air', keysOf('full-suspension'), 'fork-lowers', true],
    ['a motor', keysOf('step-through', { assist: 'mid-motor' }), 'assist', true],
    ['none', keysOf('hybrid', { assist: 'none' }), 'assist', false],
    ['a tune once a year', keysOf('hybrid', { assist: 'none' }), 'full-tune', true],
    ['with a motor the other one', keysOf('step-through', { assist: 'mid-motor' }), 'full-tune-assist', true],
    ['and not both', keysOf('step-through', { assist: 'mid-motor' }), 'full-tune', false],
    [
      'fork lowers before events alone where that is the practice',
      keysOf('full-suspension', {}, { ...DEFAULT_PRACTICES, forkLowers: 'before-events' }),
      'fork-lowers',
      false,
    ],
  ])('%s', (_name, keys, key, wanted) => expect(keys.includes(key)).toBe(wanted));

  it.each<[string, Partial<typeof DEFAULT_PRACTICES>, string, ServiceRule['every']]>([
    ['sealant every three months', {}, 'sealant', { days: 90 }],
    ['sealant twice a year', { sealantEvery: 'half-year' }, 'sealant', { days: 182 }],
    ['chain by distance', {}, 'chain-lube', { km: 300 }],
    ['chain at every outing', { chainLube: 'every-outing' }, 'chain-lube', { outings: 1 }],
    ['post each quarter', {}, 'seatpost', { days: 90 }],
    ['post each spring', { postFreed: 'spring' }, 'seatpost', { days: 365 }],
    ['tune once a year', {}, 'full-tune', { days: 365 }],
    ['twice with a motor', {}, 'full-tune-assist', { days: 180 }],
    ['each season', { fullTune: 'season' }, 'full-tune', { days: 182 }],
  ])('by practice: %s', (_name, practice, key, every) =>
    expect(
      shippedServices({ ...DEFAULT_PRACTICES, ...practice }).find((each) => each.key === key)?.every,
    ).toEqual(every),
  );

  it('a chain lubed after the wet is due after a wet outing and no dry one', () => {
    const lube = shippedServices({ ...DEFAULT_PRACTICES, chainLube: 'after-wet' }).find(
      (each) => each.key === 'chain-lube',
    ) as ServiceRule;
    const line = seasonLine([season('wet', '03-04', '03-31')], 'UTC', years);
    const uses = usesOf('hybrid', outingsFrom('2026-03-02T10:00:00Z', 10));
    expect(shown(serviceDue(lube, null, BORN, uses, line))).toBe('2026-03-04T10:00:00.000Z');
  });

  it('an outing in the wet counts as the wet does, in a dry season too; said to be dry it counts no less', () => {
    const lube = shippedServices({ ...DEFAULT_PRACTICES, chainLube: 'after-wet' }).find(
      (each) => each.key === 'chain-lube',
    ) as ServiceRule;
    const outings = outingsFrom('2026-03-02T10:00:00Z', 10);
    const [, second = 0, third = 0] = outings;
    const due = (said: Conditions, at: number, line: SeasonLine) =>
      serviceDue(lube, null, BORN, usesOf('hybrid', outings, [], new Map([[at, said]])), line).dueAt;
    expect(due('wet', second, ALWAYS_DRY)).toBe(second);
    expect(due('mud', second, ALWAYS_DRY)).toBe(second);
    expect(due('dry', second, ALWAYS_DRY)).toBeNull();
    const wet = seasonLine([season('wet', '03-04', '03-31')], 'UTC', years);
    expect(due('dry', third, wet)).toBe(third);
  });

  it('an outing in salt counts for two of what salt wears', () => {
    const rinse = rule({ every: { outings: 4 }, weathered: 'chain' });
    const outings = outingsFrom('2026-03-02T10:00:00Z', 6);
    const salt = new Map(outings.map((at) => [at, 'salt'] as const));
    expect(serviceDue(rinse, null, BORN, usesOf('hybrid', outings, [], salt), ALWAYS_DRY).dueAt).toBe(
      outings[1],
    );
  });

  it('what the program wrote in a rule’s place holds alone where it applies', () => {
    const childrens = rule({
      ...{ key: 'post-child', instead: 'seatpost', every: { days: 45 } },
      applies: { fitted: 'kind', in: ['child'] },
    });
    const rules = rulesOfProgram(RULES, [childrens]);
    const keys = (kind: BikeKind) => servicesOf(rules, built(kind)).map((each) => each.key);
    expect([keys('child').includes('seatpost'), keys('child').includes('post-child')]).toEqual([false, true]);
    expect([keys('hybrid').includes('seatpost'), keys('hybrid').includes('post-child')]).toEqual([
      true,
      false,
    ]);
  });

  it('a rule of the same key takes the shipped one’s place, one that is off takes it away, one of another site is not asked', () => {
    const sealant = RULES.find((each) => each.key === 'sealant') as ServiceRule;
    expect(
      rulesOfProgram(RULES, [{ ...sealant, every: { days: 45 } }]).find((each) => each.key === 'sealant')
        ?.every,
    ).toEqual({ days: 45 });
    expect(rulesOfProgram(RULES, [{ ...sealant, off: true }]).some((each) => each.key === 'sealant')).toBe(
      false,
    );
    expect(servicesOf([rule({ sites: ['b-site'] })], built('hybrid'))).toEqual([]);
    expect(servicesOf([rule({ sites: [SITE] })], built('hybrid'))).toHaveLength(1);
  });
});

describe('when it was last done', () => {
  const tubeless = built('hardtail', { tyreFront: 'tubeless', tyreRear: 'tubeless' });
  const sealant = RULES.find((each) => each.key === 'sealant') as ServiceRule;
  const chain = RULES.find((each) => each.key === 'chain-wear') as ServiceRule;
  const cables = RULES.find((each) => each.key === 'cables') as ServiceRule;
  it.each<[string, ServiceRule, Record<string, number>, number | null]>([
    ['nothing on record', sealant, {}, null],
    ['the act itself', sealant, { [doneBy.service('sealant')]: 5 }, 5],
    ['another service’s act', sealant, { [doneBy.service('sag')]: 5 }, null],
    ['one wheel passed of two', sealant, { [doneBy.pass('sealant@front')]: 5 }, null],
    [
      'both: as of the one passed first',
      sealant,
      { [doneBy.pass('sealant@front')]: 5, [doneBy.pass('sealant@rear')]: 9 },
      5,
    ],
    [
      'the act after it',
      sealant,
      { [doneBy.pass('sealant@front')]: 5, [doneBy.pass('sealant@rear')]: 9, [doneBy.service('sealant')]: 7 },
      7,
    ],
    ['a new chain', chain, { [doneBy.part('chain')]: 12 }, 12],
    ['a new tyre is no chain', chain, { [doneBy.part('tyre')]: 12 }, null],
    [
      'an assist bike’s tune counts for its cables too',
      cables,
      { [doneBy.service('full-tune-assist')]: 30 },
      30,
    ],
    ['a service it is part of', cables, { [doneBy.service('full-tune')]: 30 }, 30],
    [
      'work that does it',
      rule({ settledBy: { checkpoints: [], works: ['tyre-off'], parts: [], services: [] } }),
      { [doneBy.work('tyre-off')]: 8 },
      8,
    ],
  ])('%s', (_name, given, done, wanted) =>
    expect(
      lastDone(given, servicePlan([...RULES, given], tubeless, BY_KEY), new Map(Object.entries(done))),
    ).toBe(wanted),
  );

  it('one tubeless wheel is asked alone', () =>
    expect(
      lastDone(
        sealant,
        servicePlan(RULES, built('hardtail', { tyreFront: 'tubeless', tyreRear: 'tube' }), BY_KEY),
        new Map([[doneBy.pass('sealant@front'), 5]]),
      ),
    ).toBe(5));
});

describe('what a change of rules does', () => {
  const due = (service: string, dueAt: number) => ({ service, name: service, dueAt });
  it.each<[string, readonly ReturnType<typeof due>[], readonly ReturnType<typeof due>[], object | null]>([
    ['nothing', [due('a', 50)], [due('a', 50)], null],
    ['sooner', [due('a', 50)], [due('a', 40)], { sooner: 1, overdueNow: [] }],
    ['later', [due('a', 50)], [due('a', 60)], { later: 1, overdueNow: [] }],
    ['for the first time', [], [due('a', 60)], { added: 1, overdueNow: [] }],
    ['no more', [due('a', 50)], [], { gone: 1, overdueNow: [] }],
    ['overdue at once', [due('a', 50)], [due('a', 20)], { sooner: 1, overdueNow: ['T1'] }],
    ['overdue as it was', [due('a', 20)], [due('a', 10)], { sooner: 1, overdueNow: [] }],
    ['overdue from the beginning', [], [due('a', 30)], { added: 1, overdueNow: ['T1'] }],
  ])('%s', (_name, before, after, wanted) =>
    expect(servicesEffect([{ tag: 'T1', before, after }], 30)).toEqual(
      wanted === null
        ? []
        : [{ service: 'a', name: 'a', sooner: 0, later: 0, added: 0, gone: 0, overdueNow: [], ...wanted }],
    ),
  );
  it('counts bikes, a line a service, by name', () => {
    const bikes = ['T1', 'T2', 'T3'].map((tag, index) => ({
      tag,
      before: [due('b', 50), due('a', 50)],
      after: [due('b', 40 + index * 10), due('a', 45)],
    }));
    expect(servicesEffect(bikes, 0).map(({ service, sooner, later }) => [service, sooner, later])).toEqual([
      ['a', 3, 0],
      ['b', 1, 1],
    ]);
  });
});

describe('a rule as written', () => {
  const shippedKeys = new Set(CHECKPOINTS.map((each) => each.key));
  const settled = (more: Partial<ServiceRule['settledBy']>): ServiceRule['settledBy'] => ({
    ...{ checkpoints: [], works: [], parts: [], services: [] },
    ...more,
  });
  it.each<[string, readonly ServiceRule[], readonly string[]]>([
    ['sound', [rule()], []],
    ['no interval', [rule({ every: {} })], ['services.0.every never-due']],
    ['no days at all', [rule({ every: { days: 0 } })], ['services.0.every.days always-due']],
    ['a hundred years', [rule({ every: { days: 36_500 } })], ['services.0.every.days never-due']],
    ['every half outing', [rule({ every: { outings: 0.5 } })], ['services.0.every.outings always-due']],
    ['every kilometre', [rule({ every: { km: 1 } })], ['services.0.every.km always-due']],
    [
      'on no bike there is',
      [
        rule({
          applies: {
            all: [
              { fitted: 'kind', in: ['child'] },
              { fitted: 'kind', in: ['trike'] },
            ],
          },
        }),
      ],
      ['services.0.applies never-due'],
    ],
    ['no name', [rule({ name: ' ' })], ['services.0.name required']],
    ['the same key twice', [rule(), rule()], ['services.1.key twice']],
    [
      'settled by what nobody asks',
      [rule({ settledBy: settled({ checkpoints: ['no-such'] }) })],
      ['services.0.settledBy.checkpoints.0 unknown'],
    ],
    [
      'part of what is not there',
      [rule({ settledBy: settled({ services: ['no-such'] }) })],
      ['services.0.settledBy.services.0 unknown'],
    ],
    ['in place of what is not there', [rule({ instead: 'no-such' })], ['services.0.instead unknown']],
    ['in place of itself', [rule({ instead: 'r' })], ['services.0.instead wrong']],
    [
      'two that settle each other',
      [
        rule({ key: 'a', settledBy: settled({ services: ['b'] }) }),
        rule({ key: 'b', settledBy: settled({ services: ['a'] }) }),
      ],
      [
        'services.0.settledBy.services settles-each-other',
        'services.1.settledBy.services settles-each-other',
      ],
    ],
    [
      'one that settles itself',
      [rule({ settledBy: settled({ services: ['r'] }) })],
      ['services.0.settledBy.services settles-each-other'],
    ],
    ['one done without', [rule({ every: {}, off: true })], []],
  ])('%s', (_name, own, wanted) =>
    expect(
      serviceIssues(own, rulesOfProgram(RULES, own), shippedKeys).map(({ path, code }) => `${path} ${code}`),
    ).toEqual(wanted),
  );
  it('as shipped is sound, whatever the practices', () =>
    expect(serviceIssues(RULES, RULES, shippedKeys)).toEqual([]));
});

const climates = fc.constantFrom(...CLIMATES);
const someRule = fc
  .record({
    days: fc.option(fc.integer({ min: 1, max: 400 }), { nil: undefined }),
    km: fc.option(fc.integer({ min: 10, max: 600 }), { nil: undefined }),
    hours: fc.option(fc.integer({ min: 1, max: 60 }), { nil: undefined }),
    outings: fc.option(fc.integer({ min: 1, max: 40 }), { nil: undefined }),
    weathered: fc.option(fc.constantFrom(...WEATHERED)),
    climates: fc.option(fc.uniqueArray(climates, { minLength: 1 }), { nil: undefined }),
  })
  .map(({ weathered, climates: only, ...every }) => rule({ every, weathered, climates: only }));
const someLine = fc
  .tuple(climates, climates, fc.constantFrom('UTC', 'Europe/London', 'Pacific/Auckland'))
  .map(([first, second, zone]) =>
    seasonLine([season(first, '02-10', '05-20'), season(second, '10-01', '01-05')], zone, years),
  );
const someOutings = fc
  .array(fc.integer({ min: 0, max: 700 * 24 }), { maxLength: 80 })
  .map((hours) => hours.map((hour) => BORN + hour * HOUR_MS));
const someKind = fc.constantFrom(...BIKE_KINDS);
const late = (due: ServiceDue): number => due.dueAt ?? Infinity;

describe('whatever the rule, the season and the use', () => {
  it('done later is never due sooner', () => {
    fc.assert(
      fc.property(
        someRule,
        someLine,
        someOutings,
        someKind,
        fc.nat(5000),
        fc.nat(5000),
        (given, line, outings, kind, a, b) => {
          const uses = usesOf(kind, outings);
          const [first, second] = [Math.min(a, b), Math.max(a, b)].map((hours) => BORN + hours * HOUR_MS) as [
            number,
            number,
          ];
          expect(late(serviceDue(given, second, BORN, uses, line))).toBeGreaterThanOrEqual(
            late(serviceDue(given, first, BORN, uses, line)),
          );
        },
      ),
    );
  });

  it('more use is never less due', () => {
    fc.assert(
      fc.property(
        someRule,
        someLine,
        someOutings,
        someOutings,
        someKind,
        (given, line, outings, more, kind) => {
          expect(
            late(serviceDue(given, null, BORN, usesOf(kind, [...outings, ...more]), line)),
          ).toBeLessThanOrEqual(late(serviceDue(given, null, BORN, usesOf(kind, outings), line)));
        },
      ),
    );
  });

  it('what is due stays due as time goes on, and what is left by then is nothing', () => {
    fc.assert(
      fc.property(
        someRule,
        someLine,
        someOutings,
        someKind,
        fc.nat(9000),
        (given, line, outings, kind, hours) => {
          const uses = usesOf(kind, outings);
          const due = serviceDue(given, null, BORN, uses, line);
          const now = BORN + hours * HOUR_MS;
          const left = Object.values(serviceLeft(given, BORN, uses, line, now)) as number[];
          // Days run between uses: a service is due by the record the moment any count has run out.
          expect(left.some((each) => each <= 1e-6)).toBe(now >= late(due));
        },
      ),
    );
  });

  it('a service whose questions all passed is not overdue then', () => {
    fc.assert(
      fc.property(someKind, someOutings, fc.nat(9000), (kind, outings, hours) => {
        const bike = built(kind);
        const now = BORN + hours * HOUR_MS;
        const uses = usesOf(
          kind,
          outings.filter((each) => each <= now),
        );
        const plan = servicePlan(RULES, bike, BY_KEY);
        const passed = new Map(
          CHECKPOINTS.flatMap((checkpoint) =>
            ['only', 'front', 'rear', 'left-front', 'right-front'].map(
              (position) => [doneBy.pass(`${checkpoint.key}@${position}`), now] as const,
            ),
          ),
        );
        for (const each of plan.rules.filter(({ settledBy }) => settledBy.checkpoints.length > 0)) {
          const done = lastDone(each, plan, passed);
          expect(done, each.key).toBe(now);
          expect(late(serviceDue(each, done, BORN, uses, ALWAYS_DRY)), each.key).toBeGreaterThan(now);
        }
      }),
    );
  });
});

describe('the catalogue', () => {
  /** Checked by the program's tools' own dates, not by a bike's use. */
  const OFF_THE_BIKE = ['torque-wrench', 'gauge-reference', 'helmet', 'battery-charge'];
  const NAMES_AN_INTERVAL =
    /\bmonths?\b|\bwithin the year\b|\bevery \d+|\b\d+ (hours|days)\b|half a year|\byears\b/i;
  it('has a service for each checkpoint whose words name an interval', () => {
    const settling = new Set(RULES.flatMap((each) => each.settledBy.checkpoints));
    const naming = CHECKPOINTS.filter((each) =>
      NAMES_AN_INTERVAL.test(
        [each.how, each.passWhen, ...each.faults.map((fault) => fault.doNext)].join(' '),
      ),
    ).map((each) => each.key);
    expect(naming.length).toBeGreaterThan(4);
    expect(naming.filter((key) => !settling.has(key) && !OFF_THE_BIKE.includes(key))).toEqual([]);
  });
  it('names in its services only checkpoints that are there', () => {
    for (const each of RULES)
      for (const key of each.settledBy.checkpoints) expect(BY_KEY.has(key), `${each.key}: ${key}`).toBe(true);
  });
});
