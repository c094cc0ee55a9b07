<script setup lang="ts">
import { computed, ref, watch } from 'vue';
import type { Bike } from '@cadre/contract/fleet';
import { readOdometer } from '@cadre/contract/services';
import { readNumber } from '@cadre/core/measures';
import { dayAt, now } from '@cadre/web/platform/time';
import { fieldWords } from '@cadre/web/platform/api';
import { useAct } from '@cadre/web/platform/act';
import { useFleet } from '@cadre/web/fleet';
import { ActButton, NoticePlate, TextField, useRefusal } from '@cadre/web/ui';
import * as t from './messages';

/** What the bike's computer stands at; a figure that leaps is asked about once. */
const props = defineProps<{
  bike: Bike;
  last: { readonly km: number; readonly at: number } | null;
  timeZone?: string | undefined;
}>();
const fleet = useFleet();
const act = useAct();
const refusal = useRefusal();
const text = ref('');
const tried = ref(false);
const km = computed(() => readNumber(text.value));
const slip = computed(() => refusal.fields.value.find((each) => each.path === 'km') ?? null);
const error = computed(() =>
  slip.value
    ? fieldWords(slip.value.code, slip.value.params)
    : tried.value && km.value === null
      ? t.enterKm
      : null,
);
const asked = computed(() => slip.value?.code === 'leap');
watch(text, () => {
  refusal.fields.value = [];
  refusal.said.value = null;
});
function save(): void {
  tried.value = true;
  const [read, sure] = [km.value, asked.value];
  if (read === null) return;
  void refusal.run(async () => {
    fleet.put(
      await act(readOdometer, { params: { id: props.bike.id }, body: { km: read, sure, at: now() } }),
    );
    text.value = '';
    tried.value = false;
  });
}
</script>

<template>
  <form class="flex flex-wrap items-end gap-2" novalidate data-odometer @submit.prevent="save">
    <TextField
      v-model="text"
      class="min-w-0 grow basis-40"
      :label="t.odometerKm"
      inputmode="decimal"
      :hint="last ? t.lastReading({ km: last.km, when: dayAt(last.at, timeZone) }) : t.noReading"
      :error="error"
      data-field="odometer"
    />
    <ActButton type="submit" :disabled="refusal.busy.value" data-save-odometer>{{
      asked ? t.saveAnyway : t.saveReading
    }}</ActButton>
    <NoticePlate v-if="refusal.said.value && !slip" class="basis-full" :said="refusal.said.value" />
  </form>
</template>
