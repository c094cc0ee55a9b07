<script setup lang="ts">
import { computed, ref } from 'vue';
import type { Bike } from '@cadre/contract/fleet';
import type { FitnessAnswer } from '@cadre/core/fitness';
import { useNow } from '@cadre/web/platform/time';
import { useFleet } from '@cadre/web/fleet';
import { ActButton } from '@cadre/web/ui';
import { reasonWords } from '@cadre/web/words';
import * as t from './messages';

/** Why it may not go out, the worst first, and what ends each. */
const props = defineProps<{ bike: Bike; answer: FitnessAnswer }>();
const fleet = useFleet();
const now = useNow();
const shown = ref(4);
const reasons = computed(() => {
  const zone = fleet.siteById.get(props.bike.siteId)?.timeZone;
  return props.answer.reasons.map((reason) => reasonWords(reason, now.value, fleet.nameOf, zone));
});
</script>

<template>
  <ol v-if="reasons.length" class="space-y-2" :aria-label="t.reasons">
    <li
      v-for="(reason, index) in reasons.slice(0, shown)"
      :key="index"
      class="border-l-4 pl-3"
      :class="answer.fitness === 'held' && index === 0 ? 'border-held' : 'border-line'"
    >
      <p class="font-semibold leading-snug">{{ reason.what }}</p>
      <p v-if="reason.detail" class="text-[0.95rem] leading-snug text-soft">{{ reason.detail }}</p>
      <p class="text-[0.95rem] leading-snug">
        <span class="text-soft">{{ t.whatDo }}</span> {{ reason.ends }}
      </p>
    </li>
    <li v-if="reasons.length > shown">
      <ActButton kind="quiet" @click="shown = 99">{{
        t.reasonsMore({ reasons: reasons.length - shown })
      }}</ActButton>
    </li>
  </ol>
  <p v-else class="leading-snug text-soft">
    {{ t.checkedNoOpenFindings }}
  </p>
</template>
