<script setup lang="ts">
import { computed } from 'vue';
import type { PressureWindow } from '@cadre/core/measures';
import { inBar } from './reading-wording';

/** A reading beside its limits: the window as a bar, its ends marked and named, the reading standing on it. */
const props = defineProps<{ value: number; window: PressureWindow }>();
const ends = computed(() => {
  const low = props.window.floor ?? 0;
  const high = props.window.ceiling ?? Math.max(props.value, low) * 1.2;
  const from = Math.max(0, Math.min(low, props.value) - (high - low) * 0.25);
  const to = Math.max(high, props.value) + (high - low) * 0.25;
  const at = (kpa: number): number => ((kpa - from) / Math.max(1, to - from)) * 180;
  return { low: at(low), high: at(high), at: at(props.value) };
});
const outside = computed(
  () => (props.window.floor !== null && props.value <= props.window.floor) || (props.window.ceiling !== null && props.value >= props.window.ceiling),
);
</script>

<template>
  <svg
    viewBox="0 0 180 34"
    class="h-10 w-48"
    role="img"
    :aria-label="`${inBar(value)} bar${window.floor === null ? '' : `, from ${inBar(window.floor)}`}${window.ceiling === null ? '' : `, under ${inBar(window.ceiling)}`}`"
  >
    <line x1="0" x2="180" y1="14" y2="14" stroke="var(--line)" stroke-width="3" />
    <line :x1="ends.low" :x2="ends.high" y1="14" y2="14" stroke="var(--act)" stroke-width="7" />
    <template v-if="window.floor !== null">
      <line :x1="ends.low" :x2="ends.low" y1="6" y2="22" stroke="var(--ink)" stroke-width="2" />
      <text :x="ends.low" y="33" text-anchor="middle" font-size="11" fill="var(--soft)">
        {{ inBar(window.floor) }}
      </text>
    </template>
    <template v-if="window.ceiling !== null">
      <line :x1="ends.high" :x2="ends.high" y1="6" y2="22" stroke="var(--ink)" stroke-width="2" />
      <text :x="ends.high" y="33" text-anchor="middle" font-size="11" fill="var(--soft)">
        {{ inBar(window.ceiling) }}
      </text>
    </template>
    <path :d="`M${ends.at - 7} 0h14l-7 13z`" :fill="outside ? 'var(--held)' : 'var(--ink)'" />
  </svg>
</template>
