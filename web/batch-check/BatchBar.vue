<script setup lang="ts">
import { useProvided } from '@cadre/web/platform/provided';
import { BATCH } from './batch-key';
import { computed } from 'vue';
import { useSession } from '@cadre/web/people';
import { InstrumentSays } from '@cadre/web/instruments';
import { ActButton } from '@cadre/web/ui';
import { columnName } from './cell-words';
import * as t from './messages';

/** The acts of the batch, under the hand: undo, fill down, sign what is complete, and what there is to say about the last entry. */
defineProps<{ wide: boolean }>();
const { batch, grid } = useProvided(BATCH);
const emit = defineEmits<{ sign: []; paste: []; suggestion: [] }>();
const session = useSession();
const { said, suggestion, fillable, column } = grid;
const { rows, signable, undoable } = batch;
const done = computed(
  () => rows.value.filter((row) => row.state === 'signed' || row.state === 'signing').length,
);
const part = computed(() =>
  rows.value.some((row) => row.answers.size > 0 && !row.complete && row.state === 'open'),
);
const signWords = computed(() => {
  if (signable.value.length)
    return `${session.person?.trainee ? t.sync : t.sign} ${signable.value.length === 1 ? t.n1CompleteBike : t.signableCompleteBikes({ signable: signable.value.length })}`;
  if (done.value) return t.doneRowsSigned({ done: done.value, rows: rows.value.length });
  return part.value ? t.noBikeCompleteYet : t.noAnswersYet;
});
</script>

<template>
  <div
    data-bottom-bar
    class="fixed inset-x-0 bottom-0 z-10 border-t-2 border-ink/30 bg-ground px-4 py-2.5 max-sm:px-2"
  >
    <div class="mx-auto max-w-[110rem] space-y-2">
      <p
        v-if="said"
        role="alert"
        class="border-l-4 border-held bg-held-wash px-3 py-1.5 font-semibold text-held"
        data-batch-said
      >
        {{ said }}
        <button
          v-if="suggestion"
          type="button"
          class="ml-1 min-h-12 px-2 text-act underline"
          data-suggestion
          @click="emit('suggestion')"
        >
          {{ t.useSuggestion({ suggestion }) }}
        </button>
      </p>
      <InstrumentSays :field="grid.instrument" />
      <div class="flex items-center gap-2">
        <ActButton class="shrink-0 max-sm:px-3" :disabled="!undoable" data-undo @click="batch.undo()">{{
          t.undo
        }}</ActButton>
        <ActButton v-if="wide && fillable.length" class="shrink-0" data-fill-down @click="grid.fillDown()">
          {{ t.passAllBelowBike({ fillable: fillable.length }) }}
        </ActButton>
        <ActButton
          v-if="wide && column?.kind === 'question'"
          class="shrink-0"
          data-open-paste
          @click="emit('paste')"
          >{{ t.pasteColumnName({ columnName: columnName(column).toLowerCase() }) }}</ActButton
        >
        <ActButton
          kind="main"
          big
          class="min-w-0 grow"
          :disabled="signable.length === 0"
          data-sign-all
          @click="emit('sign')"
          >{{ signWords }}</ActButton
        >
        <p class="figures shrink-0 text-right leading-tight text-soft" role="status" data-batch-left>
          {{ t.doneRows({ done, rows: rows.length }) }}<br /><span class="text-sm">{{ t.signed }}</span>
        </p>
      </div>
    </div>
  </div>
</template>
