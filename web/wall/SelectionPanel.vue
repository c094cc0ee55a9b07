<script setup lang="ts">
import { ref } from 'vue';
import type { Bike } from '@cadre/contract/fleet';
import type { Fitness } from '@cadre/core/fitness';
import { useSession } from '@cadre/web/people';
import { ActButton, SelectField, NoticePlate } from '@cadre/web/ui';
import { TakeBackChoice } from '@cadre/web/outings';
import { useSelection } from './use-selection';
import { useWallView } from './use-wall';
import * as t from './messages';

/** What is selected, and what can be done with all of it at once. */
const props = defineProps<{
  bikes: readonly Bike[];
  shown: readonly Bike[];
  fitnessOf: (bike: Bike) => Fitness;
}>();
const view = useWallView();
const session = useSession();
const open = ref(false);
const { refusal, rackId, said, out, ready, racks, target, free, handOutAll, taken, hangAll } =
  useSelection(props);
const comingBack = ref(false);
function cameBack(bikes: readonly Bike[]): void {
  taken(bikes.length);
  comingBack.value = false;
}
</script>

<template>
  <section
    class="flex flex-col gap-3 rounded-lg border-2 border-ink/60 bg-plate p-4 max-[900px]:gap-2 max-[900px]:p-2"
    :aria-label="t.selectedBikes"
    data-selection
  >
    <div class="flex flex-wrap items-center gap-2">
      <h2 class="sturdy grow text-2xl max-[900px]:text-lg">{{ t.bikeSelected({ bikes: bikes.length }) }}</h2>
      <ActButton data-select-all @click="view.selected = new Set(shown.map((bike) => bike.id))">{{
        t.selectAllShown({ shown: shown.length })
      }}</ActButton>
      <ActButton :disabled="bikes.length === 0" @click="view.selected = new Set()">{{
        t.selectNone
      }}</ActButton>
      <!-- On a narrow screen the tags stay in sight until somebody wants to act on them. -->
      <ActButton
        kind="main"
        class="min-[900px]:hidden"
        :disabled="bikes.length === 0"
        :aria-expanded="open"
        data-selection-acts
        @click="open = !open"
        >{{ open ? t.backTags : t.actions }}</ActButton
      >
    </div>
    <p
      v-if="bikes.length"
      class="sturdy max-h-24 overflow-y-auto text-lg leading-snug max-[900px]:max-h-12 max-[900px]:text-base"
    >
      {{ bikes.map((bike) => bike.tag).join(' ') }}
    </p>
    <p v-else class="text-soft">{{ t.touchTagSelectSelect }}</p>
    <NoticePlate v-if="refusal.said.value" :said="refusal.said.value" />
    <!-- Always there on a wide screen: the buttons below must not move when it speaks. -->
    <p role="status" class="min-h-6 font-semibold max-[900px]:empty:hidden">{{ said }}</p>
    <div class="flex flex-col gap-3" :class="!open && 'max-[900px]:hidden'">
      <ActButton
        kind="main"
        :disabled="ready.length === 0 || refusal.busy.value"
        data-hand-out
        @click="handOutAll"
        >{{ t.handOutClearedBike({ ready: ready.length }) }}</ActButton
      >
      <ActButton
        v-if="bikes.length && session.may('mark')"
        :to="{ name: 'batch-check', query: { bikes: bikes.map((bike) => bike.tag).join(','), pick: '1' } }"
        data-batch-with
        >{{ t.batchCheckBike({ picked: bikes.length }) }}</ActButton
      >
      <ActButton
        :disabled="out.length === 0 || refusal.busy.value"
        :aria-expanded="comingBack"
        data-take-back
        @click="comingBack = !comingBack"
        >{{ t.takeBackBike({ out: out.length }) }}</ActButton
      >
      <TakeBackChoice v-if="comingBack && out.length" :bikes="out" :done="(_way, bikes) => cameBack(bikes)" />
      <div v-if="session.may('edit-fleet')" class="space-y-2 border-t-2 border-line pt-3">
        <SelectField v-model="rackId" :label="t.moveRack" :options="racks" />
        <p v-if="target && free.length < bikes.length" class="text-watch">
          {{ t.nameHasOnlyFree({ name: target.name, free: free.length, bikes: bikes.length - free.length }) }}
        </p>
        <ActButton
          class="w-full"
          :disabled="!target || bikes.length === 0 || refusal.busy.value"
          data-hang-all
          @click="hangAll"
          >{{ t.moveBikes }}</ActButton
        >
      </div>
    </div>
  </section>
</template>
