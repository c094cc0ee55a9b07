<script setup lang="ts">
import { wordsOf } from '@cadre/core/exchange';
import { plain } from '@cadre/core/fleet';
import { count } from '@cadre/web/platform/time';
import { SelectField } from '@cadre/web/ui';
import { useImport } from './use-import';
import { columnWords } from './wording';

/** Asked once for a whole file: which way its dates are written, and what its words mean where that is not certain. */
const bring = useImport();
const meanings = (column: Parameters<typeof wordsOf>[0]) => [
  { value: '?', label: 'Not known' },
  { value: '', label: 'Leave the cell out' },
  ...wordsOf(column).map((word) => ({ value: word, label: word.replace(/-/g, ' ') })),
];
</script>

<template>
  <div class="space-y-4 empty:hidden">
    <fieldset
      v-if="bring.questions?.dates === 'either' || bring.questions?.dates === 'mixed'"
      class="rounded-lg border-2 border-watch bg-watch-wash p-3"
    >
      <legend class="sturdy px-1">Dates like 03/04/2025</legend>
      <p v-if="bring.questions.dates === 'mixed'">
        The file writes some with the day first and some with the month first. Say which holds; the others are
        told as wrong.
      </p>
      <label class="flex min-h-12 items-center gap-2"
        ><input
          v-model="bring.dateOrder"
          type="radio"
          value="day-first"
          class="size-6"
          data-dates="day-first"
        />Day first: 3 April</label
      >
      <label class="flex min-h-12 items-center gap-2"
        ><input
          v-model="bring.dateOrder"
          type="radio"
          value="month-first"
          class="size-6"
          data-dates="month-first"
        />Month first: 4 March</label
      >
    </fieldset>
    <fieldset v-if="bring.questions?.words.length" class="rounded-lg border-2 border-line bg-plate p-3">
      <legend class="sturdy px-1">What these words mean</legend>
      <p class="text-soft">Proposed where there is a likely reading. Look at each.</p>
      <div
        v-for="question in bring.questions.words"
        :key="`${question.column}-${question.text}`"
        class="mt-2 flex items-center gap-2"
      >
        <p class="min-w-0 grow leading-tight">
          <span class="font-semibold">{{ question.text }}</span><br /><span class="text-sm text-soft"
            >{{ columnWords(question.column) }} · {{ count(question.times, 'row') }}</span
          >
        </p>
        <SelectField
          :model-value="bring.words[question.column]?.[plain(question.text)] ?? '?'"
          :label="`${question.text} means`"
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
