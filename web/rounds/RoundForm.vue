<script setup lang="ts">
import { computed, ref } from 'vue';
import { useRouter } from 'vue-router';
import type { Round, StandingRound } from '@cadre/contract/rounds';
import { useCatalogue } from '@cadre/web/catalogue';
import { useFleet } from '@cadre/web/fleet';
import { useSession } from '@cadre/web/people';
import { ChosenBikes, PeopleChoice } from '@cadre/web/schedule';
import {
  ActButton,
  CheckField,
  ChoiceChips,
  NoticePlate,
  SelectField,
  TextField,
  useRefusal,
} from '@cadre/web/ui';
import { useRoundForm } from './use-round-form';
import * as t from './messages';

/** A round to be made or changed: which bikes, with what, by whom, by when. */
const props = defineProps<{ round?: Round; standing?: StandingRound }>();
const emit = defineEmits<{ done: [] }>();
const fleet = useFleet();
const session = useSession();
const catalogue = useCatalogue();
const router = useRouter();
const refusal = useRefusal();
const form = useRoundForm(props.round ?? null, props.standing ?? null);
const { siteId, name, checklistKey, rule, tags, people, day, time, daily, active, bikes, errors } = form;
const tried = ref(false);
const wrong = (field: keyof typeof errors.value): string | null =>
  tried.value ? (errors.value[field] ?? null) : null;
const sites = computed(() => (fleet.wall?.sites ?? []).map((site) => ({ value: site.id, label: site.name })));
const checklists = computed(() => [
  { value: '', label: t.rideOutCheckFor },
  ...(catalogue.known?.checklists ?? [])
    .filter((checklist) => !checklist.clears)
    .map((checklist) => ({ value: checklist.key, label: checklist.name })),
]);
const OFTEN = [
  { value: 'once', label: t.once },
  { value: 'daily', label: t.repeatsDaily },
] as const;
const saveWords = computed(() => {
  if (props.round) return t.saveChanges;
  if (daily.value) return props.standing ? t.saveRule : t.saveDailyRound;
  return t.makeRoundBike({ bikes: bikes.value.length });
});
async function save(): Promise<void> {
  tried.value = true;
  if (Object.keys(errors.value).length > 0) return;
  let id = '';
  const done = await refusal.run(async () => {
    id = await form.save();
  });
  if (!done) return;
  emit('done');
  if (!props.round && !daily.value) await router.push({ name: 'round', params: { roundId: id } });
}
</script>

<template>
  <form
    class="space-y-4 rounded-md border-2 border-ink/60 bg-plate p-4"
    data-round-form
    @submit.prevent="save"
  >
    <ChoiceChips
      v-if="!round && !standing && session.may('edit-fleet')"
      :name="t.howOften"
      :options="OFTEN"
      :chosen="[daily ? 'daily' : 'once']"
      @toggle="(often) => (daily = often === 'daily')"
    />
    <div class="grid gap-3 sm:grid-cols-2 lg:grid-cols-3">
      <TextField v-model="name" :label="t.name" :error="wrong('name')" data-round-name />
      <SelectField v-if="!round" v-model="checklistKey" :label="t.checklist" :options="checklists" />
      <div class="grid gap-2" :class="daily ? '' : 'grid-cols-[minmax(0,3fr)_minmax(0,2fr)]'">
        <TextField
          v-if="!daily"
          v-model="day"
          :label="t.deadlineDay"
          type="date"
          :error="wrong('deadline')"
        />
        <TextField
          v-model="time"
          :label="daily ? t.deadlineTime : t.by"
          type="time"
          :error="daily ? wrong('deadline') : null"
        />
      </div>
    </div>
    <ChoiceChips
      v-if="sites.length > 1 && !round && !standing"
      :name="t.site"
      named
      :options="sites"
      :chosen="[siteId]"
      @toggle="(site) => (siteId = site)"
    />
    <ChosenBikes
      v-model:rule="rule"
      v-model:tags="tags"
      :site-id="siteId"
      :bikes="bikes"
      :by-tag="round !== undefined"
      :error="wrong('tags') ?? wrong('bikes')"
    />
    <PeopleChoice v-model="people" />
    <CheckField v-if="standing" v-model="active" class="font-semibold">{{ t.dailyRounds }}</CheckField>
    <NoticePlate v-if="refusal.said.value" :said="refusal.said.value" />
    <p v-if="tried && Object.keys(errors).length" role="alert" class="font-semibold text-held">
      {{ t.notSavedYetValues({ values: Object.values(errors).join(' ') }) }}
    </p>
    <div class="flex flex-wrap justify-end gap-2">
      <ActButton @click="emit('done')">{{ t.cancel }}</ActButton>
      <ActButton kind="main" type="submit" :disabled="refusal.busy.value" data-round-save>{{
        saveWords
      }}</ActButton>
    </div>
  </form>
</template>
