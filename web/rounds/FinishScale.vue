<script setup lang="ts">
import { computed } from 'vue';
import type { Projection } from '@cadre/core/rounds';
import { clock } from '@cadre/web/platform/time';
import * as t from './messages';

/** From now to the deadline: the finish on it, with its interval, beside the mark it must not pass. */
const props = defineProps<{ projection: Projection; now: number; deadline: number; timeZone: string }>();
const WIDTH = 300;
const scale = computed(() => {
  const to = Math.max(props.deadline, props.projection.latest) + 60_000;
  const at = (time: number): number =>
    8 + (Math.max(0, time - props.now) / Math.max(1, to - props.now)) * (WIDTH - 16);
  return {
    early: at(props.projection.earliest),
    finish: at(props.projection.finishAt),
    late: at(props.projection.latest),
    end: at(props.deadline),
  };
});
const late = computed(() => props.projection.finishAt > props.deadline);
</script>

<template>
  <svg
    :viewBox="`0 0 ${WIDTH} 46`"
    class="h-12 w-full max-w-xs"
    role="img"
    :aria-label="
      t.likelyFinishTimeDeadline({
        time: clock(projection.finishAt, timeZone),
        time2: clock(deadline, timeZone),
      })
    "
  >
    <line x1="8" :x2="WIDTH - 8" y1="20" y2="20" stroke="var(--rail)" stroke-width="3" />
    <rect
      :x="scale.early"
      :width="Math.max(3, scale.late - scale.early)"
      y="13"
      height="14"
      rx="3"
      fill="none"
      :stroke="late ? 'var(--held)' : 'var(--act)'"
      stroke-width="2"
    />
    <circle :cx="scale.finish" cy="20" r="6" :fill="late ? 'var(--held)' : 'var(--act)'" />
    <path :d="`M${scale.end} 4V36`" stroke="var(--ink)" stroke-width="3" />
    <text x="8" y="44" font-size="11" fill="var(--soft)">{{ t.now }}</text>
    <text :x="Math.min(scale.end, WIDTH - 34)" y="44" font-size="11" text-anchor="middle" fill="var(--ink)">
      {{ clock(deadline, timeZone) }}
    </text>
  </svg>
</template>
