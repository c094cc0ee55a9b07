<script setup lang="ts">
import { computed, onBeforeUnmount, ref } from 'vue';
import { Camera } from '@lucide/vue';
import { v7 as newId } from 'uuid';
import type { Question } from '@cadre/core/catalogue';
import { PHOTO_LIMITS, PHOTO_TYPES, type Shape } from '@cadre/core/photos';
import { localDb } from '@cadre/web/platform/local-db';
import { now } from '@cadre/web/platform/time';
import { withPosition } from '@cadre/web/words';
import { ActButton } from '@cadre/web/ui';
import PhotoPad from './PhotoPad.vue';
import PhotoStrip from './PhotoStrip.vue';
import { PHOTO_ISSUE_WORDS, shrinkPhoto } from './shrink-photo';
import { photoProof } from './photo-proof';
import { usePhotos } from './use-photos';
import * as t from './messages';

/** The photos of one look of a bike, last time's beside today's, and taking one. What is taken is kept here until it is sent. */
const props = defineProps<{
  bikeId: string;
  checkId: string | null;
  question: Pick<Question, 'checkpoint' | 'position'>;
  author: string;
}>();
const emit = defineEmits<{ saved: [] }>();
const name = computed(() => withPosition(props.question.checkpoint.name, props.question.position));
const { photos } = usePhotos(() => ({
  bikeId: props.bikeId,
  checkpoint: props.question.checkpoint.key,
  position: props.question.position,
}));
const input = ref<HTMLInputElement | null>(null);
const said = ref('');
const busy = ref(false);
const taken = ref<{ blob: Blob; url: string; width: number; height: number } | null>(null);
const full = computed(
  () =>
    photos.value.filter((photo) => now() - photo.at < PHOTO_LIMITS.sittingMs).length >= PHOTO_LIMITS.perLook,
);

function letGo(): void {
  if (taken.value) URL.revokeObjectURL(taken.value.url);
  taken.value = null;
}
onBeforeUnmount(letGo);
async function choose(event: Event): Promise<void> {
  const files = (event.target as HTMLInputElement).files;
  const file = files?.[0];
  if (!file) return;
  busy.value = true;
  said.value = '';
  const shrunk = await shrinkPhoto(file);
  busy.value = false;
  // The same file may be chosen again after it was refused.
  if (input.value) input.value.value = '';
  if (!shrunk.ok) {
    said.value = PHOTO_ISSUE_WORDS[shrunk.issue];
    return;
  }
  const { blob, width, height } = shrunk;
  letGo();
  taken.value = { blob, width, height, url: URL.createObjectURL(blob) };
}
async function keep(shapes: readonly Shape[]): Promise<void> {
  if (!taken.value) return;
  const { blob, width, height } = taken.value;
  const said = {
    id: newId(),
    bikeId: props.bikeId,
    checkpoint: props.question.checkpoint.key,
    position: props.question.position,
    author: props.author,
    at: now(),
    shapes: JSON.parse(JSON.stringify(shapes)) as Shape[],
  };
  await localDb.photos.put({
    ...said,
    checkId: props.checkId,
    width,
    height,
    blob,
    trouble: null,
    ...(await photoProof(said, blob)),
  });
  letGo();
  emit('saved');
}
</script>

<template>
  <div class="mt-3 space-y-2" data-look-photos>
    <PhotoPad
      v-if="taken"
      :url="taken.url"
      :width="taken.width"
      :height="taken.height"
      :name="name"
      @keep="keep"
      @drop="letGo"
    />
    <div class="flex flex-wrap items-center gap-3">
      <ActButton :disabled="busy || full" data-take-photo @click="input?.click()"
        ><Camera :size="22" aria-hidden="true" />{{ busy ? t.loadingPhoto : t.photo
        }}<span class="sr-only">{{ ' ' }}{{ t.ofName({ name }) }}</span></ActButton
      >
      <span v-if="full" class="text-soft">{{
        t.questionHasPerLookPhotos({ perLook: PHOTO_LIMITS.perLook })
      }}</span>
    </div>
    <!-- Opened by the button: the camera on a phone, a file elsewhere. -->
    <input
      ref="input"
      type="file"
      class="hidden"
      :accept="PHOTO_TYPES.join(',')"
      capture="environment"
      tabindex="-1"
      aria-hidden="true"
      data-photo-file
      @change="choose"
    />
    <p v-if="said" role="alert" class="font-semibold text-held" data-photo-said>{{ said }}</p>
    <PhotoStrip v-if="photos.length" :photos="photos" :name-of="() => name" />
  </div>
</template>
