<script setup lang="ts">
import { useId } from 'vue';
import { Calculator } from '@lucide/vue';
import type { Bike } from '@cadre/contract/fleet';
import type { Question } from '@cadre/core/catalogue';
import type { Reading } from '@cadre/core/checks';
import type { TypedReading } from '@cadre/core/batch-check';
import { valuesOf, type MeasuredOn } from '@cadre/core/measures';
import { LimitScale, NumberPad, TYPE_HINTS, withUnit } from '@cadre/web/measures';
import { InstrumentSays } from '@cadre/web/instruments';
import { ChoiceChips } from '@cadre/web/ui';
import MarkingField from './MarkingField.vue';
import ReadingVerdict from './ReadingVerdict.vue';
import type { MarkGiven } from './drafts';
import { useReadingField } from './use-reading-field';
import * as t from './messages';

/** What is measured at this question: as people type it, on its scale with limit and last reading, judged at once. */
const props = defineProps<{
  question: Pick<Question, 'key' | 'checkpoint'>;
  on: MeasuredOn;
  /** The bike in hand: what is marked on its parts may be noted on it. */
  bike: Bike;
  typed: TypedReading | null;
  name: string;
  label?: string | undefined;
  /** Of the last time it was measured. */
  last?: Reading | null | undefined;
  aside?: string | undefined;
  mayAside?: boolean | undefined;
}>();
const emit = defineEmits<{
  read: [reading: TypedReading];
  accept: [given: MarkGiven];
  aside: [reason: string];
}>();
const id = useId();
const readingField = useReadingField(props, (reading) => emit('read', reading));
const {
  measure,
  text,
  said,
  suggestion,
  padOpen,
  methods,
  methodNow,
  wanted,
  unit,
  scale,
  fresh,
  better,
  shown,
  lastValues,
  instrument,
  commit,
  take,
  choose,
} = readingField;
</script>

<template>
  <div class="flex flex-wrap items-center gap-x-3 gap-y-1.5 border-t border-line px-3 py-1.5" data-reading>
    <label :for="id" class="text-soft"
      >{{ label ?? t.reading
      }}<span class="sr-only"
        >{{ ' ' }}{{ t.namePart({ name, part: unit ? t.numbersWithoutUnitUnit({ unit }) : '' }) }}</span
      ></label
    >
    <span class="flex items-center gap-1.5">
      <input
        :id="id"
        v-model="text"
        :inputmode="padOpen ? 'none' : 'text'"
        autocomplete="off"
        maxlength="80"
        class="figures h-12 rounded-md border-2 bg-plate px-2 text-lg"
        :class="[
          said ? 'border-held' : 'border-ink/60',
          valuesOf(measure).many > 2 ? 'w-52' : TYPE_HINTS[measure] ? 'w-36' : 'w-24',
        ]"
        :aria-invalid="Boolean(said)"
        :aria-describedby="`${id}-said`"
        @focus="instrument.claim()"
        @change="commit"
        @keydown.enter.prevent="commit"
      /><span v-if="unit && !/[a-z%/]/i.test(text)">{{ unit }}</span>
      <button
        type="button"
        class="flex size-12 items-center justify-center rounded-md border-2"
        :class="padOpen ? 'border-act bg-act text-on-act' : 'border-line'"
        :aria-pressed="padOpen"
        :aria-label="t.numberKeysForName({ name })"
        data-pad-toggle
        @click="padOpen = !padOpen"
      >
        <Calculator :size="24" aria-hidden="true" />
      </button>
    </span>
    <ChoiceChips
      v-if="methods.length"
      :name="t.methodOf({ name })"
      :options="methods"
      :chosen="[methodNow ?? '']"
      @toggle="choose"
    />
    <LimitScale v-if="fresh && scale" :measure="measure" :scale="scale" :values="shown" :last="lastValues" />
    <p v-else-if="TYPE_HINTS[measure] && !said" class="text-sm text-soft">{{ TYPE_HINTS[measure] }}</p>
    <NumberPad v-if="padOpen" v-model="text" :measure="measure" :name="name" @done="commit" />
    <p v-if="said" :id="`${id}-said`" role="alert" class="basis-full font-semibold text-held">
      {{ said }}
      <button v-if="suggestion" type="button" class="ml-1 min-h-12 px-2 text-act underline" @click="take">
        {{ t.useSuggestion({ suggestion }) }}
      </button>
    </p>
    <InstrumentSays :field="instrument" />
    <MarkingField v-if="wanted.length && (fresh || !scale)" :bike="bike" :keys="wanted" :name="name" />
    <div v-if="fresh && !said" :id="`${id}-said`" role="status" class="basis-full">
      <p v-if="better" class="mb-1 flex flex-wrap items-center gap-2" data-better>
        <span>{{ t.betterThanLastTime({ withUnit: last ? withUnit(last.typed, measure) : '' }) }}</span>
        <button
          type="button"
          class="min-h-12 rounded-md border-2 border-ink/50 px-3 font-semibold"
          data-renewed
          @click="emit('read', { ...fresh, better: 'renewed' })"
        >
          {{ t.newMovedPart }}
        </button>
        <button
          type="button"
          class="min-h-12 rounded-md border-2 border-ink/50 px-3 font-semibold"
          @click="emit('read', { ...fresh, better: 'measured' })"
        >
          {{ t.lastMeasurementWasWrong }}
        </button>
      </p>
      <ReadingVerdict
        :reading="fresh"
        :question="question"
        :aside="aside ?? ''"
        :may-aside="mayAside ?? false"
        @accept="(given) => emit('accept', given)"
        @aside="(reason) => emit('aside', reason)"
      />
    </div>
  </div>
</template>
