<script setup lang="ts">
import { computed } from 'vue';
import { use } from 'echarts/core';
import { BarChart } from 'echarts/charts';
import { GridComponent, LegendComponent, TooltipComponent } from 'echarts/components';
import { SVGRenderer } from 'echarts/renderers';
import VChart from 'vue-echarts';
import type { WeekLoad } from '@cadre/core/calendar';
import { dayWords } from '@cadre/web/platform/time';
import { theme } from '@cadre/web/platform/theme';
import * as t from './messages';

use([BarChart, GridComponent, LegendComponent, TooltipComponent, SVGRenderer]);

/** How many bikes have work due in each of the weeks to come, by what it is. */
const props = defineProps<{ weeks: readonly WeekLoad[] }>();
const shortDay = (day: string): string => dayWords(day).replace(/,? \d{4}$/, '');
const option = computed(() => {
  void theme.value;
  const style = getComputedStyle(document.documentElement);
  const of = (name: string): string => style.getPropertyValue(`--${name}`).trim();
  const text = { color: of('ink'), fontFamily: getComputedStyle(document.body).fontFamily, fontSize: 14 };
  const bars = (name: string, data: readonly number[], colour: string, decal: object) => ({
    ...{ type: 'bar', stack: 'load', name, data: [...data], barMaxWidth: 36 },
    // Told apart by their pattern too, not by colour alone.
    itemStyle: { color: of(colour), borderColor: of('ink'), decal },
  });
  return {
    animation: false,
    textStyle: text,
    legend: { top: 0, left: 0, textStyle: text },
    grid: { left: 40, right: 8, top: 36, bottom: 28 },
    tooltip: { trigger: 'axis', axisPointer: { type: 'shadow' } },
    xAxis: { type: 'category', data: props.weeks.map((week) => shortDay(week.from)), axisLabel: text },
    yAxis: {
      type: 'value',
      minInterval: 1,
      axisLabel: text,
      splitLine: { lineStyle: { color: of('line') } },
    },
    series: [
      bars(
        t.services,
        props.weeks.map((week) => week.services),
        'act',
        { symbol: 'none' },
      ),
      bars(
        t.rechecks,
        props.weeks.map((week) => week.rechecks),
        'watch',
        { symbol: 'rect', dashArrayX: [1, 0], dashArrayY: [2, 4] },
      ),
      bars(
        t.rounds,
        props.weeks.map((week) => week.rounds),
        'rail',
        { symbol: 'rect', dashArrayX: [1, 0], dashArrayY: [2, 4], rotation: 0.8 },
      ),
    ],
  };
});
const said = computed(() =>
  props.weeks
    .map((week) =>
      t.weekSays({
        day: shortDay(week.from),
        services: week.services,
        rechecks: week.rechecks,
        rounds: week.rounds,
      }),
    )
    .join(' '),
);
</script>

<template>
  <section aria-labelledby="load" data-load>
    <h2 id="load" class="sturdy text-xl">{{ t.bikesDueByWeek }}</h2>
    <div role="img" :aria-label="said">
      <VChart class="!h-56 w-full" :option="option" autoresize aria-hidden="true" />
    </div>
  </section>
</template>
