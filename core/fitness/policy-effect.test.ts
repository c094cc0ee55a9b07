import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { DEFAULT_POLICY, type PolicyVersion } from '@cadre/core/catalogue';
import { floorOf, underPolicy } from '@cadre/core/findings';
import { DAY, factsLike, findingLike, NOON } from '@cadre/test-world/core';
import { evaluateFitness, policyEffect } from './index';

const policy = (part: Partial<PolicyVersion>): PolicyVersion => ({ ...DEFAULT_POLICY, ...part });
const soon = (daysOld: number) =>
  findingLike({
    severity: 'soon',
    floor: 'soon',
    openedAt: NOON - daysOld * DAY,
    limit: { until: NOON + (7 - daysOld) * DAY, outings: 10 },
  });

describe('a finding under another policy', () => {
  it('has its limit moved by as much as the policy moves', () => {
    expect(underPolicy(soon(2), policy({}), policy({ soonDays: 3 }), NOON)?.limit).toEqual({
      until: NOON + DAY,
      outings: 10,
    });
    expect(underPolicy(soon(2), policy({}), policy({ soonOutings: 4 }), NOON)?.limit).toEqual({
      until: NOON + 5 * DAY,
      outings: 4,
    });
    expect(underPolicy(soon(2), policy({}), policy({ soonDays: 30 }), NOON)?.limit?.until).toBe(
      NOON + 28 * DAY,
    );
  });
  it.each([
    ['a policy that moves no limit', soon(1), policy({ marking: 'by-station' })],
    ['a stop', findingLike({ severity: 'stop' }), policy({ soonDays: 2 })],
    ['a closed one', { ...soon(1), state: 'closed' as const }, policy({ soonDays: 2 })],
  ])('is left as it is by %s', (_name, finding, to) =>
    expect(underPolicy(finding, policy({}), to, NOON)).toBeNull(),
  );

  it('is raised where local rules now make it a stop, and never lowered', () => {
    const legal = findingLike({
      severity: 'soon',
      floor: 'soon',
      legal: true,
      limit: { until: NOON + DAY, outings: 5 },
    });
    expect(underPolicy(legal, policy({ legal: 'soon' }), policy({ legal: 'stop' }), NOON)).toMatchObject({
      severity: 'stop',
      floor: 'stop',
      limit: null,
    });
    const stop = findingLike({ severity: 'stop', floor: 'stop', legal: true });
    expect(underPolicy(stop, policy({ legal: 'stop' }), policy({ legal: 'soon' }), NOON)).toMatchObject({
      severity: 'stop',
      floor: 'soon',
    });
  });

  it('leaves what the lead lowered alone, whatever else it changes, and gives what it raises to soon a whole limit', () => {
    const lowered = findingLike({
      severity: 'watch',
      floor: 'soon',
      legal: true,
      limit: null,
      outingsUsed: 4,
    });
    expect(
      underPolicy(lowered, policy({ legal: 'soon' }), policy({ legal: 'soon', soonDays: 3 }), NOON),
    ).toBeNull();
    expect(underPolicy(lowered, policy({ legal: 'stop' }), policy({ legal: 'soon' }), NOON)).toBeNull();
    expect(underPolicy(lowered, policy({ legal: 'soon' }), policy({ legal: 'stop' }), NOON)).toMatchObject({
      severity: 'stop',
      limit: null,
    });
  });

  it('leaves a soon at least one outing, however strict it is', () => {
    const used = { ...soon(1), limit: { until: NOON + 6 * DAY, outings: 2 } };
    expect(
      underPolicy(used, policy({ soonOutings: 10 }), policy({ soonOutings: 2 }), NOON)?.limit?.outings,
    ).toBe(1);
    expect(
      underPolicy(
        { ...used, limit: { until: NOON, outings: 10 } },
        policy({ soonOutings: 10 }),
        policy({ soonOutings: 2 }),
        NOON,
      )?.limit?.outings,
    ).toBe(2);
  });

  it('weighs the lack of legal equipment as the policy says, other faults by their floor', () => {
    expect(floorOf({ floor: 'soon', legal: true }, { legal: 'stop' })).toBe('stop');
    expect(floorOf({ floor: 'soon', legal: true }, { legal: 'soon' })).toBe('soon');
    expect(floorOf({ floor: 'soon' }, { legal: 'stop' })).toBe('soon');
  });
});

describe('what a policy does to a bike', () => {
  it('is nothing when no finding is touched', () => {
    expect(policyEffect(factsLike(), policy({}), policy({ soonDays: 1 }), NOON)).toBeNull();
  });
  it('holds a bike whose soon runs out by it', () => {
    const effect = policyEffect(
      factsLike({ findings: [soon(4)] }),
      policy({}),
      policy({ soonDays: 3 }),
      NOON,
    );
    expect([effect?.before.fitness, effect?.after.fitness]).toEqual(['cleared-with-watch', 'held']);
  });
  it('leaves a bike held whose soon had run out, however much longer it may ride now', () => {
    const effect = policyEffect(
      factsLike({ findings: [soon(8)] }),
      policy({}),
      policy({ soonDays: 60 }),
      NOON,
    );
    expect([effect?.before.fitness, effect?.after.fitness]).toEqual(['held', 'held']);
    expect(effect?.after.reasons.map((reason) => reason.code)).toContain('ready-for-release');
  });

  it('never clears what was held, whatever it changes', () => {
    const part = fc.record({
      soonDays: fc.integer({ min: 1, max: 90 }),
      soonOutings: fc.integer({ min: 1, max: 60 }),
      legal: fc.constantFrom('stop', 'soon'),
    });
    const finding = fc
      .record({
        age: fc.integer({ min: 0, max: 40 }),
        used: fc.integer({ min: 0, max: 30 }),
        severity: fc.constantFrom('stop', 'soon', 'watch'),
        legal: fc.boolean(),
      })
      .map(({ age, used, severity, legal }) => ({
        ...findingLike({
          id: `f${age}${used}${severity}`,
          severity: severity as 'stop',
          floor: severity as 'stop',
          outingsUsed: used,
          limit: severity === 'soon' ? { until: NOON + (7 - age) * DAY, outings: 10 } : null,
        }),
        ...(legal ? { legal: true as const } : {}),
      }));
    fc.assert(
      fc.property(fc.array(finding, { maxLength: 4 }), part, part, (findings, from, to) => {
        const facts = factsLike({ findings });
        const effect = policyEffect(facts, policy(from), policy(to), NOON);
        if (effect?.before.fitness === 'held') expect(effect.after.fitness).toBe('held');
        if (effect) expect(effect.before).toEqual(evaluateFitness(facts, NOON));
      }),
    );
  });
});
