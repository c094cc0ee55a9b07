<script setup lang="ts">
import { computed, ref, watch } from 'vue';
import type { Bike } from '@cadre/contract/fleet';
import { setTimedRecheck } from '@cadre/contract/timed-rechecks';
import { readNumber, readReading } from '@cadre/core/measures';
import { USUAL_TIMING, TIMED_RECHECK_KINDS, type TimedRecheckKind } from '@cadre/core/timed-rechecks';
import { now } from '@cadre/web/platform/time';
import { useAct } from '@cadre/web/platform/act';
import { useFleet } from '@cadre/web/fleet';
import { ActButton, ChoiceChips, NoticePlate, TextField, useRefusal } from '@cadre/web/ui';
import { WAIT_OF, TIMED_RECHECK_SHORT } from './timed-recheck-wording';
import * as t from './messages';

/** Asks for a look later: what, when, and for a soak the pressure just set. */
const props = defineProps<{ bike: Bike }>();
const emit = defineEmits<{ done: [] }>();
const fleet = useFleet();
const refusal = useRefusal();
const act = useAct();
const kind = ref<TimedRecheckKind>('soak');
const what = ref(WAIT_OF.soak);
const end = ref<'front' | 'rear'>('front');
const pressure = ref('');
const hours = ref('12');
const outings = ref('');
const tried = ref(false);
watch(kind, (chosen) => {
  what.value = WAIT_OF[chosen];
  hours.value =
    USUAL_TIMING[chosen].hours === null
      ? ''
      : String(Math.round((USUAL_TIMING[chosen].hours ?? 0) * 100) / 100);
  outings.value = USUAL_TIMING[chosen].outings === null ? '' : String(USUAL_TIMING[chosen].outings);
});
const isSoak = computed(() => kind.value === 'soak');
const hoursRead = computed(() => (hours.value.trim() === '' ? null : readNumber(hours.value)));
const outingsRead = computed(() => (outings.value.trim() === '' ? null : readNumber(outings.value)));
const wrong = computed(() => {
  const [h, o] = [hoursRead.value, outingsRead.value];
  const gauged = isSoak.value ? readReading('tyre-window', pressure.value) : null;
  return {
    what: what.value.trim() ? null : t.enterWhatRecheck,
    hours:
      hours.value.trim() !== '' && (h === null || h <= 0 || h > 9600)
        ? t.enterMoreThan0
        : h === null && o === null
          ? t.enterHoursOutings
          : null,
    outings:
      outings.value.trim() !== '' && (o === null || !Number.isInteger(o) || o < 1 || o > 200)
        ? t.enterWholeNumberFrom
        : null,
    pressure:
      gauged && (gauged.state !== 'read' || (gauged.taken.values[0] ?? 0) < 20)
        ? t.enterPressureNowFrom0
        : null,
  };
});
async function ask(): Promise<void> {
  tried.value = true;
  if (Object.values(wrong.value).some(Boolean)) return;
  const gauged = isSoak.value ? readReading('tyre-window', pressure.value) : null;
  const bike = await act(setTimedRecheck, {
    params: { id: props.bike.id },
    body: {
      kind: kind.value,
      what: what.value.trim(),
      position: isSoak.value || kind.value === 'patch' ? end.value : 'only',
      hours: hoursRead.value,
      outings: outingsRead.value,
      gauged:
        gauged?.state === 'read' ? { kpa: gauged.taken.values[0] ?? 0, typed: pressure.value.trim() } : null,
      at: now(),
    },
  });
  fleet.put(bike);
  emit('done');
}
</script>

<template>
  <form class="space-y-3 rounded-md bg-sunk p-3" data-timed-recheck-form @submit.prevent="refusal.run(ask)">
    <ChoiceChips
      :name="t.whatFor"
      :options="TIMED_RECHECK_KINDS.map((value) => ({ value, label: TIMED_RECHECK_SHORT[value] }))"
      :chosen="[kind]"
      @toggle="(value) => (kind = value)"
    />
    <TextField
      v-model="what"
      :label="t.whatRecheck"
      :error="tried ? wrong.what : null"
      data-timed-recheck-what
    />
    <ChoiceChips
      v-if="isSoak || kind === 'patch'"
      :name="t.wheel"
      named
      :options="[
        { value: 'front', label: t.front },
        { value: 'rear', label: t.rear },
      ]"
      :chosen="[end]"
      @toggle="(value) => (end = value)"
    />
    <TextField
      v-if="isSoak"
      v-model="pressure"
      :label="t.pressureSetBar"
      :hint="t.readFromGaugeNot"
      :error="tried ? wrong.pressure : null"
      data-timed-recheck-pressure
    />
    <div class="grid grid-cols-2 gap-3">
      <TextField
        v-model="hours"
        :label="t.afterHours"
        :error="tried ? wrong.hours : null"
        data-timed-recheck-hours
      />
      <TextField
        v-model="outings"
        :label="t.orOutings"
        :error="tried ? wrong.outings : null"
        data-timed-recheck-outings
      />
    </div>
    <NoticePlate v-if="refusal.said.value" :said="refusal.said.value" />
    <div class="flex gap-2">
      <ActButton kind="main" type="submit" :disabled="refusal.busy.value">{{ t.setRecheck }}</ActButton>
      <ActButton @click="emit('done')">{{ t.cancel }}</ActButton>
    </div>
  </form>
</template>
