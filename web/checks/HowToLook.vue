<script setup lang="ts">
import { computed, inject } from 'vue';
import { routeLocationKey } from 'vue-router';
import type { Question } from '@cadre/core/catalogue';
import { isMeasure, MEASURES } from '@cadre/core/measures';
import { PolicyPractices, LookDrawing } from '@cadre/web/catalogue';
import { ActButton } from '@cadre/web/ui';
import * as t from './messages';

/** How this very look is done: in words, drawn where words do not do, and by the house's way where mechanics differ. */
const props = defineProps<{
  question: Question;
  /** The row above says what passes already. */ bare?: boolean;
}>();
/** At the stand of one bike: where a torque wrench is wanted, its figures are a touch away. */
const bikeId = inject(routeLocationKey, null)?.params.bikeId;
const wantsTorque = computed(
  () => bikeId !== undefined && props.question.checkpoint.tools.some((tool) => /torque wrench/i.test(tool)),
);
const limit = computed(() => {
  const { limit: own, checkpoint } = props.question;
  if (!own || (own.least === undefined && own.most === undefined)) return null;
  const unit = checkpoint.measure && isMeasure(checkpoint.measure) ? MEASURES[checkpoint.measure] : 'ratio';
  const ends = [
    own.least === undefined ? '' : t.minimumLeast({ least: own.least }),
    own.most === undefined ? '' : t.maximumMost({ most: own.most }),
  ];
  return `${ends.filter(Boolean).join(', ')}${unit === 'ratio' ? '' : ` ${unit}`}`;
});
</script>

<template>
  <div class="flex flex-wrap gap-x-5 gap-y-2" data-how>
    <div class="min-w-0 grow basis-72 space-y-1">
      <p class="leading-snug">{{ question.checkpoint.how }}</p>
      <p v-if="!bare" class="leading-snug">
        <span class="text-soft">{{ t.passIf }}</span> {{ question.checkpoint.passWhen }}
      </p>
      <p v-if="limit" class="leading-snug">
        <span class="text-soft">{{ t.limitOnChecklist }}</span> {{ limit }}
      </p>
      <p v-if="question.checkpoint.tools.length" class="leading-snug">
        <span class="text-soft">{{ t.tools }}</span> {{ question.checkpoint.tools.join(', ') }}
      </p>
      <ActButton
        v-if="wantsTorque"
        :to="{ name: 'torque', params: { bikeId } }"
        data-torque
        kind="quiet"
        class="!px-0"
        >{{ t.torqueValuesBike }}</ActButton
      >
      <PolicyPractices
        v-if="question.checkpoint.practices?.length"
        :questions="question.checkpoint.practices"
        :of="question.practices"
      />
    </div>
    <LookDrawing
      v-if="question.checkpoint.drawing"
      :name="question.checkpoint.drawing"
      class="w-72 max-w-full shrink-0 self-start"
    />
  </div>
</template>
