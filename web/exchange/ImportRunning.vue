<script setup lang="ts">
import { useImport } from './use-import';

/** The rows on their way in. */
const bring = useImport();
</script>

<template>
  <div class="mt-3 rounded-lg border-2 border-ink/60 bg-plate p-5">
    <p role="status" class="sturdy text-xl">
      {{ bring.progress ? `${bring.progress.done} of ${bring.progress.of}` : 'Making places' }}
    </p>
    <progress
      class="mt-2 h-4 w-full"
      :value="bring.progress?.done ?? 0"
      :max="bring.progress?.of || 1"
      aria-label="Bikes brought in"
      data-progress
    />
    <p class="mt-2 text-soft">You can go on elsewhere in Cadre; keep this tab open.</p>
  </div>
</template>
