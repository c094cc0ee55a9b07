<script setup lang="ts">
import * as t from './messages';
/** The wheel as a clock, the valve at twelve: an hour is touched where the damage is. */
defineProps<{ hour: number | undefined }>();
const emit = defineEmits<{ pick: [hour: number | undefined] }>();
const HOURS = Array.from({ length: 12 }, (_, index) => index + 1);
const at = (hour: number, radius: number): { x: number; y: number } => {
  const angle = (hour / 12) * 2 * Math.PI;
  return { x: 130 + radius * Math.sin(angle), y: 130 - radius * Math.cos(angle) };
};
/** The piece of the ring an hour owns, so that a gloved finger finds it. */
function sector(hour: number): string {
  const [a, b, c, d] = [at(hour - 0.5, 125), at(hour + 0.5, 125), at(hour + 0.5, 66), at(hour - 0.5, 66)];
  return `M${a.x} ${a.y}A125 125 0 0 1 ${b.x} ${b.y}L${c.x} ${c.y}A66 66 0 0 0 ${d.x} ${d.y}z`;
}
</script>

<template>
  <svg viewBox="0 0 260 260" class="size-64" role="group" :aria-label="t.placeOnWheelAs" data-clock>
    <g
      v-for="each in HOURS"
      :key="each"
      role="button"
      tabindex="0"
      class="cursor-pointer"
      :aria-pressed="hour === each"
      :aria-label="t.eachOclockPart({ each, part: each === 12 ? t.atTheValve : '' })"
      :data-hour="each"
      @click="emit('pick', hour === each ? undefined : each)"
      @keydown.enter.prevent.stop="emit('pick', hour === each ? undefined : each)"
      @keydown.space.prevent.stop="emit('pick', hour === each ? undefined : each)"
    >
      <path
        :d="sector(each)"
        :fill="hour === each ? 'var(--ink)' : 'var(--plate)'"
        stroke="var(--line)"
        stroke-width="2"
      />
      <text
        :x="at(each, 96).x"
        :y="at(each, 96).y + 7"
        text-anchor="middle"
        font-size="20"
        font-weight="600"
        :fill="hour === each ? 'var(--plate)' : 'var(--ink)'"
      >
        {{ each }}
      </text>
    </g>
    <path d="M126 8h8v-8h-8z" fill="var(--act)" transform="translate(0 66)" />
    <text x="130" y="126" text-anchor="middle" font-size="15" fill="var(--soft)">{{ t.valve }}</text>
    <text x="130" y="146" text-anchor="middle" font-size="15" fill="var(--soft)">{{ t.at12 }}</text>
  </svg>
</template>
