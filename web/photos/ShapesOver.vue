<script setup lang="ts">
import { computed } from 'vue';
import { drawnOn, type Shape } from '@cadre/core/photos';

/** What was drawn over a photo, lying on it: thick, with a light edge, so that it is seen on any ground. */
const props = defineProps<{ shapes: readonly Shape[]; width: number; height: number }>();
const drawn = computed(() => props.shapes.map((shape) => drawnOn(shape, props.width, props.height)));
const stroke = computed(() => Math.max(props.width, props.height) / 110);
</script>

<template>
  <svg
    :viewBox="`0 0 ${width} ${height}`"
    class="pointer-events-none absolute inset-0 size-full"
    aria-hidden="true"
    data-shapes
  >
    <g v-for="(one, index) in drawn" :key="index" fill="none" stroke-linecap="round" stroke-linejoin="round">
      <template v-if="one.kind === 'circle'">
        <ellipse
          :cx="one.cx"
          :cy="one.cy"
          :rx="one.rx"
          :ry="one.ry"
          stroke="#fff"
          :stroke-width="stroke * 2"
        />
        <ellipse
          :cx="one.cx"
          :cy="one.cy"
          :rx="one.rx"
          :ry="one.ry"
          stroke="#b3200f"
          :stroke-width="stroke"
        />
      </template>
      <template v-else>
        <path :d="one.path" stroke="#fff" :stroke-width="stroke * 2" />
        <path :d="one.path" stroke="#b3200f" :stroke-width="stroke" />
      </template>
    </g>
  </svg>
</template>
