<script setup lang="ts">
import { computed } from 'vue';
import { ALL_COLUMNS, wordsOf, type Column } from '@cadre/core/exchange';
import { plain } from '@cadre/core/fleet';
import { count } from '@cadre/web/platform/time';
import { ActButton, ChoiceField } from '@cadre/web/ui';
import { useImport } from './use-import';
import { columnWords } from './wording';

/** What each column of the file means, and what its open words and dates mean: guessed, shown, and changed here. */
const bring = useImport();
const options = computed(() => ALL_COLUMNS.map((column) => ({ value: column, label: columnWords(column) })));
const given = computed(() => new Set(bring.columns.filter((column) => column !== null)));
const noTag = computed(() => !given.value.has('tag'));

function choose(index: number, event: Event): void {
  const column = ((event.target as HTMLSelectElement).value || null) as Column | null;
  // A column is given once: what had it before is left out.
  bring.columns = bring.columns.map((each, at) => (at === index ? column : each === column ? null : each));
  void bring.ask();
}
const sites = computed(() =>
  (bring.current?.sites ?? []).map((site) => ({ value: site.name, label: site.name })),
);
const open = computed(
  () =>
    (bring.questions?.words ?? []).filter(
      (question) => bring.words[question.column]?.[plain(question.text)] === '?',
    ).length,
);
</script>

<template>
  <div class="grid gap-5 min-[900px]:grid-cols-[1fr_22rem]">
    <section aria-labelledby="columns" class="min-w-0">
      <h3 id="columns" class="sturdy text-lg">{{ bring.fileName }}</h3>
      <p class="figures text-soft">
        {{ count(bring.table?.rows ?? 0, 'row') }} under
        {{ count(bring.table?.headings.length ?? 0, 'heading') }} · {{ bring.table?.written }}
      </p>
      <ul class="mt-2 divide-y divide-line rounded-lg border-2 border-ink/60 bg-plate">
        <li
          v-for="(heading, index) in bring.table?.headings"
          :key="index"
          class="flex flex-wrap items-center gap-x-3 px-3 py-1"
          :class="bring.columns[index] === null && 'bg-sunk'"
        >
          <p class="min-w-40 grow basis-48 leading-tight">
            <span class="font-semibold">{{ heading || '(no heading)' }}</span><br /><span
              class="block max-w-72 truncate text-[0.95rem] text-soft"
              >{{ bring.table?.samples[index]?.join(' · ') || 'empty' }}</span
            >
          </p>
          <span
            v-if="bring.columns[index] !== null && !bring.table?.guesses[index]?.sure"
            class="rounded bg-watch-wash px-1.5 text-sm text-watch"
            >guess</span
          >
          <label class="basis-60"
            ><span class="sr-only">What {{ heading || `column ${index + 1}` }} means</span
            ><select
              :value="bring.columns[index] ?? ''"
              class="h-12 w-full rounded-md border-2 bg-plate px-2"
              :class="bring.columns[index] === null ? 'border-line text-soft' : 'border-ink/60 font-semibold'"
              :data-column="index"
              @change="choose(index, $event)"
            >
              <option value="">Leave out</option>
              <option v-for="option in options" :key="option.value" :value="option.value">
                {{ option.label }}
              </option>
            </select></label
          >
        </li>
      </ul>
    </section>
    <section aria-labelledby="open" class="min-w-0 space-y-4">
      <h3 id="open" class="sr-only">Asked once for the file</h3>
      <fieldset
        v-if="bring.questions?.dates === 'either' || bring.questions?.dates === 'mixed'"
        class="rounded-lg border-2 border-watch bg-watch-wash p-3"
      >
        <legend class="sturdy px-1">Dates like 03/04/2025</legend>
        <p v-if="bring.questions.dates === 'mixed'">
          The file writes some with the day first and some with the month first. Say which holds; the others
          are told as wrong.
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
          <select
            v-model="bring.words[question.column]![plain(question.text)]"
            class="h-12 w-40 rounded-md border-2 bg-plate px-1"
            :class="
              bring.words[question.column]?.[plain(question.text)] === '?' ? 'border-watch' : 'border-ink/60'
            "
            :aria-label="`${question.text} means`"
            :data-word="`${question.column}:${plain(question.text)}`"
          >
            <option value="?">Not known</option>
            <option value="">Leave the cell out</option>
            <option v-for="word in wordsOf(question.column)" :key="word" :value="word">
              {{ word.replace(/-/g, ' ') }}
            </option>
          </select>
        </div>
      </fieldset>
      <ChoiceField
        v-if="sites.length && !given.has('site')"
        v-model="bring.site"
        label="All of these bikes are at"
        :options="sites"
      />
      <p v-if="noTag" role="alert" class="font-semibold text-held">
        No column is the tag: choose which one is.
      </p>
      <p v-if="open" class="text-watch">
        {{ count(open, 'word') }} without a meaning: rows with one are told as wrong.
      </p>
      <div class="flex flex-wrap gap-2">
        <ActButton
          kind="main"
          big
          class="grow"
          :disabled="noTag || bring.needsDateOrder || bring.refusal.busy"
          data-to-preview
          @click="bring.look()"
          >Show what comes in</ActButton
        >
        <ActButton @click="bring.begin()">Another file</ActButton>
      </div>
    </section>
  </div>
</template>
