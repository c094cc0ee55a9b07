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
import * as t from '../messages';

export const TOPIC_WORDS: Record<FitTopic, string> = {
  wheels: t.tyresWheels,
  brakes: t.brakes,
  suspension: t.suspension,
  drivetrain: t.drivetrain,
  assist: t.assist,
  torque: t.torqueMarkedOnPart,
  whole: t.wholeBike,
};

export const JOINT_WORDS: Record<Joint, string> = {
  'stem-steerer': t.stemOnSteerer,
  'stem-faceplate': t.stemFaceplate,
  'bar-clamp': t.barClamp,
  'lever-clamp': t.leverClamp,
  'seatpost-clamp': t.seatpostClamp,
  'saddle-rail': t.saddleRails,
  'crank-arm': t.crankArm,
  pedal: t.pedal,
  'ring-bolt': t.ringBolt,
  'rotor-bolt': t.rotorBolt,
  'caliper-mount': t.caliperMount,
  'axle-front': t.frontAxle,
  'axle-rear': t.rearAxle,
  pivot: t.pivot,
  'lock-ring': t.lockRing,
  'cable-pinch': t.cablePinch,
  hanger: t.hangerBolt,
  'front-derailleur': t.frontDerailleurClamp,
  'rim-brake-mount': t.rimBrakeMount,
};

/** The name of an item without its end: front and rear stand side by side. */
const STEM_WORDS: Readonly<Record<string, string>> = {
  tyreWidth: t.tyreWidth,
  sidewallMin: t.tyreSidewallMinimumPressure,
  sidewallMax: t.tyreSidewallMaximumPressure,
  rimMax: t.rimMaximumPressure,
  hookless: t.hooklessRim,
  sealant: t.sealant,
  startPressure: t.yourStartingPressure,
  rimWallMin: t.rimWallMinimum,
  axleCode: t.axleCode,
  spokeFloor: t.spokeMeterMinimumReading,
  fluid: t.brakeFluid,
  rotorNominal: t.rotorThicknessNew,
  rotorMin: t.rotorMinimumThicknessMarked,
  padShape: t.padShape,
  padPlate: t.padBackingPlateThickness,
  padTotalMin: t.padWithPlateMinimum,
  suspensionUse: t.typeRiding,
  forkTravel: t.forkTravel,
  forkPressureMax: t.forkMaximumPressure,
  rearTravel: t.rearTravel,
  shockStroke: t.shockStroke,
  shockPressureMax: t.shockMaximumPressure,
  chain: t.chain,
  chainLinks: t.chainLength,
  chainLimit: t.replaceChainMaker,
  cassette: t.cassette,
  hangerCode: t.hangerCode,
  batteryEnergy: t.batteryEnergy,
  postMaterial: t.seatpostMaterial,
  barMaterial: t.handlebarMaterial,
  steererMaterial: t.steererMaterial,
  postInsertMin: t.seatpostMinimumInsertion,
  maximumLoad: t.maximumLoadRiderBags,
  maximumTotal: t.maximumTotalMass,
  bikeMass: t.bikeMass,
  riderHeightMin: t.riderHeightFrom,
  riderHeightMax: t.riderHeightTo,
  saddleLowest: t.saddleLowest,
  saddleHighest: t.saddleHighest,
  saddleMarkZero: t.saddleAtFirstMark,
  forkPressures: t.forkPressureTable,
  shockPressures: t.shockPressureTable,
};

export interface FitRow {
  readonly key: string;
  readonly words: string;
  readonly unit: string;
  /** One field, or two side by side: front and rear, least and most. */
  readonly fields: readonly { readonly item: FitItem; readonly words: string; readonly end: string }[];
}

/** The unit people see: pressures in bar, the rest as the core has them. */
export function shownUnit(item: FitItem): string {
  if (item.stated.type !== 'number') return '';
  const { unit } = item.stated;
  return unit === 'kPa' ? 'bar' : unit === 'meter' ? t.meterUnit : unit;
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
  return readQuantity(unit === 'kPa' && bare ? t.typedBar({ typed }) : typed, unit);
}

const END_WORDS = {
  Front: t.front,
  Rear: t.rear,
  Min: t.minimumEnd,
  Max: t.maximumEnd,
};
function stemOf(key: string): { stem: string; end: string } {
  const torque = /^torque(Min|Max):(.+)$/.exec(key);
  if (torque) return { stem: `torque:${torque[2]}`, end: END_WORDS[torque[1] as 'Min' | 'Max'] };
  const ended = /^(.*)(Front|Rear)$/.exec(key);
  return ended
    ? { stem: ended[1] ?? '', end: END_WORDS[ended[2] as 'Front' | 'Rear'] }
    : { stem: key, end: '' };
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
    const field = { item, end, words: end ? `${words}, ${end}` : words };
    rows.set(stem, { key: stem, words, unit: shownUnit(item), fields: [...(known?.fields ?? []), field] });
  }
  return [...rows.values()];
}

export function fitItemWords(key: string): string {
  const { stem, end } = stemOf(key);
  const words = stem.startsWith('torque:')
    ? t.torqueJoint({ joint: (JOINT_WORDS[stem.slice(7) as Joint] ?? stem).toLowerCase() })
    : (STEM_WORDS[stem] ?? stem);
  return end ? `${words}, ${end}` : words;
}

export const PART_WORDS: Record<PartKind, string> = {
  wheel: t.wheel,
  tyre: t.tyre,
  rotor: t.rotor,
  pads: t.pads,
  chain: t.chain,
  cassette: t.cassette,
  fork: t.fork,
  shock: t.shock,
  saddle: t.saddle,
  seatpost: t.seatpost,
  battery: t.battery,
  pedals: t.pedals,
  cranks: t.cranks,
  bracket: t.bracketPart,
  bearing: t.bearingPart,
  cables: t.cablesPart,
  seals: t.sealsPart,
  lights: t.lightsPart,
  device: t.devicePart,
  other: t.other,
};

export const MISMATCH_WORDS: Record<Mismatch, string> = {
  'wrong-end': t.partDoesNotFit,
  'wheel-size': t.partForAnotherWheel,
  brake: t.partForAnotherKind,
  retention: t.wheelNeedsAnotherAxle,
  'no-disc': t.bikeHasNoDisc,
  'no-assist': t.bikeHasNoAssist,
  'no-shock': t.bikeHasNoShock,
  'no-seatpost': t.bikeHasNoSeatpost,
  belt: t.bikeHasBelt,
  'no-derailleur': t.bikeHasNoDerailleur,
  sprockets: t.partForAnotherNumber,
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
