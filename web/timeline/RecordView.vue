<script setup lang="ts">
import { computed, onMounted } from 'vue';
import { dayAndClock, dayWords, ON_PAPER, onPaper, useNow } from '@cadre/web/platform/time';
import { BikeChecks, ServiceMarks } from '@cadre/web/checks';
import { FITNESS_WORDS, KIND_WORDS, reasonWords } from '@cadre/web/words';
import { OpenFindings } from '@cadre/web/findings';
import { useFleet } from '@cadre/web/fleet';
import { ActButton, FitnessMark } from '@cadre/web/ui';
import BikeTimeline from './BikeTimeline.vue';
import * as t from './messages';

/** A bike's record as paper: what it is, how it stands, what was found and done, by whom and when. */
const props = defineProps<{ bikeId: string }>();
onPaper();
const fleet = useFleet();
const now = useNow();
onMounted(() => {
  if (!fleet.wall) void fleet.load();
});
const bike = computed(() => fleet.bikeById.get(props.bikeId) ?? null);
const answer = computed(() => (bike.value ? fleet.fitnessOf(bike.value, now.value) : null));
const site = computed(() => fleet.siteById.get(bike.value?.siteId ?? ''));
const facts = computed(() => {
  const here = bike.value;
  if (!here) return [];
  return [
    [t.kind, KIND_WORDS[here.build.kind]],
    [t.model, here.model],
    [t.size, here.size || t.notRecorded],
    [t.serialNumber, here.serial || t.notRecorded],
    [t.bought, here.boughtOn ? dayWords(here.boughtOn) : t.notRecorded],
    [t.site, site.value?.name ?? ''],
  ] as const;
});
const print = (): void => window.print();
</script>

<template>
  <main
    v-if="bike && answer"
    class="mx-auto max-w-4xl px-4 pb-16 pt-4 print:max-w-none print:p-0"
    data-record
  >
    <div class="flex flex-wrap items-start gap-3">
      <div class="mr-auto">
        <h1 class="sturdy text-3xl leading-tight">{{ t.recordTag({ tag: bike.tag }) }}</h1>
        <p class="text-soft">{{ t.asWhen({ when: dayAndClock(now, ON_PAPER, site?.timeZone) }) }}</p>
      </div>
      <ActButton class="print:hidden" data-print-record @click="print">{{ t.print }}</ActButton>
    </div>
    <dl class="mt-3 grid grid-cols-2 gap-x-6 gap-y-1 border-y-2 border-ink py-2 sm:grid-cols-3">
      <div v-for="[label, value] in facts" :key="label" class="leading-snug">
        <dt class="text-sm text-soft">{{ label }}</dt>
        <dd class="font-semibold">{{ value }}</dd>
      </div>
    </dl>
    <p class="mt-3 flex items-center gap-2 text-lg font-semibold">
      <FitnessMark :fitness="answer.fitness" :size="26" />{{ FITNESS_WORDS[answer.fitness] }}
    </p>
    <ul class="list-disc pl-6">
      <li v-for="(reason, at) in answer.reasons" :key="at">
        {{ reasonWords(reason, ON_PAPER, fleet.nameOf, site?.timeZone).what }}
        <span class="text-soft">{{
          reasonWords(reason, ON_PAPER, fleet.nameOf, site?.timeZone).detail
        }}</span>
      </li>
    </ul>
    <div class="mt-5 space-y-5">
      <OpenFindings :bike="bike" :time-zone="site?.timeZone" past />
      <ServiceMarks :bike-id="bikeId" :version="bike.facts.newestCheck" :time-zone="site?.timeZone" />
      <BikeChecks :bike-id="bikeId" :version="bike" :time-zone="site?.timeZone" />
      <BikeTimeline :bike-id="bikeId" :version="bike.facts" :time-zone="site?.timeZone" :most="200" />
    </div>
  </main>
  <main v-else class="p-8 text-soft">
    <h1 class="sr-only">{{ t.bikeRecord }}</h1>
    <p role="status">{{ fleet.wall ? t.bikeDoesNotExist : t.loadingBike }}</p>
  </main>
</template>
