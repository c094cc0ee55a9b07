<script setup lang="ts">
import { computed } from 'vue';
import type { TraceQuestion } from '@cadre/core/tracing';
import { CautionLine } from '@cadre/web/ui';
import * as t from './messages';

/** One question: what to do, what to mind, and the answers under the thumb. */
const props = defineProps<{ question: TraceQuestion }>();
const emit = defineEmits<{ answer: [answer: number | null] }>();
const effort = computed(() => {
  const { minutes, tools = [] } = props.question;
  return [
    minutes < 1
      ? t.secondsAbout({ seconds: Math.max(10, Math.round(minutes * 6) * 10) })
      : t.minutesAbout({ minutes: Math.round(minutes) }),
    ...(tools.length > 0 ? [t.toolsNeeded({ tools: tools.join(', ') })] : []),
  ].join(' · ');
});
</script>

<template>
  <section class="space-y-3 rounded-lg border-2 border-ink/60 bg-plate p-4" data-trace-question>
    <h2 class="sturdy text-2xl leading-tight">{{ question.text }}</h2>
    <p class="text-lg leading-snug">{{ question.how }}</p>
    <CautionLine v-if="question.caution" :text="question.caution" />
    <p class="text-soft">{{ effort }}</p>
    <div class="grid gap-2 sm:grid-cols-2">
      <button
        v-for="(words, at) in question.answers"
        :key="words"
        type="button"
        class="min-h-14 rounded-md border-2 border-act bg-plate px-4 text-left text-lg font-semibold leading-tight text-act hover:bg-act hover:text-on-act"
        :data-answer="at"
        @click="emit('answer', at)"
      >
        {{ words }}
      </button>
    </div>
    <button
      type="button"
      class="min-h-12 font-semibold text-act underline underline-offset-4"
      data-cannot-tell
      @click="emit('answer', null)"
    >
      {{ t.cannotTell }}
    </button>
  </section>
</template>
