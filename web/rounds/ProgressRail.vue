<script setup lang="ts">
import { computed } from 'vue';
import type { RoundCount } from '@cadre/core/rounds';

/** Done as a solid bar along the rail, what is in hand as an open one after it. */
const props = defineProps<{ counts: RoundCount }>();
const part = (number: number): number => (116 * number) / Math.max(1, props.counts.of);
const done = computed(() => part(props.counts.done));
</script>

<template>
  <svg viewBox="0 0 120 14" class="h-3.5 w-28 shrink-0" aria-hidden="true">
    <line x1="2" x2="118" y1="7" y2="7" stroke="var(--rail)" stroke-width="3" />
    <rect x="2" y="1" height="12" rx="3" :width="done" fill="var(--act)" />
    <rect
      v-if="counts.inHand"
      :x="2 + done"
      y="3"
      height="8"
      :width="part(counts.inHand)"
      fill="none"
      stroke="var(--act)"
      stroke-width="2"
    />
  </svg>
</template>
