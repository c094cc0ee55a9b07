import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { SEVERITIES } from '@cadre/core/catalogue';
import { FINDING_STATES, isStopNow } from '@cadre/core/findings';
import { DAY, factsLike, findingLike, HOUR, NOON } from '@cadre/test-world/core';
import {
  evaluateFitness,
  mayGoOut,
  needsHold,
  NO_FACTS,
  releaseReadiness,
  type DueService,
  type Fitness,
  type FitnessFacts,
} from './index';

const soon = (more = {}) =>
  findingLike({
    id: 's1',
    severity: 'soon',
    floor: 'soon',
    limit: { until: NOON + DAY, outings: 10 },
    ...more,
  });
const serviceLike = (more: Partial<DueService>): DueService => ({
  ...{ service: 'brake-fluid', name: 'Brake fluid', overdue: 'maintenance', dueAt: NOON },
  ...more,
});
const fitness = (facts: FitnessFacts, now = NOON): Fitness => evaluateFitness(facts, now).fitness;

describe('fitness', () => {
  it.each<[string, FitnessFacts, Fitness, string | null]>([
    ['checked, nothing open', factsLike(), 'cleared', null],
    ['only upkeep open', factsLike({ findings: [findingLike({ severity: 'upkeep' })] }), 'cleared', null],
    [
      'a watch open',
      factsLike({ findings: [findingLike({ severity: 'watch' })] }),
      'cleared-with-watch',
      'watch-finding',
    ],
    ['a soon open', factsLike({ findings: [soon()] }), 'cleared-with-watch', 'soon-finding'],
    ['a soon past its outings', factsLike({ findings: [soon({ outingsUsed: 10 })] }), 'held', 'overdue-soon'],
    ['a stop open', factsLike({ findings: [findingLike()] }), 'held', 'stop-finding'],
    ['never checked', NO_FACTS, 'due', 'no-valid-check'],
    ['check run out', factsLike({ validUntil: NOON }), 'due', 'no-valid-check'],
    [
      'a trainee’s check not co-signed',
      factsLike({
        validUntil: null,
        newestCheck: {
          checkId: 'c',
          checklistName: 'Ride-out',
          signedAt: NOON,
          complete: true,
          awaitsCoSign: true,
          criticalsMissing: 0,
        },
      }),
      'due',
      'awaits-co-sign',
    ],
    [
      'newest check incomplete',
      factsLike({
        newestCheck: {
          checkId: 'c',
          checklistName: 'Ride-out',
          signedAt: NOON,
          complete: false,
          awaitsCoSign: false,
          criticalsMissing: 1,
        },
      }),
      'held',
      'check-incomplete',
    ],
    [
      'something left apart',
      factsLike({ notReassembled: [{ id: 'l', what: 'wheel out', by: 'tom' }] }),
      'held',
      'not-reassembled',
    ],
    ['a repair not rechecked', factsLike({ repairs: [{ id: 'r', state: 'done' }] }), 'held', 'repair-open'],
    [
      'a stop in an unsigned check',
      factsLike({ draftStops: [{ checkId: 'c', words: 'x' }] }),
      'held',
      'draft-stop',
    ],
    [
      'a report on its brakes unread',
      factsLike({ reports: [{ id: 'r', holds: true }] }),
      'held',
      'trouble-report',
    ],
    ['a report on its bell unread', factsLike({ reports: [{ id: 'r', holds: false }] }), 'cleared', null],
    [
      'a service overdue that keeps it in',
      factsLike({ services: [serviceLike({ overdue: 'due' })] }),
      'due',
      'service-overdue',
    ],
    [
      'a service overdue, with a date to do it by',
      factsLike({ services: [serviceLike({ overdue: 'fix-by', until: NOON + DAY })] }),
      'cleared-with-watch',
      'service-fix-by',
    ],
    [
      'that date past',
      factsLike({ services: [serviceLike({ overdue: 'fix-by', dueAt: NOON - DAY, until: NOON })] }),
      'due',
      'service-overdue',
    ],
    ['planned work overdue', factsLike({ services: [serviceLike({})] }), 'cleared', null],
    [
      'a service coming',
      factsLike({ services: [serviceLike({ overdue: 'due', dueAt: NOON + 1 })] }),
      'cleared',
      null,
    ],
    [
      'a hold with nothing against it',
      factsLike({ holds: [{ id: 'h', since: NOON }] }),
      'held',
      'ready-for-release',
    ],
  ])('%s', (_name, facts, wanted, first) => {
    const answer = evaluateFitness(facts, NOON);
    expect(answer.fitness).toBe(wanted);
    expect(answer.reasons[0]?.code ?? null).toBe(first);
  });

  it('says what ends a stop by how far its repair is', () => {
    const endings = FINDING_STATES.slice(0, 4).map(
      (state) => evaluateFitness(factsLike({ findings: [findingLike({ state })] }), NOON).reasons[0]?.ends,
    );
    expect(endings).toEqual(['repair', 'finish-repair', 'recheck', 'release']);
  });

  it('tells when the clock alone will change it', () => {
    expect(
      evaluateFitness(
        factsLike({
          validUntil: NOON + 9 * HOUR,
          findings: [soon({ limit: { until: NOON + HOUR, outings: 3 } })],
        }),
        NOON,
      ).nextChangeAt,
    ).toBe(NOON + HOUR);
    expect(evaluateFitness(NO_FACTS, NOON).nextChangeAt).toBeNull();
    // What ends this very moment has ended.
    expect(evaluateFitness(factsLike({ validUntil: NOON }), NOON).nextChangeAt).toBeNull();
  });

  const anyFacts = fc
    .record({
      findings: fc.array(
        fc.record({
          severity: fc.constantFrom(...SEVERITIES),
          state: fc.constantFrom(...FINDING_STATES.slice(0, 4)),
          outingsUsed: fc.nat(12),
          until: fc.integer({ min: -3, max: 3 }),
        }),
        { maxLength: 4 },
      ),
      held: fc.boolean(),
      apart: fc.boolean(),
      valid: fc.integer({ min: -2, max: 2 }),
    })
    .map(({ findings, held, apart, valid }) =>
      factsLike({
        findings: findings.map((each, index) =>
          findingLike({
            ...each,
            id: `f${index}`,
            limit: each.severity === 'soon' ? { until: NOON + each.until * HOUR, outings: 10 } : null,
          }),
        ),
        holds: held ? [{ id: 'h', since: NOON }] : [],
        notReassembled: apart ? [{ id: 'l', what: 'x', by: 'y' }] : [],
        validUntil: NOON + valid * HOUR,
      }),
    );

  it('never clears a bike with a stop, a hold or something left apart', () => {
    fc.assert(
      fc.property(anyFacts, (facts) => {
        if (
          facts.holds.length ||
          facts.notReassembled.length ||
          facts.findings.some((finding) => isStopNow(finding, NOON))
        )
          expect(fitness(facts)).toBe('held');
      }),
    );
  });

  it('always gives a reason for anything but cleared, and what ends it', () => {
    fc.assert(
      fc.property(anyFacts, (facts) => {
        const answer = evaluateFitness(facts, NOON);
        expect(answer.reasons.length === 0).toBe(answer.fitness === 'cleared');
        for (const reason of answer.reasons) expect(reason.ends).toBeTruthy();
      }),
    );
  });

  it('never gets better by waiting', () => {
    const rank: Fitness[] = ['cleared', 'cleared-with-watch', 'due', 'held'];
    fc.assert(
      fc.property(anyFacts, fc.nat(10), (facts, hours) => {
        expect(rank.indexOf(fitness(facts, NOON + hours * HOUR))).toBeGreaterThanOrEqual(
          rank.indexOf(fitness(facts, NOON)),
        );
      }),
    );
  });

  it('lets only what is cleared go out', () => {
    expect((['cleared', 'cleared-with-watch', 'due', 'held'] as const).map(mayGoOut)).toEqual([
      true,
      true,
      false,
      false,
    ]);
  });
});

describe('a hold', () => {
  it('is needed for a stop and for a soon that ran out, once', () => {
    expect(needsHold(factsLike({ findings: [findingLike()] }), NOON)).toBe(true);
    expect(needsHold(factsLike({ findings: [soon()] }), NOON)).toBe(false);
    expect(needsHold(factsLike({ findings: [soon()] }), NOON + DAY)).toBe(true);
    expect(needsHold(factsLike({ findings: [findingLike()], holds: [{ id: 'h', since: 1 }] }), NOON)).toBe(
      false,
    );
  });

  it('outlives the lowering of what began it', () => {
    const lowered = factsLike({
      findings: [findingLike({ severity: 'watch' })],
      holds: [{ id: 'h', since: NOON }],
    });
    expect(evaluateFitness(lowered, NOON)).toMatchObject({
      fitness: 'held',
      reasons: [{ code: 'ready-for-release' }, { code: 'watch-finding' }],
    });
    expect(releaseReadiness(lowered, NOON)).toEqual({ held: true, blocks: [] });
  });
});

describe('a bike that is ready for its release', () => {
  it('says so beside whatever else holds it, and behind a stop not at all', () => {
    const holds = [{ id: 'h', since: NOON }];
    const codes = (more: Partial<FitnessFacts>) =>
      evaluateFitness(factsLike({ holds, ...more }), NOON).reasons.map((reason) => reason.code);
    expect(codes({ notReassembled: [{ id: 'l', what: 'wheel', by: 'tom' }] })).toEqual([
      'not-reassembled',
      'ready-for-release',
    ]);
    expect(codes({ repairs: [{ id: 'r', state: 'done' }] })).toEqual(['repair-open', 'ready-for-release']);
    expect(codes({ findings: [findingLike()] })).toEqual(['stop-finding']);
    expect(codes({ assessment: { id: 'i' } })).toEqual(['on-offer']);
  });
});

describe('a release', () => {
  it.each([
    ['open', 'not-repaired'],
    ['in-work', 'not-repaired'],
    ['repaired', 'not-rechecked'],
  ] as const)('waits for a stop that is %s', (state, code) => {
    expect(
      releaseReadiness(factsLike({ findings: [findingLike({ state })] }), NOON).blocks.map(
        (block) => block.code,
      ),
    ).toEqual([code]);
  });

  it('waits for everything to be together, rechecked, signed and read', () => {
    const facts = factsLike({
      findings: [findingLike({ state: 'rechecked' })],
      holds: [{ id: 'h', since: 1 }],
      notReassembled: [{ id: 'l', what: 'x', by: 'y' }],
      repairs: [{ id: 'r', state: 'done' }],
      draftStops: [{ checkId: 'c', words: 'x' }],
      reports: [{ id: 'r', holds: true }],
    });
    expect(releaseReadiness(facts, NOON).blocks.map((block) => block.code)).toEqual([
      'not-reassembled',
      'repair-open',
      'draft-stop',
      'report-unread',
    ]);
  });

  it('is no act on a bike nothing holds', () => {
    expect(releaseReadiness(factsLike(), NOON)).toEqual({ held: false, blocks: [] });
  });
});
