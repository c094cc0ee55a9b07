<script setup lang="ts">
import { computed } from 'vue';
import { CONDITIONS, type Conditions } from '@cadre/core/catalogue';
import { CheckField, SelectField } from '@cadre/web/ui';
import { CONDITION_WORDS } from '@cadre/web/words';
import { useGivenPolicy } from './policy-key';
import * as t from './messages';

/** When a bike that comes back is due for the return checklist, and how long what a rider tells is stored with a name. */
const { set, chosen } = useGivenPolicy();
const returns = computed(() => chosen.value.returns);
const change = (part: Partial<typeof returns.value>): void => set({ returns: { ...returns.value, ...part } });
const tick = (each: Conditions, yes: boolean): void =>
  change({
    conditions: CONDITIONS.filter((one) => (one === each ? yes : returns.value.conditions.includes(one))),
  });
const OUTINGS = [5, 10, 20, 50];
const DAYS = [7, 14, 30, 60, 90];
/** Another number can come from a file or another program. */
const withOwn = (list: readonly number[], own: number | null): readonly number[] =>
  own === null || list.includes(own) ? list : [...list, own].toSorted((a, b) => a - b);
const outings = computed(() => [
  { value: '', label: t.neverByOutings },
  ...withOwn(OUTINGS, returns.value.everyOutings).map((each) => ({
    value: String(each),
    label: t.everyOutings({ outings: each }),
  })),
]);
const every = computed({
  get: () => String(returns.value.everyOutings ?? ''),
  set: (value: string) => change({ everyOutings: value === '' ? null : Number(value) }),
});
const days = computed(() =>
  withOwn(DAYS, chosen.value.ridersKeptDays).map((each) => ({
    value: String(each),
    label: t.daysDays({ days: each }),
  })),
);
const kept = computed({
  get: () => String(chosen.value.ridersKeptDays),
  set: (value: string) => set({ ridersKeptDays: Number(value) }),
});
</script>

<template>
  <section aria-labelledby="returns" class="space-y-3" data-returns-choice>
    <h2 id="returns" class="sturdy text-xl">{{ t.whenBikesComeBack }}</h2>
    <p class="max-w-prose text-soft">{{ t.whenBikesComeBackSay }}</p>
    <fieldset>
      <legend class="font-semibold">{{ t.returnCheckAfter }}</legend>
      <div class="flex flex-wrap gap-x-5">
        <CheckField
          :model-value="returns.afterHard"
          data-after-hard
          @update:model-value="(yes) => change({ afterHard: yes })"
          >{{ t.hardRiding }}</CheckField
        >
        <CheckField
          v-for="each in CONDITIONS"
          :key="each"
          :model-value="returns.conditions.includes(each)"
          :data-after="each"
          @update:model-value="(yes) => tick(each, yes)"
          >{{ CONDITION_WORDS[each] }}</CheckField
        >
      </div>
    </fieldset>
    <div class="flex max-w-md flex-col gap-3">
      <SelectField v-model="every" :label="t.andByOutings" :options="outings" data-policy="everyOutings" />
      <SelectField v-model="kept" :label="t.storeRiderNames" :options="days" data-policy="ridersKeptDays" />
    </div>
  </section>
</template>
