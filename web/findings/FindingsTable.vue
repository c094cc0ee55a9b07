<script setup lang="ts">
import { computed } from 'vue';
import { RouterLink } from 'vue-router';
import {
  createSortedRowModel,
  rowSortingFeature,
  tableFeatures,
  useTable,
  type ColumnDef,
} from '@tanstack/vue-table';
import { SEVERITIES } from '@cadre/core/catalogue';
import { count, dayAndClock, useNow } from '@cadre/web/platform/time';
import { SEVERITY_WORDS } from '@cadre/web/words';
import { useFleet } from '@cadre/web/fleet';
import { FOUND_STATES, FOUND_STATE_WORDS, type FindingRow, type FoundState } from './use-findings';

/** Findings in rows, worst first or by whatever head is touched; on a phone each is a card. */
const props = defineProps<{
  rows: readonly FindingRow[];
  chosen: ReadonlySet<string>;
  mayAct: boolean;
}>();
const emit = defineEmits<{ toggle: [ids: readonly string[], yes: boolean] }>();
const fleet = useFleet();
const now = useNow();
const allChosen = computed(() => props.rows.every((row) => props.chosen.has(row.id)));

const features = tableFeatures({ rowSortingFeature, sortedRowModel: createSortedRowModel() });
const by =
  (of: (row: FindingRow) => number | string) =>
  (a: { original: FindingRow }, b: { original: FindingRow }): number => {
    const [x, y] = [of(a.original), of(b.original)];
    return x < y ? -1 : x > y ? 1 : 0;
  };
const column = (
  id: string,
  header: string,
  of: (row: FindingRow) => number | string,
): ColumnDef<typeof features, FindingRow> => ({
  id,
  header,
  accessorFn: of,
  sortFn: by(of),
});
/** An overdue soon stands with the stops. */
const weight = (row: FindingRow): number => (row.overdue ? 0.5 : SEVERITIES.indexOf(row.severity));
const columns = [
  column('severity', 'Severity', weight),
  column('tag', 'Bike', (row) => row.tag),
  column('what', 'What', (row) => row.what),
  column('where', 'Where', (row) => row.where),
  column('state', 'State', (row) => FOUND_STATES.indexOf(row.finding.state as FoundState)),
  column('openedAt', 'Found', (row) => -row.openedAt),
  column('until', 'Until', (row) => row.until),
];
const data = computed(() => [...props.rows]);
const table = useTable({
  features,
  columns,
  data,
  initialState: { sorting: [{ id: 'severity', desc: false }] },
  getRowId: (row: FindingRow) => row.id,
});
const until = ({ finding, overdue }: FindingRow): string => {
  if (finding.severity !== 'soon' || !finding.limit) return '';
  if (overdue) return 'past its limit';
  return `${dayAndClock(finding.limit.until, now.value)} or ${count(Math.max(0, finding.limit.outings - finding.outingsUsed), 'outing')}`;
};
const ARIA = { asc: 'ascending', desc: 'descending' } as const;
const sorted = (id: string): 'ascending' | 'descending' | 'none' => {
  const way = table.getColumn(id)?.getIsSorted();
  return way ? ARIA[way] : 'none';
};
</script>

<template>
  <table class="w-full border-collapse max-sm:block">
    <thead class="max-sm:sr-only">
      <tr v-for="group in table.getHeaderGroups()" :key="group.id" class="border-b-2 border-ink/60 text-left">
        <th v-if="mayAct" scope="col" class="w-12">
          <label class="grid size-12 place-items-center"
            ><span class="sr-only">Choose all in sight</span
            ><input
              type="checkbox"
              class="size-6"
              :checked="allChosen"
              data-choose-all
              @change="
                emit(
                  'toggle',
                  rows.map((row) => row.id),
                  ($event.target as HTMLInputElement).checked,
                )
              "
          /></label>
        </th>
        <th
          v-for="header in group.headers"
          :key="header.id"
          scope="col"
          :aria-sort="sorted(header.column.id)"
          class="p-0 align-bottom"
        >
          <button
            type="button"
            class="min-h-12 w-full whitespace-nowrap px-2 text-left font-semibold"
            :class="sorted(header.column.id) !== 'none' && 'text-act underline'"
            :data-sort="header.column.id"
            @click="header.column.toggleSorting(header.column.getIsSorted() === 'asc')"
          >
            {{ header.column.columnDef.header
            }}<span aria-hidden="true">{{
              { ascending: ' ↑', descending: ' ↓', none: '' }[sorted(header.column.id)]
            }}</span>
          </button>
        </th>
      </tr>
    </thead>
    <tbody class="max-sm:block">
      <tr
        v-for="{ id, original: row } in table.getRowModel().rows"
        :key="id"
        class="border-b border-line leading-snug max-sm:block max-sm:py-2"
        :class="(row.severity === 'stop' || row.overdue) && 'bg-held-wash'"
        :data-finding="row.id"
      >
        <td v-if="mayAct" class="max-sm:float-right">
          <label class="grid size-12 place-items-center"
            ><span class="sr-only">Choose {{ row.tag }}: {{ row.what }}</span
            ><input
              type="checkbox"
              class="size-6"
              :checked="chosen.has(row.id)"
              data-choose-finding
              @change="emit('toggle', [row.id], ($event.target as HTMLInputElement).checked)"
          /></label>
        </td>
        <td
          class="p-2 font-semibold max-sm:inline-block max-sm:p-1"
          :class="
            row.severity === 'stop' || row.overdue
              ? 'text-held'
              : row.severity === 'upkeep'
                ? ''
                : 'text-watch'
          "
        >
          {{ SEVERITY_WORDS[row.severity] }}
        </td>
        <td class="p-2 max-sm:inline-block max-sm:p-1">
          <RouterLink
            :to="{ name: 'bench', params: { bikeId: row.bikeId } }"
            class="sturdy inline-flex min-h-12 items-center text-lg underline"
            >{{ row.tag }}</RouterLink
          >
        </td>
        <td class="p-2 max-sm:block max-sm:p-1">
          {{ row.what
          }}<span v-if="row.finding.words.note" class="text-soft"> “{{ row.finding.words.note }}”</span>
        </td>
        <td class="p-2 max-sm:inline-block max-sm:p-1">{{ row.where }}</td>
        <td class="p-2 max-sm:inline-block max-sm:p-1">
          {{ FOUND_STATE_WORDS[row.finding.state as FoundState] }}
        </td>
        <td class="figures p-2 text-soft max-sm:inline-block max-sm:p-1">
          {{ dayAndClock(row.openedAt, now) }}, {{ fleet.nameOf(row.finding.openedBy)
          }}{{ row.finding.timesSeen > 1 ? ` · seen ${count(row.finding.timesSeen, 'time')}` : '' }}
        </td>
        <td class="figures p-2 max-sm:block max-sm:p-1" :class="row.overdue && 'font-semibold text-held'">
          {{ until(row) }}
        </td>
      </tr>
    </tbody>
  </table>
</template>
