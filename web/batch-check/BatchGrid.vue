<script setup lang="ts">
import { useProvided } from '@cadre/web/platform/provided';
import { BATCH } from './batch-key';
import { computed } from 'vue';
import type { BatchColumn } from '@cadre/core/batch-check';
import BatchRow from './BatchRow.vue';
import { columnName } from './cell-words';
import type { BatchBike } from './batch-bike';
import * as t from './messages';

/** Bikes down, looks across: one cursor, like a checklist of squared paper on a board. */
defineProps<{ standOf: (row: BatchBike) => object }>();
const { batch, grid, seen } = useProvided(BATCH);
const { vSeen } = seen;
const { rowAt, columnAt, typing } = grid;
const columns = batch.columns;
const template = computed(
  () => `minmax(8.5rem, 1.2fr) repeat(${columns.value.length}, minmax(5.25rem, 1fr))`,
);
const doneOf = (column: BatchColumn): string => {
  const asked = batch.rows.value
    .map((row) => batch.cell(row, column))
    .filter((cell) => cell.questions.length > 0);
  return t.askedAsked2({
    asked: asked.filter((cell) => cell.left.length === 0).length,
    asked2: asked.length,
  });
};
</script>

<template>
  <div class="relative overflow-x-auto overflow-y-visible rounded-md border-2 border-line">
    <div
      role="grid"
      class="w-full"
      :style="{ minWidth: `${8.5 + 5.25 * columns.length}rem` }"
      :aria-rowcount="batch.rows.value.length + 1"
      :aria-label="t.batchCheck"
      data-batch-grid
    >
      <div
        role="row"
        class="grid border-b-2 border-ink/40 bg-sunk"
        :style="{ gridTemplateColumns: template }"
      >
        <div role="columnheader" class="sticky left-0 z-[1] flex items-end bg-sunk px-2 py-1 text-soft">
          {{ t.bike }}
        </div>
        <div
          v-for="(column, index) in columns"
          :key="column.key"
          v-seen="column.key"
          role="columnheader"
          class="flex flex-col justify-end border-l border-line px-1.5 py-1 text-center text-sm leading-tight"
          :class="index === columnAt && 'font-semibold text-act'"
          :data-column="column.key"
        >
          <span class="text-pretty hyphens-auto [overflow-wrap:anywhere]" lang="en">{{
            columnName(column)
          }}</span>
          <span class="figures text-soft">{{ doneOf(column) }}</span>
        </div>
      </div>
      <BatchRow
        v-for="(row, index) in batch.rows.value"
        :key="row.bike.id"
        v-memo="[row, columns, template, index === rowAt ? columnAt : -1, index === rowAt ? typing : null]"
        :typing="index === rowAt ? typing : null"
        :row="row"
        :columns="columns"
        :at="index === rowAt ? columnAt : -1"
        :stand-of="standOf"
        :template="template"
        @update:typing="(text) => (typing = text)"
        @select="(column) => grid.select(index, column)"
        @commit="(move) => grid.commit(move)"
      />
    </div>
  </div>
</template>
