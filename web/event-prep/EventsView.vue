<script setup lang="ts">
import { onMounted, ref } from 'vue';
import { useFleet } from '@cadre/web/fleet';
import { useSession } from '@cadre/web/people';
import { ActButton } from '@cadre/web/ui';
import EventForm from './EventForm.vue';
import EventPlate from './EventPlate.vue';
import { useEvents } from './use-events';
import * as t from './messages';

/** Days the bikes have to be ready for, each counted back to its rounds. */
const fleet = useFleet();
const events = useEvents();
const session = useSession();
const planning = ref(false);
const changing = ref<string | null>(null);
onMounted(() => {
  events.begin();
  if (!fleet.wall) void fleet.load();
});
</script>

<template>
  <main class="max-w-6xl space-y-4 px-4 pb-10 pt-3" data-events>
    <header class="flex flex-wrap items-center gap-2">
      <h1 class="sturdy mr-auto text-2xl">{{ t.events }}</h1>
      <ActButton
        v-if="session.may('sign') && !planning"
        kind="main"
        data-plan-event
        @click="planning = true"
        >{{ t.planEvent }}</ActButton
      >
    </header>
    <p v-if="events.asOf" role="status" class="rounded-md bg-watch-wash px-4 py-2 text-watch">
      {{ t.offlineChangesNot }}
    </p>
    <EventForm v-if="planning && fleet.wall" @done="planning = false" />
    <h2 class="sr-only">{{ t.comingEvents }}</h2>
    <p v-if="!events.known || !fleet.wall" role="status" class="text-soft">{{ t.loadingEvents }}</p>
    <p v-else-if="events.events.length === 0" class="text-soft">
      {{ session.may('sign') ? t.noEventsMayPlan : t.noEvents }}
    </p>
    <template v-for="event in events.events" v-else :key="event.id">
      <EventForm v-if="changing === event.id" :event="event" @done="changing = null" />
      <EventPlate v-else :event="event" @change="changing = event.id" />
    </template>
  </main>
</template>
