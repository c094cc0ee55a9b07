<script setup lang="ts">
import { computed } from 'vue';
import type { Bike } from '@cadre/contract/fleet';
import type { ChecklistVersion, Question, Station } from '@cadre/core/catalogue';
import type { Progress, Answer } from '@cadre/core/checks';
import { severityOf } from '@cadre/core/findings';
import { StandServices } from '@cadre/web/services';
import { useCatalogue } from '@cadre/web/catalogue';
import { withPosition, zonesName } from '@cadre/web/words';
import { ActButton, OutcomeMark } from '@cadre/web/ui';
import ClearingNote from './ClearingNote.vue';
import RestingPasses from './RestingPasses.vue';
import type { Resting } from './use-draft';
import { OUTCOME_WORDS } from './wording';
import * as t from './messages';

/** Before the name goes under it: what did not pass, what nobody looked at, what signing will do. */
const props = defineProps<{
  progress: Progress;
  stations: readonly Station[];
  answers: ReadonlyMap<string, Answer>;
  resting: readonly Resting[];
  nameOf: (id: string) => string;
  bike: Bike;
  timeZone?: string | undefined;
  signer: string;
  trainee: boolean;
  checklist: ChecklistVersion;
  checklistHash: string;
  trouble: string | null;
}>();
const passed = computed(
  () =>
    new Set(
      [...props.answers.values()]
        .filter(({ outcome }) => outcome === 'pass' || outcome === 'fixed')
        .map(({ key }) => key),
    ),
);
const emit = defineEmits<{ sign: []; go: [question: Question]; ask: [questions: readonly Question[]] }>();
const catalogue = useCatalogue();

const asked = computed(() => props.stations.flatMap((station) => station.questions));
const notPassed = computed(() =>
  props.progress.notPassed.flatMap((answer) => {
    const question = asked.value.find((each) => each.key === answer.key);
    return question
      ? [
          {
            question,
            answer,
            faults: answer.faults
              .map(
                (marked) =>
                  question.checkpoint.faults.find((fault) => fault.key === marked.fault)?.name ??
                  marked.fault,
              )
              .join(', '),
          },
        ]
      : [];
  }),
);
const missing = computed(() => props.progress.criticalsMissing);
const stops = computed(() =>
  notPassed.value.filter(({ question, answer }) =>
    answer.faults.some(
      (marked) =>
        severityOf(
          answer.outcome,
          catalogue.floorOf(question.checkpoint.faults.find((fault) => fault.key === marked.fault)),
          marked,
        ) === 'stop',
    ),
  ),
);
const stationOf = (question: Question): string =>
  zonesName(props.stations.find((station) => station.questions.includes(question))?.zones ?? [question.zone]);
</script>

<template>
  <section class="space-y-4" aria-labelledby="sign-off">
    <h2 id="sign-off" class="sturdy text-2xl">{{ t.signOff }}</h2>
    <p class="text-lg">
      {{
        t.lookedQuestionAnsweredPart({
          looked: progress.looked,
          asked: progress.asked,
          part: notPassed.length === 0 && missing.length === 0 ? t.allPass : '',
        })
      }}
    </p>
    <p v-if="trouble" role="alert" class="rounded-md border-2 border-watch bg-watch-wash px-4 py-3">
      {{ trouble }}
    </p>
    <div v-if="missing.length" class="rounded-md border-2 border-held bg-held-wash p-3">
      <p class="font-semibold">
        {{ t.criticalQuestionNotAnswered({ missing: missing.length }) }}
      </p>
      <ul class="mt-2 flex flex-wrap gap-2">
        <li v-for="question in missing.slice(0, 12)" :key="question.key">
          <ActButton @click="emit('go', question)">{{
            withPosition(question.checkpoint.name, question.position)
          }}</ActButton>
        </li>
        <li v-if="missing.length > 12" class="self-center">
          {{ t.missingMore({ missing: missing.length - 12 }) }}
        </li>
      </ul>
    </div>
    <ul
      v-if="notPassed.length"
      class="divide-y divide-line rounded-md border-2 border-line bg-plate"
      :aria-label="t.problems"
    >
      <li v-for="{ question, answer, faults } in notPassed" :key="question.key">
        <button
          type="button"
          class="flex min-h-14 w-full items-center gap-3 px-3 py-2 text-left"
          @click="emit('go', question)"
        >
          <OutcomeMark :outcome="answer.outcome" />
          <span class="grow leading-tight"
            ><strong class="font-semibold">{{
              withPosition(question.checkpoint.name, question.position)
            }}</strong
            ><br />{{ OUTCOME_WORDS[answer.outcome] }}{{ faults ? `: ${faults}` : '' }}</span
          >
          <span class="text-soft max-sm:hidden">{{ stationOf(question) }}</span>
        </button>
      </li>
    </ul>
    <p v-if="stops.length && missing.length === 0" class="font-semibold text-held">
      {{ t.stopsPluralOneFault({ stops: stops.length }) }}
    </p>
    <p v-if="trainee && checklist.clears" class="rounded-md bg-watch-wash px-4 py-2 text-watch">
      {{ t.traineesCheckValidAfter }}
    </p>
    <RestingPasses
      v-if="resting.length"
      :resting="resting"
      :name-of="nameOf"
      :time-zone="timeZone"
      @ask="(questions) => emit('ask', questions)"
    />
    <StandServices :bike="bike" :passed="passed" :time-zone="timeZone" />
    <ClearingNote :checklist="checklist" :hash="checklistHash" />
    <ActButton kind="main" big class="w-full" data-sign @click="emit('sign')">{{
      t.signAsSignerPart({ signer, part: missing.length ? t.incomplete3 : '' })
    }}</ActButton>
  </section>
</template>
