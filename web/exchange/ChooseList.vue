<script setup lang="ts">
import { ref } from 'vue';
import { useImport } from './use-import';
import { ActButton } from '@cadre/web/ui';
import * as t from './messages';

/** A file of bikes, chosen or dropped. */
const bring = useImport();
const over = ref(false);
function take(files: FileList | null | undefined): void {
  over.value = false;
  const file = files?.[0];
  if (file) void bring.open(file);
}
const pasted = ref('');
function takePasted(): void {
  if (pasted.value.trim()) void bring.open(new File([pasted.value], t.pastedRows, { type: 'text/csv' }));
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
      t.readingFileName({ fileName: bring.fileName })
    }}</span>
    <span v-else>
      <span class="sturdy block text-xl">{{ t.chooseListBikesDrop }}</span>
      <span class="mt-1 block max-w-prose text-soft">{{ t.csvFileWorkbookXlsx }}</span>
    </span>
    <input
      type="file"
      accept=".csv,.tsv,.txt,.xlsx,.json,text/csv"
      class="sr-only"
      data-file
      @change="chosen"
    />
  </label>
  <form class="mt-4 max-w-3xl space-y-2" data-paste @submit.prevent="takePasted">
    <label for="pasted-rows" class="font-semibold">{{ t.orPasteRows }}</label>
    <textarea
      id="pasted-rows"
      v-model="pasted"
      rows="4"
      class="w-full rounded-md border-2 border-ink/60 bg-plate px-3 py-2"
      :placeholder="t.pasteExample"
    />
    <ActButton type="submit" :disabled="!pasted.trim() || bring.refusal.busy">{{
      t.readPastedRows
    }}</ActButton>
  </form>
</template>
