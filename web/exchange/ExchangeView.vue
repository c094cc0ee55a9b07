<script setup lang="ts">
import { ref, watch } from 'vue';
import { getFleetDocument } from '@cadre/contract/exchange';
import type { FleetDocument } from '@cadre/core/exchange';
import { count } from '@cadre/web/platform/time';
import { send } from '@cadre/web/platform/api';
import { saveFile } from '@cadre/web/platform/files';
import { useFleet } from '@cadre/web/fleet';
import { useSession } from '@cadre/web/people';
import { ActButton, NoticePlate, useRefusal } from '@cadre/web/ui';
import ImportColumns from './ImportColumns.vue';
import ImportPreview from './ImportPreview.vue';
import { useImport } from './use-import';
import { doneWords } from './wording';

/** A fleet list in from a spreadsheet, and out to one. */
const fleet = useFleet();
const session = useSession();
const bring = useImport();
const exporting = useRefusal();
const over = ref(false);
/** Each step begins at its top, however far down the one before was. */
watch(
  () => bring.stage,
  () => window.scrollTo({ top: 0 }),
);
const STEPS = [
  ['file', 'The file'],
  ['columns', 'What its columns mean'],
  ['preview', 'What comes in'],
  ['done', 'Done'],
] as const;
const stepAt = (): number => ['file', 'columns', 'preview', 'running', 'done'].indexOf(bring.stage);

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
const write = (form: 'csv' | 'xlsx' | 'json'): Promise<boolean> =>
  exporting.run(async () => {
    const document = (await send(getFleetDocument)) as FleetDocument;
    saveFile(await bring.worker().write(document, form), `fleet.${form}`);
  });
const bad = async (): Promise<void> =>
  saveFile(
    new Blob([await bring.badRows()], { type: 'text/csv;charset=utf-8' }),
    `not-in-${bring.fileName.replace(/\.\w+$/, '')}.csv`,
  );
</script>

<template>
  <main class="mx-auto max-w-6xl px-4 pb-12 pt-4">
    <h1 class="sturdy text-2xl">Lists in and out</h1>
    <section v-if="session.may('edit-fleet')" aria-labelledby="in" class="mt-2">
      <h2 id="in" class="sr-only">Bring a list in</h2>
      <ol class="flex flex-wrap gap-x-5 gap-y-1" aria-label="Steps">
        <li
          v-for="([key, words], index) in STEPS"
          :key="key"
          class="flex items-center gap-2"
          :class="index > (stepAt() > 3 ? stepAt() - 1 : stepAt()) && 'text-soft'"
          :aria-current="bring.stage === key ? 'step' : undefined"
        >
          <span
            class="sturdy grid size-8 place-items-center rounded-full border-2"
            :class="bring.stage === key ? 'border-act bg-act text-on-act' : 'border-current'"
            >{{ index + 1 }}</span><span :class="bring.stage === key && 'font-semibold'">{{ words }}</span>
        </li>
      </ol>
      <NoticePlate v-if="bring.fault" :said="bring.fault" class="mt-3" data-file-fault />
      <NoticePlate v-if="bring.refusal.said" :said="bring.refusal.said" class="mt-3" />
      <label
        v-if="bring.stage === 'file'"
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
      <ImportColumns v-else-if="bring.stage === 'columns'" class="mt-3" />
      <ImportPreview v-else-if="bring.stage === 'preview'" class="mt-3" @bad="bad" />
      <div v-else-if="bring.stage === 'running'" class="mt-3 rounded-lg border-2 border-ink/60 bg-plate p-5">
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
      <div v-else class="mt-3 rounded-lg border-2 border-act bg-plate p-5" data-import-done>
        <p role="status" class="sturdy text-2xl">
          {{ doneWords(bring.result?.added ?? 0, bring.result?.changed ?? 0) }}
        </p>
        <template
          v-if="(bring.preview?.counts.wrong ?? 0) + Object.keys(bring.result?.refused ?? {}).length > 0"
        >
          <p class="mt-2">
            {{
              count(
                (bring.preview?.counts.wrong ?? 0) + Object.keys(bring.result?.refused ?? {}).length,
                'row',
              )
            }}
            did not come in. Correct them in the file below and bring that in.
          </p>
          <ul v-if="Object.keys(bring.result?.refused ?? {}).length" class="mt-1">
            <li v-for="(why, line) in bring.result?.refused" :key="line">Row {{ line }}: {{ why }}</li>
          </ul>
        </template>
        <div class="mt-3 flex flex-wrap gap-2">
          <ActButton :to="{ name: 'wall' }" kind="main">To the rack wall</ActButton>
          <ActButton :to="{ name: 'models' }">Fill in the fit lists</ActButton>
          <ActButton
            v-if="(bring.preview?.counts.wrong ?? 0) + Object.keys(bring.result?.refused ?? {}).length > 0"
            data-bad-rows
            @click="bad"
            >Download what did not come in</ActButton
          >
          <ActButton @click="bring.begin()">Another list</ActButton>
        </div>
      </div>
    </section>
    <section aria-labelledby="out" class="mt-8">
      <h2 id="out" class="sturdy text-xl">Take the list out</h2>
      <p class="max-w-prose text-soft">
        {{ count(fleet.bikes.length, 'bike') }} with their builds and places. The fleet file also holds models
        with their fit lists, sites and racks; its form is published at /api/fleet-document.schema.json.
      </p>
      <NoticePlate v-if="exporting.said.value" :said="exporting.said.value" class="mt-2" />
      <div class="mt-2 flex flex-wrap gap-2">
        <ActButton :disabled="exporting.busy.value" data-export="csv" @click="write('csv')">CSV</ActButton>
        <ActButton :disabled="exporting.busy.value" data-export="xlsx" @click="write('xlsx')"
          >Workbook (.xlsx)</ActButton
        >
        <ActButton :disabled="exporting.busy.value" data-export="json" @click="write('json')"
          >Fleet file (.json)</ActButton
        >
      </div>
    </section>
  </main>
</template>
