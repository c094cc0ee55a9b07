<script setup lang="ts">
import { computed } from 'vue';
import { isStopNow } from '@cadre/core/findings';
import { useNow } from '@cadre/web/platform/time';
import { StartChecklist } from '@cadre/web/catalogue';
import { BikeChecks, ServiceMarks, useOutbox } from '@cadre/web/checks';
import { PartsPanel } from '@cadre/web/parts';
import { useSession } from '@cadre/web/people';
import { BikePhotos } from '@cadre/web/photos';
import { SoundNotes } from '@cadre/web/sounds';
import { BikeSearches } from '@cadre/web/tracing';
import { ServicesPanel } from '@cadre/web/services';
import { askTimeline, BikeTimeline } from '@cadre/web/timeline';
import { BikeCosts } from '@cadre/web/repairs';
import { WearPanel } from '@cadre/web/wear';
import { OpenFindings } from '@cadre/web/findings';
import BikeBuild from './BikeBuild.vue';
import BikeClipboard from './BikeClipboard.vue';
import BikeFacts from './BikeFacts.vue';
import BikeFit from './BikeFit.vue';
import BikePapers from './BikePapers.vue';
import { BikeFigure } from '@cadre/web/figures';
import { useFleet } from '@cadre/web/fleet';
import * as t from './messages';

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

const bike = computed(() => fleet.bikeById.get(props.bikeId) ?? null);
const answer = computed(() => (bike.value ? fleet.fitnessOf(bike.value, now.value) : null));
const begun = computed(() => Boolean(bike.value?.openCheckId) || outbox.openBikes.includes(props.bikeId));
const site = computed(() => fleet.siteById.get(bike.value?.siteId ?? ''));
const troubled = computed(() =>
  (bike.value?.facts.findings ?? [])
    .filter((each) => isStopNow(each, now.value) || each.severity !== 'upkeep')
    .map((each) => each.zone),
);
</script>

<template>
  <main v-if="bike && answer" class="max-w-7xl px-4 pb-12 pt-3" data-bike-page>
    <h1 class="sr-only">{{ t.bikeTag({ tag: bike.tag }) }}</h1>
    <div class="grid gap-5 min-[900px]:grid-cols-[1fr_23rem] min-[900px]:grid-rows-[auto_1fr]">
      <div class="min-w-0 space-y-5 min-[900px]:row-span-2">
        <div class="h-80 rounded-lg border-2 border-line bg-plate p-3 max-sm:h-56">
          <BikeFigure
            :build="bike.build"
            :label="t.tagWithItsFindings({ tag: bike.tag })"
            route="m-front-first"
            :zones="troubled"
            :troubled="troubled"
          />
        </div>
        <BikeSearches v-if="bike.facts.traces?.length" :bike="bike" />
        <BikeFacts :bike="bike" />
        <OpenFindings :bike="bike" :time-zone="site?.timeZone" />
        <StartChecklist
          v-if="session.may('mark') && bike.whereabouts !== 'out'"
          :bike-id="bike.id"
          :kind="bike.build.kind"
        />
        <BikeChecks :bike-id="bike.id" :version="bike" :time-zone="site?.timeZone" />
        <BikePhotos :bike-id="bike.id" :version="bike.facts" />
        <SoundNotes :key="bike.id" :bike-id="bike.id" :time-zone="site?.timeZone" />
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
        <BikePapers :bike-id="bikeId" />
        <ServicesPanel :bike="bike" :time-zone="site?.timeZone" />
        <ServiceMarks :bike-id="bikeId" :version="bike.facts.newestCheck" :time-zone="site?.timeZone" />
        <BikeCosts :bike-id="bikeId" :version="bike.facts.repairs" />
        <BikeBuild :bike="bike" />
        <BikeFit :bike="bike" />
      </div>
    </div>
  </main>
  <main v-else class="p-8 text-soft">
    <h1 class="sr-only">{{ t.bike }}</h1>
    <p role="status">{{ fleet.wall ? t.bikeDoesNotExist : t.loadingBike }}</p>
  </main>
</template>
