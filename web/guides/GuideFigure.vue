<script setup lang="ts">
import {
  DRAWING_SIZE,
  labelBox,
  type DrawnLabel,
  type DrawnRole,
  type GuideDrawing,
} from '@cadre/core/guides';

/** The part a job is at, with its names; the way something moves is an arrow. */
defineProps<{ drawing: GuideDrawing }>();
const LOOK: Record<DrawnRole, string> = {
  metal: 'fill-sunk stroke-ink',
  rubber: 'fill-rail stroke-ink',
  work: 'fill-act stroke-ink',
  line: 'fill-plate stroke-ink',
  hidden: 'fill-none stroke-soft [stroke-dasharray:5_4]',
  move: 'fill-none stroke-act [stroke-width:3]',
};
/** A line to a part begins where its name is nearest to it. */
function lineOf(label: DrawnLabel): string {
  const { left, right, top, bottom } = labelBox(label);
  const [x, y] = label.to;
  const within = (value: number, least: number, most: number): string =>
    Math.min(most, Math.max(least, value)).toFixed(1);
  return `M${within(x, left - 3, right + 3)} ${within(y, top - 1, bottom + 1)}L${x} ${y}`;
}
</script>

<template>
  <svg
    :viewBox="`0 0 ${DRAWING_SIZE.width} ${DRAWING_SIZE.height}`"
    class="block w-full"
    role="img"
    :aria-label="drawing.name"
    data-guide-drawing
  >
    <g stroke-width="2" stroke-linecap="round" stroke-linejoin="round">
      <path v-for="(each, index) in drawing.paths" :key="index" :d="each.d" :class="LOOK[each.as]" />
    </g>
    <g v-for="label in drawing.labels" :key="label.at.join()" aria-hidden="true">
      <path :d="lineOf(label)" class="fill-none stroke-soft" stroke-width="1" />
      <circle :cx="label.to[0]" :cy="label.to[1]" r="2.5" class="fill-ink stroke-plate" stroke-width="1" />
      <text
        :x="label.at[0]"
        :y="label.at[1]"
        :font-size="DRAWING_SIZE.text"
        :text-anchor="label.towards === 'right' ? 'start' : 'end'"
        class="fill-ink font-semibold"
      >
        {{ label.text }}
      </text>
    </g>
  </svg>
</template>
