<script setup lang="ts">
import { computed, defineAsyncComponent, onMounted, ref } from 'vue';
import { useMediaQuery } from '@vueuse/core';
import { ChevronLeft, ChevronRight } from '@lucide/vue';
import { weekLoads, type CalendarEntry } from '@cadre/core/calendar';
import { dayWords } from '@cadre/web/platform/time';
import { useFleet } from '@cadre/web/fleet';
import { useSession } from '@cadre/web/people';
import { ChoiceChips, IconButton, NoticePlate, SelectField, TextField, useRefusal } from '@cadre/web/ui';
import CalendarAddresses from './CalendarAddresses.vue';
import CalendarDays from './CalendarDays.vue';
import CalendarEntryPanel from './CalendarEntryPanel.vue';
import { KINDS_SHOWN } from './entry-wording';
import { useCalendar } from './use-calendar';
import * as t from './messages';

const LoadChart = defineAsyncComponent(() => import('./LoadChart.vue'));

/** What goes out and what falls due on the days to come; what is picked is told beside it, with what to do about it. */
const fleet = useFleet();
const session = useSession();
const calendar = useCalendar();
const { siteId, kind, person, tag, tagUnknown, entries, picked, entry, today } = calendar;
const refusal = useRefusal();
const said = ref('');
onMounted(() => {
  if (!fleet.wall) void fleet.load();
});
const narrow = useMediaQuery('(max-width: 700px)');
const chosenWay = ref<'weeks' | 'list' | null>(null);
const way = computed(() => chosenWay.value ?? (narrow.value ? 'list' : 'weeks'));
const days = ref<InstanceType<typeof CalendarDays> | null>(null);
const title = ref('');
const WEEKS_AHEAD = 12;
const loads = computed(() => weekLoads(entries.value, today.value, WEEKS_AHEAD));
const movable = (each: CalendarEntry): boolean => each.kind === 'round' && session.may('sign');

/** Whether it was moved. */
async function moveTo(moved: CalendarEntry, day: string): Promise<boolean> {
  said.value = '';
  const refused = calendar.refusedOn(moved, day);
  if (refused) {
    refusal.said.value = {
      what: refused === 'past' ? t.dayIsPast : t.closedThatDay({ day: dayWords(day) }),
      todo: refused === 'past' ? '' : t.chooseAnOpenDay,
    };
    return false;
  }
  const done = await refusal.run(() => calendar.move(moved, day));
  if (done) {
    picked.value = moved.key;
    said.value = t.roundMoved({ name: moved.name, day: dayWords(day) });
  }
  return done;
}
async function dropped(moved: CalendarEntry, day: string, back: () => void): Promise<void> {
  if (!(await moveTo(moved, day))) back();
}
</script>

<template>
  <main class="mx-auto max-w-[100rem] px-4 pb-16 pt-3" data-calendar>
    <div class="flex flex-wrap items-center gap-x-4 gap-y-2">
      <h1 class="sturdy text-2xl">{{ title || t.calendar }}</h1>
      <div class="flex items-center">
        <IconButton :name="t.earlier" data-earlier @click="days?.earlier()"
          ><ChevronLeft aria-hidden="true"
        /></IconButton>
        <button type="button" class="min-h-12 px-2 font-semibold" @click="days?.now()">{{ t.today }}</button>
        <IconButton :name="t.later" data-later @click="days?.later()"
          ><ChevronRight aria-hidden="true"
        /></IconButton>
      </div>
      <ChoiceChips
        :name="t.show"
        :options="[
          { value: 'weeks', label: t.weeks },
          { value: 'list', label: t.list },
        ]"
        :chosen="[way]"
        @toggle="(value) => (chosenWay = value)"
      />
    </div>
    <NoticePlate v-if="refusal.said.value" class="mt-2" :said="refusal.said.value" />
    <p v-if="said" role="status" class="mt-2 font-semibold">{{ said }}</p>
    <div class="mt-3 grid gap-4 lg:grid-cols-[1fr_22rem]">
      <CalendarDays
        v-if="fleet.wall"
        ref="days"
        class="min-w-0"
        :entries="entries"
        :way="way"
        :today="today"
        :movable="movable"
        @pick="(key) => (picked = key)"
        @title="(words) => (title = words)"
        @move="dropped"
      />
      <div class="space-y-3 max-lg:order-first">
        <SelectField
          v-if="(fleet.wall?.sites.length ?? 0) > 1"
          v-model="siteId"
          class="max-w-60"
          :label="t.site"
          :options="[
            ...(fleet.wall?.sites ?? []).map((each) => ({ value: each.id, label: each.name })),
            { value: '', label: t.allSites },
          ]"
        />
        <ChoiceChips
          :name="t.show"
          :options="KINDS_SHOWN"
          :chosen="[kind]"
          @toggle="(value) => (kind = value)"
        />
        <div class="grid max-w-md grid-cols-2 gap-3">
          <SelectField
            v-if="(fleet.wall?.people.length ?? 0) > 1"
            v-model="person"
            :label="t.person"
            :options="[
              { value: '', label: t.everyone },
              ...(fleet.wall?.people ?? []).map((each) => ({ value: each.id, label: each.name })),
            ]"
            data-only-person
          />
          <TextField
            v-model="tag"
            :label="t.onlyBike"
            :error="tagUnknown ? t.noSuchBike : null"
            data-only-bike
          />
        </div>
        <CalendarEntryPanel
          v-if="entry"
          :key="entry.key"
          :entry="entry"
          :say="(words) => (said = words)"
          @move="(day) => entry && moveTo(entry, day)"
        />
        <p v-else class="text-soft max-lg:hidden">{{ t.chooseEntry }}</p>
        <CalendarAddresses v-if="fleet.wall" :site-id="siteId" />
      </div>
    </div>
    <LoadChart v-if="fleet.wall" class="mt-6" :weeks="loads" />
  </main>
</template>
