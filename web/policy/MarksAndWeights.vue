<script setup lang="ts">
import { computed, ref, watch } from 'vue';
import { LEGAL_WEIGHTS, MARKING_WAYS, type LegalWeight, type MarkingWay } from '@cadre/core/catalogue';
import { readNumber } from '@cadre/core/measures';
import { SIZE_SUBSTITUTIONS, type SizeSubstitution } from '@cadre/core/schedule';
import { MARKING_WORDS } from '@cadre/web/catalogue';
import { SelectField, TextField } from '@cadre/web/ui';
import { useGivenPolicy } from './policy-key';
import * as t from './messages';

/** How marks are given, and how long what was found may wait. */
const emit = defineEmits<{ wrong: [isWrong: boolean] }>();
const { set, chosen } = useGivenPolicy();

const SUBSTITUTION_WORDS: Record<SizeSubstitution, string> = {
  exact: t.onlyRequestedSize,
  'one-up': t.oneSizeLargerAllowed,
  'one-down': t.oneSizeSmallerAllowed,
  'one-either-way': t.oneSizeLargerSmaller,
};
const LEGAL_WORDS: Record<LegalWeight, string> = {
  stop: t.doNotRideUntil,
  soon: t.fixDate,
};
type Numbered = 'soonDays' | 'soonOutings' | 'times' | 'days';
const NUMBERS: readonly { key: Numbered; label: string; least: number; most: number; hint: string }[] = [
  { key: 'soonDays', label: t.fixLimitInDays, least: 1, most: 90, hint: t.afterDoNotRide },
  { key: 'soonOutings', label: t.orOutings, least: 1, most: 200, hint: t.whicheverComesFirst },
  {
    key: 'times',
    label: t.recurringFaultFixedOn,
    least: 2,
    most: 20,
    hint: t.samePlace,
  },
  { key: 'days', label: t.withinDays, least: 1, most: 365, hint: '' },
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
    <h2 id="marks" class="sturdy col-span-full text-xl">{{ t.answersSeverities }}</h2>
    <SelectField
      v-model="marking"
      :label="t.howAnswersGiven"
      data-policy="marking"
      class="col-span-2"
      :options="MARKING_WAYS.map((way) => ({ value: way, label: MARKING_WORDS[way] }))"
    />
    <SelectField
      v-model="legal"
      :label="t.missingLegalEquipment"
      data-policy="legal"
      class="col-span-2"
      :options="LEGAL_WEIGHTS.map((weight) => ({ value: weight, label: LEGAL_WORDS[weight] }))"
    />
    <SelectField
      v-model="substitution"
      :label="t.ifGroupsSizeNot"
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
      :error="
        wrong.includes(each.key) ? t.enterWholeNumberFrom({ least: each.least, most: each.most }) : null
      "
      :data-policy="each.key"
      @update:model-value="(text: string) => setNumber(each.key, text)"
    />
  </section>
</template>
