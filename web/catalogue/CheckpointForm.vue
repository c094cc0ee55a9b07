<script setup lang="ts">
import { computed, reactive, ref } from 'vue';
import { Trash2 } from '@lucide/vue';
import {
  DRAWINGS,
  PHASES,
  positionsAsked,
  SEVERITIES,
  ZONES,
  type Checkpoint,
  type Fault,
  type Rule,
  type Severity,
  type Zone,
} from '@cadre/core/catalogue';
import { readNumber } from '@cadre/core/measures';
import { fieldWords } from '@cadre/web/platform/api';
import { ActButton, ChoiceField, TextField } from '@cadre/web/ui';
import RuleField from './RuleField.vue';
import { keyFrom } from './use-checklist-draft';
import { PHASE_WORDS, SEVERITY_MEANING, SEVERITY_WORDS, ZONE_WORDS } from '@cadre/web/words';

/** A checkpoint of the program's own, written as the shipped ones are: how to look, what sound is, what may be wrong and what then. */
const props = defineProps<{ checkpoint: Checkpoint | null; taken: ReadonlySet<string> }>();
const emit = defineEmits<{ keep: [checkpoint: Checkpoint]; away: [] }>();

const PLACES = [
  ...ZONES.filter((zone) => !/^(front|rear)-(wheel|brake)$/.test(zone)).map((zone) => ({
    value: zone,
    label: ZONE_WORDS[zone],
  })),
  { value: 'wheels', label: 'Each wheel' },
  { value: 'brakes', label: 'Each brake' },
  ...(['front-wheel', 'rear-wheel', 'front-brake', 'rear-brake'] as const).map((zone) => ({
    value: zone,
    label: `${ZONE_WORDS[zone]} only`,
  })),
];
function atOf(place: string): Checkpoint['at'] {
  if (place === 'wheels') return { front: 'front-wheel', rear: 'rear-wheel' };
  if (place === 'brakes') return { front: 'front-brake', rear: 'rear-brake' };
  if (place.startsWith('front-')) return { front: place as Zone };
  return place === 'rear-wheel' || place === 'rear-brake' ? { rear: place } : { only: place as Zone };
}
function placeOf(at: Checkpoint['at']): string {
  if (at.front && at.rear) return at.front === 'front-wheel' ? 'wheels' : 'brakes';
  return at.only ?? at.front ?? at.rear ?? 'frame';
}

const from = props.checkpoint;
const form = reactive({
  name: from?.name ?? '',
  place: from ? placeOf(from.at) : 'frame',
  phase: from?.phase ?? 'ground',
  how: from?.how ?? '',
  passWhen: from?.passWhen ?? '',
  minutes: String(from?.minutes ?? 0.2),
  tools: from?.tools.join(', ') ?? '',
  cautions: from?.cautions.join('\n') ?? '',
  drawing: from?.drawing ?? '',
});
const faults = ref<Fault[]>(
  from
    ? from.faults.map((fault) => ({ ...fault }))
    : [{ key: 'fault-1', name: '', floor: 'stop', doNext: '' }],
);
const rule = ref<Rule>(from?.applies ?? { always: true });
const ruleValid = ref(true);
const tried = ref(false);
const positions = computed(() => positionsAsked({ at: atOf(form.place) }));
const minutes = computed(() => readNumber(form.minutes));

const problems = computed<Record<string, string | null>>(() => ({
  name: form.name.trim() ? null : fieldWords('required'),
  how: form.how.trim() ? null : fieldWords('required'),
  passWhen: form.passWhen.trim() ? null : fieldWords('required'),
  minutes:
    minutes.value !== null && minutes.value > 0 && minutes.value <= 240
      ? null
      : 'Minutes, more than 0 and up to 240',
  faults:
    faults.value.length === 0
      ? 'At least one fault: what may be wrong here?'
      : faults.value.every((fault) => fault.name.trim() && fault.doNext.trim())
        ? null
        : 'Every fault needs a name and what to do next',
}));
const said = (field: string): string | null => (tried.value ? (problems.value[field] ?? null) : null);

function addFault(): void {
  const keys = new Set(faults.value.map((fault) => fault.key));
  faults.value = [
    ...faults.value,
    { key: keyFrom(`fault-${faults.value.length + 1}`, keys), name: '', floor: 'soon', doNext: '' },
  ];
}
function setFault(index: number, part: Partial<Fault>): void {
  faults.value = faults.value.map((fault, at) => (at === index ? { ...fault, ...part } : fault));
}
function setMechanic(index: number, yes: boolean): void {
  faults.value = faults.value.map((fault, at) => {
    const { toMechanic: _toMechanic, ...rest } = fault;
    return at === index ? (yes ? { ...rest, toMechanic: true as const } : rest) : fault;
  });
}
const lines = (text: string, by: RegExp): string[] =>
  text
    .split(by)
    .map((each) => each.trim())
    .filter(Boolean);
function keep(): void {
  tried.value = true;
  if (!ruleValid.value || Object.values(problems.value).some(Boolean)) return;
  emit('keep', {
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
  });
}
</script>

<template>
  <form
    class="space-y-4 rounded-lg border-2 border-act bg-plate p-4"
    :aria-label="checkpoint ? `Change ${checkpoint.name}` : 'An own checkpoint'"
    novalidate
    data-checkpoint-form
    @submit.prevent="keep"
  >
    <h3 class="sturdy text-xl">{{ checkpoint ? checkpoint.name : 'An own checkpoint' }}</h3>
    <div class="grid gap-3 sm:grid-cols-2">
      <TextField
        v-model="form.name"
        label="Name"
        hint="What is looked at"
        :error="said('name')"
        data-field="name"
      />
      <ChoiceField v-model="form.place" label="Where" :options="PLACES" />
      <ChoiceField
        v-model="form.phase"
        label="Done"
        :options="PHASES.map((phase) => ({ value: phase, label: PHASE_WORDS[phase] }))"
      />
      <TextField
        v-model="form.minutes"
        label="Minutes"
        hint="For one place, by a practised hand"
        :error="said('minutes')"
      />
    </div>
    <label class="block"
      ><span class="font-semibold">How to look</span>
      <textarea
        v-model="form.how"
        rows="3"
        maxlength="1200"
        class="mt-1 block w-full rounded-md border-2 bg-plate px-3 py-2"
        :class="said('how') ? 'border-held' : 'border-ink/60'"
        data-field="how"
      />
      <span class="text-[0.95rem]" :class="said('how') ? 'font-semibold text-held' : 'text-soft'">{{
        said('how') ?? 'One or two sentences somebody new can follow'
      }}</span>
    </label>
    <TextField v-model="form.passWhen" label="Pass when" :error="said('passWhen')" data-field="passWhen" />
    <RuleField v-model="rule" v-model:valid="ruleValid" :positions="positions" />
    <fieldset class="space-y-2">
      <legend class="font-semibold">What may be wrong</legend>
      <p v-if="said('faults')" class="font-semibold text-held" role="alert">{{ said('faults') }}</p>
      <div
        v-for="(fault, index) in faults"
        :key="fault.key"
        class="grid gap-2 rounded-md bg-sunk p-3 sm:grid-cols-[1fr_12rem]"
      >
        <input
          :value="fault.name"
          :aria-label="`Fault ${index + 1}: name`"
          placeholder="Loose, cracked, missing …"
          maxlength="160"
          class="h-12 rounded-md border-2 border-ink/60 bg-plate px-3 placeholder:text-soft"
          data-fault-name
          @input="setFault(index, { name: ($event.target as HTMLInputElement).value })"
        />
        <select
          :value="fault.floor"
          :aria-label="`Fault ${index + 1}: at least`"
          class="h-12 rounded-md border-2 border-ink/60 bg-plate px-2"
          data-fault-floor
          @change="setFault(index, { floor: ($event.target as HTMLSelectElement).value as Severity })"
        >
          <option v-for="severity in SEVERITIES" :key="severity" :value="severity">
            {{ SEVERITY_WORDS[severity] }}: {{ SEVERITY_MEANING[severity] }}
          </option>
        </select>
        <textarea
          :value="fault.doNext"
          rows="2"
          :aria-label="`Fault ${index + 1}: what to do next`"
          placeholder="What to do next"
          maxlength="600"
          class="rounded-md border-2 border-ink/60 bg-plate px-3 py-2 placeholder:text-soft"
          data-fault-next
          @input="setFault(index, { doNext: ($event.target as HTMLTextAreaElement).value })"
        />
        <div class="flex flex-wrap items-center justify-between gap-2">
          <label class="flex min-h-12 items-center gap-2 leading-tight"
            ><input
              type="checkbox"
              class="size-6"
              :checked="fault.toMechanic === true"
              @change="setMechanic(index, ($event.target as HTMLInputElement).checked)"
            />a qualified mechanic decides</label
          >
          <button
            type="button"
            class="grid size-12 place-items-center rounded-md"
            :aria-label="`Take fault ${index + 1} away`"
            @click="faults = faults.filter((_, at) => at !== index)"
          >
            <Trash2 class="size-5" aria-hidden="true" />
          </button>
        </div>
      </div>
      <ActButton @click="addFault">Another fault</ActButton>
    </fieldset>
    <div class="grid gap-3 sm:grid-cols-2">
      <label class="block"
        ><span class="font-semibold">Cautions</span>
        <textarea
          v-model="form.cautions"
          rows="2"
          class="mt-1 block w-full rounded-md border-2 border-ink/60 bg-plate px-3 py-2"
        />
        <span class="text-[0.95rem] text-soft"
          >One a line. Where a hand can be hurt, say so here.</span
        ></label
      >
      <div class="space-y-3">
        <TextField v-model="form.tools" label="Tools" hint="With commas between" />
        <ChoiceField
          v-model="form.drawing"
          label="Drawing"
          :options="[
            { value: '', label: 'none' },
            ...DRAWINGS.map((each) => ({ value: each, label: each.replace(/-/g, ' ') })),
          ]"
        />
      </div>
    </div>
    <p v-if="tried && !ruleValid" class="font-semibold text-held" role="alert">The rule is not right yet.</p>
    <div class="flex flex-wrap gap-2">
      <ActButton kind="main" type="submit" data-keep-checkpoint>{{
        checkpoint ? 'Keep this wording' : 'Put it on the checklist'
      }}</ActButton>
      <ActButton @click="emit('away')">Leave it</ActButton>
    </div>
  </form>
</template>
