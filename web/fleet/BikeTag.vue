<script setup lang="ts">
import { computed } from 'vue';
import type { Bike } from '@cadre/contract/fleet';
import type { Build } from '@cadre/core/fleet';
import type { Fitness } from '@cadre/core/fitness';
import { FitnessMark } from '@cadre/web/ui';
import BikeFigure from './BikeFigure.vue';
import { FITNESS_WORDS, KIND_WORDS, WHEREABOUTS_WORDS } from './wording';

/** A stamped tag on its hook; a bike that is out leaves its outline. */
const props = defineProps<{ bike: Bike; fitness: Fitness; picked: boolean; beganCheck: boolean }>();
const away = computed(() => props.bike.whereabouts === 'out');
</script>

<template>
  <button
    type="button"
    data-keys-pass
    class="relative flex w-full flex-col rounded-b-lg rounded-t-[1.6rem] border-2 px-2 pb-1.5 pt-3 text-left"
    :class="[
      away
        ? 'border-dashed border-rail bg-transparent'
        : fitness === 'held'
          ? 'border-held bg-held-wash'
          : 'border-ink/55 bg-plate shadow-[0_3px_0_0_rgb(0_0_0/.13)]',
      picked && 'ring-4 ring-act ring-offset-2 ring-offset-ground',
    ]"
    :aria-pressed="picked"
    :data-tag="bike.tag"
    :data-fitness="fitness"
  >
    <span class="absolute -top-1 left-1/2 size-3 -translate-x-1/2 rounded-full border-2 border-ink/60 bg-ground" aria-hidden="true" />
    <span class="sturdy text-center text-[1.35rem] leading-none">{{ bike.tag }}</span>
    <span class="mx-auto my-1 block h-11 w-full" :class="away && 'opacity-35'" aria-hidden="true"
      ><BikeFigure :build="bike.build as Build" label="" small
    /></span>
    <span class="flex items-center gap-1.5">
      <FitnessMark :fitness="fitness" :size="20" />
      <span
        class="text-[0.86rem] font-semibold leading-[1.1]"
        :class="fitness === 'held' ? 'text-held' : fitness === 'cleared-with-watch' ? 'text-watch' : ''"
        >{{ FITNESS_WORDS[fitness] }}</span
      >
    </span>
    <span class="text-[0.82rem] leading-tight text-soft">{{
      away ? 'Out' : bike.whereabouts === 'on-the-bench' ? 'On the bench' : beganCheck ? 'Check begun' : bike.size
    }}</span>
    <span class="sr-only"
      >, {{ KIND_WORDS[bike.build.kind] }}{{ away || bike.whereabouts === 'in' ? '' : `, ${WHEREABOUTS_WORDS[bike.whereabouts]}` }}</span
    >
  </button>
</template>
