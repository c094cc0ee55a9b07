<script setup lang="ts">
import { Dialog, DialogPanel, DialogTitle } from '@headlessui/vue';
import { dayAndClock, useNow } from '@cadre/web/platform/time';
import { useFleet } from '@cadre/web/fleet';
import { ActButton } from '@cadre/web/ui';
import ShapesOver from './ShapesOver.vue';
import type { ShownPhoto } from './use-photos';
import * as t from './messages';

/** One photo large, with what was drawn on it. */
defineProps<{ photo: ShownPhoto; name: string }>();
const emit = defineEmits<{ close: [] }>();
const fleet = useFleet();
const now = useNow();
</script>

<template>
  <Dialog open class="relative z-40" @close="emit('close')">
    <div class="fixed inset-0 bg-black/70" aria-hidden="true" />
    <div class="fixed inset-0 flex items-center justify-center p-3">
      <DialogPanel
        class="flex max-h-full max-w-full flex-col gap-2 rounded-lg border-2 border-ink/60 bg-plate p-3"
        data-photo-show
      >
        <div class="flex items-center gap-4">
          <DialogTitle class="min-w-0 grow leading-tight"
            ><span class="sturdy block text-lg">{{ name }}</span
            ><span class="text-soft"
              >{{ fleet.nameOf(photo.by) }}, {{ dayAndClock(photo.at, now) }}</span
            ></DialogTitle
          >
          <ActButton @click="emit('close')">{{ t.close }}</ActButton>
        </div>
        <div
          class="relative mx-auto min-h-0"
          :style="{ aspectRatio: `${photo.width} / ${photo.height}`, maxHeight: '75dvh', maxWidth: '100%' }"
        >
          <img :src="photo.whole" :alt="t.photoName({ name })" class="block size-full" />
          <ShapesOver :shapes="photo.shapes" :width="photo.width" :height="photo.height" />
        </div>
      </DialogPanel>
    </div>
  </Dialog>
</template>
