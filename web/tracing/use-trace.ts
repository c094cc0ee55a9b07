import { useLocalStorage } from '@vueuse/core';
import { computed, ref, watch, type ComputedRef, type Ref } from 'vue';
import { holds } from '@cadre/core/catalogue';
import type { Bike } from '@cadre/contract/fleet';
import type { TraceRun } from '@cadre/contract/tracing';
import {
  recordedAnswers,
  traceHere,
  traceState,
  withRecorded,
  type RecordedAnswer,
  type Trace,
  type TraceOrigin,
  type TraceState,
} from '@cadre/core/tracing';
import { RefusedError, UnreachableError } from '@cadre/web/platform/api';
import { now } from '@cadre/web/platform/time';
import type { SharedTraces, TraceSaid } from './use-shared-traces';

export type TracePosition = 'only' | 'front' | 'rear';

export interface TraceInHand {
  /** As the bike's build, this program's repairs and this search's own repairs leave it. */
  readonly trace: ComputedRef<Trace>;
  /** Whether this bike can show the symptom at all. */
  readonly fits: ComputedRef<boolean>;
  /** The search as everybody has it; null: none is begun on this bike, or no bike is chosen. */
  readonly run: ComputedRef<TraceRun | null>;
  /** What people answered. */
  readonly given: ComputedRef<ReadonlyMap<string, number | null>>;
  /** What the record answers where nobody did. */
  readonly recorded: ComputedRef<readonly RecordedAnswer[]>;
  /** Both together. */
  readonly answers: ComputedRef<ReadonlyMap<string, number | null>>;
  readonly state: ComputedRef<TraceState>;
  /** The search as it is sent: what people answered and what the record does. */
  said(): TraceSaid;
  /** Whether there are answers on this device that the server does not have yet. */
  readonly unsynced: Readonly<Ref<boolean>>;
  answer(question: string, answer: number | null): Promise<void>;
  takeBack(question: string): Promise<void>;
  clear(): Promise<void>;
  sync(): Promise<void>;
}

type Answers = readonly (readonly [question: string, answer: number | null])[];
interface Saved {
  readonly answers: Answers;
  /** Changed here since it was synced. */
  readonly changed: boolean;
}

const ownOf = (run: TraceRun): Answers =>
  run.answers.filter(({ fromRecord }) => !fromRecord).map(({ question, answer }) => [question, answer]);

/** A search in hand: its answers outlive a closed tab, go to the server where a bike is chosen, and each can be taken back. */
export function useTrace(
  whole: () => Trace,
  bike: () => Bike | null,
  position: () => TracePosition,
  shared: SharedTraces,
  input: {
    readonly origin: () => { kind: TraceOrigin; id: string | null };
    /** Whether this person's answers go into the bike's record. */
    readonly maySave: () => boolean;
    /** Told what the server refused of the answers: they are given one after the other without waiting for it. */
    readonly refused: (error: unknown) => void;
  },
): TraceInHand {
  const key = computed(() => `cadre.search.${whole().key}.${bike()?.id ?? ''}.${position()}`);
  const saved = useLocalStorage<Saved>(key, { answers: [], changed: false });
  const run = computed(
    () =>
      shared.runs.value.find(
        (each) => each.trace === whole().key && each.position === position() && each.state !== 'closed',
      ) ?? null,
  );
  const fitted = computed(() => {
    const of = bike();
    return of ? { build: of.build, parts: of.parts } : null;
  });
  const trace = computed(() =>
    traceHere(whole(), {
      ...{ fitted: fitted.value, position: position() },
      ...{ proved: shared.proved.value, refuted: run.value?.refuted ?? [] },
    }),
  );
  const fits = computed(() => {
    const { applies, at } = whole();
    return !applies || !fitted.value || holds(applies, fitted.value, at ?? position());
  });
  // A newer Cadre may ask other questions: what is not asked any more is left out.
  const given = computed(() => {
    const counts = new Map(trace.value.questions.map((each) => [each.key, each.answers.length]));
    return new Map(saved.value.answers.filter(([each, answer]) => (answer ?? 0) < (counts.get(each) ?? 0)));
  });
  const recorded = computed(() =>
    shared.record.value && bike()
      ? recordedAnswers(trace.value, shared.record.value, position(), now()).filter(
          ({ question }) => !given.value.has(question),
        )
      : [],
  );
  const answers = computed(() => withRecorded(given.value, recorded.value));
  // What another person answered meanwhile is taken over, and a search that was closed is over here too, unless something was answered here that is not synced yet.
  watch(
    [run, shared.record],
    ([fresh, known]) => {
      if (saved.value.changed || !bike() || !known) return;
      saved.value = { answers: fresh ? ownOf(fresh) : [], changed: false };
    },
    { immediate: true },
  );

  const said = (): TraceSaid => ({
    ...{ trace: whole().key, position: position(), from: input.origin() },
    answers: [
      ...[...given.value].map(([question, answer]) => ({ question, answer, fromRecord: false })),
      ...recorded.value.map(({ question, answer }) => ({ question, answer, fromRecord: true })),
    ],
  });
  /** The search is not as it was known here: another person went on with it, or an answer of the server was lost. */
  const isChanged = (error: unknown): boolean =>
    error instanceof RefusedError && ['conflict.version', 'conflict.id-reused'].includes(error.problem.code);
  let sending = Promise.resolve();
  const failed = ref<unknown>(null);
  async function push(): Promise<void> {
    if (!bike() || !saved.value.changed || !input.maySave() || (run.value && run.value.state !== 'open'))
      return;
    let sent = saved.value.answers;
    try {
      await shared.save(run.value, said());
    } catch (error) {
      if (error instanceof UnreachableError) return; // saved on this device, and sent with the next answer or when the server is back
      if (!isChanged(error)) throw error;
      // Theirs and ours together, ours where both answered.
      await shared.refresh();
      sent = [...new Map([...(run.value ? ownOf(run.value) : []), ...saved.value.answers])];
      saved.value = { answers: sent, changed: true };
      await shared.save(run.value, said());
    }
    // What was answered while it was on its way goes with the next.
    if (JSON.stringify(saved.value.answers) === JSON.stringify(sent))
      saved.value = { ...saved.value, changed: false };
    await shared.refresh();
  }
  function sync(): Promise<void> {
    sending = sending.then(push).catch((error: unknown) => {
      failed.value = error;
    });
    return sending.then(() => {
      const error = failed.value;
      failed.value = null;
      if (error) throw error as Error;
    });
  }
  watch(shared.offline, (offline) => {
    if (!offline) void sync().catch(input.refused);
  });
  const change = (next: Answers): Promise<void> => {
    saved.value = { answers: next, changed: true };
    return sync().catch(input.refused);
  };

  return {
    trace,
    fits,
    run,
    given,
    recorded,
    answers,
    state: computed(() => traceState(trace.value, answers.value)),
    unsynced: computed(() => bike() !== null && input.maySave() && saved.value.changed),
    answer: (question, answer) =>
      change([...saved.value.answers.filter(([each]) => each !== question), [question, answer]]),
    takeBack: (question) => change(saved.value.answers.filter(([each]) => each !== question)),
    clear: () => change([]),
    sync,
    said,
  };
}
