<script setup lang="ts">
import { computed } from 'vue';
import type { Position } from '@cadre/core/catalogue';
import { dayAndClock, ON_PAPER } from '@cadre/web/platform/time';
import { useFleet } from '@cadre/web/fleet';
import ShapesOver from './ShapesOver.vue';
import { usePhotos } from './use-photos';
import * as t from './messages';

/** The photos of some looks of a bike, large and with what was drawn on them: for paper. */
const props = defineProps<{
  bikeId: string;
  looks: readonly { readonly checkpoint: string; readonly position: Position }[];
}>();
const fleet = useFleet();
const timeZone = computed(() => fleet.siteById.get(fleet.bikeById.get(props.bikeId)?.siteId ?? '')?.timeZone);
const { photos } = usePhotos(() => ({ bikeId: props.bikeId }), 24);
const shown = computed(() =>
  photos.value.filter((photo) =>
    props.looks.some((look) => look.checkpoint === photo.checkpoint && look.position === photo.position),
  ),
);
</script>

<template>
  <section v-if="shown.length" class="mt-4" :aria-label="t.photos">
    <ul class="grid grid-cols-2 gap-3">
      <li v-for="photo in shown" :key="photo.id" class="break-inside-avoid">
        <div class="relative">
          <img :src="photo.whole" alt="" class="block w-full" /><ShapesOver
            :shapes="photo.shapes"
            :width="photo.width"
            :height="photo.height"
          />
        </div>
        <p class="text-sm text-soft">
          {{ photo.checkpoint.replace(/-/g, ' ') }}, {{ dayAndClock(photo.at, ON_PAPER, timeZone) }},
          {{ fleet.nameOf(photo.by) }}
        </p>
      </li>
    </ul>
  </section>
</template>
