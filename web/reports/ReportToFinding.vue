<script setup lang="ts">
import { computed, ref, watch } from 'vue';
import type { Bike } from '@cadre/contract/fleet';
import { reportToFinding, type Report } from '@cadre/contract/reports';
import { useAct } from '@cadre/web/platform/act';
import { now } from '@cadre/web/platform/time';
import { useFleet } from '@cadre/web/fleet';
import { ActButton, ChoiceChips, NoticePlate, SelectField, useRefusal } from '@cadre/web/ui';
import { SEVERITY_WORDS, withPosition } from '@cadre/web/words';
import { useQuestions } from './use-questions';
import * as t from './messages';

/** Which question of the bike failed, and how: the two choices that make a report a finding. */
const props = defineProps<{ report: Report; bike: Bike }>();
const emit = defineEmits<{ cancel: [] }>();
const fleet = useFleet();
const act = useAct();
const refusal = useRefusal();
const questions = useQuestions(
  () => props.bike,
  () => props.report.zone,
);
const key = ref('');
const fault = ref('');
const options = computed(() => [
  { value: '', label: t.chooseQuestion },
  ...questions.value.map((question) => ({
    value: question.key,
    label: withPosition(question.checkpoint.name, question.position),
  })),
]);
const question = computed(() => questions.value.find((each) => each.key === key.value));
const faults = computed(() =>
  (question.value?.checkpoint.faults ?? []).map((each) => ({
    value: each.key,
    label: `${each.name} · ${SEVERITY_WORDS[each.floor]}`,
  })),
);
watch(key, () => (fault.value = ''));
async function make(): Promise<void> {
  const of = question.value;
  if (!of) return;
  const body = { checkpoint: of.checkpoint.key, position: of.position, fault: fault.value, severity: null };
  await refusal.run(async () => {
    fleet.put(await act(reportToFinding, { params: { id: props.report.id }, body: { ...body, at: now() } }));
  });
}
</script>

<template>
  <form class="space-y-2 rounded-md bg-sunk p-3" data-to-finding @submit.prevent="make">
    <SelectField v-model="key" :label="t.whichQuestion" :options="options" data-question />
    <ChoiceChips
      v-if="question"
      :name="t.whichFault"
      :options="faults"
      :chosen="fault ? [fault] : []"
      @toggle="(each) => (fault = each)"
    />
    <NoticePlate v-if="refusal.said.value" :said="refusal.said.value" />
    <div class="flex flex-wrap gap-2">
      <ActButton kind="main" type="submit" :disabled="!fault || refusal.busy.value" data-finding-now>{{
        t.makeFinding
      }}</ActButton>
      <ActButton @click="emit('cancel')">{{ t.cancel }}</ActButton>
    </div>
  </form>
</template>
