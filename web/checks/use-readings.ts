import { defineStore } from 'pinia';
import { reactive, watch } from 'vue';
import type { Bike } from '@cadre/contract/fleet';
import type { Asked, Position } from '@cadre/core/catalogue';
import type { Outcome, Reading } from '@cadre/core/checks';
import { inheritFit, type FitList } from '@cadre/core/fleet';
import { outcomeOfReading, type TypedReading } from '@cadre/core/line';
import { bareUnitOf, tyreWindow, type PressureWindow } from '@cadre/core/measures';
import { keepThing, keptThing, now } from '@cadre/web/app';

/** The window marked on this bike's tyre at a position, from its own fit list over its model's. */
export function windowOf(bike: Pick<Bike, 'fit'>, modelFit: FitList, position: Position): PressureWindow {
  const fit = inheritFit(modelFit, bike.fit);
  const end = position === 'rear' ? 'Rear' : 'Front';
  const number = (key: string): number | undefined => (typeof fit[`${key}${end}`] === 'number' ? Number(fit[`${key}${end}`]) : undefined);
  return tyreWindow({
    sidewallMin: number('sidewallMin'),
    sidewallMax: number('sidewallMax'),
    rimMax: number('rimMax'),
    hookless: fit[`hookless${end}`] === 'yes',
  });
}

/** A typed reading as a mark keeps it: the text and unit as given beside the core's value. */
export function readingOf(typed: TypedReading): Reading {
  const unit = /[a-z%]+$/i.exec(typed.typed)?.[0] ?? bareUnitOf(typed.measure);
  return { measure: typed.measure, values: [typed.value], typed: typed.typed, unit };
}

export interface Readings {
  /** Takes a reading of one question; answers what it says by itself, if anything. */
  take(key: string, reading: TypedReading): { readonly outcome: Outcome | null; readonly note: string };
  typed(key: string): TypedReading | null;
  readingFor(question: Pick<Asked, 'key'>): Reading | undefined;
  /** A reading outside its window, or with no known limit, waits for the person's word: no sweep speaks for it. */
  waits(key: string): boolean;
  /** It lies outside what is marked: nobody may call that sound, it is put right or a fault. */
  speaksAgainst(key: string): boolean;
  /** The check of this bike is signed: what was measured for it is in the record. */
  done(bikeId: string): void;
}

const THING = 'readings-waiting';
/** A reading of an earlier day says nothing of this one. */
const STALE_MS = 12 * 3_600_000;
interface Waiting {
  readonly reading: TypedReading;
  readonly at: number;
}

/** What was measured for checks not signed yet, kept in this browser: a closed tab loses no number. */
const useWaiting = defineStore('readings-waiting', () => {
  const waiting = reactive(new Map<string, Waiting>());
  const loaded = keptThing<[string, Waiting][]>(THING).then((kept) => {
    for (const [key, each] of kept ?? []) if (!waiting.has(key) && now() - each.at < STALE_MS) waiting.set(key, each);
  });
  watch(waiting, () => void loaded.then(() => keepThing(THING, [...waiting])));
  return { waiting };
});

/** What was measured for the check in hand, by bike and question; the same at the stand and on the line. */
export function useReadings(prefix = ''): Readings {
  const { waiting } = useWaiting();
  const of = (key: string): TypedReading | null => waiting.get(prefix + key)?.reading ?? null;
  return {
    take(key, reading) {
      const before = of(key);
      const outcome = outcomeOfReading(reading, before);
      waiting.set(prefix + key, { reading, at: now() });
      return {
        outcome,
        note: outcome === 'put-right' && before ? `Was ${before.typed}${/[a-z]/i.test(before.typed) ? '' : ` ${bareUnitOf(before.measure)}`}` : '',
      };
    },
    typed: of,
    readingFor: ({ key }) => {
      const reading = of(key);
      return reading ? readingOf(reading) : undefined;
    },
    waits: (key) => {
      const reading = of(key);
      return reading !== null && reading.verdict !== 'inside';
    },
    speaksAgainst: (key) => ['low', 'high', 'empty'].includes(of(key)?.verdict ?? ''),
    done: (bikeId) => [...waiting.keys()].filter((key) => key.startsWith(`${bikeId} `)).forEach((key) => waiting.delete(key)),
  };
}
