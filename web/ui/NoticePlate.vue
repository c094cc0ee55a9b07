<script setup lang="ts">
import { AlertTriangle } from '@lucide/vue';
import type { Said } from '@cadre/web/platform/api';

/** Something went wrong: what, and what to do. Read out when it appears. */
defineProps<{ said: Said }>();
</script>

<template>
  <div
    role="alert"
    class="flex items-start gap-3 rounded-md border-2 border-held bg-held-wash px-4 py-3 text-ink"
  >
    <AlertTriangle class="mt-0.5 size-6 shrink-0 text-held" aria-hidden="true" />
    <p>
      <strong class="font-semibold">{{ said.what }}</strong>
      {{ ' ' }}{{ said.todo }}
    </p>
  </div>
</template>
