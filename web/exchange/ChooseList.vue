<script setup lang="ts">
import { ref } from 'vue';
import { useImport } from './use-import';

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
    <span v-if="bring.refusal.busy" role="status" class="text-lg">Reading {{ bring.fileName }} …</span>
    <span v-else>
      <span class="sturdy block text-xl">Choose a list of bikes, or drop it here</span>
      <span class="mt-1 block max-w-prose text-soft"
        >A CSV or workbook (.xlsx) as it comes out of a spreadsheet, headings in any order and words, or a
        fleet file (.json) exported here. Nothing comes in before you have seen it.</span
      >
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
