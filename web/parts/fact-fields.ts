import type { Part } from '@cadre/contract/parts';
import { BEARINGS } from '@cadre/core/measures';
import { BEARING_PLACES, BRAKES, RETENTIONS, WHEEL_SIZES, type PartKind } from '@cadre/core/fleet';
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

const PLACE_WORDS: Record<(typeof BEARING_PLACES)[number], string> = {
  'headset-upper': t.headsetUpper,
  'headset-lower': t.headsetLower,
  'front-hub': t.frontHub,
  'rear-hub': t.rearHub,
  freehub: t.freehub,
  bracket: t.bracketPlace,
  pivots: t.pivotsPlace,
};
const place: FactField = {
  key: 'place',
  label: t.bearingPlace,
  options: [
    { value: '', label: t.notKnown },
    ...BEARING_PLACES.map((value) => ({ value, label: PLACE_WORDS[value] })),
  ],
};
/** As the bearing finder names it: of a headset bearing with its angles. */
const designation: FactField = {
  key: 'designation',
  label: t.bearingSize,
  options: [
    { value: '', label: t.notKnown },
    ...BEARINGS.map((each) => ({ value: each.designation, label: each.designation })),
  ],
};

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
  cranks: [],
  bracket: [designation],
  bearing: [place, designation],
  cables: [],
  seals: [],
  lights: [],
  device: [],
  other: [],
};

/** The facts as chosen; what is not known is left out. */
export function factsFor(kind: PartKind, chosen: Readonly<Record<string, string>>): Part['facts'] {
  const known = FACT_FIELDS[kind].flatMap(({ key }) =>
    chosen[key] ? [[key, key === 'sprockets' ? Number(chosen[key]) : chosen[key]] as const] : [],
  );
  return Object.fromEntries(known);
}
