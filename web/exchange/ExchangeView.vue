<script setup lang="ts">
import { watch } from 'vue';
import { saveFile } from '@cadre/web/platform/files';
import { useSession } from '@cadre/web/people';
import { NoticePlate } from '@cadre/web/ui';
import ChooseList from './ChooseList.vue';
import ExportLists from './ExportLists.vue';
import ImportColumns from './ImportColumns.vue';
import ImportDone from './ImportDone.vue';
import ImportPreview from './ImportPreview.vue';
import ImportRunning from './ImportRunning.vue';
import ImportSteps from './ImportSteps.vue';
import { useImport } from './use-import';
import * as t from './messages';

/** A fleet list in from a spreadsheet, and out to one. */
const session = useSession();
const bring = useImport();
/** Each step begins at its top, however far down the one before was. */
watch(
  () => bring.stage,
  () => window.scrollTo({ top: 0 }),
);
const bad = async (): Promise<void> =>
  saveFile(
    new Blob([await bring.badRows()], { type: 'text/csv;charset=utf-8' }),
    `not-in-${bring.fileName.replace(/\.\w+$/, '')}.csv`,
  );
</script>

<template>
  <main class="max-w-6xl px-4 pb-12 pt-3">
    <h1 class="sturdy text-2xl">{{ t.importExport }}</h1>
    <section v-if="session.may('edit-fleet')" aria-labelledby="in" class="mt-2">
      <h2 id="in" class="sr-only">{{ t.importList }}</h2>
      <ImportSteps />
      <NoticePlate v-if="bring.fault" :said="bring.fault" class="mt-3" data-file-fault />
      <NoticePlate v-if="bring.refusal.said" :said="bring.refusal.said" class="mt-3" />
      <ChooseList v-if="bring.stage === 'file'" />
      <ImportColumns v-else-if="bring.stage === 'columns'" class="mt-3" />
      <ImportPreview v-else-if="bring.stage === 'preview'" class="mt-3" @bad="bad" />
      <ImportRunning v-else-if="bring.stage === 'running'" />
      <ImportDone v-else @bad="bad" />
    </section>
    <ExportLists v-if="!session.may('edit-fleet') || bring.stage === 'file' || bring.stage === 'done'" />
  </main>
</template>
