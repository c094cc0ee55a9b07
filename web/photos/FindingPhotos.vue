<script setup lang="ts">
import { computed } from 'vue';
import type { Finding } from '@cadre/core/findings';
import { withPosition } from '@cadre/web/catalogue';
import PhotoStrip from './PhotoStrip.vue';
import { usePhotos } from './use-photos';

/** The photos taken of a finding's place since it was found, and the sitting before. */
const props = defineProps<{ bikeId: string; finding: Pick<Finding, 'checkpoint' | 'position' | 'openedAt' | 'words' | 'lastSeenAt'> }>();
const SITTING_MS = 6 * 3_600_000;
const { photos } = usePhotos(() => ({
  bikeId: props.bikeId,
  checkpoint: props.finding.checkpoint,
  position: props.finding.position,
  version: props.finding.lastSeenAt,
}));
const own = computed(() => photos.value.filter((photo) => photo.at >= props.finding.openedAt - SITTING_MS));
</script>

<template>
  <PhotoStrip v-if="own.length" class="mt-2" :photos="own" :name-of="() => withPosition(finding.words.checkpoint, finding.position)" />
</template>
