<script setup lang="ts">
import { computed } from 'vue';
import { count } from '@cadre/web/platform/time';
import { ActButton } from '@cadre/web/ui';
import { useImport } from './use-import';
import { doneWords } from './wording';

/** What came in, and what did not. */
defineEmits<{ bad: [] }>();
const bring = useImport();
const out = computed(
  () => (bring.preview?.counts.wrong ?? 0) + Object.keys(bring.result?.refused ?? {}).length,
);
</script>

<template>
  <div class="mt-3 rounded-lg border-2 border-act bg-plate p-5" data-import-done>
    <p role="status" class="sturdy text-2xl">
      {{ doneWords(bring.result?.added ?? 0, bring.result?.changed ?? 0) }}
    </p>
    <template v-if="out > 0">
      <p class="mt-2">
        {{ count(out, 'row') }}
        did not come in. Correct them in the file below and bring that in.
      </p>
      <ul v-if="Object.keys(bring.result?.refused ?? {}).length" class="mt-1">
        <li v-for="(why, line) in bring.result?.refused" :key="line">Row {{ line }}: {{ why }}</li>
      </ul>
    </template>
    <div class="mt-3 flex flex-wrap gap-2">
      <ActButton :to="{ name: 'wall' }" kind="main">To the rack wall</ActButton>
      <ActButton :to="{ name: 'models' }">Fill in the fit lists</ActButton>
      <ActButton v-if="out > 0" data-bad-rows @click="$emit('bad')">Download what did not come in</ActButton>
      <ActButton @click="bring.begin()">Another list</ActButton>
    </div>
  </div>
</template>
