<script setup lang="ts">
import { getFleetDocument } from '@cadre/contract/exchange';
import type { FleetDocument } from '@cadre/core/exchange';
import { send } from '@cadre/web/platform/api';
import { saveFile } from '@cadre/web/platform/files';
import { useFleet } from '@cadre/web/fleet';
import { ActButton, NoticePlate, useRefusal } from '@cadre/web/ui';
import { useImport } from './use-import';
import * as t from './messages';

/** The fleet out, in forms other programs read. */
const fleet = useFleet();
const bring = useImport();
const exporting = useRefusal();
const write = (form: 'csv' | 'xlsx' | 'json'): Promise<boolean> =>
  exporting.run(async () => {
    const document = (await send(getFleetDocument)) as FleetDocument;
    saveFile(await bring.worker().write(document, form), `fleet.${form}`);
  });
</script>

<template>
  <section aria-labelledby="out" class="mt-8">
    <h2 id="out" class="sturdy text-xl">{{ t.exportList }}</h2>
    <p class="max-w-prose text-soft">
      {{ t.bikeWithBuildPlace({ bikes: fleet.bikes.length }) }}
    </p>
    <NoticePlate v-if="exporting.said.value" :said="exporting.said.value" class="mt-2" />
    <div class="mt-2 flex flex-wrap gap-2">
      <ActButton :disabled="exporting.busy.value" data-export="csv" @click="write('csv')">{{
        t.csv
      }}</ActButton>
      <ActButton :disabled="exporting.busy.value" data-export="xlsx" @click="write('xlsx')">{{
        t.workbookXlsx
      }}</ActButton>
      <ActButton :disabled="exporting.busy.value" data-export="json" @click="write('json')">{{
        t.fleetFileJson
      }}</ActButton>
    </div>
  </section>
</template>
