<script setup lang="ts">
import { computed, nextTick, ref, watch } from 'vue';
import type { Bike } from '@cadre/contract/fleet';
import type { Fitness } from '@cadre/core/fitness';
import { clock, useKeys, useNow } from '@cadre/web/app';
import { useOutbox } from '@cadre/web/checks';
import { useSession } from '@cadre/web/people';
import BikeClipboard from './BikeClipboard.vue';
import BikeTag from './BikeTag.vue';
import RackRail from './RackRail.vue';
import { useFleet } from './use-fleet';
import { usePicked } from './use-picked';

const fleet = useFleet();
const session = useSession();
const outbox = useOutbox();
const now = useNow();
const picked = usePicked();
const sought = ref('');
const finder = ref<HTMLInputElement | null>(null);
const clipboard = ref<HTMLElement | null>(null);

const answers = computed(() => new Map(fleet.bikes.map((bike) => [bike.id, fleet.fitnessOf(bike, now.value)])));
const fitnessOf = (bike: Bike): Fitness => answers.value.get(bike.id)?.fitness ?? 'due';
const begun = computed(() => new Set([...fleet.bikes.filter((bike) => bike.openCheckId).map((bike) => bike.id), ...outbox.openBikes]));
/** In the order they hang: what arrows walk along. */
const hung = computed(() => {
  const place = new Map((fleet.wall?.racks ?? []).flatMap((rack) => rack.hooks.map((hook) => [hook.id, rack.order * 1000 + hook.number] as const)));
  const site = new Map((fleet.wall?.sites ?? []).map((each, index) => [each.id, index]));
  return [...fleet.bikes].sort(
    (a, b) => (site.get(a.siteId) ?? 0) - (site.get(b.siteId) ?? 0) || (place.get(a.hookId ?? '') ?? 9e9) - (place.get(b.hookId ?? '') ?? 9e9),
  );
});
/** The bike to be looked at next: due and in, as they hang. */
const nextDue = computed(
  () =>
    hung.value.find(
      (bike) => bike.whereabouts === 'in' && fitnessOf(bike) === 'due' && answers.value.get(bike.id)?.reasons[0]?.code === 'no-valid-check',
    ) ?? null,
);
const inHand = computed(() => fleet.bikeById.get(picked.id ?? '') ?? nextDue.value ?? hung.value[0] ?? null);
const sites = computed(() =>
  (fleet.wall?.sites ?? []).map((site) => ({
    site,
    racks: (fleet.wall?.racks ?? []).filter((rack) => rack.siteId === site.id),
    loose: fleet.bikes.filter((bike) => bike.siteId === site.id && !bike.hookId),
  })),
);

function pick(id: string): void {
  picked.id = id;
  void nextTick(() => {
    // On a phone the clipboard lies under the racks: bring it into sight.
    if (window.innerWidth < 900) clipboard.value?.scrollIntoView({ block: 'start', behavior: 'instant' });
  });
}
function step(by: number): void {
  const at = hung.value.findIndex((bike) => bike.id === inHand.value?.id);
  const bike = hung.value[Math.min(hung.value.length - 1, Math.max(0, at + by))];
  if (bike) picked.id = bike.id;
  void nextTick(() => document.querySelector('[data-tag][aria-pressed=true]')?.scrollIntoView({ block: 'nearest' }));
}
function seek(): void {
  const wanted = sought.value.trim().toUpperCase();
  const bike = fleet.bikes.find((each) => each.tag === wanted) ?? fleet.bikes.find((each) => each.tag.startsWith(wanted));
  if (!bike || !wanted) return;
  sought.value = '';
  finder.value?.blur();
  pick(bike.id);
}
const noSuchTag = computed(() => sought.value.trim() !== '' && !fleet.bikes.some((bike) => bike.tag.startsWith(sought.value.trim().toUpperCase())));
watch(
  () => fleet.wall === null,
  (empty) => empty && void fleet.load(),
  { immediate: true },
);

useKeys(
  () => ({
    ArrowRight: () => step(1),
    ArrowLeft: () => step(-1),
    n: () => {
      if (nextDue.value) pick(nextDue.value.id);
    },
    '/': () => finder.value?.focus(),
  }),
  [
    { keys: '← →', does: 'Walk along the hooks' },
    { keys: 'N', does: 'The next bike that is due' },
    { keys: '/', does: 'Type a tag' },
  ],
);
</script>

<template>
  <main class="mx-auto flex max-w-[110rem] gap-5 px-4 pb-8 pt-3 max-[900px]:flex-col">
    <div class="min-w-0 grow">
      <div class="flex flex-wrap items-center gap-3">
        <h1 class="sturdy mr-auto text-2xl">Rack wall</h1>
        <form class="flex items-center gap-2" role="search" @submit.prevent="seek">
          <label for="seek" class="text-soft">Tag</label>
          <input
            id="seek"
            ref="finder"
            v-model="sought"
            autocomplete="off"
            autocapitalize="characters"
            class="sturdy h-12 w-28 rounded-md border-2 border-ink/60 bg-plate px-3 uppercase"
            :aria-invalid="noSuchTag"
            aria-describedby="seek-said"
            @keydown.esc="sought = ''"
          />
          <span id="seek-said" role="status" class="text-held">{{ noSuchTag ? 'No such tag' : '' }}</span>
        </form>
        <RouterLink
          v-if="session.may('edit-fleet')"
          :to="{ name: 'bike-new' }"
          class="inline-flex min-h-12 items-center rounded-md border-2 border-ink/70 bg-plate px-4 font-semibold"
          >Add a bike</RouterLink
        >
      </div>
      <p v-if="fleet.asOf" role="status" class="mt-2 rounded-md bg-watch-wash px-4 py-2 text-watch">
        As of {{ clock(fleet.asOf) }}. No signal: what others did since is not shown, and nothing can be handed out or released.
      </p>
      <template v-if="fleet.wall">
        <section v-for="{ site, racks, loose } in sites" :key="site.id" class="mt-4">
          <h2 class="text-lg font-semibold text-soft">
            {{ site.name }} <span class="figures font-normal">· opens {{ site.opensAt }}</span>
          </h2>
          <p v-if="racks.length === 0" class="mt-2">
            No racks here yet. <RouterLink :to="{ name: 'people' }" class="text-act underline">Add one</RouterLink>
          </p>
          <RackRail
            v-for="rack in racks"
            :key="rack.id"
            :rack="rack"
            :bikes="fleet.bikes"
            :fitness-of="fitnessOf"
            :picked="inHand?.id ?? null"
            :begun="begun"
            @pick="pick"
          />
          <div v-if="loose.length" class="mt-3">
            <h3 class="sturdy text-lg">On no hook</h3>
            <ul class="mt-2 grid grid-cols-[repeat(auto-fill,minmax(6.6rem,1fr))] gap-3">
              <li v-for="bike in loose" :key="bike.id">
                <BikeTag
                  :bike="bike"
                  :fitness="fitnessOf(bike)"
                  :picked="inHand?.id === bike.id"
                  :began-check="begun.has(bike.id)"
                  @click="pick(bike.id)"
                />
              </li>
            </ul>
          </div>
        </section>
      </template>
      <p v-else class="p-8 text-soft" role="status">Fetching the racks …</p>
    </div>
    <aside
      v-if="inHand"
      ref="clipboard"
      class="w-[23rem] shrink-0 scroll-mt-24 max-[900px]:w-full min-[900px]:sticky min-[900px]:top-[5.5rem] min-[900px]:max-h-[calc(100dvh-6.5rem)] min-[900px]:self-start min-[900px]:overflow-y-auto"
      aria-label="Clipboard"
    >
      <BikeClipboard v-if="answers.get(inHand.id)" :bike="inHand" :answer="answers.get(inHand.id)!" :begun="begun.has(inHand.id)" />
    </aside>
  </main>
</template>
