<script setup lang="ts">
import { computed, ref, watch } from 'vue';
import { SEVERITIES, isWorse, type Asked, type Severity } from '@cadre/core/catalogue';
import {
  SIDES,
  type MarkedFault,
  type Outcome,
  type Place,
  type Side,
  type Standing,
} from '@cadre/core/checks';
import type { Build } from '@cadre/core/fleet';
import { SEVERITY_MEANING, SEVERITY_WORDS, withPosition } from '@cadre/web/words';
import { useCatalogue } from '@cadre/web/catalogue';
import { useKeys } from '@cadre/web/platform/keys';
import { ActButton, CautionLine } from '@cadre/web/ui';
import ClockDial from './ClockDial.vue';
import HowToLook from './HowToLook.vue';
import NoteField from './NoteField.vue';
import PlaceFigure from './PlaceFigure.vue';
import type { MarkGiven } from './drafts';
import { OUTCOME_WORDS, SIDE_WORDS } from './wording';

/** What is not as it should be, here: the usual faults of this very checkpoint first. Every touch is a mark. */
const props = defineProps<{
  asked: Asked;
  standing: Standing | null;
  others: readonly Asked[];
  build: Build;
}>();
const emit = defineEmits<{ mark: [given: MarkGiven]; close: []; go: [question: Asked] }>();

const own = computed(() => props.standing?.marks[0] ?? null);
const word = ref<Outcome | null>(props.standing?.outcome ?? null);
const chosen = ref<MarkedFault[]>([...(own.value?.faults ?? [])]);
const note = ref(own.value?.note ?? '');
const onFigure = ref(false);
watch(
  () => props.standing,
  (standing) => {
    word.value = standing?.outcome ?? null;
    chosen.value = [...(standing?.marks[0]?.faults ?? [])];
  },
);
const isWheel = computed(() => /wheel/.test(props.asked.zone));
const last = computed(() => chosen.value.at(-1) ?? null);
const catalogue = useCatalogue();
const floorOf = (key: string): Severity =>
  catalogue.floorOf(props.asked.checkpoint.faults.find((fault) => fault.key === key));
/** What feels alike or fails together, of what this check asks. */
const lookNext = computed(() => {
  const keys = chosen.value.flatMap(
    (each) => props.asked.checkpoint.faults.find((fault) => fault.key === each.fault)?.askNext ?? [],
  );
  return props.others.filter(
    (other) =>
      keys.includes(other.checkpoint.key) &&
      (other.position === props.asked.position || other.position === 'only'),
  );
});
const worse = computed(() =>
  last.value ? SEVERITIES.filter((severity) => isWorse(severity, floorOf(last.value?.fault ?? ''))) : [],
);
const needsNote = computed(() => word.value === 'not-looked-at' || word.value === 'put-right');
const notePrompt = computed(() =>
  word.value === 'not-looked-at'
    ? 'Why was it not looked at?'
    : word.value === 'put-right'
      ? 'What was done?'
      : 'Note',
);

function give(outcome: Outcome): void {
  word.value = outcome;
  if (outcome === 'sound' || outcome === 'not-looked-at' || outcome === 'put-right') chosen.value = [];
  send();
  if (outcome === 'sound') emit('close');
}
function send(): void {
  if (!word.value) return;
  emit('mark', { word: word.value, way: 'single', faults: chosen.value, note: note.value.trim() });
}
function toggleFault(key: string): void {
  const floor = floorOf(key);
  const had = chosen.value.some((each) => each.fault === key);
  chosen.value = had ? chosen.value.filter((each) => each.fault !== key) : [...chosen.value, { fault: key }];
  if (chosen.value.length === 0) {
    emit('mark', { word: 'withdrawn', way: 'single' });
    return;
  }
  // A fault whose least severity is watch is a watch unless somebody says worse; anything else is a fault.
  word.value =
    chosen.value.every((each) => floorOf(each.fault) === 'watch' && !each.severity) && floor === 'watch'
      ? 'watch'
      : 'fault';
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
  word.value = 'fault';
  send();
}
useKeys(
  () => ({
    ...Object.fromEntries(
      props.asked.checkpoint.faults.map((fault, index) => [String(index + 1), () => toggleFault(fault.key)]),
    ),
    p: () => give('put-right'),
    n: () => give('not-looked-at'),
    Escape: () => emit('close'),
  }),
  [
    { keys: '1 … 9', does: 'Name a usual fault of the row that is open' },
    { keys: 'P', does: 'Put right' },
    { keys: 'N', does: 'Not looked at' },
    { keys: 'Esc', does: 'Close the row' },
  ],
);
</script>

<template>
  <div class="@container space-y-3" data-exceptions>
    <CautionLine v-for="caution in asked.checkpoint.cautions" :key="caution" :text="caution" />
    <div role="group" aria-label="Usual faults" class="grid gap-2 @lg:grid-cols-2">
      <button
        v-for="(fault, index) in asked.checkpoint.faults"
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
    <div v-if="last" class="space-y-2 rounded-md bg-sunk p-3">
      <p v-for="each in chosen" :key="each.fault" class="leading-snug">
        <span class="font-semibold">Do next:</span>
        {{ asked.checkpoint.faults.find((fault) => fault.key === each.fault)?.doNext }}
      </p>
      <p
        v-if="
          chosen.some((each) => asked.checkpoint.faults.find((fault) => fault.key === each.fault)?.toMechanic)
        "
        class="font-semibold text-held"
      >
        A qualified mechanic decides about this one.
      </p>
      <div v-if="lookNext.length" class="flex flex-wrap items-center gap-1.5" data-look-next>
        <span class="mr-1 text-soft">Look next at</span>
        <ActButton v-for="other in lookNext" :key="other.key" @click="emit('go', other)">{{
          withPosition(other.checkpoint.name, other.position)
        }}</ActButton>
      </div>
      <div class="flex flex-wrap items-center gap-1.5" role="group" aria-label="Where">
        <span class="mr-1 text-soft">Where</span>
        <button
          v-for="side in SIDES"
          :key="side"
          type="button"
          class="min-h-12 rounded border-2 px-2.5"
          :class="last.place?.side === side ? 'border-ink bg-plate font-semibold' : 'border-line bg-plate'"
          :aria-pressed="last.place?.side === side"
          @click="place({ side: last.place?.side === side ? undefined : (side as Side) })"
        >
          {{ SIDE_WORDS[side] }}
        </button>
      </div>
      <div class="flex flex-wrap items-start gap-3">
        <ClockDial v-if="isWheel" :hour="last.place?.clock" @pick="(clock) => place({ clock })" />
        <div class="space-y-1">
          <ActButton
            kind="quiet"
            class="!px-0"
            :aria-expanded="onFigure"
            data-on-figure
            @click="onFigure = !onFigure"
            >{{ onFigure ? 'Hide the bike' : 'Touch the place on the bike' }}</ActButton
          >
          <PlaceFigure
            v-if="onFigure || last.place?.spot"
            :build="build"
            :spot="last.place?.spot"
            :label="asked.checkpoint.name"
            @pick="(spot) => place({ spot })"
          />
        </div>
      </div>
      <div
        v-if="worse.length"
        class="flex flex-wrap items-center gap-1.5"
        role="group"
        aria-label="Worse than usual"
      >
        <span class="mr-1 text-soft">Worse than usual?</span>
        <button
          v-for="severity in worse"
          :key="severity"
          type="button"
          class="min-h-12 rounded border-2 px-3"
          :class="
            last.severity === severity ? 'border-held bg-held-wash font-semibold' : 'border-line bg-plate'
          "
          :aria-pressed="last.severity === severity"
          @click="raise(severity)"
        >
          {{ SEVERITY_WORDS[severity] }}, {{ SEVERITY_MEANING[severity] }}
        </button>
      </div>
    </div>
    <div class="flex flex-wrap gap-2" role="group" aria-label="Or">
      <ActButton
        v-for="outcome in ['sound', 'put-right', 'watch', 'not-looked-at'] as const"
        :key="outcome"
        :class="word === outcome && '!border-act !bg-act !text-on-act'"
        :aria-pressed="word === outcome"
        :data-outcome="outcome"
        @click="give(outcome)"
        >{{ OUTCOME_WORDS[outcome] }}</ActButton
      >
    </div>
    <NoteField
      v-if="word && word !== 'sound'"
      v-model="note"
      :prompt="notePrompt"
      :needed="needsNote"
      @change="send"
    />
    <slot />
    <HowToLook :asked="asked" />
    <div class="flex justify-end">
      <ActButton kind="quiet" @click="emit('close')">Done with this row</ActButton>
    </div>
  </div>
</template>
