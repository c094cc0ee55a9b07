<script setup lang="ts">
import { computed } from 'vue';
import type { Finding } from '@cadre/core/findings';
import { PHOTO_LIMITS } from '@cadre/core/photos';
import { withPosition } from '@cadre/web/words';
import PhotoStrip from './PhotoStrip.vue';
import { usePhotos } from './use-photos';

/** The photos taken of a finding's place since it was found, and the sitting before. */
const props = defineProps<{
  bikeId: string;
  finding: Pick<Finding, 'checkpoint' | 'position' | 'openedAt' | 'words' | 'lastSeenAt'>;
}>();
const { photos } = usePhotos(() => ({
  bikeId: props.bikeId,
  checkpoint: props.finding.checkpoint,
  position: props.finding.position,
  version: props.finding.lastSeenAt,
}));
const own = computed(() =>
  photos.value.filter((photo) => photo.at >= props.finding.openedAt - PHOTO_LIMITS.sittingMs),
);
</script>

<template>
  <PhotoStrip
    v-if="own.length"
    class="mt-2"
    :photos="own"
    :name-of="() => withPosition(finding.words.checkpoint, finding.position)"
  />
</template>
