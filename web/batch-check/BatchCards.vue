<script setup lang="ts">
import { useProvided } from '@cadre/web/platform/provided';
import { BATCH } from './batch-key';
import { computed } from 'vue';
import type { Question } from '@cadre/core/catalogue';
import type { BatchColumn } from '@cadre/core/batch-check';
import BatchCard from './BatchCard.vue';
import LooksHere from './LooksHere.vue';
import { columnName } from './cell-words';
import type { BatchBike } from './batch-bike';
import { DisclosureBox } from '@cadre/web/ui';
import * as t from './messages';

/** The batch by touch: one pass at a time, or all looks of a short one at once, each bike a card. */
defineProps<{
  standOf: (row: BatchBike) => object;
  looksOf: (columns: readonly BatchColumn[]) => readonly Question[];
}>();
const { batch, grid } = useProvided(BATCH);
const { columns, rows } = batch;
const short = computed(() => columns.value.every((column) => column.kind === 'question'));
/** A short batch is given whole unless one look of it is chosen. */
const whole = computed(() => short.value && columns.value.length > 1 && grid.wholeRow.value);
const shown = computed(() =>
  whole.value ? columns.value : columns.value.slice(grid.columnAt.value, grid.columnAt.value + 1),
);
const doneOf = (column: BatchColumn): string => {
  const asked = rows.value.map((row) => batch.cell(row, column)).filter((cell) => cell.questions.length > 0);
  return `${asked.filter((cell) => cell.left.length === 0).length}/${asked.length}`;
};
const chip = (on: boolean): string =>
  `min-h-12 shrink-0 rounded-md border-2 px-3 text-left leading-tight ${on ? 'border-ink bg-ink text-ground' : 'border-line bg-plate'}`;
async function pass(index: number): Promise<void> {
  if (whole.value) await grid.rowPass(index);
  else await grid.pass({ row: index, column: grid.columnAt.value });
}
</script>

<template>
  <div class="mt-2 space-y-3">
    <div
      v-if="columns.length > 1"
      class="relative flex gap-1.5 overflow-x-auto pb-1"
      role="group"
      :aria-label="t.questionsInBatch"
    >
      <button
        v-if="short"
        type="button"
        :class="chip(whole)"
        :aria-pressed="whole"
        data-column-key="all"
        @click="grid.showColumn(null)"
      >
        {{ t.allColumnsQuestions({ columns: columns.length }) }}
      </button>
      <button
        v-for="(column, index) in columns"
        :key="column.key"
        type="button"
        :class="chip(!whole && index === grid.columnAt.value)"
        :aria-pressed="!whole && index === grid.columnAt.value"
        :data-column-key="column.key"
        @click="grid.showColumn(index)"
      >
        {{ columnName(column) }}<span class="figures block text-sm opacity-80">{{ doneOf(column) }}</span>
      </button>
    </div>
    <DisclosureBox
      class="rounded-md bg-sunk px-3 py-2"
      :open="rows.every((row) => row.answers.size === 0)"
      :title="t.question"
    >
      <LooksHere
        compact
        :questions="looksOf(shown)"
        :title="shown.length === 1 && shown[0] ? columnName(shown[0]) : t.allQuestions"
      />
    </DisclosureBox>
    <ol class="space-y-2">
      <BatchCard
        v-for="(row, index) in rows"
        :key="row.bike.id"
        :row="row"
        :columns="shown"
        :stand-of="standOf"
        :data-current-row="index === grid.rowAt.value ? '' : undefined"
        @pass="pass(index)"
        @exception="
          whole ? grid.openRow(index) : grid.exception(null, { row: index, column: grid.columnAt.value })
        "
      >
        <slot v-if="grid.opened.value?.row.bike.id === row.bike.id" />
      </BatchCard>
    </ol>
  </div>
</template>
