import { computed, type ComputedRef, type Ref } from 'vue';
import { v7 as newId } from 'uuid';
import type { Bike } from '@cadre/contract/fleet';
import type { AnswerOf, BodyOf } from '@cadre/contract/http';
import {
  addPuncture,
  closeTrace,
  endTrace,
  openTraces,
  proveTrace,
  saveTrace,
  traceRecord,
  type TraceRun,
} from '@cadre/contract/tracing';
import type { ProvedCause } from '@cadre/core/tracing';
import { useAct } from '@cadre/web/platform/act';
import { send } from '@cadre/web/platform/api';
import { useSavedQuery } from '@cadre/web/platform/query';
import { now } from '@cadre/web/platform/time';

type Record = AnswerOf<typeof traceRecord>['record'];
export type TraceSaid = Omit<BodyOf<typeof saveTrace>, 'id' | 'at' | 'bikeId' | 'version'>;
export type EndSaid = Omit<BodyOf<typeof endTrace>, 'id' | 'at'>;
export type PunctureSaid = Omit<BodyOf<typeof addPuncture>, 'id' | 'at'>;

export interface SharedTraces {
  readonly record: ComputedRef<Record | null>;
  /** The searches of this bike, the newest first. */
  readonly runs: ComputedRef<readonly TraceRun[]>;
  readonly proved: ComputedRef<readonly ProvedCause[]>;
  readonly offline: Readonly<Ref<boolean>>;
  /** What the server or this device knows of the bike is at hand: nothing that arrives later changes the question under a thumb. */
  readonly ready: ComputedRef<boolean>;
  refresh(): Promise<void>;
  /** Saves a search as it stands; the first time it begins it. */
  save(run: TraceRun | null, said: TraceSaid): Promise<TraceRun>;
  end(run: TraceRun, said: EndSaid): Promise<void>;
  prove(run: TraceRun, gone: boolean): Promise<void>;
  close(run: TraceRun, reason: string): Promise<void>;
  puncture(said: PunctureSaid): Promise<void>;
}

/** What all people know of the searches on a bike, what its record says, and what repairs have proved. */
export function useSharedTraces(bike: () => Bike | null): SharedTraces {
  const act = useAct();
  const bikeId = (): string => bike()?.id ?? '';
  const own = useSavedQuery({
    key: () => ['trace-record', bikeId()],
    ask: () => send(traceRecord, { params: { id: bikeId() } }),
    enabled: () => bikeId() !== '',
  });
  const all = useSavedQuery({ key: () => ['traces'], ask: () => send(openTraces) });
  const refresh = async (): Promise<void> => {
    await Promise.all([...(bikeId() ? [own.refetch()] : []), all.refetch()]);
  };
  let begun: { readonly key: string; readonly id: string } | null = null;
  return {
    record: computed(() => own.data.value?.record ?? null),
    runs: computed(() => own.data.value?.runs ?? []),
    proved: computed(() => all.data.value?.proved ?? []),
    offline: own.offline,
    ready: computed(
      () =>
        (own.data.value !== undefined || own.offline.value) &&
        (all.data.value !== undefined || all.offline.value),
    ),
    refresh,
    async save(run, said) {
      // A search begun twice after a lost answer is one search.
      const key = `${bikeId()} ${said.trace} ${said.position}`;
      if (!run && begun?.key !== key) begun = { key, id: newId() };
      const id = run?.id ?? begun?.id ?? newId();
      const saved = await act(saveTrace, {
        params: { id },
        body: { ...said, bikeId: bikeId(), version: run?.version ?? null, at: now() },
      });
      begun = null;
      return saved;
    },
    async end(run, said) {
      await act(endTrace, { params: { id: run.id }, body: { ...said, at: now() } }, run.id);
      await refresh();
    },
    async prove(run, gone) {
      await act(proveTrace, { params: { id: run.id }, body: { gone, at: now() } }, run.id);
      await refresh();
    },
    async close(run, reason) {
      await act(closeTrace, { params: { id: run.id }, body: { reason, at: now() } }, run.id);
      await refresh();
    },
    async puncture(said) {
      await act(addPuncture, { params: { id: bikeId() }, body: { ...said, at: now() } });
      await refresh();
    },
  };
}
