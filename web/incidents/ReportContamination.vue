<script setup lang="ts">
import { computed, ref } from 'vue';
import type { Bike } from '@cadre/contract/fleet';
import { reportIncidents } from '@cadre/contract/incidents';
import { now } from '@cadre/web/platform/time';
import { useAct } from '@cadre/web/platform/act';
import { useFleet } from '@cadre/web/fleet';
import { ActButton, CautionLine, ChoiceChips, NoticePlate, TextField, useRefusal } from '@cadre/web/ui';
import * as t from './messages';

/** Oil or spray may have got on the brakes of several bikes, of one wash: all of them are held for pads, rotors and rims. */
const props = defineProps<{ bikes: readonly Bike[] }>();
const emit = defineEmits<{ close: [] }>();
const fleet = useFleet();
const refusal = useRefusal();
const act = useAct();
const note = ref('');
const options = computed(() => props.bikes.map(({ id, tag }) => ({ value: id, label: tag })));
const chosen = ref(props.bikes.map(({ id }) => id));
async function report(): Promise<void> {
  const bikes = props.bikes.filter(({ id }) => chosen.value.includes(id));
  const done = await refusal.run(async () => {
    // The record is kept by site.
    for (const siteId of new Set(bikes.map((bike) => bike.siteId))) {
      const bikeIds = bikes.filter((bike) => bike.siteId === siteId).map(({ id }) => id);
      const body = { kind: 'contamination' as const, bikeIds, note: note.value.trim(), at: now() };
      fleet.put(...(await act(reportIncidents, { body }, siteId)).bikes);
    }
  });
  if (done) emit('close');
}
</script>

<template>
  <section
    class="space-y-3 rounded-md border-2 border-held bg-plate p-3"
    :aria-label="t.oilOrSpray"
    data-contamination
  >
    <h2 class="sturdy text-lg">{{ t.oilOrSpray }}</h2>
    <CautionLine :text="t.contaminationCaution" />
    <ChoiceChips :name="t.bikes" :options="options" :chosen="chosen" @choose="(ids) => (chosen = ids)" />
    <TextField v-model="note" :label="t.whatGotOn" maxlength="400" />
    <NoticePlate v-if="refusal.said.value" :said="refusal.said.value" />
    <div class="flex flex-wrap gap-2">
      <ActButton
        kind="held"
        :disabled="chosen.length === 0 || refusal.busy.value"
        data-report-contamination
        @click="report"
        >{{ t.holdBikes({ count: chosen.length }) }}</ActButton
      >
      <ActButton @click="emit('close')">{{ t.cancel }}</ActButton>
    </div>
  </section>
</template>
