<script setup lang="ts">
import { ref, watch } from 'vue';
import type { Bike } from '@cadre/contract/fleet';
import { reportIncident } from '@cadre/contract/incidents';
import { INCIDENT_KINDS, type IncidentKind } from '@cadre/core/incidents';
import { now } from '@cadre/web/platform/time';
import { useAct } from '@cadre/web/platform/act';
import { ActButton, NoticePlate, TextField, useRefusal } from '@cadre/web/ui';
import * as t from './messages';

/** Something happened to the bike in hand: two touches, and it stays off the trail until somebody has looked it over for just that. */
const props = defineProps<{ bike: Bike }>();
const emit = defineEmits<{ told: [bike: Bike] }>();
const refusal = useRefusal();
const act = useAct();
const open = ref(false);
const note = ref('');
const WORDS: Record<IncidentKind, string> = {
  crash: t.crash,
  transport: t.transport,
  immersion: t.immersionInWater,
  contamination: t.oilOrSpray,
};
watch(
  () => props.bike.id,
  () => {
    open.value = false;
    note.value = '';
    refusal.said.value = null;
  },
);
async function tell(kind: IncidentKind): Promise<void> {
  const done = await refusal.run(async () =>
    emit(
      'told',
      await act(reportIncident, {
        params: { id: props.bike.id },
        body: { kind, note: note.value.trim(), at: now() },
      }),
    ),
  );
  if (!done) return;
  open.value = false;
  note.value = '';
}
</script>

<template>
  <div data-incident>
    <ActButton v-if="!open" kind="quiet" class="!px-0" data-incident-open @click="open = true">{{
      t.reportIncident
    }}</ActButton>
    <div v-else class="space-y-2 rounded-md bg-sunk p-3">
      <p class="leading-snug">{{ t.bikeHeldOnceUntil }}</p>
      <TextField v-model="note" :label="t.whereHowIfYou" maxlength="400" />
      <div class="flex flex-wrap gap-2">
        <ActButton
          v-for="kind in INCIDENT_KINDS"
          :key="kind"
          :disabled="refusal.busy.value"
          :data-incident-kind="kind"
          @click="tell(kind)"
          >{{ WORDS[kind] }}</ActButton
        >
        <ActButton kind="quiet" @click="open = false">{{ t.cancel }}</ActButton>
      </div>
      <NoticePlate v-if="refusal.said.value" :said="refusal.said.value" />
    </div>
  </div>
</template>
