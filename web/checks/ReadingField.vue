<script setup lang="ts">
import { computed, ref, useId, watch } from 'vue';
import type { Asked } from '@cadre/core/catalogue';
import { readCell, type TypedReading } from '@cadre/core/line';
import { bareUnitOf, isMeasure, type PressureWindow } from '@cadre/core/measures';
import LimitScale from './LimitScale.vue';
import { cellWords, verdictWords, windowWords } from './reading-wording';

/** One number measured at this question: what people type, on its scale, judged at once where a limit is marked. */
const props = defineProps<{ asked: Asked; window: PressureWindow; typed: TypedReading | null; name: string; label?: string }>();
const emit = defineEmits<{ read: [reading: TypedReading] }>();
const id = useId();
const text = ref(props.typed?.typed ?? '');
const said = ref('');
/** An unlikely value is asked once: given again the same, it is taken. */
const askedOnce = ref('');
const suggestion = ref('');
watch(
  () => props.asked.key,
  () => {
    text.value = props.typed?.typed ?? '';
    said.value = '';
  },
);
const unit = computed(() => {
  const { measure } = props.asked.checkpoint;
  return measure && isMeasure(measure) ? bareUnitOf(measure) : '';
});
const verdict = computed(() => (props.typed && props.typed.typed === text.value.trim() ? verdictWords(props.typed, props.window) : null));

function commit(): void {
  suggestion.value = '';
  said.value = '';
  if (!text.value.trim() || props.typed?.typed === text.value.trim()) return;
  const cell = readCell(text.value, props.asked.checkpoint, props.window);
  if (cell.kind !== 'reading' || (cell.unlikely && askedOnce.value !== text.value)) {
    const words = cellWords(cell, text.value);
    said.value = words.said;
    suggestion.value = words.suggestion;
    askedOnce.value = cell.kind === 'reading' ? text.value : '';
    return;
  }
  emit('read', cell.reading);
}
function take(): void {
  text.value = suggestion.value;
  commit();
}
</script>

<template>
  <div class="flex flex-wrap items-center gap-x-3 gap-y-1 border-t border-line px-3 py-1.5" data-reading>
    <label :for="id" class="text-soft"
      >{{ label ?? 'Reading' }}<span class="sr-only"> of {{ name }}, bare numbers in {{ unit }}</span></label
    >
    <span class="flex items-center gap-1.5">
      <input
        :id="id"
        v-model="text"
        inputmode="decimal"
        autocomplete="off"
        maxlength="40"
        class="figures h-12 w-24 rounded-md border-2 bg-plate px-2 text-lg"
        :class="said ? 'border-held' : 'border-ink/60'"
        :aria-invalid="Boolean(said)"
        :aria-describedby="said || verdict ? `${id}-said` : undefined"
        @change="commit"
        @keydown.enter.prevent="commit"
      />{{ unit }}
    </span>
    <LimitScale v-if="typed && (window.floor !== null || window.ceiling !== null)" :value="typed.value" :window="window" />
    <p v-else-if="windowWords(window)" class="figures text-soft">{{ windowWords(window) }}</p>
    <p v-if="said" :id="`${id}-said`" role="alert" class="basis-full font-semibold text-held">
      {{ said }}
      <button v-if="suggestion" type="button" class="ml-1 min-h-12 px-2 text-act underline" @click="take">It is {{ suggestion }}</button>
    </p>
    <p v-else-if="verdict" :id="`${id}-said`" role="status" class="basis-full" :class="verdict.bad ? 'font-semibold text-held' : 'text-soft'">
      {{ verdict.words }}
    </p>
  </div>
</template>
