import { computed, onMounted, shallowRef, watch, type ComputedRef } from 'vue';
import type { Bike } from '@cadre/contract/fleet';
import { questionsOf, zonesOf, type Question } from '@cadre/core/catalogue';
import { inScope, batchColumns, type BatchColumn } from '@cadre/core/batch-check';
import { useCatalogue } from '@cadre/web/catalogue';
import { useFleet } from '@cadre/web/fleet';
import { columnName } from './cell-words';
import type { BatchAddress } from './batch-address';
import { EACH_RIDE_OUT } from './use-batch-checklists';
import * as t from './messages';

export interface Legend {
  readonly key: string;
  readonly name: string;
  readonly looks: readonly Question[];
}

/** A batch as paper needs it: the bikes, what is asked of each, and what every column stands for. */
export function usePaper(address: ComputedRef<BatchAddress>) {
  const fleet = useFleet();
  const catalogue = useCatalogue();
  const byTag = computed(() => new Map(fleet.bikes.map((bike) => [bike.tag.toUpperCase(), bike])));
  const bikes = computed(() =>
    address.value.tags.flatMap((tag): readonly Bike[] =>
      [byTag.value.get(tag.toUpperCase())].filter((bike) => bike !== undefined),
    ),
  );
  const askedBy = shallowRef<ReadonlyMap<string, readonly Question[]>>(new Map());
  const checklistName = computed(() =>
    address.value.checklistKey === EACH_RIDE_OUT
      ? t.rideOut
      : (catalogue.summaryOf(address.value.checklistKey)?.name ?? ''),
  );
  onMounted(async () => {
    if (!fleet.wall) await fleet.load();
    if (!catalogue.known) await catalogue.load();
  });
  watch(
    [bikes, () => address.value.checklistKey, () => catalogue.known],
    async () => {
      const found = new Map<string, readonly Question[]>();
      for (const bike of bikes.value) {
        const { checklistKey } = address.value;
        const checklist =
          checklistKey === EACH_RIDE_OUT
            ? await catalogue.checklistFor(bike.build.kind)
            : await catalogue.checklistByKey(checklistKey);
        if (checklist)
          found.set(bike.id, questionsOf(checklist.checklist, { build: bike.build, parts: bike.parts }));
      }
      askedBy.value = found;
    },
    { immediate: true },
  );
  const columns = computed(() =>
    batchColumns([...askedBy.value.values()], address.value.scope, zonesOf('m-front-first')),
  );
  const isAsked = (bike: Bike, column: BatchColumn): boolean =>
    (askedBy.value.get(bike.id) ?? []).some((each) =>
      column.kind === 'zone' ? each.zone === column.zone : each.key === column.key,
    );
  /** What each column stands for, so that nobody needs the screen to know. */
  const legend = computed(() =>
    columns.value.map((column) => {
      const looks = new Map<string, Question>();
      for (const questions of askedBy.value.values())
        for (const each of questions)
          if (
            (column.kind === 'zone' ? each.zone === column.zone : each.key === column.key) &&
            inScope(each, address.value.scope)
          )
            looks.set(each.key, each);
      return {
        key: column.key,
        name: columnName(column),
        looks: [...looks.values()],
      };
    }),
  );
  const pages = computed(() => {
    const each = columns.value.every((column) => column.kind === 'question') ? 16 : 12;
    return Array.from({ length: Math.ceil(bikes.value.length / each) }, (_, index) =>
      bikes.value.slice(index * each, (index + 1) * each),
    );
  });
  return { bikes, checklistName, columns, legend, isAsked, pages };
}
