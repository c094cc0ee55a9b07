<script setup lang="ts">
import { computed, reactive } from 'vue';
import { ROUTE_KEYS, ZONES, type Zone } from '@cadre/core/catalogue';
import { BIKE_KINDS, USUAL_BUILD, type Build } from '@cadre/core/fleet';
import { BikeFigure, BikeSign } from '@cadre/web/figures';
import { KIND_WORDS } from '@cadre/web/words';
import * as t from './messages';

/** Every kind of bike large, with its walk, and small as the sign on a tag: for looking at all of them at once. */
const touched = reactive<Record<string, Zone>>({});
const figures = computed(() => [
  ...BIKE_KINDS.map((kind) => ({ name: KIND_WORDS[kind], build: USUAL_BUILD[kind] })),
  {
    name: t.childsBike20Inch,
    build: {
      ...USUAL_BUILD.child,
      wheelSizeFront: '20',
      wheelSizeRear: '20',
      brakeRear: 'coaster',
      gears: 'single-speed',
      sprockets: 1,
    } satisfies Build,
  },
  {
    name: t.hybridDropBarDiscs,
    build: {
      ...USUAL_BUILD.hybrid,
      bar: 'drop',
      brakeFront: 'hydraulic-disc',
      brakeRear: 'hydraulic-disc',
      accessories: [],
    } satisfies Build,
  },
]);
</script>

<template>
  <main class="max-w-7xl px-4 pb-12 pt-3">
    <h1 class="sturdy text-2xl">{{ t.bikeFigures }}</h1>
    <p class="text-soft">{{ t.eachFigureDrawnFrom }}</p>
    <ul class="mt-4 grid gap-5 lg:grid-cols-2">
      <li
        v-for="each in figures"
        :key="each.name"
        class="rounded-lg border-2 border-line bg-plate p-3"
        :data-figure="each.build.kind"
      >
        <div class="flex items-center gap-3">
          <h2 class="sturdy grow text-lg">{{ each.name }}</h2>
          <span class="block h-11 w-20"><BikeSign :build="each.build" /></span>
        </div>
        <div class="h-72 max-sm:h-52">
          <BikeFigure
            :build="each.build"
            :label="t.nameRouteRoundBike({ name: each.name })"
            :route="ROUTE_KEYS[0]"
            :zones="ZONES"
            :lit="touched[each.name] ? [touched[each.name]!] : []"
            @pick="(zone) => (touched[each.name] = zone)"
          />
        </div>
      </li>
    </ul>
  </main>
</template>
