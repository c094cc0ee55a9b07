import type { Part } from '@cadre/contract/parts';
import { BRAKES, RETENTIONS, WHEEL_SIZES, type PartKind } from '@cadre/core/fleet';
import { buildWord } from '@cadre/web/words';
import * as t from './messages';

interface FactField {
  readonly key: keyof Part['facts'];
  readonly label: string;
  readonly options: readonly { readonly value: string; readonly label: string }[];
}

const choice = (key: FactField['key'], label: string, words: readonly string[]): FactField => ({
  key,
  label,
  options: [
    { value: '', label: t.notKnown },
    ...words.map((word) => ({ value: word, label: buildWord(word) })),
  ],
});
const size = choice('wheelSize', t.wheelSizeInInches, WHEEL_SIZES);
const sprockets = choice(
  'sprockets',
  t.sprockets,
  Array.from({ length: 14 }, (_, index) => String(index + 1)),
);

/** What is asked of each kind of part to know which bikes take it. */
export const FACT_FIELDS: Record<PartKind, readonly FactField[]> = {
  wheel: [size, choice('brake', t.forBrakeType, BRAKES), choice('retention', t.axle, RETENTIONS)],
  tyre: [size],
  rotor: [],
  pads: [choice('brake', t.forBrakeType, BRAKES)],
  chain: [sprockets],
  cassette: [sprockets],
  fork: [size],
  shock: [],
  saddle: [],
  seatpost: [],
  battery: [],
  pedals: [],
  other: [],
};

/** The facts as chosen; what is not known is left out. */
export function factsFor(kind: PartKind, chosen: Readonly<Record<string, string>>): Part['facts'] {
  const known = FACT_FIELDS[kind].flatMap(({ key }) =>
    chosen[key] ? [[key, key === 'sprockets' ? Number(chosen[key]) : chosen[key]] as const] : [],
  );
  return Object.fromEntries(known);
}
