<script setup lang="ts">
import type { Fitness } from '@cadre/core/fitness';

/** The washer family: whole, with a gap, dashed, or a plate with a bar. The word stands beside it, never colour alone. */
withDefaults(defineProps<{ fitness: Fitness; size?: number; on?: 'plate' | 'act' | 'held' }>(), {
  size: 24,
  on: 'plate',
});
</script>

<template>
  <svg :width="size" :height="size" viewBox="0 0 24 24" aria-hidden="true" class="shrink-0">
    <circle
      v-if="fitness === 'cleared'"
      cx="12"
      cy="12"
      r="7.5"
      fill="none"
      :stroke="on === 'act' ? 'var(--on-act)' : 'var(--act)'"
      stroke-width="6"
    />
    <path
      v-else-if="fitness === 'cleared-with-watch'"
      d="M14.6 4.96a7.5 7.5 0 1 1-5.2 0"
      fill="none"
      stroke="var(--watch)"
      stroke-width="6"
    />
    <circle
      v-else-if="fitness === 'due'"
      cx="12"
      cy="12"
      r="8.5"
      fill="none"
      stroke="var(--soft)"
      stroke-width="3"
      stroke-dasharray="4.4 4.5"
    />
    <template v-else>
      <rect
        x="1.5"
        y="1.5"
        width="21"
        height="21"
        rx="4"
        :fill="on === 'held' ? 'var(--on-held)' : 'var(--held)'"
      />
      <rect
        x="5"
        y="9.6"
        width="14"
        height="4.8"
        rx="1"
        :fill="on === 'held' ? 'var(--held)' : 'var(--on-held)'"
      />
    </template>
  </svg>
</template>
