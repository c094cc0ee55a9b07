<script setup lang="ts">
import { computed } from 'vue';
import type { Bike } from '@cadre/contract/fleet';
import { useFleet } from '@cadre/web/fleet';
import { fitItemsOf, inheritFit } from '@cadre/core/fleet';
import { fitItemWords, fitText, shownUnit } from '@cadre/web/words';
import * as t from './messages';

/** What is stated of its parts: limits, sizes, torques. */
const props = defineProps<{ bike: Bike }>();
const fleet = useFleet();
const model = computed(() => fleet.modelOf(props.bike));
const fit = computed(() => {
  const here = props.bike;
  const all = inheritFit(model.value?.fit ?? {}, here.fit);
  return fitItemsOf(here.build)
    .filter((item) => all[item.key] !== undefined)
    .map((item) => ({
      label: fitItemWords(item.key),
      value: `${fitText(item, all[item.key])} ${shownUnit(item)}`.trim(),
      own: here.fit[item.key] !== undefined,
    }));
});
</script>

<template>
  <section aria-labelledby="fit" class="rounded-lg border-2 border-line bg-plate p-4">
    <div class="flex items-center gap-3">
      <h2 id="fit" class="sturdy mr-auto text-xl">{{ t.fitList }}</h2>
      <RouterLink
        :to="{ name: 'torque', params: { bikeId: bike.id } }"
        class="min-h-8 font-semibold text-act underline"
        data-torque
        >{{ t.torqueCard }}</RouterLink
      >
    </div>
    <p v-if="fit.length === 0" class="text-soft">{{ t.noPartValuesEntered }}</p>
    <dl class="mt-1">
      <div
        v-for="row in fit"
        :key="row.label"
        class="flex gap-3 border-t border-line py-1 leading-snug first:border-0"
      >
        <dt class="grow text-soft">{{ row.label }}</dt>
        <dd class="figures shrink-0 text-right font-semibold">
          {{ row.value
          }}<span v-if="row.own" class="ml-1 rounded bg-watch-wash px-1 text-sm font-normal text-watch">{{
            t.own
          }}</span>
        </dd>
      </div>
    </dl>
  </section>
</template>
