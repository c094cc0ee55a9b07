import { LIMITS, readNumber, type LimitKey } from '@cadre/core/measures';
import * as t from './messages';

/** Limits that belong together, in the order they are shown. */
export const LIMIT_GROUPS: readonly { readonly name: string; readonly keys: readonly LimitKey[] }[] = [
  {
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
  { name: t.pads, keys: ['padRenew', 'padFault', 'padAllowance', 'padUneven', 'padPlate', 'rimPadHolder'] },
  { name: t.rotorsRims, keys: ['rotorNear', 'rotorSpread', 'rimTrackWatch', 'rimTrackFault'] },
  {
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
  { name: t.battery, keys: ['chargeLeast', 'chargeMost', 'batteryHealth'] },
];

export const LIMIT_WORDS: Record<LimitKey, string> = {
  chainEarly: t.early11SprocketsUp,
  chainEarlySprockets: t.sprocketsToo,
  chainFew: t.n210SprocketsNew,
  chainFewSprockets: t.sprocketsToo,
  chainSingle: t.oneSprocketHubGear,
  chainSingleSprockets: t.sprocketsToo,
  chainNear: t.plannedFarBefore,
  padRenew: t.discPadCompoundPlan,
  padFault: t.discPadCompoundStop,
  padAllowance: t.addedBothForHard,
  padUneven: t.leftRightFarApart,
  padPlate: t.backingPlateWhereNone,
  rimPadHolder: t.rimPadOverIts,
  rotorNear: t.rotorPlannedFarAbove,
  rotorSpread: t.rotorPulsesWhenPlaces,
  rimTrackWatch: t.rimTrackHollowWatch,
  rimTrackFault: t.rimTrackHollowStop,
  runOutRim: t.runOutRimBrake,
  runOutRimStop: t.runOutRimBrakeStop,
  runOutDisc: t.runOutDiscTrue,
  runOutDiscStop: t.runOutDiscStop,
  runOutNew: t.runOutNewWheel,
  spokeOff: t.spokeOffItsSides,
  spokeSlack: t.spokeSlackUnderMiddle,
  tyreFloor30: t.minimumPressure30Mm,
  tyreFloor30Tubeless: t.minimumPressure30MmTubeless,
  tyreFloor37: t.minimumPressure37Mm,
  tyreFloor37Tubeless: t.minimumPressure37MmTubeless,
  tyreFloor45: t.minimumPressure45Mm,
  tyreFloor45Tubeless: t.minimumPressure45MmTubeless,
  tyreFloor57: t.minimumPressure57Mm,
  tyreFloor57Tubeless: t.minimumPressure57MmTubeless,
  tyreFloor70: t.minimumPressure70Mm,
  tyreFloor70Tubeless: t.minimumPressure70MmTubeless,
  tyreFloorOver70: t.minimumPressureWiderThan,
  pressureChild: t.childrensBike,
  pressureHybrid: t.hybrid,
  pressureHardtailFront: t.hardtailFront,
  pressureHardtailRear: t.hardtailRear,
  pressureFullSuspensionFront: t.fullSuspensionFront,
  pressureFullSuspensionRear: t.fullSuspensionRear,
  pressureStepThrough: t.stepThroughWithAssist,
  pressureCargo: t.cargoBike,
  pressureTrike: t.recumbentTrike,
  leakPerDay: t.leakFaultFromDay,
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
  leverDrag: t.leverBitesBeforeDrag,
  leverLong: t.leverLongFrom,
  leverStop: t.leverStop,
  hangerFew: t.hangerUp10Sprockets,
  hangerMany: t.hanger11MoreBent,
  slackTight: t.chainSlackTight,
  slackLoose: t.chainSlackLoose,
  slackOff: t.chainSlackDoNot,
  chargeLeast: t.storedBatteryFrom,
  chargeMost: t.storedBattery,
  batteryHealth: t.batteryHealthPlanNew,
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
