<script setup lang="ts">
import type { Outcome } from '@cadre/core/checks';

defineProps<{ outcome: Outcome | null }>();
</script>

<template>
  <svg width="28" height="28" viewBox="0 0 24 24" aria-hidden="true" class="shrink-0">
    <circle
      v-if="outcome === null"
      cx="12"
      cy="12"
      r="8.5"
      fill="none"
      stroke="var(--line)"
      stroke-width="2.5"
    />
    <circle
      v-else-if="outcome === 'pass'"
      cx="12"
      cy="12"
      r="7.5"
      fill="none"
      stroke="var(--act)"
      stroke-width="6"
    />
    <template v-else-if="outcome === 'fixed'">
      <circle cx="12" cy="12" r="7.5" fill="none" stroke="var(--act)" stroke-width="6" />
      <path d="M3 21 21 3" stroke="var(--plate)" stroke-width="5" />
      <path d="M3 21 21 3" stroke="var(--act)" stroke-width="2.5" />
    </template>
    <path
      v-else-if="outcome === 'watch'"
      d="M14.6 4.96a7.5 7.5 0 1 1-5.2 0"
      fill="none"
      stroke="var(--watch)"
      stroke-width="6"
    />
    <template v-else-if="outcome === 'fail'">
      <rect x="1.5" y="1.5" width="21" height="21" rx="4" fill="var(--held)" />
      <rect x="5" y="9.6" width="14" height="4.8" rx="1" fill="var(--on-held)" />
    </template>
    <circle
      v-else
      cx="12"
      cy="12"
      r="8.5"
      fill="none"
      stroke="var(--soft)"
      stroke-width="3"
      stroke-dasharray="4.4 4.5"
    />
  </svg>
</template>
