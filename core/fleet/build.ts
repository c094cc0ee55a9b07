/** What is fitted to a bike. It decides which checkpoints apply and how the figure is drawn. */

export const BIKE_KINDS = [
  'child',
  'hybrid',
  'hardtail',
  'full-suspension',
  'step-through',
  'cargo',
  'trike',
] as const;
export type BikeKind = (typeof BIKE_KINDS)[number];

export const FRAME_SHAPES = [
  'diamond',
  'sloping',
  'step-through',
  'full-suspension',
  'long-front',
  'recumbent-trike',
] as const;
export type FrameShape = (typeof FRAME_SHAPES)[number];

export const MATERIALS = ['aluminium', 'steel', 'carbon'] as const;
export type Material = (typeof MATERIALS)[number];

/** Nominal wheel sizes in inches, as people in a rental shed say them. */
export const WHEEL_SIZES = ['16', '20', '24', '26', '27.5', '28', '29'] as const;
export type WheelSize = (typeof WHEEL_SIZES)[number];

export const FORKS = ['rigid', 'suspension'] as const;
export const REAR_SUSPENSIONS = ['none', 'shock'] as const;
export const BRAKES = ['rim', 'cable-disc', 'hydraulic-disc', 'coaster', 'drum', 'none'] as const;
export type BrakeType = (typeof BRAKES)[number];
/** What may brake the rear wheel besides its brake: a hand brake beside a coaster, or one for parking. */
export const SECOND_BRAKES = [
  'none',
  'rim',
  'cable-disc',
  'hydraulic-disc',
  'coaster',
  'drum',
  'parking',
] as const;
export const RETENTIONS = ['quick-release', 'thru-axle', 'nutted'] as const;
export const TYRES = ['tube', 'tubeless'] as const;
export const HEADSETS = ['threadless', 'threaded'] as const;
export const BARS = ['flat', 'riser', 'swept', 'drop', 'under-seat'] as const;
export const GEARS = ['derailleur', 'hub-gear', 'single-speed'] as const;
export const TRANSMISSIONS = ['chain', 'belt'] as const;
export const ASSISTS = ['none', 'mid-motor', 'hub-motor'] as const;
export const SEATPOSTS = ['rigid', 'dropper', 'suspension', 'seat-frame'] as const;
export const ACCESSORIES = [
  'mudguards',
  'rack',
  'lights',
  'stand',
  'basket',
  'bell',
  'child-seat',
  'cargo-box',
  'flag',
  'hitch',
  'adjustable-stem',
  'folding-hinge',
  'clip-pedals',
  'electronic-shifting',
  'front-derailleur',
  'tyre-liner',
  'horn',
  'device',
  'outdoors',
] as const;
export type Accessory = (typeof ACCESSORIES)[number];

export interface Build {
  readonly kind: BikeKind;
  readonly frameShape: FrameShape;
  readonly frameMaterial: Material;
  readonly wheelSizeFront: WheelSize;
  readonly wheelSizeRear: WheelSize;
  readonly fork: (typeof FORKS)[number];
  readonly rearSuspension: (typeof REAR_SUSPENSIONS)[number];
  readonly brakeFront: BrakeType;
  readonly brakeRear: BrakeType;
  /** Absent: none. Bikes were described without it once. */
  readonly brakeRearSecond?: (typeof SECOND_BRAKES)[number] | undefined;
  readonly retentionFront: (typeof RETENTIONS)[number];
  readonly retentionRear: (typeof RETENTIONS)[number];
  readonly tyreFront: (typeof TYRES)[number];
  readonly tyreRear: (typeof TYRES)[number];
  readonly headset: (typeof HEADSETS)[number];
  readonly bar: (typeof BARS)[number];
  readonly gears: (typeof GEARS)[number];
  readonly sprockets: number;
  readonly transmission: (typeof TRANSMISSIONS)[number];
  readonly assist: (typeof ASSISTS)[number];
  readonly seatpost: (typeof SEATPOSTS)[number];
  readonly accessories: readonly Accessory[];
}

/** Fields whose value is one word of a list: what a rule may ask about directly. */
export type BuildWord = Exclude<keyof Build, 'sprockets' | 'accessories'>;

/** Every field of a build, in the order it is asked, exported and compared. */
export const BUILD_FIELDS = [
  'kind',
  'frameShape',
  'frameMaterial',
  'wheelSizeFront',
  'wheelSizeRear',
  'fork',
  'rearSuspension',
  'brakeFront',
  'brakeRear',
  'brakeRearSecond',
  'retentionFront',
  'retentionRear',
  'tyreFront',
  'tyreRear',
  'headset',
  'bar',
  'gears',
  'sprockets',
  'transmission',
  'assist',
  'seatpost',
  'accessories',
] as const satisfies readonly (keyof Build)[];
export type BuildField = (typeof BUILD_FIELDS)[number];

/** The words each field of a build may have; sprockets is a number, accessories a list. */
export const BUILD_WORDS: { readonly [F in BuildWord]: readonly NonNullable<Build[F]>[] } = {
  kind: BIKE_KINDS,
  frameShape: FRAME_SHAPES,
  frameMaterial: MATERIALS,
  wheelSizeFront: WHEEL_SIZES,
  wheelSizeRear: WHEEL_SIZES,
  fork: FORKS,
  rearSuspension: REAR_SUSPENSIONS,
  brakeFront: BRAKES,
  brakeRear: BRAKES,
  brakeRearSecond: SECOND_BRAKES,
  retentionFront: RETENTIONS,
  retentionRear: RETENTIONS,
  tyreFront: TYRES,
  tyreRear: TYRES,
  headset: HEADSETS,
  bar: BARS,
  gears: GEARS,
  transmission: TRANSMISSIONS,
  assist: ASSISTS,
  seatpost: SEATPOSTS,
};

/** What a field says that a bike was described without. */
const NONE = 'none';

/** Every brake on the wheel at one end. */
export function brakesAt(
  build: Pick<Build, 'brakeFront' | 'brakeRear' | 'brakeRearSecond'>,
  end: 'front' | 'rear',
): readonly string[] {
  return end === 'front' ? [build.brakeFront] : [build.brakeRear, build.brakeRearSecond ?? NONE];
}

/** What a field of a build says, as text. */
export function buildText(build: Build, field: Exclude<BuildField, 'accessories'>): string {
  return String(build[field] ?? NONE);
}

function sameValue(a: Build[BuildField], b: Build[BuildField]): boolean {
  return Array.isArray(a) && Array.isArray(b) ? [...a].sort().join() === [...b].sort().join() : a === b;
}

/** The fields in which two builds differ, in the order of BUILD_FIELDS. The order of accessories means nothing. */
export function differingFields(a: Build, b: Build): readonly BuildField[] {
  return BUILD_FIELDS.filter((field) => !sameValue(a[field] ?? NONE, b[field] ?? NONE));
}

/** A model's build with a bike's own fields kept: how a bike inherits, and what a change of the model leaves alone. */
export function inheritBuild(model: Build, bike: Build, own: readonly BuildField[]): Build {
  return { ...model, ...Object.fromEntries(own.map((field) => [field, bike[field]])) };
}
