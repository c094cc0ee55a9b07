import { LIMITS, readNumber, type LimitKey } from '@cadre/core/measures';
import * as t from './messages';

/** Limits that belong together, in the order they are shown. */
export const LIMIT_GROUPS: readonly {
  readonly key: string;
  readonly name: string;
  readonly keys: readonly LimitKey[];
}[] = [
  {
    key: 'chain',
    name: t.chain,
    keys: [
      'chainEarly',
      'chainEarlySprockets',
      'chainFew',
      'chainFewSprockets',
      'chainSingle',
      'chainSingleSprockets',
      'chainNear',
    ],
  },
  {
    key: 'pads',
    name: t.pads,
    keys: ['padRenew', 'padFault', 'padAllowance', 'padUneven', 'padPlate', 'rimPadHolder'],
  },
  {
    key: 'rotors-rims',
    name: t.rotorsRims,
    keys: ['rotorNear', 'rotorSpread', 'rimTrackWatch', 'rimTrackFault', 'rimWallNear'],
  },
  {
    key: 'wheels',
    name: t.wheels,
    keys: [
      'runOutRim',
      'runOutRimStop',
      'runOutDisc',
      'runOutDiscStop',
      'runOutNew',
      'spokeOff',
      'spokeSlack',
    ],
  },
  {
    key: 'tyres',
    name: t.tyres,
    keys: [
      'tyreFloor30',
      'tyreFloor30Tubeless',
      'tyreFloor37',
      'tyreFloor37Tubeless',
      'tyreFloor45',
      'tyreFloor45Tubeless',
      'tyreFloor57',
      'tyreFloor57Tubeless',
      'tyreFloor70',
      'tyreFloor70Tubeless',
      'tyreFloorOver70',
      'leakPerDay',
    ],
  },
  {
    key: 'usual-tyre-pressures',
    name: t.usualTyrePressures,
    keys: [
      'pressureChild',
      'pressureHybrid',
      'pressureHardtailFront',
      'pressureHardtailRear',
      'pressureFullSuspensionFront',
      'pressureFullSuspensionRear',
      'pressureStepThrough',
      'pressureCargo',
      'pressureTrike',
    ],
  },
  {
    key: 'suspension',
    name: t.suspension,
    keys: [
      'sagHybridLeast',
      'sagHybridMost',
      'sagTrailForkLeast',
      'sagTrailForkMost',
      'sagTrailShockLeast',
      'sagTrailShockMost',
      'sagParkForkLeast',
      'sagParkForkMost',
      'sagParkShockLeast',
      'sagParkShockMost',
    ],
  },
  {
    key: 'levers-hanger-slack',
    name: t.leversHangerSlack,
    keys: [
      'leverDrag',
      'leverLong',
      'leverStop',
      'hangerFew',
      'hangerMany',
      'slackTight',
      'slackLoose',
      'slackOff',
    ],
  },
  { key: 'battery', name: t.battery, keys: ['chargeLeast', 'chargeMost', 'batteryHealth'] },
  { key: 'sealant', name: t.sealantTopic, keys: ['sealantLow', 'sealantDry'] },
];

export const LIMIT_WORDS: Record<LimitKey, string> = {
  chainEarly: t.early11MoreSprockets,
  chainEarlySprockets: t.andSprocketsAt,
  chainFew: t.n210SprocketsReplace,
  chainFewSprockets: t.andSprocketsAt,
  chainSingle: t.oneSprocketHubGear,
  chainSingleSprockets: t.andSprocketsAt,
  chainNear: t.planReplacementFarBefore,
  padRenew: t.discPadCompoundPlan,
  padFault: t.discPadCompoundDo,
  padAllowance: t.addedBothForHard,
  padUneven: t.leftRightPadsWear,
  padPlate: t.backingPlateIfNone,
  rimPadHolder: t.rimPadAboveIts,
  rotorNear: t.rotorPlanReplacementFar,
  rotorSpread: t.rotorPulsesIfIts,
  rimTrackWatch: t.hollowInRimTrack,
  rimTrackFault: t.hollowInRimTrackDo,
  rimWallNear: t.rimWallPlanFarBefore,
  runOutRim: t.runOutRimBrake,
  runOutRimStop: t.runOutRimBrakeDo,
  runOutDisc: t.runOutDiscBrake,
  runOutDiscStop: t.runOutDiscBrakeDo,
  runOutNew: t.runOutNewWheel,
  spokeOff: t.spokeTensionDiffersFrom,
  spokeSlack: t.spokeSlackBelowShare,
  tyreFloor30: t.minimumPressureTyreUp,
  tyreFloor30Tubeless: t.minimumPressureTyreUp30,
  tyreFloor37: t.minimumPressureTyreUp37,
  tyreFloor37Tubeless: t.minimumPressureTyreUp37Mm,
  tyreFloor45: t.minimumPressureTyreUp45,
  tyreFloor45Tubeless: t.minimumPressureTyreUp45Mm,
  tyreFloor57: t.minimumPressureTyreUp57,
  tyreFloor57Tubeless: t.minimumPressureTyreUp57Mm,
  tyreFloor70: t.minimumPressureTyreUp70,
  tyreFloor70Tubeless: t.minimumPressureTyreUp70Mm,
  tyreFloorOver70: t.minimumPressureTyreOver,
  pressureChild: t.childrensBike,
  pressureHybrid: t.hybrid,
  pressureHardtailFront: t.hardtailFront,
  pressureHardtailRear: t.hardtailRear,
  pressureFullSuspensionFront: t.fullSuspensionFront,
  pressureFullSuspensionRear: t.fullSuspensionRear,
  pressureStepThrough: t.stepThroughWithAssist,
  pressureCargo: t.cargoBike,
  pressureTrike: t.recumbentTrike,
  leakPerDay: t.leakFaultFromLoss,
  sagHybridLeast: t.hybridForkFrom,
  sagHybridMost: t.hybridFork,
  sagTrailForkLeast: t.trailForkFrom,
  sagTrailForkMost: t.trailFork,
  sagTrailShockLeast: t.trailShockFrom,
  sagTrailShockMost: t.trailShock,
  sagParkForkLeast: t.parkForkFrom,
  sagParkForkMost: t.parkFork,
  sagParkShockLeast: t.parkShockFrom,
  sagParkShockMost: t.parkShock,
  leverDrag: t.leverBitesBeforeCheck,
  leverLong: t.leverTravelLongFrom,
  leverStop: t.leverTravelDoNot,
  hangerFew: t.hangerUp10Sprockets,
  hangerMany: t.hanger11MoreSprockets,
  slackTight: t.chainSlackTooTight,
  slackLoose: t.chainSlackTooLoose,
  slackOff: t.chainSlackDoNot,
  chargeLeast: t.storedBatteryChargeFrom,
  chargeMost: t.storedBatteryCharge,
  batteryHealth: t.batteryHealthPlanReplacement,
  sealantLow: t.sealantLowAt,
  sealantDry: t.sealantDryAt,
};

const PER_SHOWN = { ratio: 0.01, mm: 1, kPa: 100, h: 1 } as const;
export const SHOWN_UNIT = { ratio: '%', mm: 'mm', kPa: 'bar', h: 'h' } as const;

/** A limit as it is written on screen: percent, bar, or millimetres. */
export function limitText(key: LimitKey, value: number): string {
  return String(Math.round((value / PER_SHOWN[LIMITS[key].unit]) * 1000) / 1000);
}

/** A limit as typed in its shown unit, in the core's; null when it is no number. */
export function limitValue(key: LimitKey, typed: string): number | null {
  const value = readNumber(typed.replace(/\s*(%|mm|bar)$/i, ''));
  return value === null ? null : Math.round(value * PER_SHOWN[LIMITS[key].unit] * 1e9) / 1e9;
}
