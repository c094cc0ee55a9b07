import { computed } from 'vue';
import { listLooks } from '@cadre/contract/checks';
import type { AnswerOf } from '@cadre/contract/http';
import type { Question } from '@cadre/core/catalogue';
import { secondGlance, type Reading, type SecondGlance } from '@cadre/core/checks';
import { dayAndClock, now } from '@cadre/web/platform/time';
import { send } from '@cadre/web/platform/api';
import { useSavedQuery } from '@cadre/web/platform/query';
import { asTyped } from '@cadre/web/measures';
import { OUTCOME_WORDS } from './wording';
import * as t from './messages';

type Look = AnswerOf<typeof listLooks>['looks'][number];

/** What the last looks at this bike found; as last fetched when there is no signal. */
export function useLastLooks(bikeId: string): {
  wordsFor(question: Question): string | null;
  readingOf(question: Pick<Question, 'key'>): Reading | null;
  weightOf(question: Question, asked: readonly Question[], isRecheck: boolean): SecondGlance | null;
} {
  const { data } = useSavedQuery({
    key: () => ['looks', bikeId],
    ask: async () => (await send(listLooks, { params: { id: bikeId } })).looks,
  });
  const looks = computed<ReadonlyMap<string, Look>>(
    () => new Map((data.value ?? []).map((look) => [look.key, look])),
  );

  function wordsFor(question: Question): string | null {
    const look = looks.value.get(question.key);
    // A plain pass says nothing a person would look for.
    if (!look || (look.outcome === 'pass' && !look.reading)) return null;
    const faults = look.faults.map(
      (each) =>
        question.checkpoint.faults.find((fault) => fault.key === each.fault)?.name.toLowerCase() ??
        each.fault,
    );
    const reading = look.reading ? asTyped(look.reading) : '';
    const read =
      reading && look.readAt !== null && look.readAt !== look.at
        ? t.readingOnWhen({ reading, when: dayAndClock(look.readAt, now()) })
        : reading;
    return [
      t.last + OUTCOME_WORDS[look.outcome].toLowerCase() + (faults.length ? `, ${faults.join(', ')}` : ''),
      dayAndClock(look.at, now()),
      read,
    ]
      .filter(Boolean)
      .join(' · ');
  }
  const outcomes = computed(() => new Map([...looks.value].map(([key, { outcome }]) => [key, outcome])));
  function weightOf(question: Question, asked: readonly Question[], isRecheck: boolean): SecondGlance | null {
    const keys = asked.map((each) => each.key);
    const weight = secondGlance(question.key, keys, outcomes.value);
    // After a repair more is asked than before a ride: that is no news of the bike.
    return isRecheck && weight === 'new' ? null : weight;
  }
  return { wordsFor, weightOf, readingOf: ({ key }) => looks.value.get(key)?.reading ?? null };
}
