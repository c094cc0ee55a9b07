import { describe, expect, it } from 'vitest';
import { evaluateFitness, NO_FACTS, type FitnessFacts } from '@cadre/core/fitness';
import { ERROR_CODES } from '@cadre/core/errors';
import { factsLike, findingLike, HOUR, NOON } from '@cadre/test-world/core';
import { wordsFor } from '@cadre/web/platform/api';
import { ACCESSORY_WORDS, BUILD_FIELDS } from './build-words';
import { reasonWords } from './bike-words';

const said = (facts: FitnessFacts) =>
  evaluateFitness(facts, NOON).reasons.map((reason) =>
    reasonWords(reason, NOON, (id) => (id === 'ann' ? 'Ann' : '?'), 'Europe/London'),
  );

describe('reasons in words', () => {
  it('name the fault, its place, who found it and what ends it', () => {
    const [reason] = said(
      factsLike({
        findings: [
          findingLike({
            place: { clock: 4 },
            words: {
              checkpoint: 'Rim',
              fault: 'Small dent',
              doNext: '',
              toMechanic: true,
              note: 'by the valve',
            },
          }),
        ],
      }),
    );
    expect(reason?.what).toBe('Rim, front: small dent');
    expect(reason?.detail).toBe(
      'Do not ride · front brake · at 4 o’clock from the valve · Ann, today 13:00 · “by the valve”',
    );
    expect(reason?.ends).toBe('Repair, recheck, release. A qualified mechanic decides.');
  });

  it('count a soon down by date and outings', () => {
    const [reason] = said(
      factsLike({
        findings: [
          findingLike({
            severity: 'soon',
            floor: 'soon',
            outingsUsed: 9,
            limit: { until: NOON + 26 * HOUR, outings: 10 },
          }),
        ],
      }),
    );
    expect(reason?.detail).toContain('Fix by tomorrow 15:00 or within 1 outing');
  });

  it.each<[string, FitnessFacts, string]>([
    ['no check ever', NO_FACTS, 'No ride-out check yet'],
    [
      'left apart',
      factsLike({ notReassembled: [{ id: 'l', what: 'wheel out', by: 'ann' }] }),
      'Not reassembled: wheel out',
    ],
    ['a hold alone', factsLike({ holds: [{ id: 'h', since: NOON }] }), 'Held: not released yet'],
    [
      'incomplete',
      factsLike({
        newestCheck: {
          checkId: 'c',
          checklistName: 'Ride-out',
          signedAt: NOON,
          complete: false,
          awaitsCoSign: false,
          criticalsMissing: 2,
        },
      }),
      'Ride-out is incomplete',
    ],
  ])('%s', (_name, facts, wanted) => {
    expect(said(facts)[0]?.what).toBe(wanted);
  });
});

describe('words', () => {
  it('stand for every refusal, saying what is wrong and what to do', async () => {
    for (const code of ERROR_CODES) {
      const { what, todo } = await wordsFor({ type: '', status: 400, code });
      expect(what.length, code).toBeGreaterThan(8);
      expect(todo.length, code).toBeGreaterThan(5);
    }
  });

  it('stand for every field and option of a build', () => {
    expect(BUILD_FIELDS).toHaveLength(21);
    for (const field of BUILD_FIELDS)
      for (const option of field.options) expect(option.label).toMatch(/^[A-Z0-9]/);
    expect(Object.keys(ACCESSORY_WORDS)).toHaveLength(19);
  });
});
