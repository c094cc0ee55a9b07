<script setup lang="ts">
import { useProvided } from '@cadre/web/platform/provided';
import { BATCH } from './batch-key';
import { computed } from 'vue';
import { RouterLink } from 'vue-router';
import type { BatchColumn } from '@cadre/core/batch-check';
import { takesReading } from '@cadre/core/measures';
import { ReadingField, useMeasuredOn } from '@cadre/web/checks';
import { useSession } from '@cadre/web/people';
import { OutcomeMark } from '@cadre/web/ui';
import RowHead from './RowHead.vue';
import { cellReading, cellWordsFor, columnName } from './cell-words';
import type { BatchBike } from './batch-bike';
import * as t from './messages';

/** One bike of the batch under the thumb: passed in one touch, a number where one is measured, or what is wrong. */
const props = defineProps<{
  row: BatchBike;
  columns: readonly BatchColumn[];
  standOf: (row: BatchBike) => object;
}>();
const { batch, seen } = useProvided(BATCH);
const { vSeen } = seen;
const emit = defineEmits<{ pass: []; exception: [] }>();
const measuredOn = useMeasuredOn();
const session = useSession();
const cells = computed(() =>
  props.columns.map((column) => ({ column, cell: batch.cell(props.row, column) })),
);
const asked = computed(() => cells.value.flatMap(({ cell }) => cell.questions));
const left = computed(() => cells.value.flatMap(({ cell }) => cell.left));
const measured = computed(() => asked.value.filter((question) => takesReading(question.checkpoint.measure)));
const typedOf = (key: string) => batch.typed(props.row, { kind: 'question', key } as BatchColumn);
const over = computed(() => props.row.state === 'signed' || props.row.state === 'signing');
</script>

<template>
  <li
    class="rounded-md border-2 border-line bg-plate"
    :data-batch-row="row.bike.tag"
    v-seen="row.bike.id"
    :data-state="row.state"
    :data-complete="row.complete"
  >
    <div class="flex items-center gap-2 px-2 py-1.5 max-sm:flex-wrap">
      <RouterLink :to="standOf(row)" class="flex min-h-12 min-w-0 grow items-center"
        ><RowHead :row="row"
      /></RouterLink>
      <span
        class="flex flex-wrap justify-end gap-0.5 max-sm:order-last max-sm:basis-full max-sm:justify-start"
      >
        <span
          v-for="{ column, cell } in cells"
          :key="column.key"
          :data-cell="column.key"
          :data-outcome="cell.questions.length ? (cell.outcome ?? 'none') : 'not-asked'"
        >
          <OutcomeMark
            v-if="cell.questions.length"
            :outcome="cell.left.length > 0 && cell.outcome === 'pass' ? null : cell.outcome"
          />
          <span class="sr-only"
            >{{ columnName(column) }}:
            {{ cellWordsFor(cell, cellReading(cell, batch.typed(row, column))) }}</span
          >
        </span>
      </span>
      <p v-if="asked.length === 0" class="text-soft">{{ t.notAsked }}</p>
      <template v-else-if="!over">
        <button
          type="button"
          class="min-h-12 shrink-0 rounded-md border-2 border-line px-3 font-semibold"
          data-exception
          @click="emit('exception')"
        >
          {{ left.length ? t.problem : t.change }}<span class="sr-only">: {{ row.bike.tag }}</span>
        </button>
        <button
          v-if="left.length"
          type="button"
          class="min-h-12 shrink-0 rounded-md bg-act px-5 font-semibold text-on-act"
          data-pass
          @click="emit('pass')"
        >
          {{ t.pass }}<span class="sr-only">: {{ row.bike.tag }}</span>
        </button>
      </template>
    </div>
    <div v-if="!over && measured.length" class="grid" :class="measured.length > 1 && 'sm:grid-cols-2'">
      <div v-for="question in measured" :key="question.key">
        <ReadingField
          :question="question"
          :name="`${row.bike.tag}, ${columnName({ kind: 'question', ...question })}`"
          :label="
            columns.length > 1 || measured.length > 1
              ? columnName({ kind: 'question', ...question })
              : undefined
          "
          :bike="row.bike"
          :on="measuredOn(row.bike, question, row.checklist?.checklist)"
          :typed="typedOf(question.key)"
          :aside="batch.asideOf(row, question)"
          :may-aside="session.person?.role === 'lead'"
          @read="(reading) => batch.read(row, question, reading)"
          @accept="({ way: _way, ...given }) => batch.mark(row, [question], given)"
          @aside="(reason) => batch.leaveAside(row, question, reason)"
        />
      </div>
    </div>
    <slot />
  </li>
</template>
