<script setup lang="ts">
import type { Bike } from '@cadre/contract/fleet';
import type { Fitness } from '@cadre/core/fitness';
import BikeTag from './BikeTag.vue';
import HookPlace from './HookPlace.vue';
import type { TagSize } from './tag-size';
import type { Place } from './wall-lines';
import * as t from './messages';

/** One line of a rail: its hooks with what hangs on them. */
defineProps<{
  places: readonly Place[];
  named: string;
  columns: number;
  size: TagSize;
  picked: string | null;
  /** The bike that is pressed as the one in hand; none while many are selected. */
  pressed: string | null;
  selected: ReadonlySet<string>;
  begun: ReadonlySet<string>;
  arranging: boolean;
  lifted: string | null;
  fitnessOf: (bike: Bike) => Fitness;
  says: ((bike: Bike) => string) | null;
}>();
const emit = defineEmits<{
  pick: [id: string, event: MouseEvent];
  hook: [hookId: string];
  dropped: [bikeId: string, hookId: string];
}>();
</script>

<template>
  <ul
    class="grid h-full"
    :style="{ gridTemplateColumns: `repeat(${columns}, minmax(0, 1fr))` }"
    :aria-label="named"
  >
    <li
      v-for="place in places"
      :key="place.key"
      class="relative flex flex-col pb-1.5"
      :class="size === 'large' ? 'px-1.5' : 'px-1'"
    >
      <template v-if="place.hookId">
        <span
          class="absolute inset-x-0 top-0 h-2.5 bg-rail shadow-[inset_0_2px_0_rgb(255_255_255/.35)]"
          aria-hidden="true"
        />
        <span class="mx-auto w-1 bg-rail" :class="size === 'large' ? 'h-6' : 'h-3.5'" aria-hidden="true" />
      </template>
      <span v-else class="h-3" aria-hidden="true" />
      <HookPlace
        :place="place"
        :arranging="arranging"
        :lifted="lifted"
        @hook="(id) => emit('hook', id)"
        @dropped="(bike, hook) => emit('dropped', bike, hook)"
      >
        <BikeTag
          v-if="place.bike"
          :bike="place.bike"
          :fitness="fitnessOf(place.bike)"
          :size="size"
          :picked="picked === place.bike.id || lifted === place.bike.id"
          :pressed="selected.has(place.bike.id) || pressed === place.bike.id"
          :selected="selected.has(place.bike.id)"
          :began-check="begun.has(place.bike.id)"
          :says="says ? says(place.bike) : null"
          @click="emit('pick', place.bike.id, $event)"
        />
      </HookPlace>
      <span v-if="place.bike && place.number" class="sr-only">{{
        t.hookNumber({ number: place.number })
      }}</span>
    </li>
  </ul>
</template>
