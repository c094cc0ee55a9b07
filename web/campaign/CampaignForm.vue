<script setup lang="ts">
import { computed, ref } from 'vue';
import { useCatalogue } from '@cadre/web/catalogue';
import { useFleet } from '@cadre/web/fleet';
import { useCrew } from '@cadre/web/people';
import { ChosenBikes } from '@cadre/web/schedule';
import {
  ActButton,
  CheckField,
  ChoiceChips,
  NoticePlate,
  SelectField,
  TextField,
  useRefusal,
} from '@cadre/web/ui';
import PartsOnOrder from './PartsOnOrder.vue';
import { useCampaignForm, type CampaignField } from './use-campaign-form';
import * as t from './messages';

/** A campaign to be planned: what with, by when, by whom, on how many stands, which bikes and what they wait for. */
const emit = defineEmits<{ done: [] }>();
const fleet = useFleet();
const catalogue = useCatalogue();
const crew = useCrew();
const refusal = useRefusal();
const form = useCampaignForm();
const { siteId, name, checklistKey, byDay, stands, standHours, hours, rule, tags, deliveries, bikes } = form;
const { errors, totalHours, ready } = form;
const tried = ref(false);
const wrong = (field: CampaignField): string | null => (tried.value ? (errors.value[field] ?? null) : null);
const sites = computed(() => (fleet.wall?.sites ?? []).map((site) => ({ value: site.id, label: site.name })));
const checklists = computed(() =>
  (catalogue.known?.checklists ?? [])
    .filter((checklist) => !checklist.clears)
    .map((checklist) => ({ value: checklist.key, label: checklist.name })),
);
function setHours(personId: string, typed: string | null): void {
  const next = new Map(hours.value);
  if (typed === null) next.delete(personId);
  else next.set(personId, typed);
  hours.value = next;
}
async function save(): Promise<void> {
  tried.value = true;
  if (Object.keys(errors.value).length > 0) return;
  if (await refusal.run(() => form.save())) emit('done');
}
</script>

<template>
  <form
    class="space-y-4 rounded-md border-2 border-ink/60 bg-plate p-4"
    data-campaign-form
    @submit.prevent="save"
  >
    <div class="grid gap-3 sm:grid-cols-2 lg:grid-cols-3">
      <TextField v-model="name" :label="t.name" :error="wrong('name')" maxlength="80" data-campaign-name />
      <SelectField v-model="checklistKey" :label="t.checklist" :options="checklists" />
      <TextField v-model="byDay" :label="t.lastDay" type="date" :error="wrong('byDay')" data-campaign-day />
      <TextField
        v-model="stands"
        :label="t.stands"
        inputmode="numeric"
        :error="wrong('stands')"
        data-campaign-stands
      />
      <TextField
        v-model="standHours"
        :label="t.standHours"
        inputmode="decimal"
        :error="wrong('standHours')"
        data-campaign-hours
      />
    </div>
    <fieldset>
      <legend class="sturdy text-xl">{{ t.people }}</legend>
      <div class="flex flex-wrap gap-x-6 gap-y-2">
        <div v-for="person in crew" :key="person.id" class="flex items-center gap-2">
          <CheckField
            :model-value="hours.has(person.id)"
            class="font-semibold"
            :data-takes-part="person.name"
            @update:model-value="(is) => setHours(person.id, is ? '6' : null)"
            >{{ person.name }}</CheckField
          >
          <template v-if="hours.has(person.id)">
            <TextField
              :model-value="hours.get(person.id) ?? ''"
              inputmode="decimal"
              class="w-20"
              hide-label
              :label="t.hoursOf({ name: person.name })"
              @update:model-value="(typed) => setHours(person.id, typed)"
            />
            <span class="text-soft" aria-hidden="true">{{ t.hoursADay }}</span>
          </template>
        </div>
      </div>
      <p v-if="wrong('people')" role="alert" class="font-semibold text-held">{{ wrong('people') }}</p>
    </fieldset>
    <ChoiceChips
      v-if="sites.length > 1"
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
      :by-tag="false"
      :error="wrong('bikes')"
    />
    <p class="text-soft">{{ t.minutesEach({ total: totalHours }) }}</p>
    <PartsOnOrder v-model="deliveries" :error="wrong('parts')" />
    <NoticePlate v-if="refusal.said.value" :said="refusal.said.value" />
    <p v-if="tried && Object.keys(errors).length" role="alert" class="font-semibold text-held">
      {{ t.notSaved({ values: Object.values(errors).join(' ') }) }}
    </p>
    <div class="flex flex-wrap justify-end gap-2">
      <ActButton @click="emit('done')">{{ t.cancel }}</ActButton>
      <ActButton kind="main" type="submit" :disabled="refusal.busy.value || !ready" data-campaign-save>{{
        refusal.busy.value ? t.planning : t.planIt
      }}</ActButton>
    </div>
  </form>
</template>
