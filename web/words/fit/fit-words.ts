import {
  fitItem,
  fitItemsOf,
  type Build,
  type FitItem,
  type FitList,
  type FitTopic,
  type Joint,
  type Mismatch,
  type PartKind,
} from '@cadre/core/fleet';
import { readQuantity } from '@cadre/core/measures';

export const TOPIC_WORDS: Record<FitTopic, string> = {
  wheels: 'Tyres and wheels',
  brakes: 'Brakes',
  suspension: 'Suspension',
  drivetrain: 'Drivetrain',
  assist: 'Assist',
  torque: 'Torque, as marked on the part',
  whole: 'The whole bike',
};

export const JOINT_WORDS: Record<Joint, string> = {
  'stem-steerer': 'Stem on steerer',
  'stem-faceplate': 'Stem faceplate',
  'bar-clamp': 'Bar clamp',
  'lever-clamp': 'Lever clamp',
  'seatpost-clamp': 'Seatpost clamp',
  'saddle-rail': 'Saddle rails',
  'crank-arm': 'Crank arm',
  pedal: 'Pedal',
  'ring-bolt': 'Ring bolt',
  'rotor-bolt': 'Rotor bolt',
  'caliper-mount': 'Caliper mount',
  'axle-front': 'Front axle',
  'axle-rear': 'Rear axle',
  pivot: 'Pivot',
};

/** The name of an item without its end: front and rear stand side by side. */
const STEM_WORDS: Readonly<Record<string, string>> = {
  tyreWidth: 'Tyre width',
  sidewallMin: 'Sidewall, least pressure',
  sidewallMax: 'Sidewall, most pressure',
  rimMax: 'Rim, most pressure',
  hookless: 'Hookless rim',
  sealant: 'Sealant',
  startPressure: 'Chosen start pressure',
  axleCode: 'Axle code',
  spokeFloor: 'Spokes, least by the meter',
  fluid: 'Brake fluid',
  rotorNominal: 'Rotor, new',
  rotorMin: 'Rotor, least (marked)',
  padShape: 'Pad shape',
  padPlate: 'Pad backing plate',
  padTotalMin: 'Pad with plate, least (marked)',
  suspensionUse: 'Suspension is for',
  forkTravel: 'Fork travel',
  forkPressureMax: 'Fork, most pressure',
  rearTravel: 'Rear travel',
  shockStroke: 'Shock stroke',
  shockPressureMax: 'Shock, most pressure',
  chain: 'Chain',
  chainLinks: 'Chain length',
  chainLimit: 'Chain, new one at (its maker)',
  cassette: 'Cassette',
  hangerCode: 'Hanger code',
  batteryEnergy: 'Battery energy',
  postMaterial: 'Seatpost material',
  barMaterial: 'Handlebar material',
  steererMaterial: 'Steerer material',
  postInsertMin: 'Post, least in the frame',
  maximumLoad: 'Most load, rider and bags',
};

export interface FitRow {
  readonly key: string;
  readonly words: string;
  readonly unit: string;
  /** One field, or two side by side: front and rear, least and most. */
  readonly fields: readonly { readonly item: FitItem; readonly words: string }[];
}

/** The unit people see: pressures in bar, the rest as the core has them. */
export function shownUnit(item: FitItem): string {
  if (item.stated.type !== 'number') return '';
  return item.stated.unit === 'kPa' ? 'bar' : item.stated.unit;
}

export function fitText(item: FitItem, value: number | string | undefined): string {
  if (value === undefined) return '';
  if (item.stated.type === 'number' && item.stated.unit === 'kPa')
    return String(Math.round(Number(value)) / 100);
  return String(value);
}

/** A typed value in the core's unit; a bare number is in the unit shown. Null: cannot be read. */
export function fitValue(item: FitItem, typed: string): number | string | null {
  if (item.stated.type !== 'number') return typed.trim();
  const { unit } = item.stated;
  const bare = /^[\d.,\s]+$/.test(typed);
  return readQuantity(unit === 'kPa' && bare ? `${typed} bar` : typed, unit);
}

function stemOf(key: string): { stem: string; end: string } {
  const torque = /^torque(Min|Max):(.+)$/.exec(key);
  if (torque) return { stem: `torque:${torque[2]}`, end: torque[1] === 'Min' ? 'least' : 'most' };
  const ended = /^(.*)(Front|Rear)$/.exec(key);
  return ended ? { stem: ended[1] ?? '', end: (ended[2] ?? '').toLowerCase() } : { stem: key, end: '' };
}

/** The rows of a topic for a bike built so. */
export function fitRows(build: Build, topic: FitTopic): readonly FitRow[] {
  const rows = new Map<string, FitRow>();
  for (const item of fitItemsOf(build).filter((each) => each.topic === topic)) {
    const { stem, end } = stemOf(item.key);
    const words = stem.startsWith('torque:')
      ? JOINT_WORDS[stem.slice(7) as Joint]
      : (STEM_WORDS[stem] ?? stem);
    const known = rows.get(stem);
    const field = { item, words: end ? `${words}, ${end}` : words };
    rows.set(stem, { key: stem, words, unit: shownUnit(item), fields: [...(known?.fields ?? []), field] });
  }
  return [...rows.values()];
}

export function fitItemWords(key: string): string {
  const { stem, end } = stemOf(key);
  const words = stem.startsWith('torque:')
    ? `Torque, ${(JOINT_WORDS[stem.slice(7) as Joint] ?? stem).toLowerCase()}`
    : (STEM_WORDS[stem] ?? stem);
  return end ? `${words}, ${end}` : words;
}

export const PART_WORDS: Record<PartKind, string> = {
  wheel: 'Wheel',
  tyre: 'Tyre',
  rotor: 'Rotor',
  pads: 'Pads',
  chain: 'Chain',
  cassette: 'Cassette',
  fork: 'Fork',
  shock: 'Shock',
  saddle: 'Saddle',
  seatpost: 'Seatpost',
  battery: 'Battery',
  pedals: 'Pedals',
  other: 'Other',
};

export const MISMATCH_WORDS: Record<Mismatch, string> = {
  'wrong-end': 'It does not go at that end.',
  'wheel-size': 'It is of another wheel size.',
  brake: 'It is made for another kind of brake.',
  retention: 'Its axle is held another way.',
  'no-disc': 'This bike has no disc brake there.',
  'no-assist': 'This bike has no assist.',
  'no-shock': 'This bike has no shock.',
  'no-seatpost': 'This bike has no seatpost.',
  belt: 'This bike runs on a belt.',
  'no-derailleur': 'This bike has no derailleur.',
  sprockets: 'It is for another number of sprockets.',
};

/** What is marked on a part, as one line. */
export function markingsText(markings: FitList): string {
  return Object.entries(markings)
    .flatMap(([key, value]) => {
      const item = fitItem(key);
      return item ? [`${fitItemWords(key)} ${fitText(item, value)}`] : [];
    })
    .join(' · ');
}
