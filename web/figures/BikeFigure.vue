<script setup lang="ts">
import { computed } from 'vue';
import { smoothPath, walkOf } from '@cadre/core/figure';
import type { Route, Zone } from '@cadre/core/catalogue';
import type { Build } from '@cadre/core/fleet';
import { ZONE_WORDS } from '@cadre/web/words';
import { figureOf } from './figure-cache';
import { FIGURE_COLOURS } from './figure-colours';
import * as t from './messages';

/** A bike drawn from its build. With a route it shows the walk round it; zones can be touched. */
const props = withDefaults(
  defineProps<{
    build: Build;
    label: string;
    route?: Route | null;
    zones?: readonly Zone[];
    lit?: readonly Zone[];
    done?: readonly Zone[];
    troubled?: readonly Zone[];
    /** Each stop with its number: where the walk itself is what is looked at. */
    numbered?: boolean;
  }>(),
  { route: null, zones: () => [], lit: () => [], done: () => [], troubled: () => [], numbered: false },
);
const emit = defineEmits<{ pick: [zone: Zone] }>();

const figure = computed(() => figureOf(props.build));
const box = computed(
  () =>
    `${figure.value.viewBox.x} ${figure.value.viewBox.y} ${figure.value.viewBox.width} ${figure.value.viewBox.height}`,
);
const stops = computed(() =>
  props.route ? walkOf(figure.value, props.route).filter((stop) => props.zones.includes(stop.zone)) : [],
);
const walk = computed(() => smoothPath(stops.value.map((stop) => stop.at)));

const isLit = (zone: Zone): boolean => props.lit.includes(zone);
</script>

<template>
  <svg
    :viewBox="box"
    class="block h-full w-full"
    :role="label ? (stops.length ? 'group' : 'img') : undefined"
    :aria-label="label || undefined"
    :aria-hidden="label ? undefined : true"
  >
    <line
      :x1="figure.viewBox.x"
      :x2="figure.viewBox.x + figure.viewBox.width"
      :y1="figure.ground"
      :y2="figure.ground"
      stroke="var(--line)"
      stroke-width="4"
    />
    <g stroke-linecap="round" stroke-linejoin="round">
      <path
        v-for="(path, index) in figure.paths"
        :key="index"
        :d="path.d"
        :fill="path.width === 0 ? `var(${FIGURE_COLOURS[path.role]})` : 'none'"
        :stroke="path.width === 0 ? 'none' : `var(${FIGURE_COLOURS[path.role]})`"
        :stroke-width="path.width"
      />
    </g>
    <template v-if="stops.length">
      <path
        :d="walk"
        fill="none"
        stroke="var(--act)"
        :stroke-width="numbered ? 12 : 6"
        :stroke-dasharray="numbered ? '4 26' : '4 20'"
        stroke-linecap="round"
        :opacity="numbered ? 1 : 0.75"
      />
      <g
        v-for="(stop, index) in stops"
        :key="stop.zone"
        role="button"
        tabindex="-1"
        class="cursor-pointer"
        :data-zone="stop.zone"
        :aria-label="`${numbered ? `${index + 1} ` : ''}${ZONE_WORDS[stop.zone]}${isLit(stop.zone) ? t.youHere : done.includes(stop.zone) ? t.answered : ''}${troubled.includes(stop.zone) ? t.withProblem : ''}`"
        @click="emit('pick', stop.zone)"
      >
        <circle :cx="stop.at.x" :cy="stop.at.y" r="112" fill="transparent" />
        <circle
          v-if="isLit(stop.zone)"
          :cx="stop.at.x"
          :cy="stop.at.y"
          r="66"
          fill="var(--act)"
          opacity="0.22"
        />
        <circle
          :cx="stop.at.x"
          :cy="stop.at.y"
          :r="numbered ? 52 : 30"
          fill="var(--plate)"
          :stroke="troubled.includes(stop.zone) ? 'var(--held)' : 'var(--act)'"
          :stroke-width="isLit(stop.zone) ? 14 : 8"
        />
        <text
          v-if="numbered"
          :x="stop.at.x"
          :y="stop.at.y + 21"
          text-anchor="middle"
          font-size="60"
          font-weight="700"
          fill="var(--ink)"
        >
          {{ index + 1 }}
        </text>
        <rect
          v-else-if="troubled.includes(stop.zone)"
          :x="stop.at.x - 16"
          :y="stop.at.y - 6"
          width="32"
          height="12"
          fill="var(--held)"
        />
        <circle
          v-else-if="done.includes(stop.zone)"
          :cx="stop.at.x"
          :cy="stop.at.y"
          r="14"
          fill="var(--act)"
        />
      </g>
    </template>
  </svg>
</template>
