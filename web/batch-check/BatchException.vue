<script setup lang="ts">
import { useProvided } from '@cadre/web/platform/provided';
import { BATCH } from './batch-key';
import type { Question } from '@cadre/core/catalogue';
import { withPosition } from '@cadre/web/words';
import { ExceptionPanel, type MarkGiven } from '@cadre/web/checks';
import { ActButton, OutcomeMark } from '@cadre/web/ui';
import type { BatchBike } from './batch-bike';
import type { Opened } from './use-batch-grid';
import * as t from './messages';

/** What did not pass on one bike of the batch: which look, then its usual faults. */
const props = defineProps<{ opened: Opened; row: BatchBike }>();
const { batch } = useProvided(BATCH);
const emit = defineEmits<{ choose: [question: Question | null]; close: [] }>();
const give = (question: Question, given: MarkGiven): void => void batch.mark(props.row, [question], given);
</script>

<template>
  <section class="space-y-3 px-3 py-3" :aria-label="t.tagProblem({ tag: row.bike.tag })" data-batch-exception>
    <h2 class="sturdy text-xl leading-tight">
      {{ row.bike.tag
      }}<template v-if="opened.question">
        · {{ withPosition(opened.question.checkpoint.name, opened.question.position) }}</template
      >
    </h2>
    <ul v-if="!opened.question" class="space-y-1.5">
      <li v-for="question in opened.questions" :key="question.key">
        <button
          type="button"
          class="flex min-h-12 w-full items-center gap-2 rounded-md border-2 border-line bg-plate px-3 text-left leading-tight"
          :data-choose-look="question.key"
          @click="emit('choose', question)"
        >
          <OutcomeMark :outcome="row.answers.get(question.key)?.outcome ?? null" />{{
            withPosition(question.checkpoint.name, question.position)
          }}
        </button>
      </li>
    </ul>
    <template v-else>
      <ActButton
        v-if="opened.questions.length > 1"
        kind="quiet"
        class="!px-0"
        @click="emit('choose', null)"
        >{{ t.anotherQuestionZone }}</ActButton
      >
      <ExceptionPanel
        :key="opened.question.key"
        :question="opened.question"
        :build="row.bike.build"
        :tag="row.bike.tag"
        :answer="row.answers.get(opened.question.key) ?? null"
        :others="row.asked"
        @mark="(given) => opened.question && give(opened.question, given)"
        @go="(question) => emit('choose', question)"
        @close="emit('close')"
      />
    </template>
    <ActButton v-if="!opened.question" class="w-full" @click="emit('close')">{{ t.close }}</ActButton>
  </section>
</template>
