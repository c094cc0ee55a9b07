<script setup lang="ts">
import { RouterLink } from 'vue-router';
import type { PrepStep, PrepStepKind } from '@cadre/core/event-prep';
import { dayAndClock, useNow } from '@cadre/web/platform/time';
import { stepWords } from './step-wording';
import * as t from './messages';

/** The days before an event: what is done on each, by when, and how far it is. */
defineProps<{
  steps: readonly (PrepStep & { roundId?: string; state?: 'coming' | 'open' | 'closed' })[];
  zone: string;
}>();
const now = useNow();
const says = (step: PrepStepKind) => stepWords[step];
</script>

<template>
  <ol class="divide-y divide-line border-y border-line" data-prep-steps>
    <li
      v-for="step in steps"
      :key="step.step"
      class="flex flex-wrap items-center gap-x-4 py-1.5"
      :data-step="step.step"
    >
      <span class="figures min-w-44 font-semibold"
        >{{ t.by({ time: dayAndClock(step.deadline, now, zone) })
        }}<strong v-if="step.late" class="block text-sm text-held">{{ t.late }}</strong></span
      >
      <span class="min-w-0 grow basis-56 leading-snug"
        ><span class="sturdy">{{ says(step.step).name }}</span
        ><span class="block text-soft">{{ says(step.step).says }}</span></span
      >
      <RouterLink
        v-if="step.state === 'open' && step.roundId"
        class="inline-flex min-h-12 items-center font-semibold underline underline-offset-4"
        :to="{ name: 'round', params: { roundId: step.roundId } }"
        >{{ t.openRound }}<span class="sr-only">: {{ says(step.step).name }}</span></RouterLink
      >
      <span v-else-if="step.state === 'closed'" class="text-soft">{{ t.closed }}</span>
      <span v-else class="figures text-soft">{{
        t.madeAt({ time: dayAndClock(step.makeAt, now, zone) })
      }}</span>
    </li>
    <li v-if="!steps.some((each) => each.step === 'soak')" class="py-1.5 text-watch">{{ t.noNight }}</li>
  </ol>
</template>
