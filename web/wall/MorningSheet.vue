<script setup lang="ts">
import { computed } from 'vue';
import type { Bike } from '@cadre/contract/fleet';
import type { FitnessAnswer } from '@cadre/core/fitness';
import { dayAndClock, useNow } from '@cadre/web/platform/time';
import { FitnessMark } from '@cadre/web/ui';
import { useFleet } from '@cadre/web/fleet';
import { FITNESS_WORDS, KIND_WORDS, reasonWords, WHEREABOUTS_WORDS } from '@cadre/web/words';
import * as t from './messages';

/** The wall on paper: every bike where it hangs, whether it may go out, why not, and a box to tick. */
const props = defineProps<{ bikes: readonly Bike[]; answers: ReadonlyMap<string, FitnessAnswer> }>();
const fleet = useFleet();
const now = useNow();
const places = computed(
  () =>
    new Map(
      fleet.racks.flatMap((rack) =>
        rack.hooks.map((hook) => [hook.id, { rack, number: hook.number }] as const),
      ),
    ),
);
const blocks = computed(() =>
  (fleet.wall?.sites ?? []).flatMap((site) =>
    [...fleet.racks.filter((rack) => rack.siteId === site.id), null].map((rack) => ({
      key: `${site.id}-${rack?.id ?? 'loose'}`,
      name: `${site.name} · ${rack?.name ?? t.noHook}`,
      bikes: props.bikes
        .filter(
          (bike) =>
            bike.siteId === site.id &&
            (places.value.get(bike.hookId ?? '')?.rack.id ?? null) === (rack?.id ?? null),
        )
        .sort(
          (a, b) =>
            (places.value.get(a.hookId ?? '')?.number ?? 0) - (places.value.get(b.hookId ?? '')?.number ?? 0),
        ),
    })),
  ),
);
const why = (bike: Bike): string => {
  const reason = props.answers.get(bike.id)?.reasons[0];
  return reason
    ? reasonWords(reason, now.value, fleet.nameOf, fleet.siteById.get(bike.siteId)?.timeZone).what
    : '';
};
</script>

<template>
  <article class="morning-sheet hidden bg-white text-black print:block">
    <h1 class="sturdy text-xl">
      {{
        t.morningListWhen({
          when: dayAndClock(now, now, fleet.siteById.get(bikes[0]?.siteId ?? '')?.timeZone),
        })
      }}
    </h1>
    <p class="text-sm">{{ t.printedFromRackWall }}</p>
    <section
      v-for="block in blocks.filter((each) => each.bikes.length)"
      :key="block.key"
      class="mt-3 break-inside-avoid-page"
    >
      <h2 class="sturdy">{{ block.name }}</h2>
      <table class="w-full border-collapse text-sm">
        <thead>
          <tr class="text-left">
            <th class="w-10">{{ t.hook }}</th>
            <th class="w-16">{{ t.tag }}</th>
            <th class="w-44">{{ t.bike }}</th>
            <th class="w-36">{{ t.fitness }}</th>
            <th>{{ t.mainReason }}</th>
            <th class="w-24">{{ t.checked }}</th>
          </tr>
        </thead>
        <tbody>
          <tr v-for="bike in block.bikes" :key="bike.id" class="border-t border-black/40">
            <td>{{ places.get(bike.hookId ?? '')?.number }}</td>
            <td class="sturdy">{{ bike.tag }}</td>
            <td>{{ KIND_WORDS[bike.build.kind] }}, {{ bike.size }}</td>
            <td>
              <span class="inline-flex items-center gap-1"
                ><FitnessMark :fitness="answers.get(bike.id)?.fitness ?? 'due'" :size="14" />{{
                  FITNESS_WORDS[answers.get(bike.id)?.fitness ?? 'due']
                }}{{ bike.whereabouts === 'in' ? '' : `, ${WHEREABOUTS_WORDS[bike.whereabouts]}` }}</span
              >
            </td>
            <td>{{ why(bike) }}</td>
            <td><span class="inline-block size-4 border border-black" /> ________</td>
          </tr>
        </tbody>
      </table>
    </section>
  </article>
</template>
