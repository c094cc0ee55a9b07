<script setup lang="ts">
import { computed } from 'vue';
import { SelectField } from '@cadre/web/ui';
import { useGivenPolicy } from './policy-key';
import * as t from './messages';

/** How long the names of people who left stay in the program. */
const { set, chosen } = useGivenPolicy();
const YEAR = 365;
const YEARS = [1, 2, 3, 5, 7, 10];
const years = computed(() => {
  const days = chosen.value.namesKeptDays;
  return [
    { value: '', label: t.untilLeadRemovesThem },
    ...YEARS.map((each) => ({
      value: String(each * YEAR),
      label: each === 1 ? t.oneYear : t.eachYears({ each }),
    })),
    // Another number can come from a file or another program.
    ...(days === null || (days % YEAR === 0 && YEARS.includes(days / YEAR))
      ? []
      : [{ value: String(days), label: t.daysDays({ days }) }]),
  ];
});
const kept = computed({
  get: () => String(chosen.value.namesKeptDays ?? ''),
  set: (days: string) => set({ namesKeptDays: days === '' ? null : Number(days) }),
});
</script>

<template>
  <section aria-labelledby="names" class="max-w-md space-y-2">
    <h2 id="names" class="sturdy text-xl">{{ t.peopleWhoHaveLeft }}</h2>
    <p class="text-soft">{{ t.nameRemovedPermanentlyAfter }}</p>
    <SelectField v-model="kept" :label="t.storeTheirNames" data-policy="namesKeptDays" :options="years" />
  </section>
</template>
