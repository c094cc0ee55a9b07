<script setup lang="ts">
import { computed } from 'vue';
import { use } from 'echarts/core';
import { CustomChart, LineChart } from 'echarts/charts';
import { GridComponent, MarkLineComponent, TooltipComponent } from 'echarts/components';
import { SVGRenderer } from 'echarts/renderers';
import VChart from 'vue-echarts';
import { theme } from '@cadre/web/platform/theme';
import { chartOption, type ChartColours } from './chart-option';
import type { WornThing } from './use-wear';

use([LineChart, CustomChart, GridComponent, MarkLineComponent, TooltipComponent, SVGRenderer]);

/** Readings of one part against usage, with the limit they run to and how far the forecast may be out. */
const props = defineProps<{ thing: WornThing; before: readonly WornThing[]; label: string }>();
const colours = computed<ChartColours>(() => {
  void theme.value;
  const style = getComputedStyle(document.documentElement);
  const of = (name: string): string => style.getPropertyValue(`--${name}`).trim();
  return { ink: of('ink'), soft: of('soft'), line: of('line'), act: of('act'), held: of('held') };
});
const option = computed(() => chartOption(props.thing, props.before, colours.value));
</script>

<template>
  <div role="img" :aria-label="label" data-wear-chart>
    <VChart class="!h-72 w-full" :option="option" autoresize aria-hidden="true" />
  </div>
</template>
