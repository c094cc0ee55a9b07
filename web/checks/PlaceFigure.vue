<script setup lang="ts">
import { computed, ref } from 'vue';
import type { Spot } from '@cadre/core/checks';
import type { Build } from '@cadre/core/fleet';
import { BikeFigure } from '@cadre/web/figures';
import * as t from './messages';

/** The bike as it is built: the place is touched where it is, and pinned there. */
const props = defineProps<{ build: Build; spot: Spot | undefined; label: string }>();
const emit = defineEmits<{ pick: [spot: Spot | undefined] }>();
const frame = ref<HTMLElement | null>(null);
const box = ref<{ left: number; top: number; width: number; height: number } | null>(null);

/** Where the drawing itself lies in its frame: it keeps its shape, so there may be room beside it. */
function measure(): void {
  const svg = frame.value?.querySelector('svg');
  const outer = frame.value?.getBoundingClientRect();
  if (!svg || !outer) return;
  const { width, height } = svg.viewBox.baseVal;
  const inner = svg.getBoundingClientRect();
  const scale = Math.min(inner.width / width, inner.height / height);
  const drawn = { width: width * scale, height: height * scale };
  box.value = {
    left: inner.left - outer.left + (inner.width - drawn.width) / 2,
    top: inner.top - outer.top + (inner.height - drawn.height) / 2,
    ...drawn,
  };
}
function touch(event: MouseEvent): void {
  measure();
  const outer = frame.value?.getBoundingClientRect();
  if (!outer || !box.value) return;
  const share = (value: number): number => Math.round(Math.min(1, Math.max(0, value)) * 1000) / 1000;
  emit('pick', {
    x: share((event.clientX - outer.left - box.value.left) / box.value.width),
    y: share((event.clientY - outer.top - box.value.top) / box.value.height),
  });
}
const pin = computed(() =>
  props.spot && box.value
    ? {
        left: `${box.value.left + props.spot.x * box.value.width}px`,
        top: `${box.value.top + props.spot.y * box.value.height}px`,
      }
    : null,
);
</script>

<template>
  <div
    ref="frame"
    class="relative h-44 w-80 max-w-full rounded-md border-2 border-line bg-plate"
    data-place-figure
  >
    <BikeFigure :build="build" :label="label" @vue:mounted="measure" />
    <button
      type="button"
      class="absolute inset-0 cursor-crosshair rounded-md"
      :aria-label="t.touchPlaceLabel({ label })"
      @click="touch"
    ></button>
    <span
      v-if="pin"
      class="pointer-events-none absolute size-6 -translate-x-1/2 -translate-y-1/2 rounded-full border-4 border-held bg-plate"
      :style="pin"
      data-pin
    ></span>
  </div>
</template>
