import { reactive } from 'vue';
import type { Bike } from '@cadre/contract/fleet';
import type { Asked, Position } from '@cadre/core/catalogue';
import type { Outcome, Reading } from '@cadre/core/checks';
import { inheritFit, type FitList } from '@cadre/core/fleet';
import { outcomeOfReading, type TypedReading } from '@cadre/core/line';
import { bareUnitOf, tyreWindow, type PressureWindow } from '@cadre/core/measures';

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
  drop(key: string): void;
}

/** What was measured at this stand or line and not said of yet, by question. */
export function useReadings(): Readings {
  const typed = reactive(new Map<string, TypedReading>());
  return {
    take(key, reading) {
      const before = typed.get(key) ?? null;
      const outcome = outcomeOfReading(reading, before);
      typed.set(key, reading);
      return {
        outcome,
        note: outcome === 'put-right' && before ? `Was ${before.typed}${/[a-z]/i.test(before.typed) ? '' : ` ${bareUnitOf(before.measure)}`}` : '',
      };
    },
    typed: (key) => typed.get(key) ?? null,
    readingFor: ({ key }) => {
      const reading = typed.get(key);
      return reading ? readingOf(reading) : undefined;
    },
    waits: (key) => {
      const reading = typed.get(key);
      return reading !== undefined && reading.verdict !== 'inside';
    },
    speaksAgainst: (key) => ['low', 'high', 'empty'].includes(typed.get(key)?.verdict ?? ''),
    drop: (key) => void typed.delete(key),
  };
}
