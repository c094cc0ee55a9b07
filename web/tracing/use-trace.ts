import { useLocalStorage } from '@vueuse/core';
import { computed, type ComputedRef } from 'vue';
import { holds } from '@cadre/core/catalogue';
import type { Bike } from '@cadre/contract/fleet';
import { traceOn, traceState, type Trace, type TraceState } from '@cadre/core/tracing';

export type TracePosition = 'only' | 'front' | 'rear';

export interface TraceInHand {
  /** As the bike's build leaves it. */
  readonly trace: ComputedRef<Trace>;
  /** Whether this bike can show the symptom at all. */
  readonly fits: ComputedRef<boolean>;
  readonly answers: ComputedRef<ReadonlyMap<string, number | null>>;
  readonly state: ComputedRef<TraceState>;
  answer(question: string, answer: number | null): void;
  takeBack(question: string): void;
  clear(): void;
}

type Saved = readonly (readonly [question: string, answer: number | null])[];

/** A search in hand: its answers outlive a closed tab, and each can be taken back. */
export function useTrace(
  whole: () => Trace,
  bike: () => Bike | null,
  position: () => TracePosition,
): TraceInHand {
  const key = computed(() => `cadre.trace.${whole().key}.${bike()?.id ?? ''}.${position()}`);
  const saved = useLocalStorage<Saved>(key, []);
  const fitted = computed(() => {
    const of = bike();
    return of ? { build: of.build, parts: of.parts } : null;
  });
  const trace = computed(() => traceOn(whole(), fitted.value, position()));
  const fits = computed(() => {
    const { applies } = whole();
    return !applies || !fitted.value || holds(applies, fitted.value, position());
  });
  // A newer Cadre may ask other questions: what is not asked any more is left out.
  const answers = computed(() => {
    const counts = new Map(trace.value.questions.map((each) => [each.key, each.answers.length]));
    return new Map(saved.value.filter(([each, answer]) => (answer ?? 0) < (counts.get(each) ?? 0)));
  });
  return {
    trace,
    fits,
    answers,
    state: computed(() => traceState(trace.value, answers.value)),
    answer(question, answer) {
      saved.value = [...saved.value.filter(([each]) => each !== question), [question, answer]];
    },
    takeBack(question) {
      saved.value = saved.value.filter(([each]) => each !== question);
    },
    clear() {
      saved.value = [];
    },
  };
}
