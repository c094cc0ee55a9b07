<script setup lang="ts">
import { useTemplateRef, watch } from 'vue';
import { AlertTriangle } from '@lucide/vue';
import type { Said } from '@cadre/web/platform/api';

/** Something went wrong: what, and what to do. Read out when it appears. */
const props = defineProps<{ said: Said }>();
const plate = useTemplateRef('plate');
// Whoever pressed a button further down has to see that it did not work.
watch(
  () => props.said,
  () => plate.value?.scrollIntoView({ block: 'nearest' }),
  { immediate: true, flush: 'post' },
);
</script>

<template>
  <div
    ref="plate"
    role="alert"
    class="scroll-mt-28 scroll-mb-24 flex items-start gap-3 rounded-md border-2 border-held bg-held-wash px-4 py-3 text-ink"
  >
    <AlertTriangle class="mt-0.5 size-6 shrink-0 text-held" aria-hidden="true" />
    <p>
      <strong class="font-semibold">{{ said.what }}</strong>
      {{ ' ' }}{{ said.todo }}
    </p>
  </div>
</template>
