<script setup lang="ts">
import { computed, onMounted, ref } from 'vue';
import { useRoute } from 'vue-router';
import { plain } from '@cadre/core/fleet';
import { guidesFor } from '@cadre/core/guides';
import { GUIDES } from '@cadre/core/shipped';
import type { Zone } from '@cadre/core/catalogue';
import { useFleet } from '@cadre/web/fleet';
import { ZONE_WORDS } from '@cadre/web/words';
import { TextField } from '@cadre/web/ui';
import GuideSteps from './GuideSteps.vue';
import * as t from './messages';

/** Repair guides: those for the finding and the bike somebody comes from, or all of them by where on the bike the job is. */
const props = defineProps<{ guide?: string }>();
const fleet = useFleet();
const route = useRoute();
onMounted(() => {
  if (!fleet.wall) void fleet.load();
});
const asks = (key: string): string | undefined => {
  const value = route.query[key];
  return typeof value === 'string' && value ? value : undefined;
};
const bike = computed(() => fleet.bikes.find((each) => each.tag === asks('bike')) ?? null);
const position = computed((): 'only' | 'front' | 'rear' => {
  const at = asks('at');
  return at === 'front' || at === 'rear' ? at : 'only';
});
const chosen = computed(() => GUIDES.find(({ key }) => key === props.guide) ?? null);
const sought = ref('');
const found = computed(() => {
  const fitted = bike.value ? { build: bike.value.build, parts: bike.value.parts } : undefined;
  const of = { checkpoint: asks('checkpoint'), fitted, position: position.value };
  const byFault = guidesFor(GUIDES, { ...of, fault: asks('fault') });
  return byFault.length > 0 ? byFault : guidesFor(GUIDES, of);
});
/** Where none is for this checkpoint, all that fit the bike. */
const fitting = computed(() => {
  const fitted = bike.value ? { build: bike.value.build, parts: bike.value.parts } : undefined;
  const all = found.value.length > 0 ? found.value : guidesFor(GUIDES, { fitted });
  const tokens = plain(sought.value).split(' ').filter(Boolean);
  return all.filter(({ name, tools }) => {
    const text = plain([name, ...tools].join(' '));
    return tokens.every((token) => text.includes(token));
  });
});
const byZone = computed(() => {
  const groups = new Map<Zone, (typeof GUIDES)[number][]>();
  for (const guide of fitting.value) {
    const zone = guide.zones[0] ?? 'off-bike';
    groups.set(zone, [...(groups.get(zone) ?? []), guide]);
  }
  return [...groups];
});
</script>

<template>
  <main class="mx-auto max-w-6xl space-y-4 px-4 pb-16 pt-3 max-sm:px-2" data-guides>
    <GuideSteps v-if="chosen" :key="chosen.key" :guide="chosen" :bike="bike" :position="position" />
    <template v-else>
      <h1 class="sturdy text-2xl">{{ bike ? t.guidesFor({ tag: bike.tag }) : t.repairGuides }}</h1>
      <p class="text-soft">{{ t.makerFirst }}</p>
      <TextField v-model="sought" class="max-w-xl" :label="t.search" maxlength="60" data-seek-guide />
      <p v-if="fitting.length === 0" role="status">{{ t.noGuide }}</p>
      <p v-else-if="found.length === 0" role="status">{{ t.noneForThis }}</p>
      <section v-for="[zone, guides] in byZone" :key="zone" :aria-labelledby="`guides-${zone}`">
        <h2 :id="`guides-${zone}`" class="sturdy border-b-4 border-rail pb-0.5 text-lg">
          {{ ZONE_WORDS[zone] }}
        </h2>
        <ul class="mt-2 grid grid-cols-[repeat(auto-fill,minmax(16rem,1fr))] gap-2">
          <li v-for="each in guides" :key="each.key" class="flex">
            <RouterLink
              :to="{ name: 'guides', params: { guide: each.key }, query: route.query }"
              class="flex min-h-14 grow flex-col justify-center rounded-md border-2 border-line bg-plate px-3 py-1.5 leading-tight hover:border-act"
              :data-guide="each.key"
              ><span class="font-semibold">{{ each.name }}</span
              ><span class="text-[0.95rem] text-soft">{{
                t.stepsMinutes({ steps: each.steps.length, minutes: each.minutes })
              }}</span></RouterLink
            >
          </li>
        </ul>
      </section>
    </template>
  </main>
</template>
