<script setup lang="ts">
import { ref } from 'vue';
import { OctagonX, Wrench } from '@lucide/vue';
import { reasonsOf, type LikelyCause, type Trace, type TraceAnswers } from '@cadre/core/tracing';
import * as t from './messages';

/** What may still be behind it, the likeliest first, with what speaks for and against each. */
const props = defineProps<{
  trace: Trace;
  answers: TraceAnswers;
  likely: readonly LikelyCause[];
  notExcluded: ReadonlySet<string>;
  /** Causes whose repair did not end the symptom. */
  refuted: readonly string[];
  /** How often each was proved by its repair in this program. */
  counts: ReadonlyMap<string, number>;
}>();
const open = ref<string | null>(null);
const percent = (chance: number): number => Math.round(chance * 100);
const reasons = (cause: string): readonly string[] =>
  reasonsOf(props.trace, props.answers, cause).map(({ question, answer, speaks }) => {
    const said = t.answerTo({ question: question.text, answer: question.answers[answer] ?? '' });
    return speaks === 'for' ? t.speaksFor({ answer: said }) : t.speaksAgainst({ answer: said });
  });
</script>

<template>
  <ol class="space-y-1.5">
    <li
      v-for="{ cause, chance } in likely.filter(
        (each) => each.chance >= 0.01 || notExcluded.has(each.cause.key),
      )"
      :key="cause.key"
      class="rounded-md bg-plate"
      :data-cause="cause.key"
    >
      <button
        type="button"
        class="block min-h-12 w-full px-3 py-1.5 text-left leading-tight"
        :aria-expanded="open === cause.key"
        @click="open = open === cause.key ? null : cause.key"
      >
        <span class="flex items-baseline justify-between gap-3">
          <span class="font-semibold">{{ cause.name }}</span>
          <span class="figures sturdy">{{
            percent(chance) > 0 ? t.percent({ percent: percent(chance) }) : t.underOne
          }}</span>
        </span>
        <span class="mt-1 block h-2 rounded-sm bg-sunk" aria-hidden="true"
          ><span class="block h-2 rounded-sm bg-act" :style="{ width: `${percent(chance)}%` }"
        /></span>
        <span class="mt-1 flex flex-wrap gap-x-4 text-[0.95rem]">
          <span
            v-if="notExcluded.has(cause.key)"
            class="inline-flex items-center gap-1 font-semibold text-held"
            ><OctagonX :size="16" aria-hidden="true" />{{ t.doNotRide }}</span
          >
          <span v-if="cause.mechanic" class="inline-flex items-center gap-1 text-soft"
            ><Wrench :size="16" aria-hidden="true" />{{ t.forMechanic }}</span
          >
        </span>
      </button>
      <p v-if="counts.get(cause.key)" class="px-3 pb-1.5 text-[0.95rem] text-soft" data-proved>
        {{ t.provedHere({ count: counts.get(cause.key) ?? 0 }) }}
      </p>
      <p v-if="refuted.includes(cause.key)" class="px-3 pb-1.5 text-[0.95rem] text-soft">
        {{ t.repairDidNotHelp }}
      </p>
      <div v-if="open === cause.key" class="space-y-1 px-3 pb-2 leading-snug">
        <p>{{ cause.repair }}</p>
        <p v-for="reason in reasons(cause.key)" :key="reason" class="text-soft">{{ reason }}</p>
      </div>
    </li>
  </ol>
</template>
