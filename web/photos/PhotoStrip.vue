<script setup lang="ts">
import { ref } from 'vue';
import { dayAndClock, useNow } from '@cadre/web/platform/time';
import { localDb } from '@cadre/web/platform/local-db';
import { ActButton } from '@cadre/web/ui';
import PhotoShow from './PhotoShow.vue';
import ShapesOver from './ShapesOver.vue';
import type { ShownPhoto } from './use-photos';
import * as t from './messages';

/** Photos side by side: what is kept here and not sent yet says so, what the server would not take says why. */
defineProps<{ photos: readonly ShownPhoto[]; nameOf: (photo: ShownPhoto) => string }>();
const now = useNow();
const shown = ref<ShownPhoto | null>(null);
const again = (photo: ShownPhoto): void => void localDb.photos.update(photo.id, { trouble: null });
const drop = (photo: ShownPhoto): void => void localDb.photos.delete(photo.id);
</script>

<template>
  <ul class="flex flex-wrap gap-2" :aria-label="t.photos" data-photos>
    <li v-for="photo in photos" :key="photo.id" class="w-32" :data-photo="photo.waiting ? 'kept' : 'sent'">
      <button
        type="button"
        class="relative block h-24 w-32 overflow-hidden rounded-md border-2"
        :class="photo.trouble ? 'border-held' : 'border-line'"
        :aria-label="t.photoNameOfWhen({ nameOf: nameOf(photo), when: dayAndClock(photo.at, now) })"
        @click="shown = photo"
      >
        <span
          class="absolute inset-0 m-auto block max-h-full max-w-full"
          :style="{ aspectRatio: `${photo.width} / ${photo.height}` }"
          ><img :src="photo.small" alt="" class="block size-full" loading="lazy" /><ShapesOver
            :shapes="photo.shapes"
            :width="photo.width"
            :height="photo.height"
        /></span>
      </button>
      <p class="text-sm leading-tight text-soft">
        {{ photo.waiting ? t.savedOnDevice : dayAndClock(photo.at, now) }}
      </p>
      <template v-if="photo.trouble">
        <p class="text-sm font-semibold leading-tight text-held" role="alert">{{ photo.trouble }}</p>
        <ActButton @click="again(photo)">{{ t.tryAgain }}</ActButton>
        <ActButton kind="quiet" @click="drop(photo)">{{ t.discardPhoto }}</ActButton>
      </template>
    </li>
  </ul>
  <PhotoShow v-if="shown" :photo="shown" :name="nameOf(shown)" @close="shown = null" />
</template>
