<script setup lang="ts">
import { computed, ref, watch } from 'vue';
import type { Question, Severity } from '@cadre/core/catalogue';
import type { Answer, MarkedFault, Outcome, Place } from '@cadre/core/checks';
import type { Build } from '@cadre/core/fleet';
import { SEVERITY_WORDS } from '@cadre/web/words';
import { useCatalogue } from '@cadre/web/catalogue';
import { useKeys } from '@cadre/web/platform/keys';
import { ActButton, CautionLine } from '@cadre/web/ui';
import FaultDetails from './FaultDetails.vue';
import HowToLook from './HowToLook.vue';
import NoteField from './NoteField.vue';
import type { MarkGiven } from './drafts';
import { OUTCOME_WORDS } from './wording';
import * as t from './messages';

/** What is not as it should be, here: the usual faults of this very checkpoint first. Every touch is a mark. */
const props = defineProps<{
  question: Question;
  answer: Answer | null;
  others: readonly Question[];
  build: Build;
  /** The bike's tag: with it the search for a cause can be begun from here. */
  tag?: string | undefined;
}>();
const emit = defineEmits<{ mark: [given: MarkGiven]; close: []; go: [question: Question] }>();

const searchOf = computed(() => {
  const { key, checkpoint, position } = props.question;
  const at = position === 'front' || position === 'rear' ? { at: position } : {};
  const query = { bike: props.tag ?? '', checkpoint: checkpoint.key, from: 'question', id: key, ...at };
  return { name: 'tracing', params: { trace: '' }, query };
});
const own = computed(() => props.answer?.marks[0] ?? null);
const picked = ref<Outcome | null>(props.answer?.outcome ?? null);
const chosen = ref<MarkedFault[]>([...(own.value?.faults ?? [])]);
const note = ref(own.value?.note ?? '');
watch(
  () => props.answer,
  (answer) => {
    picked.value = answer?.outcome ?? null;
    chosen.value = [...(answer?.marks[0]?.faults ?? [])];
  },
);
const last = computed(() => chosen.value.at(-1) ?? null);
const catalogue = useCatalogue();
const floorOf = (key: string): Severity =>
  catalogue.floorOf(props.question.checkpoint.faults.find((fault) => fault.key === key));
const needsNote = computed(() => picked.value === 'skipped' || picked.value === 'fixed');
const notePrompt = computed(() =>
  picked.value === 'skipped' ? t.reasonForSkipping : picked.value === 'fixed' ? t.whatYouDid : t.note,
);

function give(outcome: Outcome): void {
  picked.value = outcome;
  if (outcome === 'pass' || outcome === 'skipped' || outcome === 'fixed') chosen.value = [];
  send();
  if (outcome === 'pass') emit('close');
}
function send(): void {
  if (!picked.value) return;
  emit('mark', { outcome: picked.value, way: 'single', faults: chosen.value, note: note.value.trim() });
}
function toggleFault(key: string): void {
  const floor = floorOf(key);
  const had = chosen.value.some((each) => each.fault === key);
  chosen.value = had ? chosen.value.filter((each) => each.fault !== key) : [...chosen.value, { fault: key }];
  if (chosen.value.length === 0) {
    emit('mark', { outcome: 'withdrawn', way: 'single' });
    return;
  }
  // A fault whose least severity is watch is a watch unless somebody says worse; anything else is a fault.
  picked.value =
    chosen.value.every((each) => floorOf(each.fault) === 'watch' && !each.severity) && floor === 'watch'
      ? 'watch'
      : 'fail';
  send();
}
function place(change: Partial<Place>): void {
  if (!last.value) return;
  const old = last.value.place ?? {};
  const next = { ...old, ...change };
  chosen.value = [...chosen.value.slice(0, -1), { ...last.value, place: next }];
  send();
}
function raise(severity: Severity): void {
  if (!last.value) return;
  chosen.value = [
    ...chosen.value.slice(0, -1),
    { ...last.value, severity: last.value.severity === severity ? undefined : severity },
  ];
  picked.value = 'fail';
  send();
}
useKeys(
  () => ({
    ...Object.fromEntries(
      props.question.checkpoint.faults.map((fault, index) => [
        String(index + 1),
        () => toggleFault(fault.key),
      ]),
    ),
    x: () => give('fixed'),
    s: () => give('skipped'),
    Escape: () => emit('close'),
  }),
  [
    { keys: '1 … 9', does: t.chooseUsualFaultOpen },
    { keys: 'X', does: t.fixedOnSpot },
    { keys: 'S', does: t.skip },
    { keys: t.esc, does: t.closeRow },
  ],
);
</script>

<template>
  <div class="@container space-y-3" data-exceptions>
    <CautionLine v-for="caution in question.checkpoint.cautions" :key="caution" :text="caution" />
    <div role="group" :aria-label="t.usualFaults" class="grid gap-2 @lg:grid-cols-2">
      <button
        v-for="(fault, index) in question.checkpoint.faults"
        :key="fault.key"
        type="button"
        class="flex min-h-12 items-center gap-2 rounded-md border-2 px-3 py-1.5 text-left leading-tight"
        :class="
          chosen.some((each) => each.fault === fault.key)
            ? floorOf(fault.key) === 'watch'
              ? 'border-watch bg-watch-wash'
              : 'border-held bg-held-wash'
            : 'border-line bg-plate'
        "
        :aria-pressed="chosen.some((each) => each.fault === fault.key)"
        :data-fault="fault.key"
        @click="toggleFault(fault.key)"
      >
        <kbd class="sturdy w-4 text-sm text-soft" aria-hidden="true">{{ index + 1 }}</kbd>
        <span class="grow font-semibold">{{ fault.name }}</span>
        <span
          class="text-sm"
          :class="floorOf(fault.key) === 'stop' ? 'font-semibold text-held' : 'text-soft'"
          >{{ SEVERITY_WORDS[floorOf(fault.key)] }}</span
        >
      </button>
    </div>
    <FaultDetails
      v-if="last"
      :question="question"
      :build="build"
      :chosen="chosen"
      :last="last"
      :others="others"
      @place="place"
      @raise="raise"
      @go="(other) => emit('go', other)"
    />
    <div class="flex flex-wrap gap-2" role="group" :aria-label="t.or">
      <ActButton
        v-for="outcome in ['pass', 'fixed', 'watch', 'skipped'] as const"
        :key="outcome"
        :class="picked === outcome && '!border-act !bg-act !text-on-act'"
        :aria-pressed="picked === outcome"
        :data-outcome="outcome"
        @click="give(outcome)"
        >{{ OUTCOME_WORDS[outcome] }}</ActButton
      >
    </div>
    <NoteField
      v-if="picked && picked !== 'pass'"
      v-model="note"
      :prompt="notePrompt"
      :needed="needsNote"
      @change="send"
    />
    <slot />
    <HowToLook :question="question" />
    <div class="flex flex-wrap justify-end gap-x-4">
      <ActButton v-if="tag" kind="quiet" :to="searchOf" data-find-cause>{{ t.findCause }}</ActButton>
      <ActButton kind="quiet" @click="emit('close')">{{ t.closeRow2 }}</ActButton>
    </div>
  </div>
</template>
