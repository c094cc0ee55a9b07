<script setup lang="ts">
import { computed, reactive, ref, watch } from 'vue';
import {
  DRAWINGS,
  PHASES,
  positionsAsked,
  rewritten,
  type Checkpoint,
  type Fault,
  type Rule,
} from '@cadre/core/catalogue';
import { readNumber } from '@cadre/core/measures';
import { fieldWords } from '@cadre/web/platform/api';
import { ActButton, SelectField, TextField } from '@cadre/web/ui';
import { atOf, PLACES, placeOf } from './checkpoint-places';
import FaultFields from './FaultFields.vue';
import RuleField from './RuleField.vue';
import { useEditing } from './checklist-draft-key';
import { keyFrom } from './use-checklist-draft';
import { showCheckpointForm } from './use-checkpoint-writing';
import { PHASE_WORDS } from '@cadre/web/words';
import * as t from './messages';

/** A checkpoint of the program's own, written as the shipped ones are: how to look, what passes, what may be wrong and what then. */
const props = defineProps<{ checkpoint: Checkpoint | null; taken: ReadonlySet<string> }>();
const emit = defineEmits<{ save: [checkpoint: Checkpoint]; away: [] }>();

const from = props.checkpoint;
const { writing } = useEditing();
const {
  faults: typedFaults,
  rule: typedRule,
  ...typed
} = writing.text.value ?? {
  name: from?.name ?? '',
  place: from ? placeOf(from.at) : 'frame',
  phase: from?.phase ?? 'ground',
  how: from?.how ?? '',
  passWhen: from?.passWhen ?? '',
  minutes: String(from?.minutes ?? 0.2),
  tools: from?.tools.join(', ') ?? '',
  cautions: from?.cautions.join('\n') ?? '',
  drawing: from?.drawing ?? '',
  faults: from?.faults ?? [{ key: 'fault-1', name: '', floor: 'stop', doNext: '' } satisfies Fault],
  rule: from?.applies ?? { always: true },
};
const form = reactive({ ...typed });
const faults = ref<Fault[]>(typedFaults.map((fault) => ({ ...fault })));
const rule = ref<Rule>(typedRule);
watch([form, faults, rule], () => writing.type({ ...form, faults: faults.value, rule: rule.value }));
const ruleValid = ref(true);
const tried = ref(false);
const positions = computed(() => positionsAsked({ at: atOf(form.place) }));
const minutes = computed(() => readNumber(form.minutes));

const problems = computed<Record<string, string | null>>(() => ({
  name: form.name.trim() ? null : fieldWords('required'),
  how: form.how.trim() ? null : fieldWords('required'),
  passWhen: form.passWhen.trim() ? null : fieldWords('required'),
  minutes:
    minutes.value !== null && minutes.value > 0 && minutes.value <= 240 ? null : t.enterMinutesMoreThan,
  faults:
    faults.value.length === 0
      ? t.addLeastOneFault
      : faults.value.every((fault) => fault.name.trim() && fault.doNext.trim())
        ? null
        : t.everyFaultNeedsName,
}));
const said = (field: string): string | null => (tried.value ? (problems.value[field] ?? null) : null);

function addFault(): void {
  const keys = new Set(faults.value.map((fault) => fault.key));
  faults.value = [
    ...faults.value,
    { key: keyFrom(`fault-${faults.value.length + 1}`, keys), name: '', floor: 'soon', doNext: '' },
  ];
}
function setFault(index: number, changed: Fault): void {
  faults.value = faults.value.map((fault, at) => (at === index ? changed : fault));
}
const lines = (text: string, by: RegExp): string[] =>
  text
    .split(by)
    .map((each) => each.trim())
    .filter(Boolean);
function save(): void {
  tried.value = true;
  if (!ruleValid.value || Object.values(problems.value).some(Boolean)) {
    void showCheckpointForm();
    return;
  }
  const written: Checkpoint = {
    ...(from ?? {}),
    key: from?.key ?? keyFrom(`own-${form.name}`, props.taken),
    name: form.name.trim(),
    at: atOf(form.place),
    phase: form.phase,
    how: form.how.trim(),
    passWhen: form.passWhen.trim(),
    faults: faults.value.map((fault) => ({ ...fault, name: fault.name.trim(), doNext: fault.doNext.trim() })),
    applies: rule.value,
    tools: lines(form.tools, /,/),
    minutes: minutes.value ?? 0.2,
    cautions: lines(form.cautions, /\n/),
    ...(form.drawing ? { drawing: form.drawing } : { drawing: undefined }),
  };
  // What was written here is not written over by a practice.
  emit('save', from ? rewritten(from, written) : written);
}
</script>

<template>
  <form
    class="space-y-4 rounded-lg border-2 border-act bg-plate p-4"
    :aria-label="checkpoint ? t.changeName({ name: checkpoint.name }) : t.newCheckpoint"
    novalidate
    data-checkpoint-form
    @submit.prevent="save"
  >
    <h3 class="sturdy text-xl">{{ checkpoint ? checkpoint.name : t.newCheckpoint }}</h3>
    <div class="grid gap-3 sm:grid-cols-2">
      <TextField v-model="form.name" :label="t.name" :error="said('name')" data-field="name" />
      <SelectField v-model="form.place" :label="t.zone" :options="PLACES" />
      <SelectField
        v-model="form.phase"
        :label="t.phase"
        :options="PHASES.map((phase) => ({ value: phase, label: PHASE_WORDS[phase] }))"
      />
      <TextField
        v-model="form.minutes"
        :label="t.minutes"
        :hint="t.forOnePositionExperienced"
        :error="said('minutes')"
      />
    </div>
    <TextField
      v-model="form.how"
      :label="t.howCheck"
      :rows="3"
      maxlength="1200"
      :hint="t.oneTwoSentencesNew"
      :error="said('how')"
      data-field="how"
    />
    <TextField v-model="form.passWhen" :label="t.passIf2" :error="said('passWhen')" data-field="passWhen" />
    <RuleField v-model="rule" v-model:valid="ruleValid" :positions="positions" />
    <fieldset class="space-y-2">
      <legend class="font-semibold">{{ t.usualFaults }}</legend>
      <p v-if="said('faults')" class="font-semibold text-held" role="alert">{{ said('faults') }}</p>
      <FaultFields
        v-for="(fault, index) in faults"
        :key="fault.key"
        :fault="fault"
        :number="index + 1"
        @change="(changed) => setFault(index, changed)"
        @remove="faults = faults.filter((_, at) => at !== index)"
      />
      <ActButton @click="addFault">{{ t.addFault }}</ActButton>
    </fieldset>
    <div class="grid gap-3 sm:grid-cols-2">
      <TextField v-model="form.cautions" :label="t.cautions" :rows="2" :hint="t.oneLineWarnHere" />
      <div class="space-y-3">
        <TextField v-model="form.tools" :label="t.tools2" :hint="t.separateWithCommas" />
        <SelectField
          v-model="form.drawing"
          :label="t.drawing"
          :options="[
            { value: '', label: t.none },
            ...DRAWINGS.map((each) => ({ value: each, label: each.replace(/-/g, ' ') })),
          ]"
        />
      </div>
    </div>
    <p v-if="tried && !ruleValid" class="font-semibold text-held" role="alert">{{ t.ruleHasError }}</p>
    <div class="flex flex-wrap gap-2">
      <ActButton kind="main" type="submit" data-save-checkpoint>{{
        checkpoint ? t.saveText : t.addChecklist
      }}</ActButton>
      <ActButton @click="emit('away')">{{ t.cancel }}</ActButton>
    </div>
  </form>
</template>
