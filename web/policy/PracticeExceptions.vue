<script setup lang="ts">
import { computed } from 'vue';
import { Trash2 } from '@lucide/vue';
import {
  CLIMATES,
  exceptionIssues,
  INTERVAL_PRACTICES,
  PRACTICES,
  type PracticeException,
  type PracticeQuestion,
} from '@cadre/core/catalogue';
import { BIKE_KINDS } from '@cadre/core/fleet';
import { PRACTICE_PROSE } from '@cadre/core/shipped';
import { fieldWords } from '@cadre/web/platform/api';
import { CLIMATE_WORDS } from '@cadre/web/services';
import { ActButton, CheckField, IconButton, SelectField } from '@cadre/web/ui';
import { KIND_WORDS } from '@cadre/web/words';
import { useGivenPolicy } from './policy-key';
import * as t from './messages';

/** Where this practice is another: on some kinds of bike, in some seasons. */
const props = defineProps<{ question: PracticeQuestion; chosen: string }>();
const form = useGivenPolicy();
const all = computed(() => form.chosen.value.practiceExceptions as readonly PracticeException[]);
const issues = computed(() => exceptionIssues(all.value));
/** With the place each has among all: what is wrong is said by it. */
const own = computed(() =>
  all.value.flatMap((exception, at) => (exception.practice === props.question ? [{ exception, at }] : [])),
);
const byClimate = computed(() => !INTERVAL_PRACTICES.includes(props.question));
const sides = computed(() => {
  const words = PRACTICE_PROSE[props.question].sides as Record<string, { name: string }>;
  return PRACTICES[props.question].map((value) => ({
    value: value as string,
    label: words[value]?.name ?? value,
  }));
});
const wrongOf = (at: number): readonly string[] =>
  issues.value
    .filter((issue) => issue.path.startsWith(`practiceExceptions.${at}.`))
    .map((issue) =>
      issue.code === 'required' ? t.chooseKindsOrSeasons : fieldWords(issue.code, issue.params),
    );
const put = (exceptions: readonly PracticeException[]): void =>
  form.set({ practiceExceptions: JSON.parse(JSON.stringify(exceptions)) as never });
function add(): void {
  const side = sides.value.find(({ value }) => value !== props.chosen)?.value ?? props.chosen;
  put([...all.value, { practice: props.question, side }]);
}
const change = (at: number, part: Partial<PracticeException>): void =>
  put(all.value.map((each, index) => (index === at ? { ...each, ...part } : each)));
/** Ticked or not, in the order they are listed; none ticked means all. */
function toggled<T>(
  list: readonly T[],
  chosen: readonly T[] | undefined,
  one: T,
  yes: boolean,
): readonly T[] | undefined {
  const left = list.filter((each) => (each === one ? yes : chosen?.includes(each)));
  return left.length > 0 ? left : undefined;
}
</script>

<template>
  <div class="mt-2 space-y-2">
    <fieldset
      v-for="{ exception, at } in own"
      :key="at"
      class="rounded-lg border-2 border-line p-3"
      :data-exception="question"
    >
      <legend class="sr-only">
        {{ t.exceptionNumber({ number: own.findIndex((each) => each.at === at) + 1 }) }}
      </legend>
      <div class="flex items-end gap-2">
        <SelectField
          class="grow"
          :label="t.insteadDo"
          :model-value="exception.side"
          :options="sides"
          data-exception-side
          @update:model-value="(side: string) => change(at, { side })"
        />
        <IconButton
          :name="t.removeException({ number: own.findIndex((each) => each.at === at) + 1 })"
          @click="put(all.filter((_, index) => index !== at))"
          ><Trash2
        /></IconButton>
      </div>
      <fieldset class="mt-1">
        <legend class="font-semibold">{{ t.onTheseBikes }}</legend>
        <div class="flex flex-wrap gap-x-5">
          <CheckField
            v-for="kind in BIKE_KINDS"
            :key="kind"
            :model-value="exception.kinds?.includes(kind) ?? false"
            :data-kind="kind"
            @update:model-value="
              (yes) => change(at, { kinds: toggled(BIKE_KINDS, exception.kinds, kind, yes) })
            "
            >{{ KIND_WORDS[kind] }}</CheckField
          >
        </div>
      </fieldset>
      <fieldset v-if="byClimate" class="mt-1">
        <legend class="font-semibold">{{ t.inTheseSeasons }}</legend>
        <div class="flex flex-wrap gap-x-5">
          <CheckField
            v-for="climate in CLIMATES"
            :key="climate"
            :model-value="exception.climates?.includes(climate) ?? false"
            :data-climate="climate"
            @update:model-value="
              (yes) => change(at, { climates: toggled(CLIMATES, exception.climates, climate, yes) })
            "
            >{{ CLIMATE_WORDS[climate] }}</CheckField
          >
        </div>
      </fieldset>
      <p v-for="wrong in wrongOf(at)" :key="wrong" class="font-semibold text-held" role="alert">
        {{ wrong }}
      </p>
    </fieldset>
    <ActButton kind="quiet" class="!px-0" :data-add-exception="question" @click="add">{{
      t.addException
    }}</ActButton>
  </div>
</template>
