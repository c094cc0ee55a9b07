<script setup lang="ts">
import { computed } from 'vue';
import { ActButton } from '@cadre/web/ui';
import { useImport } from './use-import';
import { doneWords } from './wording';
import * as t from './messages';

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
        {{ t.rowWasNotImported({ out }) }}
      </p>
      <ul v-if="Object.keys(bring.result?.refused ?? {}).length" class="mt-1">
        <li v-for="(why, line) in bring.result?.refused" :key="line">{{ t.rowLineWhy({ line, why }) }}</li>
      </ul>
    </template>
    <div class="mt-3 flex flex-wrap gap-2">
      <ActButton :to="{ name: 'wall' }" kind="main">{{ t.goRackWall }}</ActButton>
      <ActButton :to="{ name: 'models' }">{{ t.completeFitLists }}</ActButton>
      <ActButton v-if="out > 0" data-bad-rows @click="$emit('bad')">{{
        t.downloadRowsNotImported
      }}</ActButton>
      <ActButton @click="bring.begin()">{{ t.importAnotherList }}</ActButton>
    </div>
  </div>
</template>
