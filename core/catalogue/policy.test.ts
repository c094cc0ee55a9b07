import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import {
  completePolicy,
  DEFAULT_POLICY,
  DEFAULT_PRACTICES,
  isGivenSingly,
  MARKING_WAYS,
  SEVERITIES,
  SYSTEM_OF,
  SYSTEMS,
  worstSeverity,
  ZONES,
  type MarkingWay,
} from './index';

describe('how marks are given', () => {
  const critical = { critical: true, zone: 'front-brake' as const };
  const plain = { critical: false, zone: 'front-brake' as const };
  const trainee = { trainee: true, competences: [] };
  const other = { trainee: false, competences: [] };
  it.each<[MarkingWay, boolean, boolean, boolean, boolean]>([
    // trainee critical, trainee other, signed-off critical, signed-off other
    ['by-person', true, false, false, false],
    ['by-station', false, false, false, false],
    ['criticals-one-by-one', true, false, true, false],
    ['all-one-by-one', true, true, true, true],
  ])('%s', (marking, ...wanted) => {
    expect([
      isGivenSingly({ marking }, trainee, critical),
      isGivenSingly({ marking }, trainee, plain),
      isGivenSingly({ marking }, other, critical),
      isGivenSingly({ marking }, other, plain),
    ]).toEqual(wanted);
  });

  it('by person, frees a trainee of exactly the systems the lead signed for', () => {
    fc.assert(
      fc.property(fc.subarray([...SYSTEMS]), fc.constantFrom(...ZONES), (competences, zone) => {
        expect(isGivenSingly(DEFAULT_POLICY, { trainee: true, competences }, { critical: true, zone })).toBe(
          !competences.includes(SYSTEM_OF[zone]),
        );
      }),
    );
  });

  it('never asks less of a trainee than of somebody signed off', () => {
    fc.assert(
      fc.property(
        fc.constantFrom(...MARKING_WAYS),
        fc.boolean(),
        fc.constantFrom(...ZONES),
        (marking, isCritical, zone) => {
          const asked = { critical: isCritical, zone };
          expect(
            isGivenSingly({ marking }, other, asked) && !isGivenSingly({ marking }, trainee, asked),
          ).toBe(false);
        },
      ),
    );
  });
});

describe('a policy kept before there were practices', () => {
  it('reads as it was, with the rest as shipped', () => {
    const {
      practices: _practices,
      ownRoutes: _ownRoutes,
      legal: _legal,
      ...old
    } = { ...DEFAULT_POLICY, schema: 1 as const, soonDays: 3, version: 4 };
    expect(completePolicy(old)).toMatchObject({
      schema: 1,
      version: 4,
      soonDays: 3,
      legal: 'stop',
      ownRoutes: [],
      practices: DEFAULT_PRACTICES,
    });
  });
  it('keeps the choices it did know', () => {
    expect(
      completePolicy({ ...DEFAULT_POLICY, practices: { ...DEFAULT_PRACTICES, torque: 'witness' } }).practices
        .torque,
    ).toBe('witness');
  });
});

describe('words', () => {
  it('finds the worst severity wherever it stands', () => {
    fc.assert(
      fc.property(fc.array(fc.constantFrom(...SEVERITIES), { minLength: 1 }), (list) => {
        const worst = worstSeverity(list as [(typeof SEVERITIES)[number]]);
        expect(SEVERITIES.indexOf(worst)).toBe(Math.min(...list.map((each) => SEVERITIES.indexOf(each))));
      }),
    );
  });
});
