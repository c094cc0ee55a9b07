<script setup lang="ts">
import { computed } from 'vue';
import { boltOrder } from '@cadre/core/measures';
import * as t from './messages';

/** The bolts of a joint as they stand, numbered in the order they are turned, with the way the wrench goes. */
const props = defineProps<{ bolts: number }>();
const SIZE = 100;
const places = computed(() => {
  const order = boltOrder(props.bolts);
  if (!order.ok) return [];
  const turn = (2 * Math.PI) / props.bolts;
  // Two bolts stand above each other, four in a square, others from the top round.
  const start = props.bolts === 4 ? -Math.PI * 0.75 : -Math.PI / 2;
  return order.value.map((bolt) => ({
    x: SIZE / 2 + (props.bolts === 1 ? 0 : 34) * Math.cos(start + (bolt - 1) * turn),
    y: SIZE / 2 + (props.bolts === 1 ? 0 : 34) * Math.sin(start + (bolt - 1) * turn),
  }));
});
const way = computed(() => places.value.map(({ x, y }) => `${x.toFixed(1)},${y.toFixed(1)}`).join(' '));
</script>

<template>
  <svg
    :viewBox="`0 0 ${SIZE} ${SIZE}`"
    role="img"
    :aria-label="bolts === 1 ? t.oneBolt : t.boltsBoltsTightenEach({ bolts })"
    data-bolts
  >
    <polyline
      :points="way"
      fill="none"
      stroke="currentColor"
      stroke-width="2"
      stroke-dasharray="4 4"
      class="text-soft"
    />
    <g v-for="(place, index) in places" :key="index">
      <path
        :d="
          [0, 1, 2, 3, 4, 5]
            .map(
              (side) =>
                `${side ? 'L' : 'M'}${(place.x + 14 * Math.cos((side * Math.PI) / 3)).toFixed(1)} ${(place.y + 14 * Math.sin((side * Math.PI) / 3)).toFixed(1)}`,
            )
            .join('') + 'Z'
        "
        class="fill-plate text-ink"
        stroke="currentColor"
        stroke-width="2.5"
      />
      <text :x="place.x" :y="place.y + 5.5" text-anchor="middle" class="sturdy fill-ink text-[16px]">
        {{ index + 1 }}
      </text>
    </g>
  </svg>
</template>
