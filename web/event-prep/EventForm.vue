<script setup lang="ts">
import { computed, ref } from 'vue';
import type { EventPrep } from '@cadre/contract/event-prep';
import { useFleet } from '@cadre/web/fleet';
import { ChosenBikes, PeopleChoice } from '@cadre/web/schedule';
import { ActButton, ChoiceChips, NoticePlate, TextField, useRefusal } from '@cadre/web/ui';
import PrepSteps from './PrepSteps.vue';
import { useEventForm } from './use-event-form';
import * as t from './messages';

/** An event to be planned or changed: when it starts, which bikes, by whom, and what that means for the days before. */
const props = defineProps<{ event?: EventPrep }>();
const emit = defineEmits<{ done: [] }>();
const fleet = useFleet();
const refusal = useRefusal();
const form = useEventForm(props.event ?? null);
const { siteId, name, day, time, rule, tags, people, bikes, startsAt, moved, steps, errors } = form;
const tried = ref(false);
const wrong = (field: keyof typeof errors.value): string | null =>
  tried.value ? (errors.value[field] ?? null) : null;
const sites = computed(() => (fleet.wall?.sites ?? []).map((site) => ({ value: site.id, label: site.name })));
const zone = computed(() => fleet.siteById.get(siteId.value)?.timeZone ?? 'UTC');
async function save(): Promise<void> {
  tried.value = true;
  if (Object.keys(errors.value).length > 0) return;
  if (await refusal.run(() => form.save())) emit('done');
}
</script>

<template>
  <form
    class="space-y-4 rounded-md border-2 border-ink/60 bg-plate p-4"
    data-event-form
    @submit.prevent="save"
  >
    <div class="grid gap-3 sm:grid-cols-[2fr_1fr_1fr]">
      <TextField v-model="name" :label="t.name" :error="wrong('name')" maxlength="60" data-event-name />
      <TextField v-model="day" :label="t.startDay" type="date" :error="wrong('start')" data-event-day />
      <TextField v-model="time" :label="t.startTime" type="time" data-event-time />
    </div>
    <ChoiceChips
      v-if="sites.length > 1 && !event"
      :name="t.site"
      named
      :options="sites"
      :chosen="[siteId]"
      @toggle="(site) => (siteId = site)"
    />
    <section aria-labelledby="event-steps" class="space-y-1">
      <h2 id="event-steps" class="sturdy text-xl">{{ t.preparation }}</h2>
      <p v-if="Number.isNaN(startsAt)" class="text-soft">{{ t.enterStartFirst }}</p>
      <PrepSteps v-else-if="steps.length" :steps="steps" :zone="zone" />
      <p v-if="moved" class="text-watch">{{ t.movedAgain }}</p>
    </section>
    <ChosenBikes
      v-model:rule="rule"
      v-model:tags="tags"
      :site-id="siteId"
      :bikes="bikes"
      :by-tag="event !== undefined"
      :error="wrong('bikes')"
    />
    <PeopleChoice v-model="people" />
    <NoticePlate v-if="refusal.said.value" :said="refusal.said.value" />
    <p v-if="tried && Object.keys(errors).length" role="alert" class="font-semibold text-held">
      {{ t.notSaved({ values: Object.values(errors).join(' ') }) }}
    </p>
    <div class="flex flex-wrap justify-end gap-2">
      <ActButton @click="emit('done')">{{ t.cancel }}</ActButton>
      <ActButton kind="main" type="submit" :disabled="refusal.busy.value" data-event-save>{{
        event ? t.saveChanges : t.saveEvent
      }}</ActButton>
    </div>
  </form>
</template>
