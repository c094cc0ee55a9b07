<script setup lang="ts">
import { computed } from 'vue';
import FindingsRow from './FindingsRow.vue';
import type { FindingRow } from './use-findings';
import { useFindingsTable } from './use-findings-table';
import * as t from './messages';

/** Findings in rows, worst first or by whatever head is touched; on a phone each is a card. */
const props = defineProps<{
  rows: readonly FindingRow[];
  chosen: ReadonlySet<string>;
  mayAct: boolean;
}>();
const emit = defineEmits<{ toggle: [ids: readonly string[], yes: boolean] }>();
const allChosen = computed(() => props.rows.every((row) => props.chosen.has(row.id)));

const table = useFindingsTable(() => props.rows);
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
            ><span class="sr-only">{{ t.chooseAllFindingsShown }}</span
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
      <FindingsRow
        v-for="{ id, original } in table.getRowModel().rows"
        :key="id"
        :row="original"
        :chosen="chosen.has(id)"
        :may-act="mayAct"
        @toggle="(yes) => emit('toggle', [id], yes)"
      />
    </tbody>
  </table>
</template>
