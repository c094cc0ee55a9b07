import fc from 'fast-check';
import { expect, it } from 'vitest';
import { evaluateFitness } from '@cadre/core/fitness';
import { DAY, factsLike, findingLike, HOUR, NOON } from '@cadre/test-world/core';
import { keepAnswers } from './kept-answers';

const SPAN = 3 * DAY;
const moment = fc.integer({ min: NOON, max: NOON + SPAN });
const facts = fc
  .record({
    validUntil: fc.option(moment),
    limits: fc.array(moment, { maxLength: 2 }),
    services: fc.array(moment, { maxLength: 2 }),
  })
  .map(({ validUntil, limits, services }) =>
    factsLike({
      validUntil,
      findings: limits.map((until, at) =>
        findingLike({ id: `f${at}`, severity: 'soon', floor: 'soon', limit: { until, outings: 10 } }),
      ),
      services: services.map((dueAt) => ({
        ...{ service: 'sealant', name: 'Sealant', overdue: 'fix-by' as const },
        ...{ dueAt, until: dueAt + HOUR },
      })),
    }),
  );

it('answers at every later or earlier time, and whatever is on record, what judging anew would', () => {
  fc.assert(
    fc.property(
      facts,
      fc.array(fc.tuple(moment, fc.integer({ min: -HOUR, max: 5 * 60_000 })), {
        minLength: 1,
        maxLength: 12,
      }),
      (of, asked) => {
        const answer = keepAnswers();
        for (const [at, ahead] of asked)
          expect(answer(of, at, at + ahead)).toEqual(evaluateFitness(of, at, at + ahead));
      },
    ),
  );
});

it('keeps what it said until the clock can change it', () => {
  const answer = keepAnswers();
  const of = factsLike({ validUntil: NOON + HOUR });
  const first = answer(of, NOON);
  expect(answer(of, NOON + HOUR - 1)).toBe(first);
  expect(answer(of, NOON + HOUR).fitness).toBe('due');
});
