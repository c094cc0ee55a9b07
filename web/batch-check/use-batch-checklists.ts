import { ref, shallowRef, watch } from 'vue';
import type { Bike } from '@cadre/contract/fleet';
import { RefusedError, UnreachableError, wordsFor, type Said } from '@cadre/web/platform/api';
import { useCatalogue } from '@cadre/web/catalogue';
import { useOutbox, type NamedChecklist } from '@cadre/web/checks';
import * as t from './messages';

/** What a checklist key means for a bike: `ride-out` is the ride-out of its kind. */
export const EACH_RIDE_OUT = 'each-ride-out';

/** The checklists a batch check asks of its bikes, by kind of bike; asked for again when the server is back. */
export function useBatchChecklists(
  input: { readonly bikes: () => readonly Bike[]; readonly checklistKey: () => string },
  loaded: () => void,
) {
  const catalogue = useCatalogue();
  const outbox = useOutbox();
  const checklists = shallowRef<ReadonlyMap<string, NamedChecklist>>(new Map());
  const ready = ref(false);
  const trouble = ref<Said | null>(null);

  async function askChecklists(): Promise<ReadonlyMap<string, NamedChecklist>> {
    const kinds = [...new Set(input.bikes().map((bike) => bike.build.kind))];
    if (!catalogue.known) await catalogue.load();
    if (!catalogue.known) throw new UnreachableError();
    const published = kinds.flatMap((kind) => {
      const summary =
        input.checklistKey() === EACH_RIDE_OUT
          ? catalogue.summaryFor(kind)
          : catalogue.summaryOf(input.checklistKey());
      return summary ? [{ kind, hash: summary.hash }] : [];
    });
    const found = await Promise.all(
      published.map(async ({ kind, hash }) => [kind, await catalogue.checklistOf(hash)] as const),
    );
    const had = new Map(
      found.flatMap(([kind, checklist]) => (checklist ? [[kind, checklist] as const] : [])),
    );
    // None of it here is not the same as nothing being asked.
    if (had.size === 0 && published.length > 0) throw new UnreachableError();
    return had;
  }
  async function loadChecklists(): Promise<void> {
    trouble.value = null;
    try {
      checklists.value = await askChecklists();
      ready.value = true;
      loaded();
    } catch (error) {
      trouble.value =
        error instanceof RefusedError
          ? await wordsFor(error.problem)
          : error instanceof UnreachableError
            ? {
                what: t.youOfflineTheseChecklists,
                todo: t.cadreLoadsChecklistsAs,
              }
            : {
                what: t.browserCouldNotLoad,
                todo: t.tryAgainIfFails,
              };
      if (!(error instanceof RefusedError) && !(error instanceof UnreachableError)) reportError(error);
    }
  }
  watch(
    () => outbox.reachable,
    (reached) => reached && trouble.value && void loadChecklists(),
  );

  return { checklists, ready, trouble, loadChecklists };
}
