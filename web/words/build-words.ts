import {
  ASSISTS,
  BARS,
  BIKE_KINDS,
  BRAKES,
  SECOND_BRAKES,
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
import * as t from './messages';

const WORDS: Partial<Record<string, string>> = {
  ...KIND_WORDS,
  'hydraulic-disc': t.hydraulicDisc,
  'cable-disc': t.cableDisc,
  'thru-axle': t.thruAxle,
  'hub-gear': t.hubGear,
  'single-speed': t.singleSpeed,
  'recumbent-trike': t.recumbentTrike,
  'under-seat': t.underSeat,
  'seat-frame': t.seatFrame,
  none: t.noneWord,
  'mid-motor': t.midMotor,
  'hub-motor': t.hubMotor,
  flat: t.flatBar,
  riser: t.riserBar,
  swept: t.sweptBar,
  drop: t.dropBar,
  rim: t.rimBrake,
  coaster: t.coaster,
  parking: t.parking,
  drum: t.drum,
  rigid: t.rigid,
  suspension: t.suspension,
  diamond: t.diamond,
  sloping: t.sloping,
  'long-front': t.longFront,
  derailleur: t.derailleur,
  threadless: t.threadless,
  threaded: t.threaded,
  aluminium: t.aluminium,
  steel: t.steel,
  carbon: t.carbon,
  shock: t.shock,
  'quick-release': t.quickRelease,
  nutted: t.nutted,
  dropper: t.dropper,
  chain: t.chain,
  belt: t.belt,
  tube: t.tube,
  tubeless: t.tubeless,
};

/** A value of the build in words; a size is its own word. */
export const buildWord = (value: string): string => WORDS[value] ?? value;

function optionsOf(words: readonly string[]): { value: string; label: string }[] {
  return words.map((word) => ({
    value: word,
    label: buildWord(word),
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
  choice('kind', t.kind, BIKE_KINDS),
  choice('frameShape', t.frameShape, FRAME_SHAPES),
  choice('frameMaterial', t.frameMaterial, MATERIALS),
  choice('wheelSizeFront', t.frontWheelSizeIn, WHEEL_SIZES),
  choice('wheelSizeRear', t.rearWheelSizeIn, WHEEL_SIZES),
  choice('fork', t.fork, FORKS),
  choice('rearSuspension', t.rearSuspension, REAR_SUSPENSIONS),
  choice('brakeFront', t.frontBrake, BRAKES),
  choice('brakeRear', t.rearBrake, BRAKES),
  choice('brakeRearSecond', t.secondRearBrake, SECOND_BRAKES),
  choice('retentionFront', t.frontWheelRetention, RETENTIONS),
  choice('retentionRear', t.rearWheelRetention, RETENTIONS),
  choice('tyreFront', t.frontTyre, TYRES),
  choice('tyreRear', t.rearTyre, TYRES),
  choice('headset', t.headset, HEADSETS),
  choice('bar', t.handlebar, BARS),
  choice('gears', t.gears, GEARS),
  { name: 'sprockets', label: t.rearSprockets, options: [] },
  choice('transmission', t.drive, TRANSMISSIONS),
  choice('assist', t.assist, ASSISTS),
  choice('seatpost', t.seatpost, SEATPOSTS),
];

export const ACCESSORY_WORDS: Record<Accessory, string> = {
  mudguards: t.mudguards,
  rack: t.rack,
  lights: t.lights,
  stand: t.kickstand,
  basket: t.basket,
  bell: t.bell,
  'child-seat': t.childSeat,
  'cargo-box': t.cargoBox,
  flag: t.flag,
  hitch: t.trailerHitch,
  'adjustable-stem': t.adjustableStem,
  'folding-hinge': t.foldingHinge,
  'clip-pedals': t.clipInPedals,
  'electronic-shifting': t.electronicShifting,
  'front-derailleur': t.frontDerailleur,
  'tyre-liner': t.tyreLiner,
  horn: t.horn,
  device: t.deviceWithCharge,
  outdoors: t.storedOutdoors,
};
