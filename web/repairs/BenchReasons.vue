<script setup lang="ts">
import { computed } from 'vue';
import type { Bike } from '@cadre/contract/fleet';
import type { FitnessAnswer } from '@cadre/core/fitness';
import { useNow } from '@cadre/web/platform/time';
import { reasonWords } from '@cadre/web/words';
import { useFleet } from '@cadre/web/fleet';
import { useSession } from '@cadre/web/people';
import { ActButton } from '@cadre/web/ui';
import * as t from './messages';

/** What keeps the bike in that no repair ends: an unfinished check is finished at the stand. */
const props = defineProps<{ bike: Bike; answer: FitnessAnswer }>();
const fleet = useFleet();
const session = useSession();
const now = useNow();
const ENDED_HERE = ['repair-open', 'not-reassembled', 'ready-for-release'];
const others = computed(() =>
  props.answer.reasons
    .filter((reason) => !('finding' in reason) && !ENDED_HERE.includes(reason.code))
    .map((reason) =>
      reasonWords(reason, now.value, fleet.nameOf, fleet.siteById.get(props.bike.siteId)?.timeZone),
    ),
);
</script>

<template>
  <div
    v-if="others.length"
    class="flex flex-wrap items-center gap-3 border-l-8 pl-3"
    :class="answer.fitness === 'held' ? 'border-held' : 'border-line'"
    data-bench-reasons
  >
    <ul class="min-w-0 grow basis-64 space-y-1">
      <li v-for="reason in others" :key="reason.what" class="leading-snug">
        <p class="font-semibold">{{ reason.what }}</p>
        <p v-if="reason.detail" class="text-soft">{{ reason.detail }}</p>
        <p>
          <span class="text-soft">{{ t.nextStep }}</span> {{ reason.ends }}
        </p>
      </li>
    </ul>
    <ActButton
      v-if="session.may('mark')"
      :to="{ name: 'stand', params: { bikeId: bike.id } }"
      data-to-stand
      >{{ t.openTheCheck }}</ActButton
    >
  </div>
</template>
