<script setup lang="ts">
import { ref } from 'vue';
import type { Question } from '@cadre/core/catalogue';
import { withPosition } from '@cadre/web/words';
import { HowToLook } from '@cadre/web/checks';
import { useSession } from '@cadre/web/people';
import { ActButton, CautionLine } from '@cadre/web/ui';
import * as t from './messages';

/** Everything looked at in this pass, on show while it is swept: what passes, its cautions, how to look. */
const props = defineProps<{
  questions: readonly Question[];
  title: string;
  /** Names only, until how to look is wanted. */ compact?: boolean;
}>();
const session = useSession();
const how = ref(session.person?.trainee ?? false);
const cautions = (): readonly string[] => [
  ...new Set(props.questions.flatMap((each) => each.checkpoint.cautions)),
];
</script>

<template>
  <section class="space-y-2" :aria-label="t.questionsInBatch" data-looks-here>
    <div class="flex items-center justify-between gap-2">
      <h2 class="sturdy text-xl leading-tight">{{ title }}</h2>
      <ActButton kind="quiet" class="shrink-0 !px-1" :aria-pressed="how" @click="how = !how">{{
        how ? t.hideInstructions : t.instructions
      }}</ActButton>
    </div>
    <p v-if="compact && !how" class="leading-snug">
      <template v-for="(question, index) in questions" :key="question.key"
        >{{ index ? ' · ' : ''
        }}<span :class="question.critical && 'font-semibold'">{{
          withPosition(question.checkpoint.name, question.position)
        }}</span></template
      >
    </p>
    <CautionLine v-for="caution in cautions()" :key="caution" :text="caution" />
    <ul v-if="!compact || how" class="space-y-1.5">
      <li
        v-for="question in questions"
        :key="question.key"
        class="rounded-md border border-line bg-plate px-3 py-1.5 leading-snug"
      >
        <p class="font-semibold">
          {{ withPosition(question.checkpoint.name, question.position)
          }}<span v-if="question.critical" class="ml-1 text-sm font-normal text-soft">{{ t.critical }}</span>
        </p>
        <p class="text-soft">{{ question.checkpoint.passWhen }}</p>
        <HowToLook v-if="how" class="mt-1 border-t border-line pt-1" :question="question" bare />
      </li>
    </ul>
  </section>
</template>
