<script setup lang="ts">
import { computed } from 'vue';
import type { SchoolQuestion } from '@cadre/core/catalogue';
import { SCHOOL_PROSE } from '@cadre/core/shipped';
import { useCatalogue } from './use-catalogue';

/** Where mechanics differ: what this house does, said where the hand is. */
const props = defineProps<{ questions: readonly SchoolQuestion[] }>();
const catalogue = useCatalogue();
const ways = computed(() => {
  const schools = catalogue.policy()?.schools;
  if (!schools) return [];
  return props.questions.map((question) => {
    const sides = SCHOOL_PROSE[question].sides as Record<string, { name: string; rule: string }>;
    return { question, side: sides[schools[question]] };
  });
});
</script>

<template>
  <ul v-if="ways.length" class="space-y-1" data-house-way>
    <li v-for="way in ways" :key="way.question" class="leading-snug">
      <span class="font-semibold">Here: {{ way.side?.name.toLowerCase() }}.</span> {{ way.side?.rule }}
    </li>
  </ul>
</template>
