<script setup lang="ts">
import { computed } from 'vue';
import { useImport } from './use-import';
import * as t from './messages';

/** How far a list has come on its way in. */
const bring = useImport();
const STEPS = [
  ['file', t.file],
  ['columns', t.columns],
  ['preview', t.preview],
  ['done', t.done],
] as const;
const at = computed(() => {
  // The rows going in are part of the last step but one.
  const stage = bring.stage === 'running' ? 'preview' : bring.stage;
  return STEPS.findIndex(([key]) => key === stage);
});
</script>

<template>
  <ol class="flex flex-wrap gap-x-5 gap-y-1" :aria-label="t.steps">
    <li
      v-for="([key, words], index) in STEPS"
      :key="key"
      class="flex items-center gap-2"
      :class="index > at && 'text-soft'"
      :aria-current="bring.stage === key ? 'step' : undefined"
    >
      <span
        class="sturdy grid size-8 place-items-center rounded-full border-2"
        :class="bring.stage === key ? 'border-act bg-act text-on-act' : 'border-current'"
        >{{ index + 1 }}</span><span :class="bring.stage === key && 'font-semibold'">{{ words }}</span>
    </li>
  </ol>
</template>
