<script setup lang="ts">
import { computed, ref, watch } from 'vue';
import type { FieldIssue } from '@cadre/core/errors';
import { FIT_TOPICS, fitIssues, fitItem, fitItemsOf, type Build, type FitList } from '@cadre/core/fleet';
import { fieldWords } from '@cadre/web/platform/api';
import { fitRows, fitText, fitValue, TOPIC_WORDS } from '@cadre/web/words';
import * as t from './messages';

/**
 * What is stated of a bike's parts, as typed. What a model states shows faintly where the bike states nothing
 * itself. `collect` reads it all at once; what cannot be read is named and stays as it was typed.
 */
const props = defineProps<{
  build: Build;
  fit: FitList;
  inherited?: FitList;
  issues?: readonly FieldIssue[];
}>();
const typed = ref<Record<string, string>>({});
watch(
  () => props.fit,
  (fit) => {
    typed.value = Object.fromEntries(
      Object.entries(fit).flatMap(([key, value]) => {
        const item = fitItem(key);
        return item ? [[key, fitText(item, value)]] : [];
      }),
    );
  },
  { immediate: true },
);
const topics = computed(() =>
  FIT_TOPICS.map((topic) => ({ topic, rows: fitRows(props.build, topic) })).filter(
    (each) => each.rows.length > 0,
  ),
);

function collect(): { fit: FitList; issues: readonly FieldIssue[] } {
  const fit: Record<string, number | string> = {};
  const unread: FieldIssue[] = [];
  for (const item of fitItemsOf(props.build)) {
    const text = (typed.value[item.key] ?? '').trim();
    if (text === '') continue;
    const value = fitValue(item, text);
    if (value === null) unread.push({ path: `fit.${item.key}`, code: 'not-a-number' });
    else fit[item.key] = value;
  }
  return { fit, issues: [...unread, ...fitIssues(fit)] };
}
defineExpose({ collect });

const errorOf = (key: string): string | null => {
  const issue = props.issues?.find((each) => each.path === `fit.${key}`);
  return issue ? fieldWords(issue.code, issue.params) : null;
};
const placeholder = (key: string): string => {
  const item = fitItem(key);
  const value = props.inherited?.[key];
  return item && value !== undefined ? fitText(item, value) : '';
};
const CHOICES: Readonly<Record<string, string>> = {
  'mineral-oil': t.mineralOil,
  'dot-4': 'DOT 4',
  'dot-5.1': 'DOT 5.1',
  yes: t.yes,
  no: t.no,
};
</script>

<template>
  <div class="gap-4 lg:columns-2">
    <fieldset
      v-for="{ topic, rows } in topics"
      :key="topic"
      class="mb-4 break-inside-avoid rounded-lg border-2 border-line bg-plate p-3"
    >
      <legend class="sturdy px-1 text-lg">{{ TOPIC_WORDS[topic] }}</legend>
      <div v-for="row in rows" :key="row.key" class="border-t border-line py-1.5 first-of-type:border-t-0">
        <div class="flex items-center gap-2">
          <span class="min-w-0 grow leading-tight">{{ row.words }}</span>
          <template v-for="{ item, words, end } in row.fields" :key="item.key">
            <span class="relative">
              <select
                v-if="item.stated.type === 'choice'"
                v-model="typed[item.key]"
                :aria-label="words"
                :data-fit="item.key"
                class="h-12 w-24 rounded-md border-2 bg-plate px-1"
                :class="[
                  errorOf(item.key) ? 'border-held' : 'border-ink/50',
                  row.fields.length === 1 && 'w-36!',
                ]"
              >
                <option value="">{{ CHOICES[placeholder(item.key)] ?? '–' }}</option>
                <option v-for="choice in item.stated.choices" :key="choice" :value="choice">
                  {{ CHOICES[choice] ?? choice }}
                </option>
              </select>
              <input
                v-else
                v-model="typed[item.key]"
                :aria-label="row.unit ? `${words}, ${row.unit}` : words"
                :aria-invalid="errorOf(item.key) !== null"
                :placeholder="placeholder(item.key)"
                :data-fit="item.key"
                autocomplete="off"
                class="figures h-12 rounded-md border-2 bg-plate px-2 placeholder:text-soft placeholder:italic"
                :class="[
                  errorOf(item.key) ? 'border-held' : 'border-ink/50',
                  item.stated.type === 'text' ? (row.fields.length > 1 ? 'w-24' : 'w-36') : 'w-20',
                ]"
              />
              <span
                v-if="row.fields.length > 1"
                class="absolute -top-2 left-2 bg-plate px-0.5 text-[0.7rem] leading-tight text-soft"
                aria-hidden="true"
                >{{ end }}</span
              >
            </span>
          </template>
          <span v-if="row.unit" class="min-w-9 shrink-0 text-[0.95rem] text-soft">{{ row.unit }}</span>
        </div>
        <template v-for="{ item, words } in row.fields" :key="`${item.key}-said`">
          <p v-if="errorOf(item.key)" class="text-right text-[0.95rem] font-semibold text-held">
            {{ words }}: {{ errorOf(item.key) }}
          </p>
        </template>
      </div>
    </fieldset>
  </div>
</template>
