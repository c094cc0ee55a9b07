<script setup lang="ts">
import { computed } from 'vue';
import { fitItemsOf, inheritFit } from '@cadre/core/fleet';
import { isStopNow } from '@cadre/core/findings';
import { dayWords, useNow } from '@cadre/web/platform/time';
import { StartChecklist } from '@cadre/web/catalogue';
import { BikeChecks, ServiceMarks, useOutbox } from '@cadre/web/checks';
import { PartsPanel } from '@cadre/web/parts';
import { useSession } from '@cadre/web/people';
import { BikePhotos } from '@cadre/web/photos';
import { askTimeline, BikeTimeline } from '@cadre/web/timeline';
import { BikeCosts } from '@cadre/web/repairs';
import { WearPanel } from '@cadre/web/wear';
import { OpenFindings } from '@cadre/web/findings';
import BikeClipboard from './BikeClipboard.vue';
import { BikeFigure } from '@cadre/web/figures';
import { ACCESSORY_WORDS, BUILD_FIELDS, fitItemWords, fitText, shownUnit } from '@cadre/web/words';
import { useFleet } from '@cadre/web/fleet';
import { ActButton } from '@cadre/web/ui';

/** One bike: its figure with what is found on it, its standing, its build and parts, and everything that happened to it. */
const props = defineProps<{ bikeId: string }>();
const fleet = useFleet();
const session = useSession();
const outbox = useOutbox();
const now = useNow();
if (!fleet.wall) void fleet.load();
// The longest panel is asked for along with the wall. What is refused or not reached is told by the panel, where it stands.
const asked = { of: props.bikeId, page: askTimeline(props.bikeId) };
asked.page.catch(() => undefined);

/** What can be printed of a bike. */
const PAPERS = [
  { name: 'record', words: 'Print its record' },
  { name: 'torque', words: 'Torque card' },
  { name: 'warranty', words: 'Question to the maker' },
] as const;
const bike = computed(() => fleet.bikeById.get(props.bikeId) ?? null);
const answer = computed(() => (bike.value ? fleet.fitnessOf(bike.value, now.value) : null));
const begun = computed(() => Boolean(bike.value?.openCheckId) || outbox.openBikes.includes(props.bikeId));
const site = computed(() => fleet.siteById.get(bike.value?.siteId ?? ''));
const model = computed(() => fleet.models.find((each) => each.id === bike.value?.modelId) ?? null);
const troubled = computed(() =>
  (bike.value?.facts.findings ?? [])
    .filter((each) => isStopNow(each, now.value) || each.severity !== 'upkeep')
    .map((each) => each.zone),
);
const facts = computed(() => {
  const here = bike.value;
  if (!here) return [];
  return [
    ['Model', model.value ? model.value.name : `${here.model} (of no model)`],
    ['Size', here.size || 'not said'],
    ['Serial number', here.serial || 'not said'],
    ['Bought', here.boughtOn ? dayWords(here.boughtOn) : 'not said'],
    [
      'Warranty until',
      here.warrantyUntil
        ? `${dayWords(here.warrantyUntil)}${Date.parse(here.warrantyUntil) < now.value ? ', over' : ''}`
        : 'not said',
    ],
    ['Site', site.value?.name ?? ''],
  ] as const;
});
const build = computed(() => {
  const here = bike.value;
  if (!here) return [];
  const own = new Set<string>(here.own);
  return [
    ...BUILD_FIELDS.map((field) => ({
      label: field.label,
      value:
        field.options.find((option) => option.value === String(here.build[field.name]))?.label ??
        String(here.build[field.name]),
      own: own.has(field.name),
    })),
    {
      label: 'Carries',
      value:
        here.build.accessories.map((each) => ACCESSORY_WORDS[each].toLowerCase()).join(', ') || 'nothing',
      own: own.has('accessories'),
    },
  ];
});
const fit = computed(() => {
  const here = bike.value;
  if (!here) return [];
  const all = inheritFit(model.value?.fit ?? {}, here.fit);
  return fitItemsOf(here.build)
    .filter((item) => all[item.key] !== undefined)
    .map((item) => ({
      label: fitItemWords(item.key),
      value: `${fitText(item, all[item.key])} ${shownUnit(item)}`.trim(),
      own: here.fit[item.key] !== undefined,
    }));
});
</script>

<template>
  <main v-if="bike && answer" class="mx-auto max-w-7xl px-4 pb-12 pt-4" data-bike-page>
    <h1 class="sr-only">Bike {{ bike.tag }}</h1>
    <div class="grid gap-5 min-[900px]:grid-cols-[1fr_23rem] min-[900px]:grid-rows-[auto_1fr]">
      <div class="min-w-0 space-y-5 min-[900px]:row-span-2">
        <div class="h-80 rounded-lg border-2 border-line bg-plate p-3 max-sm:h-56">
          <BikeFigure
            :build="bike.build"
            :label="`${bike.tag}, with what is found on it`"
            route="m-front-first"
            :zones="troubled"
            :troubled="troubled"
          />
        </div>
        <dl
          class="grid grid-cols-2 gap-x-4 gap-y-2 rounded-lg border-2 border-line bg-plate p-3 sm:grid-cols-3"
        >
          <div v-for="[label, value] in facts" :key="label" class="leading-snug">
            <dt class="text-sm text-soft">{{ label }}</dt>
            <dd class="font-semibold">{{ value }}</dd>
          </div>
        </dl>
        <OpenFindings :bike="bike" :time-zone="site?.timeZone" />
        <StartChecklist
          v-if="session.may('mark') && bike.whereabouts !== 'out'"
          :bike-id="bike.id"
          :kind="bike.build.kind"
        />
        <BikeChecks :bike-id="bike.id" :version="bike" :time-zone="site?.timeZone" />
        <BikePhotos :bike-id="bike.id" :version="bike.facts" />
        <PartsPanel :bike="bike" />
        <WearPanel :bike="bike" :time-zone="site?.timeZone" />
        <BikeTimeline
          :bike-id="bike.id"
          :version="bike.facts"
          :time-zone="site?.timeZone"
          :asked="asked.of === bike.id ? asked.page : undefined"
        />
      </div>
      <!-- On a phone its standing comes first: it is what somebody came for. -->
      <BikeClipboard
        class="max-[900px]:order-first min-[900px]:self-start"
        :bike="bike"
        :answer="answer"
        :begun="begun"
        bare
      />
      <div class="space-y-5">
        <nav
          aria-label="Papers"
          class="flex flex-wrap gap-x-4 rounded-lg border-2 border-line bg-plate px-4 py-1"
        >
          <ActButton
            v-for="paper in PAPERS"
            :key="paper.name"
            :to="{ name: paper.name, params: { bikeId } }"
            :data-paper="paper.name"
            kind="quiet"
            class="!px-0"
            >{{ paper.words }}</ActButton
          >
        </nav>
        <ServiceMarks :bike-id="bikeId" :version="bike.facts.newestCheck" :time-zone="site?.timeZone" />
        <BikeCosts :bike-id="bikeId" :version="bike.facts.repairs" />
        <section aria-labelledby="build" class="rounded-lg border-2 border-line bg-plate p-4">
          <div class="flex items-center gap-3">
            <h2 id="build" class="sturdy mr-auto text-xl">Build</h2>
            <RouterLink
              v-if="model"
              :to="{ name: 'model', params: { modelId: model.id } }"
              class="min-h-8 font-semibold text-act underline"
              >{{ session.may('edit-fleet') ? 'Edit the model' : 'The model' }}</RouterLink
            >
          </div>
          <dl class="mt-1">
            <div
              v-for="row in build"
              :key="row.label"
              class="flex gap-3 border-t border-line py-1 leading-snug first:border-0"
            >
              <dt class="w-36 shrink-0 text-soft">{{ row.label }}</dt>
              <dd>
                {{ row.value
                }}<span v-if="row.own" class="ml-1 rounded bg-watch-wash px-1 text-sm text-watch">own</span>
              </dd>
            </div>
          </dl>
        </section>
        <section aria-labelledby="fit" class="rounded-lg border-2 border-line bg-plate p-4">
          <div class="flex items-center gap-3">
            <h2 id="fit" class="sturdy mr-auto text-xl">Fit list</h2>
            <RouterLink
              :to="{ name: 'torque', params: { bikeId } }"
              class="min-h-8 font-semibold text-act underline"
              data-torque
              >Torque card</RouterLink
            >
          </div>
          <p v-if="fit.length === 0" class="text-soft">Nothing is stated of its parts yet.</p>
          <dl class="mt-1">
            <div
              v-for="row in fit"
              :key="row.label"
              class="flex gap-3 border-t border-line py-1 leading-snug first:border-0"
            >
              <dt class="grow text-soft">{{ row.label }}</dt>
              <dd class="figures shrink-0 text-right font-semibold">
                {{ row.value
                }}<span v-if="row.own" class="ml-1 rounded bg-watch-wash px-1 text-sm font-normal text-watch"
                  >own</span
                >
              </dd>
            </div>
          </dl>
        </section>
      </div>
    </div>
  </main>
  <main v-else class="p-8 text-soft">
    <h1 class="sr-only">Bike</h1>
    <p role="status">{{ fleet.wall ? 'There is no such bike here.' : 'Fetching the bike …' }}</p>
  </main>
</template>
