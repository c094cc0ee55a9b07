<script setup lang="ts">
import { computed, defineAsyncComponent, ref } from 'vue';
import type { Bike } from '@cadre/contract/fleet';
import { dayAndClock, useNow } from '@cadre/web/platform/time';
import { useFleet } from '@cadre/web/fleet';
import { shownValue } from '@cadre/web/measures';
import { useWear, type WornThing } from './use-wear';
import { limitSays, nameOf, outlookWords, sureWords, UNIT_WORDS } from './wear-wording';
import { DisclosureBox } from '@cadre/web/ui';
import * as t from './messages';

const WearChart = defineAsyncComponent(() => import('./WearChart.vue'));

/** What on this bike wears, what was read of it, and when it reaches its limit: the soonest first. */
const props = defineProps<{ bike: Bike; timeZone?: string | undefined }>();
const fleet = useFleet();
const now = useNow();
const { things, state } = useWear(() => props.bike);
const left = (thing: WornThing): number => thing.outlook?.left.likely ?? Infinity;
const here = computed(() =>
  things.value.filter(({ series }) => series.onBike === props.bike.id).sort((a, b) => left(a) - left(b)),
);
/** Parts measured here that are here no more, and have nothing in their place that was measured. */
const gone = computed(() =>
  things.value.filter(
    ({ series }) => series.onBike !== props.bike.id && !here.value.some((thing) => isPlace(thing, series)),
  ),
);
function isPlace(thing: WornThing, series: WornThing['series']): boolean {
  return (
    thing.series.measure === series.measure &&
    thing.series.position === series.position &&
    thing.series.method === series.method
  );
}
const chosen = ref<string | null>(null);
const shown = computed(
  () => here.value.find((thing) => thing.series.key === chosen.value) ?? here.value[0] ?? null,
);
const before = computed(() => {
  const now = shown.value;
  return now
    ? things.value.filter(
        (thing) => thing !== now && isPlace(thing, now.series) && thing.series.unit === now.series.unit,
      )
    : [];
});
const lastValue = (thing: WornThing): string => {
  const point = thing.series.points.at(-1);
  return point ? shownValue(thing.series.measure, point.value) : '';
};
const whereRead = (bikeId: string): string =>
  bikeId === props.bike.id ? '' : t.onTag({ tag: fleet.bikeById.get(bikeId)?.tag ?? t.anotherBike });
</script>

<template>
  <section v-if="here.length || gone.length || state === 'offline'" aria-labelledby="wear" data-wear>
    <h2 id="wear" class="sturdy text-xl">{{ t.wear }}</h2>
    <p v-if="state === 'offline'" class="text-soft">{{ t.offlineCannotShown }}</p>
    <div v-else class="mt-1 rounded-lg border-2 border-line bg-plate">
      <ul class="divide-y divide-line">
        <li v-for="thing in here" :key="thing.series.key">
          <button
            type="button"
            class="flex min-h-14 w-full flex-wrap items-center gap-x-4 px-3 py-2 text-left"
            :class="thing === shown && 'border-l-8 border-l-act bg-sunk'"
            :aria-pressed="thing === shown"
            :data-worn="thing.series.measure"
            @click="chosen = thing.series.key"
          >
            <span class="w-40 leading-tight"
              ><span class="block font-semibold">{{ nameOf(thing.series) }}</span
              ><span v-if="thing.series.partName" class="block text-sm text-soft">{{
                thing.series.partName
              }}</span></span
            >
            <span class="sturdy figures w-24 whitespace-nowrap text-lg">{{ lastValue(thing) }}</span>
            <span
              class="min-w-0 grow basis-64 leading-snug"
              :class="thing.outlook?.left.likely === 0 && 'font-semibold text-held'"
              >{{ outlookWords(thing.series, thing.outlook, timeZone) }}</span
            >
          </button>
        </li>
      </ul>
      <div v-if="shown" class="border-t-2 border-line p-3" data-wear-shown>
        <h3 class="font-semibold">
          {{ nameOf(shown.series)
          }}<span class="font-normal text-soft"> · {{ limitSays(shown.series) }}</span>
        </h3>
        <p v-if="shown.outlook" class="leading-snug text-soft">
          {{ t.dashedLineForecastShaded({ sure: sureWords(shown.outlook) })
          }}<template v-if="before.length">{{ ' ' }}{{ t.dottedLinesWithOpen }}</template>
        </p>
        <WearChart
          :thing="shown"
          :before="before"
          :label="`${nameOf(shown.series)}: ${outlookWords(shown.series, shown.outlook, timeZone)}`"
        />
        <DisclosureBox :title="t.readings">
          <table class="figures w-full">
            <thead class="text-left text-soft">
              <tr>
                <th class="font-normal">{{ t.reading }}</th>
                <th class="font-normal">{{ t.date }}</th>
                <th class="font-normal">{{ t.sinceFitted }}</th>
              </tr>
            </thead>
            <tbody>
              <tr
                v-for="point in shown.series.points"
                :key="`${point.at} ${point.value}`"
                class="border-t border-line"
              >
                <td class="py-1 font-semibold">
                  {{ shownValue(shown.series.measure, point.value) }}{{ whereRead(point.bikeId) }}
                </td>
                <td>{{ dayAndClock(point.at, now, timeZone) }}</td>
                <td>{{ Math.round(point.usage) }} {{ UNIT_WORDS[shown.series.unit] }}</td>
              </tr>
            </tbody>
          </table>
        </DisclosureBox>
      </div>
      <p
        v-for="thing in gone"
        :key="thing.series.key"
        class="border-t border-line p-3 leading-snug text-soft"
      >
        {{
          t.nameOfPartLastReading({
            nameOf: nameOf(thing.series),
            part: thing.series.partName ? ` (${thing.series.partName})` : '',
            lastValue: lastValue(thing),
          })
        }}
      </p>
    </div>
  </section>
</template>
