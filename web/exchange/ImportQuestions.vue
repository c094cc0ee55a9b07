<script setup lang="ts">
import { wordsOf } from '@cadre/core/exchange';
import { plain } from '@cadre/core/fleet';
import { SelectField } from '@cadre/web/ui';
import { useImport } from './use-import';
import { columnWords } from './wording';
import { buildWord } from '@cadre/web/words';
import * as t from './messages';

/** Asked once for a whole file: which way its dates are written, and what its words mean where that is not certain. */
const bring = useImport();
const meanings = (column: Parameters<typeof wordsOf>[0]) => [
  { value: '?', label: t.notKnown },
  { value: '', label: t.ignoreCell },
  ...wordsOf(column).map((word) => ({ value: word, label: buildWord(word) })),
];
</script>

<template>
  <div class="space-y-4 empty:hidden">
    <fieldset
      v-if="bring.questions?.dates === 'either' || bring.questions?.dates === 'mixed'"
      class="rounded-lg border-2 border-watch bg-watch-wash p-3"
    >
      <legend class="sturdy px-1">{{ t.datesLike0304 }}</legend>
      <p v-if="bring.questions.dates === 'mixed'">
        {{ t.fileHasDatesWith }}
      </p>
      <label class="flex min-h-12 items-center gap-2"
        ><input
          v-model="bring.dateOrder"
          type="radio"
          value="day-first"
          class="size-6"
          data-dates="day-first"
        />{{ t.dayFirst3April }}</label
      >
      <label class="flex min-h-12 items-center gap-2"
        ><input
          v-model="bring.dateOrder"
          type="radio"
          value="month-first"
          class="size-6"
          data-dates="month-first"
        />{{ t.monthFirst4March }}</label
      >
    </fieldset>
    <fieldset v-if="bring.questions?.words.length" class="rounded-lg border-2 border-line bg-plate p-3">
      <legend class="sturdy px-1">{{ t.meaningTheseWords }}</legend>
      <p class="text-soft">{{ t.likelyMeaningsSuggestedCheck }}</p>
      <div
        v-for="question in bring.questions.words"
        :key="`${question.column}-${question.text}`"
        class="mt-2 flex items-center gap-2"
      >
        <p class="min-w-0 grow leading-tight">
          <span class="font-semibold">{{ question.text }}</span><br /><span class="text-sm text-soft">{{
            t.columnRow({ column: columnWords(question.column), times: question.times })
          }}</span>
        </p>
        <SelectField
          :model-value="bring.words[question.column]?.[plain(question.text)] ?? '?'"
          :label="t.textMeans({ text: question.text })"
          hide-label
          class="w-40"
          :options="meanings(question.column)"
          :data-word="`${question.column}:${plain(question.text)}`"
          @update:model-value="(word) => (bring.words[question.column]![plain(question.text)] = word)"
        />
      </div>
    </fieldset>
  </div>
</template>
