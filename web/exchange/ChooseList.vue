<script setup lang="ts">
import { ref } from 'vue';
import { useImport } from './use-import';
import * as t from './messages';

/** A file of bikes, chosen or dropped. */
const bring = useImport();
const over = ref(false);
function take(files: FileList | null | undefined): void {
  over.value = false;
  const file = files?.[0];
  if (file) void bring.open(file);
}
function chosen(event: Event): void {
  const input = event.target as HTMLInputElement;
  take(input.files);
  input.value = '';
}
</script>

<template>
  <label
    class="mt-3 grid min-h-44 place-items-center rounded-lg border-3 border-dashed bg-plate p-6 text-center focus-within:outline-3 focus-within:outline-act"
    :class="over ? 'border-act' : 'border-rail'"
    @dragover.prevent="over = true"
    @dragleave="over = false"
    @drop.prevent="take($event.dataTransfer?.files)"
  >
    <span v-if="bring.refusal.busy" role="status" class="text-lg">{{
      t.readingFilename({ fileName: bring.fileName })
    }}</span>
    <span v-else>
      <span class="sturdy block text-xl">{{ t.chooseListBikesDrop }}</span>
      <span class="mt-1 block max-w-prose text-soft">{{ t.csvWorkbookXlsxAs }}</span>
    </span>
    <input
      type="file"
      accept=".csv,.tsv,.txt,.xlsx,.json,text/csv"
      class="sr-only"
      data-file
      @change="chosen"
    />
  </label>
</template>
