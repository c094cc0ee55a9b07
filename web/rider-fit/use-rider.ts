import { computed, ref } from 'vue';
import { readNumber } from '@cadre/core/measures';
import { riderIssues, type Rider } from '@cadre/core/rider-fit';
import * as t from './messages';

export type RiderField = 'mass' | 'luggage' | 'height' | 'inseam';
const FIELD_OF: Readonly<Record<string, RiderField>> = {
  massKg: 'mass',
  luggageKg: 'luggage',
  heightMm: 'height',
  inseamMm: 'inseam',
};
const MM_PER_CM = 10;

/** A rider as typed: in this view only, gone when it closes. */
export function useRider() {
  const typed = ref<Record<RiderField, string>>({ mass: '', luggage: '', height: '', inseam: '' });
  const read = (field: RiderField): number | null =>
    typed.value[field].trim() === '' ? null : (readNumber(typed.value[field]) ?? Number.NaN);
  const inMm = (field: RiderField): number | null => {
    const cm = read(field);
    return cm === null ? null : cm * MM_PER_CM;
  };
  const rider = computed((): Rider | null => {
    const massKg = read('mass');
    if (massKg === null) return null;
    return { massKg, luggageKg: read('luggage') ?? 0, heightMm: inMm('height'), inseamMm: inMm('inseam') };
  });
  const wrong = computed(() => {
    const of = rider.value;
    if (!of) return new Map<RiderField, string>();
    return new Map(
      riderIssues(of).map(({ path, params }): readonly [RiderField, string] => {
        const field = FIELD_OF[path] ?? 'mass';
        if (Number.isNaN(read(field))) return [field, t.notANumber];
        const inCm = params?.['unit'] === 'mm';
        const shown = (value: unknown): number => Number(value) / (inCm ? MM_PER_CM : 1);
        const limits = { least: shown(params?.['least']), most: shown(params?.['most']) };
        return [field, t.outOfRange({ ...limits, unit: inCm ? 'cm' : 'kg' })];
      }),
    );
  });
  const ready = computed(() => (rider.value && wrong.value.size === 0 ? rider.value : null));
  return { typed, wrong, ready };
}
