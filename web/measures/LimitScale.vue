<script setup lang="ts">
import { computed } from 'vue';
import type { Measure, Scale } from '@cadre/core/measures';
import { shownValue } from './reading-wording';
import * as t from './messages';

/** Readings beside their limits: what passes as a bar, every limit marked and named, this reading standing on it, the last one behind. */
const props = defineProps<{
  measure: Measure;
  scale: Scale;
  values: readonly number[];
  last?: readonly number[] | undefined;
}>();
const WIDTH = 200;
const figures = (value: number): string => shownValue(props.measure, value).replace(/ (bar|mm|%)$/, '');
const drawn = computed(() => {
  const { soundFrom, soundTo, limits } = props.scale;
  const told = [
    ...limits.map((limit) => limit.value),
    ...props.values,
    ...(props.last ?? []),
    ...(soundFrom === null ? [] : [soundFrom]),
    ...(soundTo === null ? [] : [soundTo]),
  ];
  const [low, high] = [Math.min(...told), Math.max(...told)];
  const spare = Math.max((high - low) * 0.3, Math.abs(high) * 0.08, 1e-6);
  const from = Math.max(Math.min(0, low), low - spare);
  const to = high + spare;
  const at = (value: number): number => 6 + ((value - from) / (to - from)) * (WIDTH - 12);
  // Two limits too close to be read apart are named by the first.
  const named = limits.reduce<{ value: number; x: number }[]>(
    (stored, { value }) =>
      stored.some((each) => Math.abs(each.x - at(value)) < 30)
        ? stored
        : [...stored, { value, x: at(value) }],
    [],
  );
  return {
    band: [soundFrom === null ? 2 : at(soundFrom), soundTo === null ? WIDTH - 2 : at(soundTo)] as const,
    marks: limits.map((limit) => at(limit.value)),
    named,
    values: props.values.map((value) => ({
      x: at(value),
      outside: (soundFrom !== null && value <= soundFrom) || (soundTo !== null && value >= soundTo),
    })),
    last: (props.last ?? []).map(at),
  };
});
const words = computed(() => {
  const { soundFrom, soundTo } = props.scale;
  const ends = [
    soundFrom === null ? '' : t.overShownValue({ shownValue: shownValue(props.measure, soundFrom) }),
    soundTo === null ? '' : t.underShownValue({ shownValue: shownValue(props.measure, soundTo) }),
  ].filter(Boolean);
  const last = props.last?.length
    ? t.lastTimeLast({ last: props.last.map((value) => shownValue(props.measure, value)).join(', ') })
    : '';
  return t.valuesWithinLimitsEnds({
    values: props.values.map((value) => shownValue(props.measure, value)).join(', '),
    ends: ends.join(' and '),
    last,
  });
});
</script>

<template>
  <svg
    :viewBox="`0 0 ${WIDTH} 36`"
    class="h-11 w-56 max-w-full shrink-0"
    role="img"
    :aria-label="words"
    data-scale
  >
    <line x1="2" :x2="WIDTH - 2" y1="15" y2="15" stroke="var(--line)" stroke-width="3" />
    <line :x1="drawn.band[0]" :x2="drawn.band[1]" y1="15" y2="15" stroke="var(--act)" stroke-width="7" />
    <line
      v-for="(x, index) in drawn.marks"
      :key="index"
      :x1="x"
      :x2="x"
      y1="7"
      y2="23"
      stroke="var(--ink)"
      stroke-width="2"
    />
    <text
      v-for="each in drawn.named"
      :key="each.value"
      :x="Math.max(14, Math.min(WIDTH - 14, each.x))"
      y="35"
      text-anchor="middle"
      font-size="12"
      fill="var(--soft)"
    >
      {{ figures(each.value) }}
    </text>
    <path
      v-for="(x, index) in drawn.last"
      :key="`l${index}`"
      :d="`M${x - 5} 26h10l-5 -9z`"
      fill="none"
      stroke="var(--soft)"
      stroke-width="1.5"
    />
    <path
      v-for="(each, index) in drawn.values"
      :key="`v${index}`"
      :d="`M${each.x - 7} 0h14l-7 13z`"
      :fill="each.outside ? 'var(--held)' : 'var(--ink)'"
    />
  </svg>
</template>
