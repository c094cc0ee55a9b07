import type { FieldIssue } from '@cadre/core/errors';
import { brakesAt, MATERIALS, type Build } from '../build';
import { JOINTS, type Joint } from '../joint';
import type { FitList } from './fit-list';

/** What a fit list is about, in the order it is filled in. */
export const FIT_TOPICS = [
  'wheels',
  'brakes',
  'suspension',
  'drivetrain',
  'assist',
  'torque',
  'whole',
] as const;
export type FitTopic = (typeof FIT_TOPICS)[number];

export const FLUIDS = ['mineral-oil', 'dot-4', 'dot-5.1'] as const;
const YES_NO = ['yes', 'no'] as const;
/** What its suspension is set for: the trail, or jumps and drops. */
export const SUSPENSION_USES = ['trail', 'park'] as const;

type Stated =
  | {
      readonly type: 'number';
      readonly unit: 'mm' | 'kPa' | 'N m' | 'Wh' | 'kg' | 'ml' | 'links' | '%' | 'meter';
      readonly least: number;
      readonly most: number;
    }
  | { readonly type: 'choice'; readonly choices: readonly string[] }
  | { readonly type: 'text'; readonly most: number };

/** One thing a fit list may state. Values are in the unit named; units people type are converted at the edge. */
export interface FitItem {
  readonly key: string;
  readonly topic: FitTopic;
  readonly stated: Stated;
  /** Whether a bike built so has it at all. */
  readonly on: (build: Build) => boolean;
  /** Must not be greater than the item of this key. */
  readonly notOver?: string;
}

const always = (): boolean => true;
const number = (unit: Extract<Stated, { type: 'number' }>['unit'], least: number, most: number): Stated => ({
  type: 'number',
  unit,
  least,
  most,
});
const text = (most: number): Stated => ({ type: 'text', most });
const brakesOf = (build: Build): readonly string[] => [
  build.brakeFront,
  build.brakeRear,
  build.brakeRearSecond ?? 'none',
];
const brakesOn = (build: Build, end: 'Front' | 'Rear'): readonly string[] =>
  brakesAt(build, end === 'Front' ? 'front' : 'rear');
const isDisc = (brake: string): boolean => brake === 'hydraulic-disc' || brake === 'cable-disc';

function ends(
  key: string,
  topic: FitTopic,
  stated: Stated,
  on: (build: Build, end: 'Front' | 'Rear') => boolean,
  notOver?: string,
): FitItem[] {
  return (['Front', 'Rear'] as const).map((end) => ({
    key: `${key}${end}`,
    topic,
    stated,
    on: (build) => on(build, end),
    ...(notOver ? { notOver: `${notOver}${end}` } : {}),
  }));
}

const JOINT_ON: Record<Joint, (build: Build) => boolean> = {
  'stem-steerer': (build) => build.headset === 'threadless' && build.kind !== 'trike',
  'stem-faceplate': (build) => build.kind !== 'trike',
  'bar-clamp': always,
  'lever-clamp': always,
  'seatpost-clamp': (build) => build.seatpost !== 'seat-frame',
  'saddle-rail': (build) => build.seatpost !== 'seat-frame',
  'crank-arm': always,
  pedal: always,
  'ring-bolt': always,
  'rotor-bolt': (build) => brakesOf(build).some(isDisc),
  'caliper-mount': (build) => brakesOf(build).some(isDisc),
  'axle-front': (build) => build.retentionFront !== 'quick-release',
  'axle-rear': (build) => build.retentionRear !== 'quick-release',
  pivot: (build) => build.rearSuspension === 'shock',
  'lock-ring': (build) => build.gears === 'derailleur',
  'cable-pinch': (build) =>
    brakesOf(build).some((brake) => ['rim', 'cable-disc', 'drum'].includes(brake)) ||
    (build.gears !== 'single-speed' && !build.accessories.includes('electronic-shifting')),
  hanger: (build) => build.gears === 'derailleur',
  'front-derailleur': (build) => build.accessories.includes('front-derailleur'),
  'rim-brake-mount': (build) => brakesOf(build).includes('rim'),
};

/** Everything a fit list may state: markings on parts beat policy, so a number stands here only as marked. */
export const FIT_ITEMS: readonly FitItem[] = [
  ...ends('tyreWidth', 'wheels', number('mm', 18, 130), always),
  ...ends('sidewallMin', 'wheels', number('kPa', 30, 1000), always, 'sidewallMax'),
  ...ends('sidewallMax', 'wheels', number('kPa', 50, 1100), always),
  ...ends('rimMax', 'wheels', number('kPa', 50, 1100), always),
  ...ends('hookless', 'wheels', { type: 'choice', choices: YES_NO }, always),
  ...ends('sealant', 'wheels', number('ml', 10, 300), (build, end) => build[`tyre${end}`] === 'tubeless'),
  ...ends('startPressure', 'wheels', number('kPa', 30, 1000), always),
  ...ends('rimWallMin', 'wheels', number('mm', 0.3, 4), (build, end) => brakesOn(build, end).includes('rim')),
  ...ends('axleCode', 'wheels', text(40), always),
  ...ends('spokeFloor', 'wheels', number('meter', 1, 1000), always),
  {
    key: 'fluid',
    topic: 'brakes',
    stated: { type: 'choice', choices: FLUIDS },
    on: (build) => brakesOf(build).includes('hydraulic-disc'),
  },
  ...ends('rotorNominal', 'brakes', number('mm', 1, 3), (build, end) => brakesOn(build, end).some(isDisc)),
  ...ends(
    'rotorMin',
    'brakes',
    number('mm', 0.8, 2.8),
    (build, end) => brakesOn(build, end).some(isDisc),
    'rotorNominal',
  ),
  ...ends('padShape', 'brakes', text(40), (build, end) =>
    brakesOn(build, end).some((brake) => !['none', 'coaster', 'parking'].includes(brake)),
  ),
  ...ends('padPlate', 'brakes', number('mm', 0.5, 4), (build, end) => brakesOn(build, end).some(isDisc)),
  ...ends('padTotalMin', 'brakes', number('mm', 1, 6), (build, end) => brakesOn(build, end).some(isDisc)),
  {
    key: 'suspensionUse',
    topic: 'suspension',
    stated: { type: 'choice', choices: SUSPENSION_USES },
    on: (build) => build.fork === 'suspension' || build.rearSuspension === 'shock',
  },
  {
    key: 'forkTravel',
    topic: 'suspension',
    stated: number('mm', 20, 250),
    on: (build) => build.fork === 'suspension',
  },
  {
    key: 'forkPressureMax',
    topic: 'suspension',
    stated: number('kPa', 100, 2500),
    on: (build) => build.fork === 'suspension',
  },
  {
    key: 'forkPressures',
    topic: 'suspension',
    stated: text(80),
    on: (build) => build.fork === 'suspension',
  },
  {
    key: 'rearTravel',
    topic: 'suspension',
    stated: number('mm', 20, 250),
    on: (build) => build.rearSuspension === 'shock',
  },
  {
    key: 'shockStroke',
    topic: 'suspension',
    stated: number('mm', 15, 100),
    on: (build) => build.rearSuspension === 'shock',
  },
  {
    key: 'shockPressureMax',
    topic: 'suspension',
    stated: number('kPa', 100, 3000),
    on: (build) => build.rearSuspension === 'shock',
  },
  {
    key: 'shockPressures',
    topic: 'suspension',
    stated: text(80),
    on: (build) => build.rearSuspension === 'shock',
  },
  { key: 'chain', topic: 'drivetrain', stated: text(40), on: (build) => build.transmission === 'chain' },
  {
    key: 'chainLinks',
    topic: 'drivetrain',
    stated: number('links', 60, 400),
    on: (build) => build.transmission === 'chain',
  },
  {
    key: 'chainLimit',
    topic: 'drivetrain',
    stated: number('%', 0.2, 2),
    on: (build) => build.transmission === 'chain',
  },
  { key: 'cassette', topic: 'drivetrain', stated: text(40), on: (build) => build.gears === 'derailleur' },
  { key: 'hangerCode', topic: 'drivetrain', stated: text(40), on: (build) => build.gears === 'derailleur' },
  {
    key: 'batteryEnergy',
    topic: 'assist',
    stated: number('Wh', 100, 2000),
    on: (build) => build.assist !== 'none',
  },
  ...JOINTS.flatMap((joint): FitItem[] => [
    {
      key: `torqueMin:${joint}`,
      topic: 'torque',
      stated: number('N m', 0.5, 80),
      on: JOINT_ON[joint],
      notOver: `torqueMax:${joint}`,
    },
    { key: `torqueMax:${joint}`, topic: 'torque', stated: number('N m', 0.5, 80), on: JOINT_ON[joint] },
  ]),
  {
    key: 'postMaterial',
    topic: 'whole',
    stated: { type: 'choice', choices: MATERIALS },
    on: (build) => build.seatpost !== 'seat-frame',
  },
  { key: 'barMaterial', topic: 'whole', stated: { type: 'choice', choices: MATERIALS }, on: always },
  {
    key: 'steererMaterial',
    topic: 'whole',
    stated: { type: 'choice', choices: MATERIALS },
    on: (build) => build.headset === 'threadless',
  },
  {
    key: 'postInsertMin',
    topic: 'whole',
    stated: number('mm', 30, 200),
    on: (build) => build.seatpost !== 'seat-frame',
  },
  { key: 'maximumLoad', topic: 'whole', stated: number('kg', 20, 400), on: always },
  { key: 'maximumTotal', topic: 'whole', stated: number('kg', 25, 450), on: always },
  { key: 'bikeMass', topic: 'whole', stated: number('kg', 4, 120), on: always },
  {
    key: 'riderHeightMin',
    topic: 'whole',
    stated: number('mm', 800, 2200),
    on: always,
    notOver: 'riderHeightMax',
  },
  { key: 'riderHeightMax', topic: 'whole', stated: number('mm', 900, 2300), on: always },
  {
    key: 'saddleLowest',
    topic: 'whole',
    stated: number('mm', 350, 900),
    on: (build) => build.seatpost !== 'seat-frame',
    notOver: 'saddleHighest',
  },
  {
    key: 'saddleHighest',
    topic: 'whole',
    stated: number('mm', 400, 1100),
    on: (build) => build.seatpost !== 'seat-frame',
  },
  {
    key: 'saddleMarkZero',
    topic: 'whole',
    stated: number('mm', 300, 1000),
    on: (build) => build.seatpost !== 'seat-frame',
  },
];

const itemByKey = new Map(FIT_ITEMS.map((item) => [item.key, item]));

export function fitItem(key: string): FitItem | undefined {
  return itemByKey.get(key);
}

/** The items a bike built so may state, in order. */
export function fitItemsOf(build: Build): readonly FitItem[] {
  return FIT_ITEMS.filter((item) => item.on(build));
}

function issueOf(item: FitItem, value: number | string): FieldIssue | null {
  const path = `fit.${item.key}`;
  const { stated } = item;
  if (stated.type === 'number') {
    if (typeof value !== 'number' || !Number.isFinite(value)) return { path, code: 'not-a-number' };
    return value < stated.least || value > stated.most
      ? { path, code: 'out-of-range', params: { least: stated.least, most: stated.most, unit: stated.unit } }
      : null;
  }
  if (typeof value !== 'string' || value.trim() === '') return { path, code: 'required' };
  if (stated.type === 'choice') return stated.choices.includes(value) ? null : { path, code: 'unknown' };
  return value.length > stated.most ? { path, code: 'too_big', params: { maximum: stated.most } } : null;
}

/** Everything wrong with a fit list at once: unknown items, values out of range, a least over its most. */
export function fitIssues(fit: FitList): readonly FieldIssue[] {
  return Object.entries(fit).flatMap(([key, value]): FieldIssue[] => {
    const item = itemByKey.get(key);
    if (!item) return [{ path: `fit.${key}`, code: 'unknown' }];
    const issue = issueOf(item, value);
    if (issue) return [issue];
    const most = item.notOver ? fit[item.notOver] : undefined;
    if (typeof value === 'number' && typeof most === 'number' && value > most)
      return [{ path: `fit.${key}`, code: 'over-its-most', params: { most } }];
    return [];
  });
}
