<script setup lang="ts">
import { useImport } from './use-import';
import * as t from './messages';

/** The rows on their way in. */
const bring = useImport();
</script>

<template>
  <div class="mt-3 rounded-lg border-2 border-ink/60 bg-plate p-5">
    <p role="status" class="sturdy text-xl">
      {{
        bring.progress ? t.doneOfOf({ done: bring.progress.done, of: bring.progress.of }) : t.addingSitesRacks
      }}
    </p>
    <progress
      class="mt-2 h-4 w-full"
      :value="bring.progress?.done ?? 0"
      :max="bring.progress?.of || 1"
      :aria-label="t.bikesImported"
      data-progress
    />
    <p class="mt-2 text-soft">{{ t.youCanUseOther }}</p>
  </div>
</template>
