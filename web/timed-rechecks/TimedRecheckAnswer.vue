<script setup lang="ts">
import { computed, ref } from 'vue';
import { answerTimedRecheck } from '@cadre/contract/timed-rechecks';
import type { FitnessFacts } from '@cadre/core/fitness';
import { readReading } from '@cadre/core/measures';
import { dayAndClock, now } from '@cadre/web/platform/time';
import { useAct } from '@cadre/web/platform/act';
import { useFleet } from '@cadre/web/fleet';
import { ActButton, NoticePlate, TextField, useRefusal } from '@cadre/web/ui';
import * as t from './messages';

/** Answers a look: a soak by a second gauge reading, which says its rate at once; the others in a word. */
const props = defineProps<{ recheck: NonNullable<FitnessFacts['timedRechecks']>[number]; due: boolean }>();
const emit = defineEmits<{ told: [said: string] }>();
const fleet = useFleet();
const refusal = useRefusal();
const act = useAct();
const text = ref('');
const tried = ref(false);
const open = ref(false);
const isSoak = computed(() => props.recheck.kind === 'soak');
const read = computed(() => readReading('tyre-window', text.value));
const wrong = computed(() => (isSoak.value && read.value.state !== 'read' ? t.enterPressureNowFrom : null));
const percent = (share: number): string => `${Math.round(share * 1000) / 10} %`;

async function answer(): Promise<void> {
  tried.value = true;
  if (wrong.value) return;
  const gauged =
    isSoak.value && read.value.state === 'read'
      ? { kpa: read.value.taken.values[0] ?? 0, typed: text.value.trim() }
      : null;
  const told = await act(answerTimedRecheck, {
    params: { id: props.recheck.id },
    body: { gauged, note: isSoak.value ? '' : text.value.trim(), at: now() },
  });
  if (told.leak?.outcome === 'too-soon')
    emit(
      'told',
      t.noResultYetPart({
        part: told.leak.because === 'gauges' ? t.changeWithinGaugesError : '',
        when: told.againAt ? dayAndClock(told.againAt, now()) : t.later,
      }),
    );
  else if (told.leak)
    emit(
      'told',
      `${props.recheck.what}: ${told.leak.outcome === 'fail' ? t.losesPercentDayFinding({ percent: percent(told.leak.perDay) }) : t.holdsPressureLossPercent({ percent: percent(Math.max(0, told.leak.perDay)) })}.`,
    );
  text.value = '';
  tried.value = false;
  fleet.put(told.bike);
}
</script>

<template>
  <ActButton v-if="!due && !open" kind="quiet" class="!px-0" @click="open = true">{{
    isSoak ? t.measureNow : t.enterResult
  }}</ActButton>
  <form v-else class="mt-1 flex flex-wrap items-end gap-2 pr-2" @submit.prevent="refusal.run(answer)">
    <TextField
      v-model="text"
      class="min-w-0 grow basis-32"
      :label="isSoak ? t.pressureNowBar : t.result"
      :error="tried ? wrong : null"
      data-timed-recheck-answer
    />
    <ActButton kind="main" type="submit" :disabled="refusal.busy.value" data-timed-recheck-done>{{
      isSoak ? t.saveReading : t.saveResult
    }}</ActButton>
    <NoticePlate v-if="refusal.said.value" class="basis-full" :said="refusal.said.value" />
  </form>
</template>
