<script setup lang="ts">
import { computed, ref } from 'vue';
import type { EventPrep } from '@cadre/contract/event-prep';
import { dayAndClock, useNow } from '@cadre/web/platform/time';
import { useFleet } from '@cadre/web/fleet';
import { useSession } from '@cadre/web/people';
import { ActButton, NoticePlate, useRefusal } from '@cadre/web/ui';
import PrepSteps from './PrepSteps.vue';
import { useEvents } from './use-events';
import * as t from './messages';

/** A planned event with the days before it. */
const props = defineProps<{ event: EventPrep }>();
const emit = defineEmits<{ change: [] }>();
const fleet = useFleet();
const session = useSession();
const events = useEvents();
const refusal = useRefusal();
const now = useNow();
const asking = ref(false);
const site = computed(() => fleet.siteById.get(props.event.siteId));
const zone = computed(() => site.value?.timeZone ?? 'UTC');
</script>

<template>
  <article
    class="space-y-2 rounded-md border-2 border-ink/60 bg-plate px-4 py-3"
    :data-event="event.name"
    :aria-label="event.name"
  >
    <header class="flex flex-wrap items-center gap-x-4 gap-y-1">
      <h3 class="mr-auto leading-tight">
        <span class="sturdy block text-xl">{{ event.name }}</span>
        <span class="figures text-soft"
          >{{ t.starts({ time: dayAndClock(event.startsAt, now, zone) }) }} ·
          {{ t.bikesOf({ bikes: event.bikeIds.length }) }} · {{ site?.name }}</span
        >
      </h3>
      <template v-if="session.may('sign') && !asking">
        <ActButton data-change-event @click="emit('change')">{{ t.change }}</ActButton>
        <ActButton data-call-off @click="asking = true">{{ t.callOff }}</ActButton>
      </template>
    </header>
    <div v-if="asking" class="flex flex-wrap items-center gap-2" role="alert">
      <p class="grow font-semibold">{{ t.callOffSure({ name: event.name }) }}</p>
      <ActButton @click="asking = false">{{ t.keepIt }}</ActButton>
      <ActButton
        kind="held"
        :disabled="refusal.busy.value"
        data-call-off-yes
        @click="refusal.run(() => events.callOff(event.id))"
        >{{ t.callOffYes }}</ActButton
      >
    </div>
    <NoticePlate v-if="refusal.said.value" :said="refusal.said.value" />
    <PrepSteps :steps="event.steps" :zone="zone" />
  </article>
</template>
