<script setup lang="ts">
import { ref, watch } from 'vue';
import { useBroadcastChannel } from '@vueuse/core';
import {
  INSTRUMENT_KINDS,
  STAND_IN_FAULTS,
  standInLine,
  usualUnit,
  type InstrumentKind,
  type StandInFault,
} from '@cadre/core/instruments';
import { readNumber } from '@cadre/core/measures';
import { ActButton, SelectField, TextField } from '@cadre/web/ui';
import { FAULT_WORDS, INSTRUMENT_WORDS } from './instrument-words';
import { STAND_IN_CHANNEL } from './use-instruments';
import * as t from './messages';

/** One simulated instrument: what it is held against, how it goes wrong, and the button on it. */
const props = defineProps<{ kind: InstrumentKind }>();
const STARTS: Record<InstrumentKind, string> = {
  'pressure-gauge': '2.4',
  caliper: '1.8',
  'torque-wrench': '5',
  'spoke-meter': '24',
  'dial-gauge': '0.3',
  scale: '14.2',
};
const serial = ref(`SIM-${props.kind}`);
const truth = ref(STARTS[props.kind]);
const fault = ref<StandInFault>('none');
const unit = usualUnit(props.kind);
const sent = ref(0);
const last = ref('');
// What goes wrong goes wrong from its beginning.
watch(fault, () => (sent.value = 0));
const wrong = ref(false);
const { post } = useBroadcastChannel<string, string>({ name: STAND_IN_CHANNEL });
function send(): void {
  const value = readNumber(truth.value);
  const { least, most } = INSTRUMENT_KINDS[props.kind];
  wrong.value = value === null || value < least || value > most;
  if (value === null || wrong.value) return;
  const standIn = { kind: props.kind, serial: serial.value, unit, fault: fault.value };
  last.value = standInLine(
    standIn,
    value,
    sent.value,
    Number.parseInt(serial.value.replace(/\D/g, '') || '7', 10),
  );
  sent.value += 1;
  // Numbered, so that two like lines are two readings.
  post(JSON.stringify({ line: last.value, number: `${serial.value} ${sent.value}` }));
}
</script>

<template>
  <li class="space-y-2 rounded-lg border-2 border-line bg-plate p-3" :data-stand-in="kind">
    <h2 class="sturdy text-lg">{{ INSTRUMENT_WORDS[kind] }}</h2>
    <div class="grid grid-cols-2 gap-2">
      <TextField
        v-model="truth"
        :label="t.heldAgainst({ unit: unit === 'meter' ? t.meterUnits : unit })"
        inputmode="decimal"
        :error="
          wrong ? t.onScale({ least: INSTRUMENT_KINDS[kind].least, most: INSTRUMENT_KINDS[kind].most }) : null
        "
        data-truth
      />
      <TextField v-model="serial" :label="t.serial" maxlength="40" data-serial />
    </div>
    <SelectField
      v-model="fault"
      :label="t.behaves"
      :options="STAND_IN_FAULTS.map((each) => ({ value: each, label: FAULT_WORDS[each] }))"
      data-fault
    />
    <ActButton class="w-full" data-send @click="send">{{ t.sendReading }}</ActButton>
    <p v-if="last" class="figures break-all text-[0.95rem] text-soft" role="status" data-sent>{{ last }}</p>
  </li>
</template>
