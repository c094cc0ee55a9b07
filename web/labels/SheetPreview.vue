<script setup lang="ts">
import { codeSide, type LabelSheet, type PlacedLabel } from '@cadre/core/labels';
import * as t from './messages';

/** The first page as it is printed: where each label lies, and what is on it. */
defineProps<{ sheet: LabelSheet; places: readonly PlacedLabel[]; names: readonly string[] }>();
</script>

<template>
  <svg
    :viewBox="`0 0 ${sheet.pageWidth} ${sheet.pageHeight}`"
    class="block max-h-[26rem] w-full rounded-md border-2 border-line bg-plate"
    role="img"
    :aria-label="t.previewOf"
    data-sheet-preview
  >
    <g v-for="(place, index) in places" v-show="place.page === 0" :key="index">
      <rect
        :x="place.x"
        :y="place.y"
        :width="sheet.labelWidth"
        :height="sheet.labelHeight"
        rx="1"
        fill="none"
        stroke="var(--ink)"
        stroke-width=".4"
      />
      <rect
        :x="place.x + 1.5"
        :y="place.y + 1.5"
        :width="codeSide(sheet) * 0.82"
        :height="codeSide(sheet) * 0.82"
        fill="var(--ink)"
        opacity=".25"
      />
      <text
        v-if="sheet.labelWidth >= sheet.labelHeight * 1.3"
        :x="place.x + sheet.labelHeight + (sheet.labelWidth - sheet.labelHeight) / 2"
        :y="place.y + sheet.labelHeight / 2 + 2"
        text-anchor="middle"
        :font-size="Math.min(8, sheet.labelHeight * 0.3)"
        font-weight="700"
        fill="var(--ink)"
      >
        {{ names[index] }}
      </text>
    </g>
  </svg>
</template>
