<script setup lang="ts">
import { ref } from 'vue';
import type { Campaign } from '@cadre/contract/campaign';
import { dayAfter } from '@cadre/core/schedule';
import { dayWords } from '@cadre/web/platform/time';
import { useFleet } from '@cadre/web/fleet';
import { ActButton, SelectField, TextField } from '@cadre/web/ui';
import type { Wanted } from './use-plan-campaign';
import * as t from './messages';

/** Who is away on which days: said here, then planned again. */
const props = defineProps<{ campaign: Campaign; busy: boolean; today: string }>();
const emit = defineEmits<{ again: [more: Partial<Wanted>] }>();
const MOST_AWAY = 200;
const fleet = useFleet();
const who = ref(props.campaign.people[0]?.personId ?? '');
const from = ref(props.today);
const until = ref(props.today);
const options = props.campaign.people.map((each) => ({
  value: each.personId,
  label: fleet.nameOf(each.personId),
}));
function save(): void {
  const days: string[] = [];
  for (let day = from.value; day <= until.value && days.length < MOST_AWAY; day = dayAfter(day))
    days.push(day);
  emit('again', {
    people: props.campaign.people.map((each) =>
      each.personId === who.value ? { ...each, away: [...new Set([...each.away, ...days])].sort() } : each,
    ),
  });
}
function here(personId: string): void {
  emit('again', {
    people: props.campaign.people.map((each) => (each.personId === personId ? { ...each, away: [] } : each)),
  });
}
const awayWords = (days: readonly string[]): string => {
  const coming = days.filter((day) => day >= props.today);
  const [first, last] = [coming[0], coming.at(-1)];
  if (!first || !last) return '';
  return first === last ? dayWords(first) : t.fromTo({ from: dayWords(first), to: dayWords(last) });
};
</script>

<template>
  <div class="space-y-2 pb-2" data-campaign-people>
    <ul class="divide-y divide-line">
      <li
        v-for="each in campaign.people"
        :key="each.personId"
        class="flex min-h-12 flex-wrap items-center gap-x-3"
      >
        <span class="font-semibold">{{ fleet.nameOf(each.personId) }}</span>
        <span class="figures text-soft">{{
          t.hoursEachDay({ hours: Math.round(each.minutes / 6) / 10 })
        }}</span>
        <template v-if="awayWords(each.away)">
          <span class="figures">{{ t.awayOn({ days: awayWords(each.away) }) }}</span>
          <ActButton kind="quiet" :disabled="busy" @click="here(each.personId)">{{
            t.hereAgain({ name: fleet.nameOf(each.personId) })
          }}</ActButton>
        </template>
      </li>
    </ul>
    <form class="flex flex-wrap items-end gap-2" data-away-form @submit.prevent="save">
      <SelectField v-model="who" :label="t.whoIsAway" :options="options" class="min-w-44" data-away-who />
      <TextField v-model="from" type="date" :label="t.awayFrom" data-away-from />
      <TextField v-model="until" type="date" :label="t.awayUntil" data-away-until />
      <ActButton type="submit" :disabled="busy || from > until" data-away-save>{{ t.saveAndPlan }}</ActButton>
    </form>
  </div>
</template>
