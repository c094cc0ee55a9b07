<script setup lang="ts">
import { computed, ref } from 'vue';
import { useRoute } from 'vue-router';
import type { Bike } from '@cadre/contract/fleet';
import type { TraceRun } from '@cadre/contract/tracing';
import { plain } from '@cadre/core/fleet';
import { TRACES, TRACES_BY_AREA, type TraceArea } from '@cadre/core/shipped';
import type { Trace } from '@cadre/core/tracing';
import { TextField } from '@cadre/web/ui';
import OpenSearches from './OpenSearches.vue';
import * as t from './messages';

/** The symptoms to choose from: those of the checkpoint somebody comes from first, then by what shows them; searches under way above all. */
const props = defineProps<{ bike: Bike | null; runs: readonly TraceRun[] }>();
const route = useRoute();
const sought = ref('');
const checkpoint = computed(() =>
  typeof route.query['checkpoint'] === 'string' ? route.query['checkpoint'] : '',
);
const AREA_WORDS: Record<TraceArea, string> = {
  ...{ noises: t.areaNoises, chassis: t.areaChassis, brakes: t.areaBrakes },
  ...{ wheels: t.areaWheels, drivetrain: t.areaDrivetrain },
};
const NOISE = TRACES.find(({ key }) => key === 'noise-by-place');
const places = NOISE?.questions.find(({ key }) => key === 'place')?.answers ?? [];
const matches = ({ name, seeks }: Trace): boolean => {
  const text = plain([name, ...seeks].join(' '));
  return plain(sought.value)
    .split(' ')
    .filter(Boolean)
    .every((token) => text.includes(token));
};
const here = computed(() =>
  checkpoint.value
    ? TRACES.filter(({ causes }) => causes.some(({ place }) => place.checkpoint === checkpoint.value))
    : [],
);
const groups = computed(() =>
  [
    { key: 'here', name: t.forThisCheckpoint, traces: here.value.filter(matches) },
    ...(Object.keys(TRACES_BY_AREA) as TraceArea[]).map((area) => ({
      key: area,
      name: AREA_WORDS[area],
      traces: TRACES_BY_AREA[area].filter(
        (each) => !here.value.some(({ key }) => key === each.key) && matches(each),
      ),
    })),
  ].filter(({ traces }) => traces.length > 0),
);
const open = computed(() => props.runs.filter(({ state }) => state !== 'closed'));
const to = (trace: Trace, more: Record<string, string> = {}) => ({
  ...{ name: 'tracing', params: { trace: trace.key }, query: { ...route.query, ...more } },
});
</script>

<template>
  <div class="space-y-4">
    <h1 class="sturdy text-2xl">{{ bike ? t.findCauseOn({ tag: bike.tag }) : t.findCause }}</h1>
    <p class="text-soft">{{ t.intro }}</p>
    <OpenSearches v-if="open.length && bike" :runs="open" :tag="bike.tag" />
    <TextField v-model="sought" class="max-w-xl" :label="t.search" maxlength="60" data-seek />
    <p v-if="groups.length === 0" role="status">{{ t.noneMatches }}</p>
    <section v-for="group in groups" :key="group.key" :aria-labelledby="`trace-${group.key}`">
      <h2 :id="`trace-${group.key}`" class="sturdy border-b-4 border-rail pb-0.5 text-lg">
        {{ group.name }}
      </h2>
      <ul class="mt-2 grid grid-cols-[repeat(auto-fill,minmax(16rem,1fr))] gap-2">
        <li v-for="each in group.traces" :key="each.key" class="flex flex-col">
          <RouterLink
            :to="to(each)"
            class="flex min-h-14 grow flex-col justify-center rounded-md border-2 border-line bg-plate px-3 py-1.5 leading-tight hover:border-act"
            :data-symptom="each.key"
            ><span class="font-semibold">{{ each.name }}</span
            ><span class="text-[0.95rem] text-soft">{{
              t.causesCount({ count: each.causes.length })
            }}</span></RouterLink
          >
          <span
            v-if="each.key === NOISE?.key"
            class="mt-1 flex gap-1"
            role="group"
            :aria-label="t.whereHeard"
          >
            <RouterLink
              v-for="(place, at) in places"
              :key="place"
              :to="to(each, { place: String(at) })"
              class="flex min-h-12 grow items-center justify-center rounded-md border-2 border-ink/50 bg-plate px-1.5 font-semibold hover:border-act"
              :data-noise-place="at"
              >{{ place }}</RouterLink
            >
          </span>
        </li>
      </ul>
    </section>
  </div>
</template>
