<script setup lang="ts">
import { arrangeLabel, type LabelSheet, type PlacedLabel } from '@cadre/core/labels';
import * as t from './messages';

/** The first page as it is printed: where each label lies, and what is on it. */
const props = defineProps<{ sheet: LabelSheet; places: readonly PlacedLabel[]; names: readonly string[] }>();
const arranged = (index: number) => arrangeLabel(props.sheet, props.names[index]?.length ?? 0);
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
        :x="place.x + arranged(index).code.x"
        :y="place.y + arranged(index).code.y"
        :width="arranged(index).code.side"
        :height="arranged(index).code.side"
        fill="var(--ink)"
        opacity=".25"
      />
      <text
        :x="place.x + arranged(index).name.x + arranged(index).name.width / 2"
        :y="place.y + arranged(index).name.y + arranged(index).name.height / 2"
        text-anchor="middle"
        dominant-baseline="central"
        :font-size="arranged(index).name.type"
        font-weight="700"
        fill="var(--ink)"
      >
        {{ names[index] }}
      </text>
    </g>
  </svg>
</template>
