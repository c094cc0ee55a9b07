<script setup lang="ts">
import type { RecordedAnswer, Trace, TraceQuestion } from '@cadre/core/tracing';
import { dayAndClock, useNow } from '@cadre/web/platform/time';
import { ActButton } from '@cadre/web/ui';
import { recordReasonWords } from './record-words';
import * as t from './messages';

/** What the bike’s record answers without asking, why, and the way to check it by hand after all. */
const props = defineProps<{
  trace: Trace;
  recorded: readonly RecordedAnswer[];
  timeZone?: string | undefined;
  locked: boolean;
}>();
const emit = defineEmits<{ ask: [question: TraceQuestion] }>();
const now = useNow();
const rows = () =>
  props.recorded.flatMap((each) => {
    const question = props.trace.questions.find(({ key }) => key === each.question);
    return question
      ? [
          {
            question,
            said: question.answers[each.answer] ?? '',
            why: recordReasonWords(each.because, dayAndClock(each.because.at, now.value, props.timeZone)),
          },
        ]
      : [];
  });
</script>

<template>
  <section aria-labelledby="trace-recorded" data-recorded>
    <h2 id="trace-recorded" class="sturdy text-lg">{{ t.fromRecord }}</h2>
    <ul class="divide-y divide-line">
      <li
        v-for="{ question, said, why } in rows()"
        :key="question.key"
        class="flex items-center gap-3 py-1"
        :data-recorded-answer="question.key"
      >
        <span class="min-w-0 grow leading-snug"
          >{{ question.text }} <strong>{{ said }}</strong><span class="block text-[0.95rem] text-soft">{{
            why
          }}</span></span
        >
        <ActButton
          v-if="!locked"
          kind="quiet"
          class="shrink-0"
          :aria-label="`${t.checkByHand}: ${question.text}`"
          @click="emit('ask', question)"
          >{{ t.checkByHand }}</ActButton
        >
      </li>
    </ul>
  </section>
</template>
