<script setup lang="ts">
import { computed, ref } from 'vue';
import type { Question } from '@cadre/core/catalogue';
import { isAgainst, type TypedReading } from '@cadre/core/batch-check';
import { faultOf, speaksAgainst, type Verdict } from '@cadre/core/measures';
import { SEVERITY_WORDS } from '@cadre/web/words';
import type { MarkGiven } from './drafts';
import { verdictWords } from '@cadre/web/measures';
import { TextField } from '@cadre/web/ui';
import * as t from './messages';

/** What a reading says, and what to make of it: the fault it tells of in one touch, or its verdict left aside by the lead. */
const props = defineProps<{
  reading: TypedReading;
  question: Pick<Question, 'checkpoint'>;
  aside: string;
  mayAside: boolean;
}>();
const emit = defineEmits<{ accept: [given: MarkGiven]; aside: [reason: string] }>();
const verdict = computed(() => verdictWords(props.reading));
const against = computed(() => isAgainst(props.reading));
/** What each verdict against it becomes: the usual fault it tells of. What can be fixed on the spot is named only by hand. */
const proposed = computed(() =>
  props.reading.verdicts.filter(speaksAgainst).flatMap((each) => {
    const key = faultOf(props.reading.measure, each, props.question.checkpoint.faults);
    const fault = props.question.checkpoint.faults.find((one) => one.key === key);
    return fault && each.becomes !== 'fixed' ? [{ fault, severity: severityOf(each) }] : [];
  }),
);
const words = computed(() =>
  proposed.value
    .map(({ fault, severity }) => `${fault.name}: ${SEVERITY_WORDS[severity].toLowerCase()}`)
    .join(' · '),
);
const isStop = computed(() =>
  props.reading.verdicts.some((each) => (each.uncorrected ?? each.becomes) === 'stop'),
);
const asking = ref(false);
const reason = ref('');

function severityOf(each: Verdict): 'stop' | 'soon' | 'upkeep' | 'watch' {
  return each.becomes === 'stop' ||
    each.becomes === 'soon' ||
    each.becomes === 'upkeep' ||
    each.becomes === 'watch'
    ? each.becomes
    : 'soon';
}
function accept(): void {
  const onlyWatch = proposed.value.every(({ severity }) => severity === 'watch');
  emit('accept', {
    outcome: onlyWatch ? 'watch' : 'fail',
    way: 'single',
    faults: proposed.value.map(({ fault, severity }) => ({
      fault: fault.key,
      ...(severity === fault.floor || onlyWatch ? {} : { severity }),
    })),
  });
}
function leave(): void {
  if (!reason.value.trim()) return;
  emit('aside', reason.value.trim());
  asking.value = false;
}
</script>

<template>
  <div class="flex flex-wrap items-center gap-x-3 gap-y-1.5" data-verdict>
    <p
      class="grow basis-72 leading-snug"
      :class="verdict.bad && !aside ? 'font-semibold text-held' : 'text-soft'"
    >
      {{ verdict.words }}
    </p>
    <p v-if="aside" class="basis-full" data-aside>
      {{ t.verdictOverriddenAside({ aside }) }}
      <button type="button" class="min-h-12 px-2 font-semibold text-act underline" @click="emit('aside', '')">
        {{ t.useVerdict }}
      </button>
    </p>
    <template v-else-if="against">
      <button
        v-if="proposed.length"
        type="button"
        class="min-h-12 rounded-md bg-act px-4 font-semibold text-on-act"
        data-accept
        @click="accept"
      >
        {{ t.markWords({ words }) }}
      </button>
      <button
        v-if="mayAside && !isStop && !asking"
        type="button"
        class="min-h-12 rounded-md border-2 border-line px-3 font-semibold"
        data-leave-aside
        @click="asking = true"
      >
        {{ t.overrideVerdict }}
      </button>
      <span v-if="asking" class="flex basis-full flex-wrap items-center gap-2">
        <TextField
          v-model="reason"
          :label="t.reason"
          class="grow"
          maxlength="300"
          data-aside-why
          @keydown.enter.prevent="leave"
        />
        <button
          type="button"
          class="min-h-12 rounded-md border-2 border-ink/50 px-3 font-semibold disabled:text-soft"
          :disabled="!reason.trim()"
          data-aside-done
          @click="leave"
        >
          {{ t.override }}
        </button>
        <button type="button" class="min-h-12 px-2 font-semibold" @click="asking = false">
          {{ t.cancel }}
        </button>
      </span>
    </template>
  </div>
</template>
