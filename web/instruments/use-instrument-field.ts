import { onScopeDispose, ref, watch, type Ref } from 'vue';
import type { InstrumentUnit } from '@cadre/core/instruments';
import type { Measure } from '@cadre/core/measures';
import { MEASURES } from '@cadre/core/measures';
import { useInstruments, type FieldInHand, type InstrumentReading } from './use-instruments';

export interface InstrumentField {
  /** What an instrument said that was not simply taken. */
  readonly said: Readonly<Ref<string>>;
  /** Takes what was asked about; null: nothing is. */
  readonly confirm: Readonly<Ref<(() => void) | null>>;
  /** This field is in hand now. */
  claim(): void;
  clear(): void;
}

/** The unit of instrument a measure is read in, as a bare number of it is taken; null: no single reading makes it. */
export function instrumentUnitOf(measure: Measure): InstrumentUnit | null {
  if (measure === 'spokes') return 'meter';
  if (measure === 'chain' || measure === 'sag' || measure === 'lever-travel') return null;
  const unit = MEASURES[measure];
  if (unit === 'kPa') return 'bar';
  return unit === 'mm' || unit === 'N m' ? unit : null;
}

/** A field that readings of instruments land in while it is in hand: from when it is claimed until another is, or it is gone. */
export function useInstrumentField({
  unit,
  place,
  take,
}: Pick<FieldInHand, 'unit' | 'place' | 'take'>): InstrumentField {
  const instruments = useInstruments();
  const said = ref('');
  const confirm: Ref<(() => void) | null> = ref(null);
  const clear = (): void => {
    said.value = '';
    confirm.value = null;
  };
  // What was asked about is of the place it was measured at: nobody confirms it at the next bike.
  watch(place, clear, { flush: 'sync' });
  const field = {
    ...{ unit, place },
    take: (reading: InstrumentReading) => {
      clear();
      take(reading);
    },
    say: (words: string, after: (() => void) | null) => {
      said.value = words;
      confirm.value = after;
    },
  };
  onScopeDispose(() => instruments.release(field));
  return { said, confirm, claim: () => instruments.claim(field), clear };
}
