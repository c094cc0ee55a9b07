import { computed, ref, watch } from 'vue';
import { takeReading, type TypedReading } from '@cadre/core/batch-check';
import type { Question } from '@cadre/core/catalogue';
import type { Reading } from '@cadre/core/checks';
import {
  bareUnitOf,
  isHealed,
  METHODS,
  scaleOf,
  takesReading,
  valuesOf,
  wantedMarkings,
  type Measure,
  type MeasuredOn,
} from '@cadre/core/measures';
import { instrumentUnitOf, useInstrumentField } from '@cadre/web/instruments';
import { cellWords, METHOD_WORDS } from '@cadre/web/measures';
import * as t from './messages';

interface Measured {
  readonly bike: { readonly id: string };
  readonly question: Pick<Question, 'key' | 'checkpoint'>;
  readonly on: MeasuredOn;
  readonly typed: TypedReading | null;
  readonly last?: Reading | null | undefined;
}

/** A reading as it is typed at a question: read, asked about when it is unlikely, judged, and handed on whole. */
export function useReadingField(props: Measured, read: (reading: TypedReading) => void) {
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
    read(withInstrument(cell.reading));
  }
  /** What came from an instrument, while it stands in the field as it came. */
  const fromInstrument = ref<{ readonly text: string; readonly id: string } | null>(null);
  const withInstrument = (reading: TypedReading): TypedReading =>
    fromInstrument.value?.text === text.value.trim()
      ? { ...reading, instrumentId: fromInstrument.value.id }
      : reading;
  /** A reading of several values fills one after the other; what is complete begins anew. */
  const instrument = useInstrumentField({
    unit: () => instrumentUnitOf(measure.value),
    place: () => `${props.bike.id} ${props.question.key}`,
    take: ({ value, equipmentId }) => {
      const { few } = valuesOf(measure.value);
      const before = few > 1 && !fresh.value ? text.value.trim().split(/\s+/).filter(Boolean) : [];
      const values = [...before, String(value)];
      text.value = values.join(' ');
      fromInstrument.value = equipmentId ? { text: text.value, id: equipmentId } : null;
      if (values.length >= few) commit();
      else said.value = t.valuesSoFar({ count: values.length, few });
    },
  });
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
      read({
        ...cell.reading,
        ...(typed.better ? { better: typed.better } : {}),
        ...(typed.instrumentId ? { instrumentId: typed.instrumentId } : {}),
      });
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
    if (cell.kind === 'reading') read(cell.reading);
  }

  return {
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
  };
}
