import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { BIKE_KINDS, type BikeKind } from '@cadre/core/fleet';
import {
  CLIMATES,
  climateOn,
  DEFAULT_POLICY,
  exceptionIssues,
  policyOn,
  practicesEffect,
  practicesOn,
  type Climate,
  type PolicyVersion,
  type PracticeException,
} from './index';

const site = 'lodge';
const withExceptions = (...practiceExceptions: PracticeException[]): PolicyVersion => ({
  ...DEFAULT_POLICY,
  practiceExceptions,
  seasons: [
    { siteId: site, climate: 'wet', from: '11-01', to: '02-28' },
    { siteId: site, climate: 'dusty', from: '07-01', to: '07-31' },
  ],
});
const waxed = withExceptions({ practice: 'lubeKind', side: 'wax', kinds: ['hybrid'], climates: ['wet'] });
const on = (policy: PolicyVersion, kind: BikeKind, day: string, siteId = site) =>
  policyOn(policy, { kind, siteId, day }).practices;

describe('the climate of a day', () => {
  it.each([
    ['2026-11-01', 'wet'],
    ['2026-12-31', 'wet'],
    ['2027-02-28', 'wet'],
    ['2028-02-29', 'dry'],
    ['2026-10-31', 'dry'],
    ['2026-07-15', 'dusty'],
  ])('%s is %s', (day, climate) => expect(climateOn(waxed.seasons, site, day)).toBe(climate));
  it('is dry at a site with no seasons, and on no day at all', () => {
    expect(climateOn(waxed.seasons, 'elsewhere', '2026-12-01')).toBe('dry');
    expect(climateOn(waxed.seasons, site, '')).toBe('dry');
  });
});

describe('a practice that is another for some', () => {
  it.each<[BikeKind, string, string]>([
    ['hybrid', '2026-12-01', 'wax'],
    ['hybrid', '2026-07-15', 'oil'],
    ['hybrid', '2026-05-01', 'oil'],
    ['hardtail', '2026-12-01', 'oil'],
  ])('%s on %s: %s', (kind, day, side) => expect(on(waxed, kind, day).lubeKind).toBe(side));

  it('is by kind alone, or by climate alone, where the other is not said', () => {
    const byKind = withExceptions({ practice: 'looseSpoke', side: 'nip', kinds: ['child'] });
    expect(
      [on(byKind, 'child', '2026-12-01'), on(byKind, 'child', '2026-05-01')].map((each) => each.looseSpoke),
    ).toEqual(['nip', 'nip']);
    expect(on(byKind, 'trike', '2026-05-01').looseSpoke).toBe('mechanic');
    const byClimate = withExceptions({ practice: 'looseSpoke', side: 'nip', climates: ['dusty'] });
    expect(on(byClimate, 'trike', '2026-07-01').looseSpoke).toBe('nip');
    expect(on(byClimate, 'trike', '2026-06-30').looseSpoke).toBe('mechanic');
  });

  it('lets air out for slippery weather only, whatever is chosen', () => {
    const lower = { ...waxed, practices: { ...waxed.practices, winterPressure: 'lower' as const } };
    expect(on(lower, 'hybrid', '2026-12-01').winterPressure).toBe('lower');
    expect(on(lower, 'hybrid', '2026-05-01').winterPressure).toBe('as-summer');
    expect(on(lower, 'hybrid', '2026-07-15').winterPressure).toBe('as-summer');
  });

  it('is the same thing as long as nothing changes', () => {
    const day = { kind: 'hybrid', siteId: site, day: '2026-12-01' } as const;
    expect(policyOn(waxed, day)).toBe(policyOn(waxed, { ...day, day: '2026-12-02' }));
    expect(policyOn(waxed, day)).not.toBe(policyOn(waxed, { ...day, kind: 'child' }));
  });

  it('leaves every other practice as the program has it', () => {
    const anyException = fc.record({
      practice: fc.constant('headset' as const),
      side: fc.constantFrom('regreased', 'bearings', 'whole'),
      kinds: fc.option(fc.uniqueArray(fc.constantFrom(...BIKE_KINDS), { minLength: 1 }), { nil: undefined }),
      climates: fc.option(fc.uniqueArray(fc.constantFrom(...CLIMATES), { minLength: 1 }), { nil: undefined }),
    });
    fc.assert(
      fc.property(
        anyException,
        fc.constantFrom(...BIKE_KINDS),
        fc.constantFrom<Climate>(...CLIMATES),
        (exception, kind, climate) => {
          const { headset, ...others } = practicesOn(withExceptions(exception), { kind, climate });
          const { headset: _headset, ...usual } = practicesOn(DEFAULT_POLICY, { kind, climate });
          expect(others).toEqual(usual);
          const reached =
            (exception.kinds?.includes(kind) ?? true) && (exception.climates?.includes(climate) ?? true);
          expect(headset).toBe(reached ? exception.side : DEFAULT_POLICY.practices.headset);
        },
      ),
    );
  });
});

describe('what is wrong with exceptions', () => {
  const wax: PracticeException = { practice: 'lubeKind', side: 'wax', kinds: ['hybrid'], climates: ['wet'] };
  it.each<[string, PracticeException[], string[]]>([
    ['nothing', [wax], []],
    ['nothing where they meet on no bike', [wax, { ...wax, kinds: ['child'] }], []],
    ['nothing where they meet on no day', [wax, { ...wax, climates: ['salt'] }], []],
    [
      'two for one bike on one day',
      [wax, { ...wax, side: 'oil' }],
      ['practiceExceptions.1.practice exception-twice'],
    ],
    [
      'one for all kinds beside one for some',
      [wax, { practice: 'lubeKind', side: 'wax', climates: ['wet', 'dry'] }],
      ['practiceExceptions.1.practice exception-twice'],
    ],
    ['a side that is none', [{ ...wax, side: 'tallow' }], ['practiceExceptions.0.side unknown']],
    ['no kind', [{ ...wax, kinds: [] }], ['practiceExceptions.0.kinds required']],
    ['no climate', [{ ...wax, climates: [] }], ['practiceExceptions.0.climates required']],
    ['all bikes all year', [{ practice: 'lubeKind', side: 'wax' }], ['practiceExceptions.0.kinds required']],
    [
      'an interval by climate',
      [{ practice: 'chainLube', side: 'after-wet', climates: ['wet'] }],
      ['practiceExceptions.0.climates interval-by-climate'],
    ],
    ['an interval by kind is none', [{ practice: 'chainLube', side: 'after-wet', kinds: ['hybrid'] }], []],
  ])('%s', (_name, exceptions, wanted) =>
    expect(exceptionIssues(exceptions).map((issue) => `${issue.path} ${issue.code}`)).toEqual(wanted),
  );
});

describe('which bikes a change of practice reaches', () => {
  const bikes = [
    { tag: '7', kind: 'hybrid', siteId: site },
    { tag: '3', kind: 'hybrid', siteId: site },
    { tag: '9', kind: 'hardtail', siteId: site },
    { tag: '12', kind: 'hybrid', siteId: 'elsewhere' },
  ] as const;
  const none = withExceptions();
  it('for hybrids in the wet only: the hybrids of sites that have a wet season', () =>
    expect(practicesEffect(none, waxed, bikes)).toEqual([
      { practice: 'lubeKind', from: 'oil', to: 'wax', climates: ['wet'], tags: ['3', '7'] },
    ]));
  it('for all: every bike, whatever the season', () =>
    expect(
      practicesEffect(none, { ...none, practices: { ...none.practices, headset: 'whole' } }, bikes),
    ).toEqual([
      { practice: 'headset', from: 'regreased', to: 'whole', climates: null, tags: ['12', '3', '7', '9'] },
    ]));
  it('none where nothing changes, and none that has an exception of its own', () => {
    expect(practicesEffect(waxed, waxed, bikes)).toEqual([]);
    const own = withExceptions({ practice: 'headset', side: 'whole', kinds: ['hybrid'] });
    expect(
      practicesEffect(own, { ...own, practices: { ...own.practices, headset: 'whole' } }, bikes),
    ).toEqual([{ practice: 'headset', from: 'regreased', to: 'whole', climates: null, tags: ['9'] }]);
  });
  it('names the seasons in which air is let out', () =>
    expect(
      practicesEffect(none, { ...none, practices: { ...none.practices, winterPressure: 'lower' } }, bikes),
    ).toEqual([
      {
        practice: 'winterPressure',
        from: 'as-summer',
        to: 'lower',
        climates: ['wet'],
        tags: ['3', '7', '9'],
      },
    ]));
});
