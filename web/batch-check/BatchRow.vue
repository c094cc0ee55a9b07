<script setup lang="ts">
import { useProvided } from '@cadre/web/platform/provided';
import { BATCH } from './batch-key';
import { computed, nextTick, ref, watch } from 'vue';
import { RouterLink } from 'vue-router';
import type { BatchColumn } from '@cadre/core/batch-check';
import { verdictShort } from '@cadre/web/measures';
import { OutcomeMark } from '@cadre/web/ui';
import RowHead from './RowHead.vue';
import { cellReading, cellWordsFor, columnName } from './cell-words';
import type { BatchBike } from './batch-bike';
import * as t from './messages';

/** One bike of the line as a row of the grid; drawn anew only when something of its own changes. */
const props = defineProps<{
  row: BatchBike;
  columns: readonly BatchColumn[];
  /** The cursor's column; -1 when it is elsewhere. */ at: number;
  standOf: (row: BatchBike) => object;
  /** The widths all rows share: each lays itself out, so that what is out of sight need not be. */
  template: string;
}>();
const { batch, seen } = useProvided(BATCH);
const { vSeen } = seen;
const typing = defineModel<string | null>('typing', { default: null });
const emit = defineEmits<{ select: [column: number]; commit: [move: 'down' | 'right'] }>();
const field = ref<HTMLInputElement[]>([]);
const cells = computed(() =>
  props.columns.map((column) => {
    const cell = batch.cell(props.row, column);
    const typed = batch.typed(props.row, column);
    const reading = cellReading(cell, typed);
    const against =
      typed && batch.speaksAgainst(props.row, { key: column.key }) ? verdictShort(typed.verdicts[0]) : '';
    return {
      column,
      cell,
      reading,
      against,
      words: `${cellWordsFor(cell, reading)}${against && ` ${against}`}`,
    };
  }),
);
watch(
  typing,
  (now, before) => now !== null && before === null && void nextTick(() => field.value[0]?.focus()),
);
</script>

<template>
  <div
    role="row"
    class="grid border-b border-line [contain-intrinsic-size:auto_3.1rem] [content-visibility:auto]"
    :style="{ gridTemplateColumns: template }"
    :class="at >= 0 && 'bg-sunk'"
    :data-batch-row="row.bike.tag"
    v-seen="row.bike.id"
    :data-state="row.state"
    :data-complete="row.complete"
  >
    <div
      role="rowheader"
      class="sticky left-0 z-[1] flex items-center px-2"
      :class="at >= 0 ? 'bg-sunk' : 'bg-ground'"
    >
      <RouterLink :to="standOf(row)" tabindex="-1" class="flex min-h-11 grow items-center"
        ><RowHead :row="row"
      /></RouterLink>
    </div>
    <div
      v-for="({ column, cell, reading, against, words }, index) in cells"
      :key="column.key"
      role="gridcell"
      class="relative flex min-h-12 items-stretch border-l border-line"
      :class="[
        at === index && 'outline-3 -outline-offset-3 outline-act',
        cell.outcome === 'fail' && 'bg-held-wash',
        cell.outcome === 'watch' && 'bg-watch-wash',
      ]"
    >
      <input
        v-if="at === index && typing !== null"
        ref="field"
        v-model="typing"
        class="figures w-full min-w-0 bg-plate px-2 text-lg"
        autocomplete="off"
        maxlength="40"
        :aria-label="`${row.bike.tag}, ${columnName(column)}`"
        @keydown.enter.prevent.stop="emit('commit', 'down')"
        @keydown.tab.prevent.stop="emit('commit', 'right')"
        @keydown.down.prevent.stop="emit('commit', 'down')"
        @keydown.esc.prevent.stop="typing = null"
      />
      <button
        v-else
        type="button"
        data-keys-pass
        class="flex w-full min-w-0 items-center justify-center gap-1.5 px-1"
        :tabindex="at === index ? 0 : -1"
        :data-cursor="at === index ? '' : undefined"
        :data-cell="column.key"
        :data-outcome="cell.questions.length ? (cell.outcome ?? 'none') : 'not-asked'"
        :aria-label="`${row.bike.tag}, ${columnName(column)}: ${words}`"
        @click="emit('select', index)"
      >
        <span v-if="cell.questions.length === 0" class="text-soft" aria-hidden="true">–</span>
        <template v-else>
          <OutcomeMark :outcome="cell.left.length > 0 && cell.outcome === 'pass' ? null : cell.outcome" />
          <span v-if="reading" class="figures whitespace-nowrap" :class="against && 'font-semibold text-held'"
            >{{ reading }} {{ against }}</span
          >
          <span
            v-else-if="cell.left.length && cell.left.length < cell.questions.length"
            class="figures text-sm text-soft"
            >{{ t.leftLeft({ left: cell.left.length }) }}</span
          >
        </template>
      </button>
    </div>
  </div>
</template>
