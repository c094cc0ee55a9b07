<script setup lang="ts">
import { Trash2 } from '@lucide/vue';
import { SEVERITIES, type Fault } from '@cadre/core/catalogue';
import { SEVERITY_MEANING, SEVERITY_WORDS } from '@cadre/web/words';
import { CheckField, SelectField, TextField, IconButton } from '@cadre/web/ui';
import * as t from './messages';

/** One fault a checkpoint may have: its name, its least severity, what to do next, and whether a mechanic decides. */
const props = defineProps<{ fault: Fault; number: number }>();
const emit = defineEmits<{ change: [fault: Fault]; remove: [] }>();
const SEVERITY_OPTIONS = SEVERITIES.map((value) => ({
  value,
  label: `${SEVERITY_WORDS[value]}: ${SEVERITY_MEANING[value]}`,
}));
const set = (part: Partial<Fault>): void => emit('change', { ...props.fault, ...part });
function setMechanic(yes: boolean): void {
  const { toMechanic: _toMechanic, ...rest } = props.fault;
  emit('change', yes ? { ...rest, toMechanic: true } : rest);
}
</script>

<template>
  <div class="grid gap-2 rounded-md bg-sunk p-3 sm:grid-cols-[1fr_12rem]">
    <TextField
      :model-value="fault.name"
      :label="t.faultNumberName({ number })"
      hide-label
      :placeholder="t.looseCrackedMissing"
      maxlength="160"
      data-fault-name
      @update:model-value="(name) => set({ name })"
    />
    <SelectField
      :model-value="fault.floor"
      :label="t.faultNumberMinimumSeverity({ number })"
      hide-label
      :options="SEVERITY_OPTIONS"
      data-fault-floor
      @update:model-value="(floor) => set({ floor })"
    />
    <TextField
      :model-value="fault.doNext"
      :label="t.faultNumberNextStep({ number })"
      hide-label
      :rows="2"
      :placeholder="t.nextStep"
      maxlength="600"
      data-fault-next
      @update:model-value="(doNext) => set({ doNext })"
    />
    <div class="flex flex-wrap items-center justify-between gap-2">
      <CheckField :model-value="fault.toMechanic === true" @update:model-value="setMechanic">{{
        t.qualifiedMechanicDecides2
      }}</CheckField>
      <IconButton :name="t.removeFaultNumber({ number })" @click="emit('remove')">
        <Trash2 class="size-5" aria-hidden="true" />
      </IconButton>
    </div>
  </div>
</template>
