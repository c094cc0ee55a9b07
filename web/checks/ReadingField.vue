<script setup lang="ts">
import { computed, ref, useId, watch } from 'vue';
import { Calculator } from '@lucide/vue';
import type { Bike } from '@cadre/contract/fleet';
import type { Question } from '@cadre/core/catalogue';
import type { Reading } from '@cadre/core/checks';
import { takeReading, type TypedReading } from '@cadre/core/batch-check';
import {
  bareUnitOf,
  wantedMarkings,
  isHealed,
  METHODS,
  scaleOf,
  takesReading,
  valuesOf,
  type Measure,
  type MeasuredOn,
} from '@cadre/core/measures';
import { cellWords, LimitScale, METHOD_WORDS, NumberPad, TYPE_HINTS, withUnit } from '@cadre/web/measures';
import { ChoiceChips } from '@cadre/web/ui';
import MarkingField from './MarkingField.vue';
import ReadingVerdict from './ReadingVerdict.vue';
import type { MarkGiven } from './drafts';

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
const measure = computed<Measure>(() =>
  takesReading(props.question.checkpoint.measure) ? props.question.checkpoint.measure : 'pressure',
);
const text = ref(props.typed?.typed ?? '');
const method = ref<string | undefined>(props.typed?.method);
const said = ref('');
/** An unlikely value, or one better than last time, is asked once: given again the same, it is taken. */
const askedOnce = ref('');
const suggestion = ref('');
const padOpen = ref(false);
watch(
  () => [props.question.key, props.typed?.typed],
  () => {
    text.value = props.typed?.typed ?? '';
    method.value = props.typed?.method;
    said.value = '';
  },
);
/** The text itself says how a chain was taken; health of a battery is a look of its own. */
const methods = computed(() =>
  measure.value === 'chain' || measure.value === 'battery'
    ? []
    : (METHODS[measure.value] ?? []).map((each) => ({ value: each, label: METHOD_WORDS[each] ?? each })),
);
const methodNow = computed(() =>
  measure.value === 'battery'
    ? props.question.checkpoint.key === 'battery-health'
      ? 'health'
      : 'charge'
    : (method.value ?? METHODS[measure.value]?.[0]),
);
const wanted = computed(() => wantedMarkings(measure.value, props.on));
const unit = computed(() => bareUnitOf(measure.value));
const scale = computed(() =>
  scaleOf({ measure: measure.value, method: props.typed?.method ?? methodNow.value }, props.on),
);
const fresh = computed(() => (props.typed && props.typed.typed === text.value.trim() ? props.typed : null));
const better = computed(() =>
  Boolean(
    fresh.value &&
    props.last &&
    !fresh.value.better &&
    isHealed(measure.value, props.last.values, fresh.value.values),
  ),
);
/** What stands on the scale: the figure that is judged against it, not how far two of them are apart. */
const APART = ['centre-caliper', 'note-pulsing', 'tension-wheel'];
const shown = computed(() =>
  (fresh.value?.verdicts ?? [])
    .filter((verdict) => !APART.includes(verdict.next))
    .slice(0, 1)
    .map((verdict) => verdict.value),
);
const lastValues = computed(() => (props.last?.measure === measure.value ? props.last.values : undefined));

function commit(): void {
  suggestion.value = '';
  said.value = '';
  if (
    !text.value.trim() ||
    (props.typed?.typed === text.value.trim() &&
      props.typed.method === (METHODS[measure.value] ? (props.typed.method ?? methodNow.value) : undefined))
  )
    return;
  const cell = takeReading(
    measure.value,
    text.value,
    props.on,
    measure.value === 'chain' ? undefined : methodNow.value,
  );
  if (cell.kind !== 'reading' || (cell.unlikely && askedOnce.value !== text.value)) {
    const words = cellWords(cell, text.value);
    said.value = words.said;
    suggestion.value = words.suggestion;
    askedOnce.value = cell.kind === 'reading' ? text.value : '';
    return;
  }
  padOpen.value = false;
  emit('read', cell.reading);
}
/** A limit noted or changed since judges what was typed before: told again as if it were typed anew, where it now means something else. */
watch(
  () =>
    JSON.stringify([
      props.question.key,
      props.typed?.typed,
      props.on.fit,
      props.on.limits,
      props.on.chainPreset,
    ]),
  () => {
    const { typed } = props;
    if (!typed) return;
    const cell = takeReading(
      measure.value,
      typed.typed,
      props.on,
      measure.value === 'chain' ? undefined : typed.method,
    );
    if (cell.kind !== 'reading' || JSON.stringify(cell.reading.verdicts) === JSON.stringify(typed.verdicts))
      return;
    emit('read', { ...cell.reading, ...(typed.better ? { better: typed.better } : {}) });
  },
  { immediate: true },
);
function take(): void {
  text.value = suggestion.value;
  commit();
}
function choose(chosen: string): void {
  method.value = chosen;
  text.value = text.value.replace(/\s*(total|compound|hz)$/i, '');
  if (!text.value.trim()) return;
  const cell = takeReading(measure.value, text.value, props.on, chosen);
  if (cell.kind === 'reading') emit('read', cell.reading);
}
</script>

<template>
  <div class="flex flex-wrap items-center gap-x-3 gap-y-1.5 border-t border-line px-3 py-1.5" data-reading>
    <label :for="id" class="text-soft"
      >{{ label ?? 'Reading'
      }}<span class="sr-only"> of {{ name }}{{ unit ? `, bare numbers in ${unit}` : '' }}</span></label
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
        @change="commit"
        @keydown.enter.prevent="commit"
      /><span v-if="unit && !/[a-z%/]/i.test(text)">{{ unit }}</span>
      <button
        type="button"
        class="flex size-12 items-center justify-center rounded-md border-2"
        :class="padOpen ? 'border-act bg-act text-on-act' : 'border-line'"
        :aria-pressed="padOpen"
        :aria-label="`Keys for ${name}`"
        data-pad-toggle
        @click="padOpen = !padOpen"
      >
        <Calculator :size="24" aria-hidden="true" />
      </button>
    </span>
    <ChoiceChips
      v-if="methods.length"
      :name="`How ${name} was measured`"
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
        It is {{ suggestion }}
      </button>
    </p>
    <MarkingField v-if="wanted.length && (fresh || !scale)" :bike="bike" :keys="wanted" :name="name" />
    <div v-if="fresh && !said" :id="`${id}-said`" role="status" class="basis-full">
      <p v-if="better" class="mb-1 flex flex-wrap items-center gap-2" data-better>
        <span
          >Better than last time ({{ last ? withUnit(last.typed, measure) : '' }}). Wear does not heal:</span
        >
        <button
          type="button"
          class="min-h-12 rounded-md border-2 border-ink/50 px-3 font-semibold"
          data-renewed
          @click="emit('read', { ...fresh, better: 'renewed' })"
        >
          Renewed or moved
        </button>
        <button
          type="button"
          class="min-h-12 rounded-md border-2 border-ink/50 px-3 font-semibold"
          @click="emit('read', { ...fresh, better: 'measured' })"
        >
          Measured better now
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
