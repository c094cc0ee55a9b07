import { defineStore } from 'pinia';
import { computed, ref, shallowRef, watch } from 'vue';
import type { AnswerOf } from '@cadre/contract/http';
import { listLabels, makeLabels, type LabelCode } from '@cadre/contract/labels';
import type { Labelled } from '@cadre/core/labels';
import { useAct } from '@cadre/web/platform/act';
import { send } from '@cadre/web/platform/api';
import { useSavedQuery } from '@cadre/web/platform/query';

type Known = AnswerOf<typeof listLabels>;

/** The codes in force, saved on this device: a scan leads to its bike without signal too. */
export const useLabels = defineStore('labels', () => {
  const act = useAct();
  const known = shallowRef<Known | null>(null);
  const began = ref(false);
  const query = useSavedQuery<Known>({
    key: () => ['labels'],
    ask: () => send(listLabels),
    enabled: () => began.value,
  });
  watch(query.data, (fresh) => fresh && (known.value = fresh));
  const bySubject = computed(
    () => new Map((known.value?.codes ?? []).map((label) => [label.subjectId, label])),
  );
  async function begin(): Promise<void> {
    began.value = true;
    if (known.value === null) await query.refetch();
  }
  /** What a code is on; one this device does not know is asked for once more, as it may be new. */
  async function lookUp(code: string): Promise<LabelCode | null> {
    const find = (): LabelCode | undefined => known.value?.codes.find((each) => each.code === code);
    await begin();
    if (!find()) await query.refetch();
    return find() ?? null;
  }
  async function make(kind: Labelled, subjectIds: readonly string[], renew: boolean): Promise<void> {
    await act(makeLabels, { body: { kind, subjectIds: [...subjectIds], renew } }, subjectIds.join());
    await query.refetch();
  }
  return { known, bySubject, begin, lookUp, make };
});
