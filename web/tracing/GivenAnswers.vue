<script setup lang="ts">
import { computed } from 'vue';
import type { Trace } from '@cadre/core/tracing';
import { ActButton } from '@cadre/web/ui';
import * as t from './messages';

/** What people answered, each to be changed, and whether the server has it. */
const props = defineProps<{
  trace: Trace;
  given: ReadonlyMap<string, number | null>;
  locked: boolean;
  unsynced: boolean;
  synced: boolean;
}>();
const emit = defineEmits<{ takeBack: [question: string] }>();
const rows = computed(() =>
  [...props.given].flatMap(([key, answer]) => {
    const question = props.trace.questions.find((each) => each.key === key);
    const said = answer === null ? t.cannotTell : (question?.answers[answer] ?? '');
    return question ? [{ question, said }] : [];
  }),
);
</script>

<template>
  <section aria-labelledby="trace-given">
    <div class="flex items-baseline gap-3">
      <h2 id="trace-given" class="sturdy grow text-lg">{{ t.answered }}</h2>
      <p class="text-[0.95rem]" role="status" data-trace-synced>
        <span v-if="unsynced" class="font-semibold text-watch">{{ t.savedHere }}</span>
        <span v-else-if="synced" class="text-soft">{{ t.synced }}</span>
      </p>
    </div>
    <ul class="divide-y divide-line">
      <li
        v-for="{ question, said } in rows"
        :key="question.key"
        class="flex items-center gap-3 py-1"
        :data-given="question.key"
      >
        <span class="min-w-0 grow leading-snug"
          >{{ question.text }} <strong>{{ said }}</strong></span
        >
        <ActButton
          v-if="!locked"
          kind="quiet"
          class="shrink-0"
          :aria-label="`${t.takeBack}: ${question.text}`"
          @click="emit('takeBack', question.key)"
          >{{ t.takeBack }}</ActButton
        >
      </li>
    </ul>
  </section>
</template>
