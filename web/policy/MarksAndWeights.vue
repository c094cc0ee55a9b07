<script setup lang="ts">
import { computed, ref, watch } from 'vue';
import { LEGAL_WEIGHTS, MARKING_WAYS, type LegalWeight, type MarkingWay } from '@cadre/core/catalogue';
import { readNumber } from '@cadre/core/measures';
import { SIZE_SUBSTITUTIONS, type SizeSubstitution } from '@cadre/core/schedule';
import { MARKING_WORDS } from '@cadre/web/catalogue';
import { SelectField, TextField } from '@cadre/web/ui';
import { useGivenPolicy } from './policy-key';

/** How marks are given, and how long what was found may wait. */
const emit = defineEmits<{ wrong: [isWrong: boolean] }>();
const { set, chosen } = useGivenPolicy();

const SUBSTITUTION_WORDS: Record<SizeSubstitution, string> = {
  exact: 'Only the size asked for',
  'one-up': 'One size larger may stand in',
  'one-down': 'One size smaller may stand in',
  'one-either-way': 'One size larger or smaller may stand in',
};
const LEGAL_WORDS: Record<LegalWeight, string> = {
  stop: 'A stop until it is there',
  soon: 'Soon: repaired within its time',
};
type Numbered = 'soonDays' | 'soonOutings' | 'times' | 'days';
const NUMBERS: readonly { key: Numbered; label: string; least: number; most: number; hint: string }[] = [
  { key: 'soonDays', label: 'A soon rides, days', least: 1, most: 90, hint: 'then it is a stop' },
  { key: 'soonOutings', label: 'or outings', least: 1, most: 200, hint: 'whichever comes first' },
  {
    key: 'times',
    label: 'Fixed on the spot, times',
    least: 2,
    most: 20,
    hint: 'at one place, and it keeps coming back',
  },
  { key: 'days', label: 'within days', least: 1, most: 365, hint: '' },
];
const typed = ref<Partial<Record<Numbered, string>>>({});
const valueOf = (key: Numbered): number =>
  key === 'times' || key === 'days' ? chosen.value.comingBack[key] : chosen.value[key];
const wrong = computed(() =>
  NUMBERS.filter(({ key, least, most }) => {
    const read = typed.value[key] === undefined ? valueOf(key) : readNumber(typed.value[key] ?? '');
    return read === null || !Number.isInteger(read) || read < least || read > most;
  }).map((each) => each.key),
);
function setNumber(key: Numbered, text: string): void {
  typed.value = { ...typed.value, [key]: text };
  const read = readNumber(text);
  if (read === null || wrong.value.includes(key)) return;
  set(
    key === 'times' || key === 'days'
      ? { comingBack: { ...chosen.value.comingBack, [key]: read } }
      : { [key]: read },
  );
}
const marking = computed({
  get: () => chosen.value.marking,
  set: (way: string) => set({ marking: way as MarkingWay }),
});
const legal = computed({
  get: () => chosen.value.legal,
  set: (weight: string) => set({ legal: weight as LegalWeight }),
});
const substitution = computed({
  get: () => chosen.value.substitution,
  set: (way: string) => set({ substitution: way as SizeSubstitution }),
});
watch(wrong, (keys) => emit('wrong', keys.length > 0));
// Saved elsewhere or anew: what stands is what was saved.
watch(useGivenPolicy().history, () => (typed.value = {}));
</script>

<template>
  <section aria-labelledby="marks" class="grid grid-cols-2 gap-3 xl:grid-cols-4">
    <h2 id="marks" class="sturdy col-span-full text-xl">Marks and weights</h2>
    <SelectField
      v-model="marking"
      label="How marks are given"
      data-policy="marking"
      class="col-span-2"
      :options="MARKING_WAYS.map((way) => ({ value: way, label: MARKING_WORDS[way] }))"
    />
    <SelectField
      v-model="legal"
      label="Lacking what local rules ask for"
      data-policy="legal"
      class="col-span-2"
      :options="LEGAL_WEIGHTS.map((weight) => ({ value: weight, label: LEGAL_WORDS[weight] }))"
    />
    <SelectField
      v-model="substitution"
      label="When a group’s size runs out"
      data-policy="substitution"
      class="col-span-2"
      :options="SIZE_SUBSTITUTIONS.map((way) => ({ value: way, label: SUBSTITUTION_WORDS[way] }))"
    />
    <TextField
      v-for="each in NUMBERS"
      :key="each.key"
      :model-value="typed[each.key] ?? String(valueOf(each.key))"
      :label="each.label"
      :hint="each.hint"
      :error="wrong.includes(each.key) ? `A whole number from ${each.least} to ${each.most}` : null"
      :data-policy="each.key"
      @update:model-value="(text: string) => setNumber(each.key, text)"
    />
  </section>
</template>
