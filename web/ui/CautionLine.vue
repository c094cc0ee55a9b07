<script setup lang="ts">
import { TriangleAlert } from '@lucide/vue';
import * as t from './messages';

defineProps<{ text: string }>();
</script>

<template>
  <p class="flex items-start gap-2 text-[0.95rem] leading-snug text-watch">
    <TriangleAlert class="mt-0.5 size-4 shrink-0" aria-hidden="true" />
    <span
      ><span class="sr-only">{{ t.caution }}{{ ' ' }}</span
      >{{ text }}</span
    >
  </p>
</template>
