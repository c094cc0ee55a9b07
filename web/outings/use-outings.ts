import { useDebounceFn } from '@vueuse/core';
import { defineStore } from 'pinia';
import { computed, ref, shallowRef, watch } from 'vue';
import type { AnswerOf } from '@cadre/contract/http';
import { listOutings, type Outing } from '@cadre/contract/outings';
import { HOUR_MS } from '@cadre/core/time';
import { send } from '@cadre/web/platform/api';
import { useSavedQuery } from '@cadre/web/platform/query';
import { now } from '@cadre/web/platform/time';
import { useFleet } from '@cadre/web/fleet';

type Known = AnswerOf<typeof listOutings>;

/** Everything that happened to one bike comes within a moment: it is asked for once. */
const TOGETHER_MS = 150;

/** What is out and what was of late, followed while somebody looks. */
export const useOutings = defineStore('outings', () => {
  const fleet = useFleet();
  const known = shallowRef<Known | null>(null);
  const began = ref(false);
  const query = useSavedQuery<Known>({
    key: () => ['outings'],
    ask: () => send(listOutings, { query: { since: now() - 18 * HOUR_MS } }),
    enabled: () => began.value,
  });
  watch(query.data, (fresh) => fresh && (known.value = fresh));
  const refetch = useDebounceFn(() => void query.refetch(), TOGETHER_MS);
  function begin(): void {
    if (began.value) return;
    began.value = true;
    fleet.onChanged(() => void refetch());
  }
  const openBy = computed(
    () =>
      new Map(
        (known.value?.outings ?? []).flatMap((outing) =>
          outing.backAt === null ? [[outing.bikeId, outing] as const] : [],
        ),
      ),
  );
  const lately = computed(
    () => new Map((known.value?.lately ?? []).map(({ bikeId, outings }) => [bikeId, outings])),
  );
  /** The outing a bike is on, as far as it is known. */
  const outingOf = (bikeId: string): Outing | null => openBy.value.get(bikeId) ?? null;

  return { known, asOf: query.offline, begin, openBy, lately, outingOf };
});
