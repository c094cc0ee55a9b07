<script setup lang="ts">
import { withPosition } from '@cadre/web/words';
import { ActButton } from '@cadre/web/ui';
import PhotoStrip from './PhotoStrip.vue';
import { usePhotos, type ShownPhoto } from './use-photos';
import * as t from './messages';

/** Every photo of a bike, the newest first. */
const props = defineProps<{ bikeId: string; version: unknown }>();
const { photos, more, loadMore } = usePhotos(() => ({ bikeId: props.bikeId, version: props.version }), 24);
const nameOf = (photo: ShownPhoto): string => {
  const words = photo.checkpoint.replace(/-/g, ' ');
  return withPosition(words.charAt(0).toUpperCase() + words.slice(1), photo.position);
};
</script>

<template>
  <section v-if="photos.length" aria-labelledby="photos" data-bike-photos>
    <h2 id="photos" class="sturdy mb-1 text-xl">{{ t.photos }}</h2>
    <PhotoStrip :photos="photos" :name-of="nameOf" />
    <ActButton v-if="more" class="mt-2" @click="loadMore">{{ t.showOlderPhotos }}</ActButton>
  </section>
</template>
