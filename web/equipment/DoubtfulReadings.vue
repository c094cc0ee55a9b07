<script setup lang="ts">
import { computed } from 'vue';
import type { Bike } from '@cadre/contract/fleet';
import { takesReading } from '@cadre/core/measures';
import { CHECKPOINTS } from '@cadre/core/shipped';
import { dayAndClock, useNow } from '@cadre/web/platform/time';
import { useFleet } from '@cadre/web/fleet';
import { withUnit } from '@cadre/web/measures';
import { JOINT_WORDS, withPosition } from '@cadre/web/words';
import type { DoubtfulUse } from './use-equipment';
import * as t from './messages';

/** The bikes to measure again, each with what a failed instrument measured on it. */
const props = defineProps<{ doubtful: readonly DoubtfulUse[]; timeZone?: string | undefined }>();
const fleet = useFleet();
const now = useNow();
const checkpointOf = (use: DoubtfulUse) => CHECKPOINTS.find(({ key }) => key === use.checkpoint);
const named = (use: DoubtfulUse): string =>
  use.joint ? JOINT_WORDS[use.joint] : withPosition(checkpointOf(use)?.name ?? '', use.position);
const valueOf = (use: DoubtfulUse): string => {
  const measure = checkpointOf(use)?.measure;
  return takesReading(measure) ? withUnit(use.typed, measure) : use.typed;
};
const bikes = computed(() => {
  const byBike = new Map<string, DoubtfulUse[]>();
  for (const use of props.doubtful) byBike.set(use.bikeId, [...(byBike.get(use.bikeId) ?? []), use]);
  return [...byBike].flatMap(([id, uses]): { bike: Bike; uses: DoubtfulUse[] }[] => {
    const bike = fleet.bikeById.get(id);
    return bike ? [{ bike, uses }] : [];
  });
});
</script>

<template>
  <section aria-labelledby="doubtful" data-doubtful>
    <h3 id="doubtful" class="sturdy text-lg">{{ t.measureAgain({ count: doubtful.length }) }}</h3>
    <ul class="divide-y divide-line">
      <li
        v-for="{ bike, uses } in bikes"
        :key="bike.id"
        class="flex gap-3 py-1.5"
        :data-doubtful-bike="bike.tag"
      >
        <RouterLink
          :to="{ name: 'bike', params: { bikeId: bike.id } }"
          class="sturdy inline-flex min-h-11 w-14 shrink-0 items-start underline decoration-2 underline-offset-4"
          >{{ bike.tag }}</RouterLink
        >
        <ul class="min-w-0 grow">
          <li v-for="use in uses" :key="named(use)" class="leading-snug">
            {{
              t.doubtfulLine({
                what: named(use),
                value: valueOf(use),
                when: dayAndClock(use.at, now, timeZone),
              })
            }}
          </li>
        </ul>
      </li>
    </ul>
  </section>
</template>
