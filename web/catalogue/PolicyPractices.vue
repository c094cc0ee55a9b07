<script setup lang="ts">
import { computed } from 'vue';
import type { PracticeQuestion, Practices } from '@cadre/core/catalogue';
import { PRACTICE_PROSE } from '@cadre/core/shipped';
import { useCatalogue } from './use-catalogue';
import * as t from './messages';

/** Where mechanics differ: what this house does, said where the hand is. */
const props = defineProps<{
  questions: readonly PracticeQuestion[];
  /** As they hold for the bike at hand; absent: the program's. */
  of?: Practices | undefined;
}>();
const catalogue = useCatalogue();
const ways = computed(() => {
  const practices = props.of ?? catalogue.policy()?.practices;
  if (!practices) return [];
  return props.questions.map((question) => {
    const sides = PRACTICE_PROSE[question].sides as Record<string, { name: string; rule: string }>;
    return { question, side: sides[practices[question]] };
  });
});
</script>

<template>
  <ul v-if="ways.length" class="space-y-1" data-policy-practices>
    <li v-for="way in ways" :key="way.question" class="leading-snug">
      <span class="font-semibold">{{ t.yourPolicyName({ name: way.side?.name.toLowerCase() ?? '' }) }}</span>
      {{ way.side?.rule }}
    </li>
  </ul>
</template>
