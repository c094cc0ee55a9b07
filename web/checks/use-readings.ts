import { defineStore } from 'pinia';
import { reactive, watch } from 'vue';
import type { Question, Checkpoint } from '@cadre/core/catalogue';
import type { Mark, Reading } from '@cadre/core/checks';
import { isAgainst, outcomeOfReading, type TypedReading } from '@cadre/core/batch-check';
import { bareUnitOf } from '@cadre/core/measures';
import { saveValue, savedValue } from '@cadre/web/platform/local-db';
import { now } from '@cadre/web/platform/time';
import type { MarkGiven } from './drafts';
import { withUnit } from '@cadre/web/measures';

/** A typed reading as a mark keeps it: the text and unit as given beside the core's values. */
export function readingOf(typed: TypedReading, aside = ''): Reading {
  const unit = /[a-z%]+$/i.exec(typed.typed)?.[0] ?? bareUnitOf(typed.measure);
  const { measure, method, values, better } = typed;
  return {
    measure,
    values,
    typed: typed.typed,
    unit,
    ...(method ? { method } : {}),
    ...(better ? { better } : {}),
    ...(aside ? { aside } : {}),
  };
}

export interface Readings {
  /** Takes a reading of one question; answers what is marked for it: by itself, or what this person had said of it with the reading now. Null: the person says. */
  take(question: Measured, reading: TypedReading, own: Mark | null): Given | null;
  typed(key: string): TypedReading | null;
  readingFor(question: Pick<Question, 'key'>): Reading | undefined;
  /** A reading past its limit, or with no known limit, waits for the person's word: no sweep speaks for it. */
  waits(key: string): boolean;
  /** It lies past its limit: nobody may call that sound; it is put right or a fault, or the lead leaves its verdict aside. */
  speaksAgainst(key: string): boolean;
  /** The lead leaves the verdict aside, and says why. An empty reason takes that back. */
  leaveAside(key: string, reason: string): void;
  asideOf(key: string): string;
  /** The check of this bike is signed: what was measured for it is in the record. */
  done(bikeId: string): void;
}

type Measured = Pick<Question, 'key'> & { readonly checkpoint: Pick<Checkpoint, 'faults'> };
type Given = Omit<MarkGiven, 'way'>;

const THING = 'readings-taken';
/** A reading of an earlier day says nothing of this one. */
const STALE_MS = 12 * 3_600_000;
interface Waiting {
  readonly reading: TypedReading;
  readonly aside?: string;
  readonly at: number;
}

/** What was measured for checks not signed yet, kept in this browser: a closed tab loses no number. */
const useWaiting = defineStore('readings-waiting', () => {
  const waiting = reactive(new Map<string, Waiting>());
  const loaded = savedValue<[string, Waiting][]>(THING).then((found) => {
    for (const [key, each] of found ?? [])
      if (!waiting.has(key) && now() - each.at < STALE_MS) waiting.set(key, each);
  });
  watch(
    waiting,
    () =>
      void loaded.then(() =>
        saveValue(THING, JSON.parse(JSON.stringify([...waiting])) as [string, Waiting][]),
      ),
  );
  return { waiting };
});

/** What was measured for the check in hand, by bike and question; the same at the stand and on the line. */
export function useReadings(prefix = ''): Readings {
  const { waiting } = useWaiting();
  const of = (key: string): TypedReading | null => waiting.get(prefix + key)?.reading ?? null;
  const asideOf = (key: string): string => waiting.get(prefix + key)?.aside ?? '';
  return {
    take(question, reading, own) {
      const before = of(question.key);
      waiting.set(prefix + question.key, { reading, at: now() });
      const outcome = outcomeOfReading(reading, before, question.checkpoint.faults);
      if (outcome)
        return {
          outcome,
          note: outcome === 'fixed' && before ? `Was ${withUnit(before.typed, before.measure)}` : '',
        };
      if (!own) return null;
      // What was called sound before it was measured is not, where the number does not say so too: the person says again.
      if (own.outcome === 'pass' && reading.verdicts.some((verdict) => verdict.outcome !== 'pass'))
        return { outcome: 'withdrawn' };
      return { outcome: own.outcome, faults: [...own.faults], note: own.note };
    },
    typed: of,
    readingFor: ({ key }) => {
      const reading = of(key);
      return reading ? readingOf(reading, asideOf(key)) : undefined;
    },
    waits: (key) => {
      const reading = of(key);
      return (
        reading !== null && !asideOf(key) && reading.verdicts.some((verdict) => verdict.outcome !== 'pass')
      );
    },
    speaksAgainst: (key) => {
      const reading = of(key);
      return reading !== null && isAgainst(reading) && !asideOf(key);
    },
    leaveAside: (key, reason) => {
      const known = waiting.get(prefix + key);
      // A stop is nobody's to leave aside.
      if (
        known &&
        !known.reading.verdicts.some((verdict) => (verdict.uncorrected ?? verdict.becomes) === 'stop')
      )
        waiting.set(prefix + key, { ...known, aside: reason.trim() });
    },
    asideOf,
    done: (bikeId) =>
      [...waiting.keys()].filter((key) => key.startsWith(`${bikeId} `)).forEach((key) => waiting.delete(key)),
  };
}
