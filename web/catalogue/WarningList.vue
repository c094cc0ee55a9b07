<script setup lang="ts">
import type { ChecklistWarning } from '@cadre/core/catalogue';
import { warningWords } from './checklist-wording';
import * as t from './messages';

/** What may be meant and often is not. */
defineProps<{ warnings: readonly ChecklistWarning[] }>();
</script>

<template>
  <ul
    v-if="warnings.length"
    class="space-y-1 rounded-md border-2 border-watch bg-watch-wash px-4 py-3 text-watch"
    :aria-label="t.pleaseCheckAgain"
    data-warnings
  >
    <li v-for="(warning, index) in warnings" :key="index" class="leading-snug">
      {{ warningWords(warning) }}
    </li>
  </ul>
</template>
