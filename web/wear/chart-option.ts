import type { EChartsOption } from 'echarts/types/dist/shared';
import { shownValue } from '@cadre/web/measures';
import type { WornThing } from './use-wear';
import { UNIT_WORDS } from './wear-wording';
import * as t from './messages';

export interface ChartColours {
  readonly ink: string;
  readonly soft: string;
  readonly line: string;
  readonly act: string;
  readonly held: string;
}

/** In figures people read: percent for a stretched chain, millimetres for the rest. */
const scaleOf = (measure: string): number => (measure === 'chain' ? 100 : 1);

/** The next figure an axis can end at: a whole number of halves of its largest ten. */
export function roundUp(value: number): number {
  const step = 10 ** Math.floor(Math.log10(value)) / 2;
  return Math.ceil(value / step) * step;
}

/**
 * The chart of one measured thing: this part's readings against usage, its line to the limit with the band it may take, and, thinner, what sat
 * in its place before. Times 100 where the figure is a percentage.
 */
export function chartOption(
  now: WornThing,
  before: readonly WornThing[],
  colours: ChartColours,
): EChartsOption {
  const { series, outlook } = now;
  const scale = scaleOf(series.measure);
  const pairs = (each: WornThing): [number, number][] =>
    each.series.points.map((point) => [point.usage, point.value * scale]);
  const last = series.points.at(-1)?.usage ?? 0;
  const limit = series.limit ? series.limit.value * scale : null;
  const level = outlook ? outlook.forecast.level * scale : null;
  const font = {
    fontFamily: 'Atkinson Hyperlegible Next Variable, sans-serif',
    fontSize: 14,
    color: colours.ink,
  };
  const ahead =
    outlook && limit !== null && level !== null && outlook.left.most > 0
      ? { limit, level, reached: outlook.reachedAt }
      : null;
  const farthest = ahead
    ? Math.min(ahead.reached.most, last + 3 * Math.max(ahead.reached.likely - last, series.usageNow * 0.2, 1))
    : series.usageNow;
  return {
    animation: false,
    textStyle: font,
    grid: { left: 64, right: 24, top: 24, bottom: 56 },
    xAxis: {
      type: 'value',
      name: t.unitSinceFitted({ unit: UNIT_WORDS[series.unit] }),
      nameLocation: 'middle',
      nameGap: 32,
      nameTextStyle: font,
      min: 0,
      max: roundUp(
        Math.max(
          1,
          farthest,
          series.usageNow,
          ...before.flatMap((each) => each.series.points.map((point) => point.usage)),
        ),
      ),
      axisLabel: { ...font, color: colours.soft },
      axisLine: { lineStyle: { color: colours.ink } },
      splitLine: { show: false },
    },
    yAxis: {
      type: 'value',
      name: series.measure === 'chain' ? '%' : 'mm',
      nameTextStyle: font,
      scale: true,
      boundaryGap: ['6%', '12%'],
      axisLabel: { ...font, color: colours.soft },
      splitLine: { lineStyle: { color: colours.line, type: 'dotted' } },
    },
    tooltip: {
      trigger: 'item',
      formatter: (item) => {
        const [usage = 0, value = 0] = (Array.isArray(item) ? item[0]?.value : item.value) as number[];
        return t.shownValueUsageUnit({
          shownValue: shownValue(series.measure, value / scale),
          usage: Math.round(usage),
          unit: UNIT_WORDS[series.unit],
        });
      },
    },
    series: [
      ...before.map((each) => ({
        type: 'line' as const,
        name: t.readBefore,
        data: pairs(each),
        symbol: 'emptyCircle',
        symbolSize: 7,
        lineStyle: { color: colours.soft, width: 1.5, type: 'dotted' as const },
        itemStyle: { color: colours.soft },
      })),
      ...(ahead
        ? [
            // The band: from where it is now to the soonest and the latest it may reach the limit.
            {
              type: 'custom' as const,
              name: t.n80Range,
              silent: true,
              data: [[last, ahead.level]],
              renderItem: (_params: unknown, api: { coord(pair: readonly number[]): number[] }) => ({
                type: 'polygon' as const,
                shape: {
                  points: [
                    api.coord([last, ahead.level]),
                    api.coord([ahead.reached.least, ahead.limit]),
                    api.coord([ahead.reached.most, ahead.limit]),
                  ],
                },
                style: { fill: colours.act, opacity: 0.18 },
              }),
              clip: true,
            },
            {
              type: 'line' as const,
              name: t.likely,
              data: [
                [last, ahead.level],
                [ahead.reached.likely, ahead.limit],
              ],
              symbol: 'none',
              lineStyle: { color: colours.act, width: 2, type: 'dashed' as const },
              clip: true,
            },
          ]
        : []),
      {
        type: 'line',
        name: t.readNow,
        data: pairs(now),
        symbol: 'circle',
        symbolSize: 11,
        lineStyle: { color: colours.act, width: 2.5 },
        itemStyle: { color: colours.act },
        z: 3,
        ...(limit === null
          ? {}
          : {
              markLine: {
                silent: true,
                symbol: 'none',
                data: [{ yAxis: limit }],
                lineStyle: { color: colours.held, width: 2, type: 'solid' as const },
                label: {
                  ...font,
                  color: colours.held,
                  position: 'insideEndTop' as const,
                  formatter: t.limit,
                },
              },
            }),
      },
    ] as EChartsOption['series'],
  };
}
