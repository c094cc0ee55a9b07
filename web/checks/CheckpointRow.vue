<script setup lang="ts">
import { computed } from 'vue';
import type { Question } from '@cadre/core/catalogue';
import type { Answer, SecondGlance } from '@cadre/core/checks';
import { POSITION_WORDS } from '@cadre/web/words';
import HowToLook from './HowToLook.vue';
import { CautionLine, OutcomeMark } from '@cadre/web/ui';
import { asTyped } from '@cadre/web/measures';
import { OUTCOME_WORDS } from './wording';
import * as t from './messages';

const props = defineProps<{
  question: Question;
  answer: Answer | null;
  current: boolean;
  open: boolean;
  single: boolean;
  showHow: boolean;
  /** What is open here already. */
  before: string | null;
  /** Why it is asked, where not all of the checklist is. */
  because?: string;
  /** What was found the last time somebody looked. */
  last: string | null;
  /** Why it deserves a second glance, beyond what is open here. */
  weight?: SecondGlance | null;
  nameOf: (id: string) => string;
  /** Whether its side is shown. */
  placed?: boolean;
}>();
const emit = defineEmits<{ toggle: []; pass: [] }>();

const outcome = computed(() => props.answer?.outcome ?? null);
const faults = computed(() =>
  (props.answer?.faults ?? [])
    .map(
      (marked) =>
        props.question.checkpoint.faults.find((fault) => fault.key === marked.fault)?.name ?? marked.fault,
    )
    .join(', '),
);
const reading = computed(() => {
  const read = props.answer?.marks.find((mark) => mark.reading)?.reading;
  return read ? asTyped(read) : '';
});
const several = computed(() => new Set(props.answer?.marks.map((mark) => mark.author)).size > 1);
const name = computed(
  () =>
    `${props.question.checkpoint.name}${props.question.position === 'only' ? '' : `, ${POSITION_WORDS[props.question.position]}`}`,
);
</script>

<template>
  <li
    class="rounded-md border-2 bg-plate"
    :class="[
      current ? 'border-act' : 'border-line',
      outcome === 'fail' && 'border-l-8 border-l-held',
      outcome === 'watch' && 'border-l-8 border-l-watch',
      outcome === null && (before || weight) && 'border-l-8 border-l-watch',
    ]"
    :data-question="question.key"
    :data-outcome="outcome ?? 'none'"
  >
    <div class="flex items-stretch">
      <button
        type="button"
        data-keys-pass
        class="flex min-h-12 min-w-0 grow items-center gap-3 px-3 py-0.5 text-left max-sm:gap-2 max-sm:px-2"
        :aria-expanded="open"
        @click="emit('toggle')"
      >
        <OutcomeMark :outcome="outcome" /><span v-if="outcome === null" class="sr-only">{{
          t.noAnswerYet
        }}</span>
        <span class="min-w-0 grow">
          <span class="flex flex-wrap items-baseline gap-x-2">
            <span class="text-lg font-semibold leading-tight">{{ question.checkpoint.name }}</span>
            <span
              v-if="question.position !== 'only'"
              class="rounded bg-sunk px-1.5 text-sm"
              :class="!placed && 'sr-only'"
              >{{ POSITION_WORDS[question.position] }}</span
            >
            <span v-if="!question.critical" class="text-sm text-soft">{{ t.notCritical }}</span>
            <span
              v-if="weight && outcome === null && !before"
              class="rounded border-2 border-watch px-1.5 text-sm font-semibold leading-tight text-watch"
              :data-weight="weight"
              >{{ weight === 'new' ? t.newOnThisBike : t.failedLastTime }}</span
            >
          </span>
          <span
            v-if="outcome"
            class="block leading-tight"
            :class="outcome === 'fail' ? 'text-held' : outcome === 'watch' ? 'text-watch' : 'text-soft'"
          >
            {{ OUTCOME_WORDS[outcome] }}{{ faults ? `: ${faults}` : '' }}{{ reading ? ` · ${reading}` : ''
            }}<template v-if="several">
              · {{ [...new Set(answer?.marks.map((mark) => nameOf(mark.author)))].join(' and ') }}</template
            >
          </span>
          <span v-else-if="before" class="block font-semibold leading-tight text-watch">{{ before }}</span>
          <span v-else class="block leading-tight text-soft" :class="!showHow && 'max-sm:text-[0.95rem]'">{{
            question.checkpoint.passWhen
          }}</span>
          <span
            v-if="because && outcome === null"
            class="figures block text-sm leading-tight text-soft"
            data-because
            >{{ because }}</span
          >
          <span
            v-if="last && outcome === null"
            class="figures block text-sm leading-tight text-soft"
            data-last
            >{{ last }}</span
          >
        </span>
      </button>
      <div class="m-1 flex shrink-0 items-center gap-1.5 max-sm:flex-col-reverse">
        <button
          type="button"
          class="min-h-12 rounded-md border-2 border-line px-3 text-[0.95rem] font-semibold hover:bg-sunk max-sm:px-2"
          data-exception
          @click="emit('toggle')"
        >
          {{ open ? t.close : outcome === null || outcome === 'pass' ? t.problem : t.change
          }}<span class="sr-only">: {{ name }}</span>
        </button>
        <button
          v-if="single && outcome === null && !open"
          type="button"
          class="min-h-12 rounded-md bg-act px-5 font-semibold text-on-act"
          data-pass
          @click="emit('pass')"
        >
          {{ t.pass }}<span class="sr-only">: {{ name }}</span>
        </button>
      </div>
    </div>
    <slot v-if="!open" name="reading" />
    <HowToLook
      v-if="showHow && !open"
      class="border-t border-line px-4 py-2"
      :question="question"
      :bare="outcome === null && !before"
    />
    <div v-if="(current || showHow) && !open && question.checkpoint.cautions.length" class="px-4 pb-2">
      <CautionLine v-for="caution in question.checkpoint.cautions" :key="caution" :text="caution" />
    </div>
    <div v-if="open" class="border-t-2 border-line px-4 py-3"><slot /></div>
  </li>
</template>
