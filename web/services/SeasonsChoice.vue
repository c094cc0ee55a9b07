<script setup lang="ts">
import { computed, watch } from 'vue';
import { seasonIssues, type Season } from '@cadre/core/catalogue';
import { fieldWords } from '@cadre/web/platform/api';
import { useFleet } from '@cadre/web/fleet';
import { ActButton } from '@cadre/web/ui';
import SeasonRow from './SeasonRow.vue';
import * as t from './messages';

/** When it is wet, salty, cold or dusty at each site: intervals of services follow it. */
const props = defineProps<{ modelValue: readonly Season[] }>();
const emit = defineEmits<{ 'update:modelValue': [seasons: readonly Season[]]; wrong: [is: boolean] }>();
const fleet = useFleet();
const issues = computed(() => seasonIssues(props.modelValue));
watch(issues, (found) => emit('wrong', found.length > 0), { immediate: true });
const errorOf = (index: number, field: string): string | null => {
  const issue = issues.value.find((each) => each.path === `seasons.${index}.${field}`);
  return issue ? fieldWords(issue.code, issue.params) : null;
};
const put = (seasons: readonly Season[]): void => emit('update:modelValue', seasons);
function add(): void {
  const siteId = fleet.wall?.sites[0]?.id;
  if (siteId) put([...props.modelValue, { siteId, climate: 'wet', from: '11-01', to: '03-31' }]);
}
</script>

<template>
  <section aria-labelledby="seasons" class="space-y-2" data-seasons>
    <h2 id="seasons" class="sturdy text-xl">{{ t.seasons }}</h2>
    <p class="max-w-prose text-soft">{{ t.seasonsSay }}</p>
    <ul v-if="modelValue.length">
      <SeasonRow
        v-for="(season, index) in modelValue"
        :key="index"
        :season="season"
        :number="index + 1"
        :error-of="(field) => errorOf(index, field)"
        @change="(changed) => put(modelValue.map((each, at) => (at === index ? changed : each)))"
        @remove="put(modelValue.filter((_, at) => at !== index))"
      />
    </ul>
    <p v-else class="text-soft">{{ t.noSeasons }}</p>
    <ActButton data-add-season @click="add">{{ t.addSeason }}</ActButton>
  </section>
</template>
