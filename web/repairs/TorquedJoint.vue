<script setup lang="ts">
import { computed, ref } from 'vue';
import { readNumber } from '@cadre/core/measures';
import { nextPull, pullAnswer, type TorqueCardRow, type TorqueRun } from '@cadre/core/torque';
import { InstrumentSays, useInstrumentField } from '@cadre/web/instruments';
import { asSet } from '@cadre/web/torque';
import { useProvided } from '@cadre/web/platform/provided';
import { JOINT_WORDS } from '@cadre/web/words';
import { FINISH_FORM } from './finish-key';
import * as t from './messages';

/** One joint the work loosened: what to set, what it was set to, and with a wrench that sends, bolt and stage in their order. */
const props = defineProps<{ row: TorqueCardRow }>();
const form = useProvided(FINISH_FORM);
const joint = computed(() => props.row.joint);
const most = computed(() => {
  const stated = props.row.stated.filter((each) => each.end === 'most').map((each) => each.value);
  return stated.length > 0 ? Math.min(...stated) : null;
});
const target = computed(() => (props.row.answer?.kind === 'target' ? props.row.answer : null));
const over = computed(() => {
  const value = readNumber(form.torques[joint.value] ?? '');
  return value !== null && most.value !== null && value > most.value;
});
const wrong = computed(() => form.torquesWrong.value.includes(joint.value));
const targetWords = computed(() => {
  if (props.row.way === 'just-firm') return t.onlyFirmEnoughTurn;
  if (most.value === null) return t.noValueKnownRead;
  return target.value ? t.setFlooredNM({ floored: asSet(target.value.target) }) : t.valuesConflictAskMaker;
});
const run = computed((): TorqueRun => ({
  stages: target.value?.stages ?? [],
  bolts: props.row.bolts,
  most: most.value,
}));
const pulls = computed(() => form.pulls[joint.value] ?? []);
const refused = ref('');
const next = computed(() => (target.value && pulls.value.length ? nextPull(run.value, pulls.value) : null));
const instrument = useInstrumentField({
  unit: () => 'N m',
  place: () => joint.value,
  take: ({ value, equipmentId }) => {
    const answer = pullAnswer(run.value, pulls.value, value);
    refused.value =
      answer.state === 'over'
        ? t.pullOver({ value, most: answer.most })
        : answer.state === 'short'
          ? t.pullShort({ value, wanted: asSet(answer.wanted) })
          : '';
    // A joint that was pulled over its maximum is begun again: what it was pulled to before says nothing.
    if (answer.state === 'over') form.pulls[joint.value] = [];
    if (answer.state !== 'reached') return;
    form.pulls[joint.value] = [...pulls.value, value];
    form.sentBy[joint.value] = equipmentId;
    // Without a target there are no stages: what the wrench sent last is what it was left at.
    if (!target.value) {
      form.tighten(joint.value, String(value));
      return;
    }
    const after = nextPull(run.value, form.pulls[joint.value] ?? []);
    form.tighten(joint.value, after.state === 'done' ? String(after.newtonMetres) : '');
  },
});
function type(text: string): void {
  form.pulls[joint.value] = [];
  refused.value = '';
  form.tighten(joint.value, text);
}
</script>

<template>
  <div class="space-y-1" :data-torqued-joint="joint">
    <label class="flex items-center gap-2">
      <span class="min-w-0 grow leading-tight"
        >{{ JOINT_WORDS[joint] }}<br /><span class="text-[0.95rem] text-soft">{{ targetWords }}</span></span
      >
      <input
        :value="form.torques[joint] ?? ''"
        inputmode="decimal"
        class="figures h-12 w-24 shrink-0 rounded-md border-2 bg-plate px-3"
        :class="over || wrong ? 'border-held' : 'border-ink/60'"
        :aria-invalid="over || wrong"
        :data-torque-of="joint"
        @focus="instrument.claim()"
        @input="type(($event.target as HTMLInputElement).value)"
    /></label>
    <p v-if="next?.state === 'pull'" role="status" class="figures font-semibold" data-next-pull>
      {{
        t.nextPull({
          bolt: next.bolt,
          bolts: row.bolts,
          stage: next.stage + 1,
          stages: run.stages.length,
          value: asSet(next.newtonMetres),
        })
      }}
    </p>
    <p v-else-if="next" role="status" class="font-semibold" data-pulls-done>{{ t.jointDone }}</p>
    <p v-if="refused" role="alert" class="font-semibold text-held" data-pull-refused>{{ refused }}</p>
    <InstrumentSays :field="instrument" />
    <p v-if="over" class="font-semibold text-held">{{ t.aboveMaximumMostN({ most: most ?? '' }) }}</p>
    <p v-else-if="wrong" class="font-semibold text-held">{{ t.enterNumberFrom0 }}</p>
  </div>
</template>
