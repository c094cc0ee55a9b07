import { HOUR_MS } from '@cadre/core/time';
import { defineStore } from 'pinia';
import { reactive, watch } from 'vue';
import type { Bike } from '@cadre/contract/fleet';
import type { Checkpoint, Question } from '@cadre/core/catalogue';
import type { Answer, Mark, Reading } from '@cadre/core/checks';
import { isAgainst, outcomeOfReading, takeReading, type TypedReading } from '@cadre/core/batch-check';
import { bareUnitOf, takesReading } from '@cadre/core/measures';
import { saveValue, savedValue } from '@cadre/web/platform/local-db';
import { now } from '@cadre/web/platform/time';
import type { MarkGiven, NamedChecklist } from './drafts';
import { useMeasuredOn } from './use-measured-on';
import { withUnit } from '@cadre/web/measures';
import * as t from './messages';

/** A typed reading as a mark has it: the text and unit as given beside the core's values. */
export function readingOf(typed: TypedReading, aside = ''): Reading {
  const unit = /[a-z%]+$/i.exec(typed.typed)?.[0] ?? bareUnitOf(typed.measure);
  const { measure, method, values, better, instrumentId } = typed;
  return {
    measure,
    values,
    typed: typed.typed,
    unit,
    ...(method ? { method } : {}),
    ...(better ? { better } : {}),
    ...(aside ? { aside } : {}),
    ...(instrumentId ? { instrumentId } : {}),
  };
}

type Asked = Pick<Question, 'key'>;
type Measured = Asked & { readonly checkpoint: Pick<Checkpoint, 'faults'> };
type Given = Omit<MarkGiven, 'way'>;

/** What was measured on one bike, for the check that is open on it. */
export interface BikeReadings {
  /** Takes a reading; answers what is marked for it: by itself, or what this person had said with the reading now. Null: the person says. */
  take(question: Measured, reading: TypedReading, own: Mark | null): Given | null;
  typed(question: Asked): TypedReading | null;
  /**
   * A mark as it may be given, what was measured in it; null where it would pass what was measured past its limit. Nobody may pass
   * that: it is fixed or a fault, or the lead leaves the verdict aside. Every mark goes through here.
   */
  markable<T extends Given>(question: Asked, given: T): T | null;
  /** The first of these passed before it was measured past its limit, by whomever: nothing is signed over it. */
  passedAgainst<Q extends Asked>(questions: readonly Q[], answers: ReadonlyMap<string, Answer>): Q | null;
  /** A reading past its limit, or with no known limit, waits for the person's word: no sweep speaks for it. */
  waits(question: Asked): boolean;
  speaksAgainst(question: Asked): boolean;
  /** The lead leaves the verdict aside, and says why. An empty reason takes that back. */
  leaveAside(question: Asked, reason: string): void;
  /** Its mark was taken back: the reading waits for a word again. */
  unmarked(question: Asked): void;
  asideOf(question: Asked): string;
  /** What was marked with a reading, here or elsewhere, is at hand as if it had been typed here. */
  recall(
    bike: Bike,
    checklist: NamedChecklist['checklist'],
    questions: readonly Question[],
    answers: ReadonlyMap<string, Answer>,
  ): void;
  /** The check is signed: what was measured is in the record. */
  done(): void;
}

const STORED_AS = 'readings-taken';
/** A reading of an earlier day says nothing of this one. */
const STALE_MS = 12 * HOUR_MS;
interface Taken {
  readonly reading: TypedReading;
  readonly aside?: string;
  readonly at: number;
  /** It is in a mark, and saved with that. */
  readonly inMark?: boolean;
}

const isOf = (bikeId: string, key: string): boolean => key.startsWith(`${bikeId} `);

/** What was measured and not signed yet. What waits for the person's word is saved here; the rest is saved in its mark. */
const useTaken = defineStore('readings-taken', () => {
  const taken = reactive(new Map<string, Taken>());
  const loaded = savedValue<[string, Taken][]>(STORED_AS).then((found) => {
    for (const [key, each] of found ?? [])
      if (!taken.has(key) && now() - each.at < STALE_MS) taken.set(key, each);
  });
  watch(taken, () => {
    const waiting = [...taken].filter(([, each]) => !each.inMark);
    void loaded.then(() => saveValue(STORED_AS, JSON.parse(JSON.stringify(waiting)) as [string, Taken][]));
  });
  return { taken };
});

/** What was measured, bike by bike; the same at the stand and in a batch check. */
export function useReadings(): (bikeId: string) => BikeReadings {
  const { taken } = useTaken();
  const measuredOn = useMeasuredOn();

  function readingsOf(bikeId: string): BikeReadings {
    const keyOf = (question: Asked): string => `${bikeId} ${question.key}`;
    const at = (question: Asked): Taken | undefined => taken.get(keyOf(question));
    const typed = (question: Asked): TypedReading | null => at(question)?.reading ?? null;
    const asideOf = (question: Asked): string => at(question)?.aside ?? '';
    const speaksAgainst = (question: Asked): boolean => {
      const reading = typed(question);
      return reading !== null && isAgainst(reading) && !asideOf(question);
    };
    return {
      typed,
      asideOf,
      speaksAgainst,
      take(question, reading, own) {
        const before = typed(question);
        taken.set(keyOf(question), { reading, at: now() });
        const outcome = outcomeOfReading(reading, before, question.checkpoint.faults);
        if (outcome)
          return {
            outcome,
            note:
              outcome === 'fixed' && before
                ? t.wasWithUnit({ withUnit: withUnit(before.typed, before.measure) })
                : '',
          };
        if (!own) return null;
        // What was passed before it was measured is not, where the number does not say so too: the person says again.
        if (own.outcome === 'pass' && reading.verdicts.some((verdict) => verdict.outcome !== 'pass'))
          return { outcome: 'withdrawn' };
        return { outcome: own.outcome, faults: [...own.faults], note: own.note };
      },
      markable(question, given) {
        if (given.outcome === 'pass' && speaksAgainst(question)) return null;
        const known = at(question);
        if (given.reading || !known) return given;
        if (given.outcome !== 'withdrawn') taken.set(keyOf(question), { ...known, inMark: true });
        return { ...given, reading: readingOf(known.reading, known.aside) };
      },
      passedAgainst: (questions, answers) =>
        questions.find((each) => answers.get(each.key)?.outcome === 'pass' && speaksAgainst(each)) ?? null,
      waits: (question) =>
        !asideOf(question) &&
        (typed(question)?.verdicts.some((verdict) => verdict.outcome !== 'pass') ?? false),
      leaveAside(question, reason) {
        const known = at(question);
        // A stop is nobody's to leave aside.
        if (
          known &&
          !known.reading.verdicts.some((verdict) => (verdict.uncorrected ?? verdict.becomes) === 'stop')
        )
          taken.set(keyOf(question), { ...known, aside: reason.trim(), inMark: false });
      },
      unmarked(question) {
        const known = at(question);
        if (known) taken.set(keyOf(question), { ...known, inMark: false });
      },
      recall(bike, checklist, questions, answers) {
        for (const question of questions) {
          const { measure } = question.checkpoint;
          const mark = answers.get(question.key)?.marks.find((each) => each.reading);
          if (!mark?.reading || !takesReading(measure) || taken.has(keyOf(question))) continue;
          const { typed: text, method, better, aside, instrumentId } = mark.reading;
          const cell = takeReading(
            measure,
            text,
            measuredOn(bike, question, checklist),
            measure === 'chain' ? undefined : method,
          );
          if (cell.kind === 'reading')
            taken.set(keyOf(question), {
              reading: {
                ...cell.reading,
                ...(better ? { better } : {}),
                ...(instrumentId ? { instrumentId } : {}),
              },
              at: mark.at,
              inMark: true,
              ...(aside ? { aside } : {}),
            });
        }
      },
      done: () => [...taken.keys()].filter((key) => isOf(bikeId, key)).forEach((key) => taken.delete(key)),
    };
  }

  const made = new Map<string, BikeReadings>();
  return (bikeId) => {
    const known = made.get(bikeId) ?? readingsOf(bikeId);
    made.set(bikeId, known);
    return known;
  };
}
