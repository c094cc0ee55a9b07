import {
  ASSISTS,
  BARS,
  BIKE_KINDS,
  BRAKES,
  FORKS,
  FRAME_SHAPES,
  GEARS,
  HEADSETS,
  MATERIALS,
  REAR_SUSPENSIONS,
  RETENTIONS,
  SEATPOSTS,
  TRANSMISSIONS,
  TYRES,
  WHEEL_SIZES,
  type Accessory,
  type Build,
} from '@cadre/core/fleet';
import { KIND_WORDS } from './bike-words';

const WORDS: Partial<Record<string, string>> = {
  ...KIND_WORDS,
  'hydraulic-disc': 'Hydraulic disc',
  'cable-disc': 'Cable disc',
  'thru-axle': 'Thru-axle',
  'hub-gear': 'Hub gear',
  'single-speed': 'Single speed',
  'recumbent-trike': 'Recumbent trike',
  'under-seat': 'Under the seat',
  'seat-frame': 'Seat frame',
};

function optionsOf(words: readonly string[]): { value: string; label: string }[] {
  return words.map((word) => ({
    value: word,
    label: WORDS[word] ?? `${word.charAt(0).toUpperCase()}${word.slice(1).replace(/-/g, ' ')}`,
  }));
}

interface BuildField {
  readonly name: Exclude<keyof Build, 'accessories'>;
  readonly label: string;
  readonly options: readonly { value: string; label: string }[];
}

const choice = (name: BuildField['name'], label: string, words: readonly string[]): BuildField => ({
  name,
  label,
  options: optionsOf(words),
});

/** The build as the form asks it, in the order one walks round a bike. */
export const BUILD_FIELDS: readonly BuildField[] = [
  choice('kind', 'Kind', BIKE_KINDS),
  choice('frameShape', 'Frame shape', FRAME_SHAPES),
  choice('frameMaterial', 'Frame material', MATERIALS),
  choice('wheelSizeFront', 'Front wheel, inches', WHEEL_SIZES),
  choice('wheelSizeRear', 'Rear wheel, inches', WHEEL_SIZES),
  choice('fork', 'Fork', FORKS),
  choice('rearSuspension', 'Rear suspension', REAR_SUSPENSIONS),
  choice('brakeFront', 'Front brake', BRAKES),
  choice('brakeRear', 'Rear brake', BRAKES),
  choice('retentionFront', 'Front wheel held by', RETENTIONS),
  choice('retentionRear', 'Rear wheel held by', RETENTIONS),
  choice('tyreFront', 'Front tyre', TYRES),
  choice('tyreRear', 'Rear tyre', TYRES),
  choice('headset', 'Headset', HEADSETS),
  choice('bar', 'Bar', BARS),
  choice('gears', 'Gears', GEARS),
  { name: 'sprockets', label: 'Sprockets at the back', options: [] },
  choice('transmission', 'Driven by', TRANSMISSIONS),
  choice('assist', 'Assist', ASSISTS),
  choice('seatpost', 'Seatpost', SEATPOSTS),
];

export const ACCESSORY_WORDS: Record<Accessory, string> = {
  mudguards: 'Mudguards',
  rack: 'Rack',
  lights: 'Lights',
  stand: 'Stand',
  basket: 'Basket',
  bell: 'Bell',
  'child-seat': 'Child seat',
  'cargo-box': 'Cargo box',
  flag: 'Flag',
  hitch: 'Trailer hitch',
  'adjustable-stem': 'Adjustable stem',
  'folding-hinge': 'Folding hinge',
  'clip-pedals': 'Clip-in pedals',
  'electronic-shifting': 'Electronic shifting',
};
