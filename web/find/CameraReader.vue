<script setup lang="ts">
import { onMounted, ref } from 'vue';
import { useCamera, type CameraState } from './use-camera';
import * as t from './messages';

/** The code on a tag or a paper sheet, read by this device's camera. Nothing of the picture is kept. */
const props = defineProps<{ take: (text: string) => boolean }>();
const video = ref<HTMLVideoElement | null>(null);
const { state, start } = useCamera(video, (text) => props.take(text));
onMounted(() => void start());
const WORDS: Record<CameraState, string> = {
  starting: t.startingCamera,
  looking: t.holdTagsCodeIn,
  'not-secure': t.cameraWorksOnlyWhen,
  none: t.noCameraFoundType,
  refused: t.cameraAccessBlockedAllow,
};
</script>

<template>
  <div data-camera :data-camera-state="state">
    <video
      ref="video"
      muted
      playsinline
      class="max-h-[45dvh] w-full rounded-md bg-black object-cover"
      :class="state !== 'looking' && 'hidden'"
      :aria-label="t.cameraPicture"
    />
    <p
      role="status"
      class="mt-1"
      :class="state === 'looking' || state === 'starting' ? 'text-soft' : 'font-semibold text-watch'"
    >
      {{ WORDS[state] }}
    </p>
  </div>
</template>
