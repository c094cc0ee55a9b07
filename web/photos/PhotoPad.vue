<script setup lang="ts">
import { computed, ref } from 'vue';
import { Dialog, DialogPanel, DialogTitle } from '@headlessui/vue';
import { PHOTO_LIMITS, shapeOf, type PicturePoint, type Shape, type ShapeKind } from '@cadre/core/photos';
import { ActButton, ChoiceChips } from '@cadre/web/ui';
import ShapesOver from './ShapesOver.vue';
import * as t from './messages';

/** A photo just taken: circle it or point at it with the finger, keep it or let it go. The picture itself stays as it was taken. */
defineProps<{ url: string; width: number; height: number; name: string }>();
const emit = defineEmits<{ keep: [shapes: readonly Shape[]]; drop: [] }>();
const tool = ref<ShapeKind>('circle');
const shapes = ref<readonly Shape[]>([]);
const from = ref<PicturePoint | null>(null);
const to = ref<PicturePoint | null>(null);
const drawing = computed(() => (from.value && to.value ? shapeOf(tool.value, from.value, to.value) : null));

function at(event: PointerEvent): PicturePoint {
  const box = (event.currentTarget as HTMLElement).getBoundingClientRect();
  return { x: (event.clientX - box.left) / box.width, y: (event.clientY - box.top) / box.height };
}
function begin(event: PointerEvent): void {
  (event.currentTarget as HTMLElement).setPointerCapture(event.pointerId);
  from.value = to.value = at(event);
}
function move(event: PointerEvent): void {
  if (from.value) to.value = at(event);
}
function end(): void {
  if (drawing.value && shapes.value.length < PHOTO_LIMITS.shapesMost)
    shapes.value = [...shapes.value, drawing.value];
  from.value = to.value = null;
}
/** By keyboard there is no stroke: a circle in the middle says look here, and the note says what. */
function circleMiddle(): void {
  const shape = shapeOf('circle', { x: 0.3, y: 0.3 }, { x: 0.7, y: 0.7 });
  if (shape) shapes.value = [...shapes.value, shape];
}
</script>

<template>
  <Dialog open class="relative z-40" @close="emit('drop')">
    <div class="fixed inset-0 bg-black/70" aria-hidden="true" />
    <div class="fixed inset-0 flex items-center justify-center p-2">
      <DialogPanel
        class="flex max-h-full w-full max-w-3xl flex-col gap-2 rounded-lg border-2 border-ink/60 bg-plate p-3"
        data-photo-pad
      >
        <DialogTitle class="leading-tight"
          ><span class="sturdy block text-lg">{{ name }}</span
          ><span class="text-soft">{{ t.drawOnPhotoShow }}</span></DialogTitle
        >
        <div
          class="relative mx-auto min-h-0 w-full touch-none select-none overflow-hidden rounded-md border-2 border-ink/60"
          :style="{
            aspectRatio: `${width} / ${height}`,
            maxHeight: '65dvh',
            maxWidth: `calc(65dvh * ${width / height})`,
          }"
          data-photo-canvas
          @pointerdown.prevent="begin"
          @pointermove="move"
          @pointerup="end"
          @pointercancel="end"
        >
          <img :src="url" :alt="t.newPhotoName({ name })" class="block size-full" draggable="false" />
          <ShapesOver :shapes="drawing ? [...shapes, drawing] : shapes" :width="width" :height="height" />
        </div>
        <div class="flex flex-wrap items-center gap-2">
          <ChoiceChips
            :name="t.draw"
            :options="[
              { value: 'circle', label: t.circle },
              { value: 'arrow', label: t.arrow },
            ]"
            :chosen="[tool]"
            @toggle="(kind) => (tool = kind)"
          />
          <ActButton :disabled="shapes.length === 0" data-photo-back @click="shapes = shapes.slice(0, -1)">{{
            t.undo
          }}</ActButton>
          <ActButton class="sr-only focus:not-sr-only" @click="circleMiddle">{{
            t.circleInMiddle
          }}</ActButton>
          <span class="grow" />
          <ActButton kind="quiet" data-photo-drop @click="emit('drop')">{{ t.discardPhoto }}</ActButton>
          <ActButton kind="main" data-photo-keep @click="emit('keep', shapes)">{{ t.savePhoto }}</ActButton>
        </div>
      </DialogPanel>
    </div>
  </Dialog>
</template>
