<script setup lang="ts">
import { useProvided } from '@cadre/web/platform/provided';
import { BikeFigure } from '@cadre/web/figures';
import { KIND_WORDS } from '@cadre/web/words';
import StationSteps from './StationSteps.vue';
import { STAND_CHECK } from './use-stand-check';
import * as t from './messages';

/** The bike at the stand, drawn: where one is on the way round it, what is done and what is wrong. */
const { bike, draft, stand, others } = useProvided(STAND_CHECK);
const { check, stations, answers } = draft;
</script>

<template>
  <aside
    class="w-[25rem] shrink-0 max-[1000px]:w-full min-[1000px]:sticky min-[1000px]:top-[calc(var(--strip)+0.75rem)] min-[1000px]:flex min-[1000px]:max-h-[calc(100dvh-var(--strip)-6.75rem)] min-[1000px]:flex-col min-[1000px]:self-start min-[1000px]:overflow-y-auto"
    :aria-label="t.bike"
  >
    <div class="flex items-baseline gap-3">
      <h1 class="sturdy text-3xl leading-none">
        <span class="sr-only">{{ check?.checklist.name }}: </span>{{ bike.tag }}
      </h1>
      <p class="leading-tight text-soft">
        {{ check?.checklist.name }} · {{ KIND_WORDS[bike.build.kind] }} {{ bike.size
        }}<span v-if="others.length" class="block font-semibold text-ink" data-others>{{
          t.withOthers({ others: others.join(', ') })
        }}</span>
      </p>
    </div>
    <div
      class="mx-auto mt-1 min-h-24 max-[1000px]:h-44 max-sm:h-36 min-[1000px]:flex min-[1000px]:max-h-56 min-[1000px]:w-full min-[1000px]:shrink min-[1000px]:grow min-[1000px]:basis-56"
    >
      <BikeFigure
        v-if="check"
        :build="check.build"
        :label="t.walkRoundTag({ tag: bike.tag })"
        :route="check.checklist.route"
        :zones="stations.flatMap((each) => each.zones)"
        :lit="stand.station.value?.zones ?? []"
        :done="stand.doneZones.value"
        :troubled="stand.troubledZones.value"
        @pick="stand.goToZone"
      />
    </div>
    <StationSteps
      class="shrink-0"
      :stations="stations"
      :answers="answers"
      :at="stand.at.value"
      @go="stand.goTo"
    />
  </aside>
</template>
