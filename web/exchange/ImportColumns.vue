<script setup lang="ts">
import { computed } from 'vue';
import { ALL_COLUMNS, type Column } from '@cadre/core/exchange';
import { plain } from '@cadre/core/fleet';
import { ActButton, SelectField } from '@cadre/web/ui';
import ImportQuestions from './ImportQuestions.vue';
import { useImport } from './use-import';
import { columnWords } from './wording';
import * as t from './messages';

/** What each column of the file means, and what its open words and dates mean: guessed, shown, and changed here. */
const bring = useImport();
const options = computed(() => [
  { value: '', label: t.leaveOut },
  ...ALL_COLUMNS.map((column): { value: string; label: string } => ({
    value: column,
    label: columnWords(column),
  })),
]);
const given = computed(() => new Set(bring.columns.filter((column) => column !== null)));
const noTag = computed(() => !given.value.has('tag'));

function choose(index: number, chosen: string): void {
  const column = (chosen || null) as Column | null;
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
        {{
          t.rowUnderHeadingWritten({
            rows: bring.table?.rows ?? 0,
            headings: bring.table?.headings.length ?? 0,
            written: bring.table?.written ?? '',
          })
        }}
      </p>
      <ul class="mt-2 divide-y divide-line rounded-lg border-2 border-ink/60 bg-plate">
        <li
          v-for="(heading, index) in bring.table?.headings"
          :key="index"
          class="flex flex-wrap items-center gap-x-3 px-3 py-1"
          :class="bring.columns[index] === null && 'bg-sunk'"
        >
          <p class="min-w-40 grow basis-48 leading-tight">
            <span class="font-semibold">{{ heading || t.noHeading }}</span><br /><span
              class="block max-w-72 truncate text-[0.95rem] text-soft"
              >{{ bring.table?.samples[index]?.join(' · ') || t.emptyCell }}</span
            >
          </p>
          <span
            v-if="bring.columns[index] !== null && !bring.table?.guesses[index]?.sure"
            class="rounded bg-watch-wash px-1.5 text-sm text-watch"
            >{{ t.suggested }}</span
          >
          <SelectField
            :model-value="bring.columns[index] ?? ''"
            :label="t.meaningHeading({ heading: heading || t.columnIndex({ index: index + 1 }) })"
            hide-label
            class="basis-60"
            :options="options"
            :data-column="index"
            @update:model-value="(column) => choose(index, column)"
          />
        </li>
      </ul>
    </section>
    <section aria-labelledby="open" class="min-w-0 space-y-4">
      <h3 id="open" class="sr-only">{{ t.questionsAboutWholeFile }}</h3>
      <ImportQuestions />
      <SelectField
        v-if="sites.length && !given.has('site')"
        v-model="bring.site"
        :label="t.siteAllTheseBikes"
        :options="sites"
      />
      <p v-if="noTag" role="alert" class="font-semibold text-held">
        {{ t.noColumnTagChoose }}
      </p>
      <p v-if="open" class="text-watch">
        {{ t.wordHasNoMeaning({ open }) }}
      </p>
      <div class="flex flex-wrap gap-2">
        <ActButton
          kind="main"
          big
          class="grow"
          :disabled="noTag || bring.needsDateOrder || bring.refusal.busy"
          data-to-preview
          @click="bring.look()"
          >{{ t.previewImport }}</ActButton
        >
        <ActButton @click="bring.begin()">{{ t.otherFile }}</ActButton>
      </div>
    </section>
  </div>
</template>
