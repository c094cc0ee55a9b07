<script setup lang="ts">
import { computed, onMounted, ref, useTemplateRef, watch } from 'vue';
import { useRoute, useRouter } from 'vue-router';
import type { Bike } from '@cadre/contract/fleet';
import { serves, type Want } from '@cadre/core/schedule';
import { mayGoOut } from '@cadre/core/fitness';
import { alternativesFor } from '@cadre/core/outings';
import { clock, now } from '@cadre/web/platform/time';
import { useCatalogue } from '@cadre/web/catalogue';
import { useAnswers, useFleet, useSite } from '@cadre/web/fleet';
import { KitForGroup } from '@cadre/web/kit';
import { wantWords } from '@cadre/web/schedule';
import { ActButton, NoticePlate, TextField, useRefusal } from '@cadre/web/ui';
import BikeCode from './BikeCode.vue';
import HandOutPlace from './HandOutPlace.vue';
import RefusedBike from './RefusedBike.vue';
import { timeToday } from './time-today';
import { useDesk } from './use-desk';
import { useHandOut } from './use-hand-out';
import { useOutingActs } from './use-outing-acts';
import { useOutings } from './use-outings';
import * as t from './messages';

/** The bikes of one group, or of a walk-in: scan or touch each, swap what is not to go, then hand all out together. */
const props = defineProps<{ groupId: string }>();
const fleet = useFleet();
const outings = useOutings();
const acts = useOutingActs();
const answers = useAnswers();
const catalogue = useCatalogue();
const route = useRoute();
const router = useRouter();
const refusal = useRefusal();
const { chosen: chosenSite } = useSite();
const desk = useDesk(chosenSite);
const { siteId, zone, groups } = desk;
const isWalkIn = computed(() => props.groupId === 'walk-in');
const group = computed(() => groups.value.find(({ id }) => id === props.groupId) ?? null);
const { places, lacking, extra, going, swapping, others, tick, untick, swap, clear } = useHandOut(
  desk,
  group,
);
const refused = ref<Bike | null>(null);
const kit = useTemplateRef<{ lend(): Promise<void> }>('kit');
const backBy = ref('');
const backAt = computed(() => (backBy.value ? timeToday(backBy.value, now(), zone.value) : null));
onMounted(() => {
  if (!fleet.wall) void fleet.load();
});
const missing = computed(() => {
  const wants = new Map<string, Want>();
  for (const { want, ticked } of places.value) {
    if (ticked) continue;
    const key = `${want.kind ?? ''} ${want.size}`;
    wants.set(key, { ...want, count: (wants.get(key)?.count ?? 0) + 1 });
  }
  return [...wants.values()].map((want) => wantWords(want)).join(', ');
});
const canGo = (bike: Bike): boolean =>
  bike.siteId === siteId.value &&
  bike.whereabouts === 'in' &&
  mayGoOut(answers.byBike.get(bike.id)?.fitness ?? 'due');
/** What can go in place of a bike that cannot: what the group asked for with it, or for a walk-in one like it. Nobody asked for it: nothing. */
const instead = computed(() => {
  const bike = refused.value;
  if (!bike || bike.siteId !== siteId.value) return null;
  const like = { count: 1, kind: bike.build.kind, size: bike.size };
  const want = group.value ? group.value.wants.find((each) => serves(like, each)) : like;
  if (!want) return null;
  const taken = new Set(going.value.map(({ id }) => id));
  const at = group.value ?? { id: 'walk-in', name: '', outAt: 0, backAt: 0, wants: [], siteId: siteId.value };
  const [first] = alternativesFor(
    at,
    want,
    desk.ready.value,
    catalogue.policy()?.substitution ?? 'exact',
    taken,
  );
  return fleet.bikeById.get(first?.id ?? '') ?? null;
});
const isAskedFor = computed(() => {
  const bike = refused.value;
  const like = bike && { kind: bike.build.kind, size: bike.size };
  return !group.value || like === null || group.value.wants.some((each) => serves(like, each));
});
function scanned(bike: Bike): void {
  refused.value = canGo(bike) ? null : bike;
  if (canGo(bike)) tick(bike.id);
}
function takeInstead(): void {
  if (instead.value) tick(instead.value.id);
  refused.value = null;
}
watch(
  () => [route.query['bike'], fleet.wall] as const,
  ([id]) => {
    const bike = typeof id === 'string' ? fleet.bikeById.get(id) : undefined;
    if (!bike) return;
    scanned(bike);
    void router.replace({ query: {} });
  },
  { immediate: true },
);
async function handOut(): Promise<void> {
  const bikes = [...going.value];
  const { id } = group.value ?? { id: null };
  const done = await refusal.run(() => acts.handOut(bikes, { groupId: id, dueBackAt: backAt.value ?? null }));
  if (!done) return;
  clear();
  // The bikes are out: what cannot be lent is said, and the page stays for it.
  if (!(await refusal.run(async () => kit.value?.lend()))) return;
  await router.push({ name: 'desk' });
}
</script>

<template>
  <main class="mx-auto max-w-3xl space-y-3 px-4 pb-28 pt-3 max-sm:px-2" data-hand-out-view>
    <header class="space-y-1">
      <h1 class="sturdy text-2xl">{{ isWalkIn ? t.walkIn : (group?.name ?? t.handOutBikes) }}</h1>
      <p v-if="group" class="figures text-soft">
        {{ t.groupTimes({ out: clock(group.outAt, zone), back: clock(group.backAt, zone) }) }} ·
        {{ group.wants.map((want) => wantWords(want)).join(', ') }}
      </p>
      <p v-else-if="isWalkIn" class="text-soft">{{ t.walkInHint }}</p>
    </header>
    <template v-if="!group && !isWalkIn && outings.known">
      <p>{{ t.groupGone }}</p>
      <ActButton :to="{ name: 'desk' }">{{ t.backToDesk }}</ActButton>
    </template>
    <template v-else>
      <BikeCode @bike="scanned" />
      <RefusedBike
        v-if="refused"
        :bike="refused"
        :site-id="siteId"
        :zone="zone"
        :instead="instead"
        :asked-for="isAskedFor"
        @take="takeInstead"
        @close="refused = null"
      />
      <NoticePlate v-if="refusal.said.value" :said="refusal.said.value" />
      <p v-if="group" role="status" class="leading-snug" data-missing>
        <strong class="sturdy">{{ t.goingCount({ going: going.length, wanted: places.length }) }}</strong>
        <span class="ml-2 text-soft">{{ missing ? t.missing({ missing }) : t.nothingMissing }}</span>
      </p>
      <ul class="space-y-1.5">
        <template v-for="place in places.filter(({ bike }) => bike)" :key="place.bikeId ?? undefined">
          <HandOutPlace
            :place="place"
            :swapping="place.bikeId !== null && swapping === place.bikeId"
            @tick="tick(place.bikeId ?? '')"
            @untick="untick(place.bikeId ?? '')"
            @swap="swapping = swapping === place.bikeId ? null : place.bikeId"
          />
          <li
            v-if="place.bike && swapping === place.bikeId"
            class="flex flex-wrap items-center gap-1.5 rounded-md bg-sunk p-2"
            data-swap-for
          >
            <span class="w-full text-soft">{{
              others.length ? t.swapFor({ tag: place.bike.tag }) : t.noSwap
            }}</span>
            <button
              v-for="other in others.slice(0, 8)"
              :key="other.id"
              type="button"
              class="sturdy min-h-12 rounded-md border-2 border-ink/50 bg-plate px-3 text-lg"
              :data-swap-to="fleet.bikeById.get(other.id)?.tag"
              @click="swap(place.bikeId ?? '', other.id)"
            >
              {{ fleet.bikeById.get(other.id)?.tag }}
            </button>
          </li>
        </template>
        <li
          v-if="lacking.length"
          class="rounded-md border-2 border-dashed border-watch bg-plate px-3 py-3 leading-tight"
          data-lacking
        >
          <strong class="text-watch">{{ t.noBikeLeft }}</strong>
          {{ lacking.map((want) => wantWords(want)).join(', ') }}
        </li>
      </ul>
      <section v-if="extra.length" class="space-y-1.5" data-extra>
        <h2 v-if="group" class="sturdy text-lg text-watch">{{ t.notAskedFor }}</h2>
        <ul class="flex flex-wrap gap-2">
          <li
            v-for="bike in extra"
            :key="bike.id"
            class="flex items-center gap-2 rounded-md border-2 border-act bg-plate pl-3"
          >
            <span class="sturdy text-xl">{{ bike.tag }}</span>
            <ActButton kind="quiet" @click="untick(bike.id)">{{ t.removeTag({ tag: bike.tag }) }}</ActButton>
          </li>
        </ul>
      </section>
      <KitForGroup v-if="group" ref="kit" :group="group" :zone="zone" />
      <TextField
        v-if="isWalkIn"
        v-model="backBy"
        :label="t.backBy"
        type="time"
        class="w-40"
        :error="backAt !== null && backAt <= now() ? t.backByWrong : null"
      />
      <div class="sticky bottom-[var(--nav-bar)] flex gap-2 rounded-lg border-2 border-ink/60 bg-ground p-2">
        <ActButton
          kind="main"
          big
          class="grow"
          :disabled="going.length === 0 || refusal.busy.value"
          data-hand-out-now
          @click="handOut"
          >{{ t.handOutCount({ count: going.length }) }}</ActButton
        >
        <ActButton big :to="{ name: 'desk' }">{{ t.close }}</ActButton>
      </div>
    </template>
  </main>
</template>
