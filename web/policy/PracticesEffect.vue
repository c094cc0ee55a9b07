<script setup lang="ts">
import type { PracticeQuestion } from '@cadre/core/catalogue';
import { PRACTICE_PROSE } from '@cadre/core/shipped';
import { CLIMATE_WORDS } from '@cadre/web/services';
import type { PolicyPreview } from './use-policy-form';
import * as t from './messages';

/** The practices that would be others, from which side to which, on which bikes and when. */
defineProps<{ effects: PolicyPreview['practices'] }>();
const MOST_TAGS = 12;
const sideOf = (practice: PracticeQuestion, side: string): string =>
  (PRACTICE_PROSE[practice].sides as Record<string, { name: string }>)[side]?.name ?? side;
const where = ({ tags, climates }: PolicyPreview['practices'][number]): string => {
  const bikes = t.bikesNamed({
    bikes: tags.length,
    tags: tags.slice(0, MOST_TAGS).join(', '),
    more: Math.max(0, tags.length - MOST_TAGS),
  });
  return climates
    ? t.onlyInSeasons({
        bikes,
        seasons: climates.map((each) => CLIMATE_WORDS[each].toLowerCase()).join(', '),
      })
    : bikes;
};
</script>

<template>
  <p class="mt-3 font-semibold">{{ t.practicesWouldChange }}</p>
  <ul class="mt-1 divide-y divide-line">
    <li
      v-for="(each, index) in effects"
      :key="index"
      class="py-1.5 leading-snug"
      :data-practice-changes="each.practice"
    >
      <span class="font-semibold">{{ PRACTICE_PROSE[each.practice].question }}</span><br />
      {{ sideOf(each.practice, each.from) }} <span aria-hidden="true">→</span
      ><span class="sr-only">{{ t.becomes }}</span
      >{{ ' ' }}<strong>{{ sideOf(each.practice, each.to) }}</strong>
      <span class="block text-soft">{{ where(each) }}</span>
    </li>
  </ul>
</template>
