<script setup lang="ts">
import { computed } from 'vue';
import { sideOf, type JudgedSpoke } from './use-spokes';
import * as t from './messages';

/** The wheel as it is plucked: each spoke with its share of its side’s middle tension, the next one pointed at, the valve on top. */
const props = defineProps<{
  pitches: readonly (number | null)[];
  judged: ReadonlyMap<number, JudgedSpoke>;
  next: number | null;
}>();
const emit = defineEmits<{ pick: [spoke: number] }>();
const at = (angle: number, radius: number) => ({
  x: 200 + radius * Math.sin(angle),
  y: 200 - radius * Math.cos(angle),
});
const stateOf = (spoke: number): 'even' | 'off' | 'slack' | 'unknown' => {
  if (props.pitches[spoke] === 0) return 'slack';
  const judged = props.judged.get(spoke);
  if (!judged) return 'unknown';
  return judged.outcome === 'pass' ? 'even' : judged.outcome === 'fail' ? 'slack' : 'off';
};
const spokes = computed(() =>
  props.pitches.map((hz, spoke) => {
    const angle = ((spoke + 0.5) / props.pitches.length) * 2 * Math.PI;
    const twist = sideOf(spoke) === 'left' ? 0.5 : -0.5;
    return {
      spoke,
      hz,
      from: at(angle + twist, 28),
      to: at(angle, 150),
      label: at(angle, 178),
      state: stateOf(spoke),
      share: props.judged.get(spoke)?.share,
    };
  }),
);
const COLOURS = { even: 'var(--ink)', off: 'var(--watch)', slack: 'var(--held)', unknown: 'var(--line)' };
const words = (each: (typeof spokes.value)[number]): string =>
  each.hz === null
    ? t.spokeNotPlucked({ spoke: each.spoke + 1 })
    : t.spokeHeard({
        ...{ spoke: each.spoke + 1, hz: Math.round(each.hz) },
        share: each.share === undefined ? '' : Math.round(each.share * 100),
      });
</script>

<template>
  <svg viewBox="0 0 400 400" class="w-full max-w-xl" role="group" :aria-label="t.wheel" data-wheel>
    <circle cx="200" cy="200" r="156" fill="none" stroke="var(--ink)" stroke-width="8" />
    <path d="M196 48h8v-22h-8z" fill="var(--ink)" />
    <g
      v-for="each in spokes"
      :key="each.spoke"
      role="button"
      tabindex="0"
      class="cursor-pointer"
      :aria-label="words(each)"
      :aria-pressed="each.spoke === next"
      :data-spoke="each.spoke"
      :data-state="each.state"
      :data-hz="each.hz ?? ''"
      @click="emit('pick', each.spoke)"
      @keydown.enter.prevent="emit('pick', each.spoke)"
      @keydown.space.prevent="emit('pick', each.spoke)"
    >
      <line
        :x1="each.from.x"
        :y1="each.from.y"
        :x2="each.to.x"
        :y2="each.to.y"
        stroke="transparent"
        stroke-width="20"
      />
      <line
        :x1="each.from.x"
        :y1="each.from.y"
        :x2="each.to.x"
        :y2="each.to.y"
        :stroke="each.spoke === next ? 'var(--act)' : COLOURS[each.state]"
        :stroke-width="each.spoke === next ? 9 : each.state === 'even' || each.state === 'unknown' ? 4 : 6"
        :stroke-dasharray="each.state === 'slack' ? '3 7' : each.state === 'off' ? '14 6' : undefined"
        stroke-linecap="round"
      />
      <text
        :x="each.label.x"
        :y="each.label.y + 5"
        text-anchor="middle"
        :font-size="pitches.length > 28 ? 12 : 14"
        :font-weight="each.state === 'even' ? 500 : 800"
        :fill="each.state === 'slack' ? 'var(--held)' : 'var(--ink)'"
      >
        {{ each.hz === 0 ? '0' : each.share === undefined ? '·' : Math.round(each.share * 100) }}
      </text>
    </g>
    <circle cx="200" cy="200" r="34" fill="var(--plate)" stroke="var(--ink)" stroke-width="6" />
  </svg>
</template>
