<script setup lang="ts">
import { computed } from 'vue';
import * as t from './messages';

/** How full a bin is: what lies there as filled pegs, the least as a notch. Under the notch it is short. */
const props = defineProps<{ onHand: number; least: number }>();
const PEGS = 12;
const most = computed(() => Math.max(PEGS, props.least * 2));
const at = (value: number): number => Math.min(1, value / most.value) * 120;
</script>

<template>
  <svg
    viewBox="-1 0 124 18"
    class="h-[18px] w-[124px]"
    role="img"
    :aria-label="t.onHandInStockMinimum({ onHand, least })"
  >
    <rect x="0" y="4" width="120" height="10" rx="5" class="fill-sunk stroke-line" stroke-width="1.5" />
    <rect
      v-if="onHand > 0"
      x="0"
      y="4"
      :width="Math.max(6, at(onHand))"
      height="10"
      rx="5"
      :class="onHand < least ? 'fill-watch' : 'fill-act'"
    />
    <path v-if="least > 0" :d="`M${at(least)} 0v18`" class="stroke-ink" stroke-width="2.5" />
  </svg>
</template>
