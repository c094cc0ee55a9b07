<script setup lang="ts">
import { ref } from 'vue';
import { Bike } from '@lucide/vue';
import { useProvided } from '@cadre/web/platform/provided';
import { BikeFigure } from '@cadre/web/figures';
import StationSteps from './StationSteps.vue';
import { STAND_CHECK } from './use-stand-check';
import * as t from './messages';

/** The bike at the stand, drawn: where one is on the way round it, what is done and what is wrong. */
const { bike, draft, stand } = useProvided(STAND_CHECK);
const { check, stations, answers } = draft;
/** On a phone the figure is folded away: the questions need the room. */
const unfolded = ref(false);
</script>

<template>
  <aside
    class="w-[25rem] shrink-0 max-[1000px]:w-full min-[1000px]:sticky min-[1000px]:top-[calc(var(--strip)+0.75rem)] min-[1000px]:flex min-[1000px]:max-h-[calc(100dvh-var(--strip)-6.75rem)] min-[1000px]:flex-col min-[1000px]:self-start min-[1000px]:overflow-y-auto"
    :aria-label="t.bike"
  >
    <div
      :class="!unfolded && 'max-sm:hidden'"
      class="mx-auto mt-1 min-h-24 max-[1000px]:h-44 max-sm:h-36 min-[1000px]:flex min-[1000px]:max-h-56 min-[1000px]:w-full min-[1000px]:shrink min-[1000px]:grow min-[1000px]:basis-56"
    >
      <BikeFigure
        v-if="check"
        :build="check.build"
        :label="t.routeRoundTag({ tag: bike.tag })"
        :route="check.checklist.route"
        :zones="stations.flatMap((each) => each.zones)"
        :lit="stand.station.value?.zones ?? []"
        :done="stand.doneZones.value"
        :troubled="stand.troubledZones.value"
        @pick="stand.goToZone"
      />
    </div>
    <div class="flex gap-1">
      <button
        type="button"
        class="mt-2 grid size-12 shrink-0 place-items-center rounded-md border-2 border-line bg-plate sm:hidden"
        :aria-pressed="unfolded"
        :aria-label="t.showBike"
        data-unfold
        @click="unfolded = !unfolded"
      >
        <Bike class="size-6" aria-hidden="true" />
      </button>
      <StationSteps
        class="min-w-0 grow"
        :stations="stations"
        :answers="answers"
        :at="stand.at.value"
        @go="stand.goTo"
      />
    </div>
  </aside>
</template>
