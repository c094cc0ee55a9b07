<script setup lang="ts">
import { useDragPlace } from '@cadre/web/ui';
import { ref } from 'vue';
import type { Place } from './wall-lines';
import * as t from './messages';

/** One place on the rail. While racks are arranged its tag can be dragged, and it takes a tag let go over it. */
const props = defineProps<{ place: Place; arranging: boolean; lifted: string | null }>();
const emit = defineEmits<{ hook: [hookId: string]; dropped: [bikeId: string, hookId: string] }>();
const element = ref<HTMLElement | null>(null);
const over = useDragPlace(element, {
  on: () => props.arranging,
  kind: 'bike',
  dragged: () => props.place.bike?.id ?? null,
  takes: () => props.place.hookId !== null,
  dropped: (bikeId) => props.place.hookId && emit('dropped', bikeId, props.place.hookId),
});
</script>

<template>
  <div
    ref="element"
    class="flex grow flex-col rounded-b-lg rounded-t-2xl"
    :class="over && 'ring-4 ring-watch'"
  >
    <slot />
    <template v-if="!place.bike && place.hookId">
      <button
        v-if="arranging"
        type="button"
        class="grid grow place-items-center rounded-b-lg rounded-t-2xl border-2 border-dashed text-sm"
        :class="lifted ? 'border-act font-semibold text-act' : 'border-line text-soft'"
        :data-hook="place.number"
        @click="emit('hook', place.hookId)"
      >
        <span
          ><span v-if="lifted">{{ t.moveTo }}{{ ' ' }}</span
          >{{ t.hookNumber({ number: place.number ?? '' }) }}</span
        >
      </button>
      <span
        v-else
        class="grid grow place-items-center rounded-b-lg rounded-t-2xl border border-dashed border-line text-sm text-soft"
        >{{ place.number }}<span class="sr-only">{{ t.freeHook }}</span></span
      >
    </template>
  </div>
</template>
