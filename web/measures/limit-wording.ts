import { LIMITS, readNumber, type LimitKey } from '@cadre/core/measures';

/** Limits that belong together, in the order they are shown. */
export const LIMIT_GROUPS: readonly { readonly name: string; readonly keys: readonly LimitKey[] }[] = [
  {
    name: 'Chain',
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
  { name: 'Pads', keys: ['padRenew', 'padFault', 'padAllowance', 'padUneven', 'padPlate', 'rimPadHolder'] },
  { name: 'Rotors and rims', keys: ['rotorNear', 'rotorSpread', 'rimTrackWatch', 'rimTrackFault'] },
  {
    name: 'Wheels',
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
    name: 'Tyres',
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
    name: 'Usual tyre pressures',
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
    name: 'Suspension',
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
    name: 'Levers, hanger, slack',
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
  { name: 'Battery', keys: ['chargeLeast', 'chargeMost', 'batteryHealth'] },
];

export const LIMIT_WORDS: Record<LimitKey, string> = {
  chainEarly: 'Early, and 11 sprockets up: new chain at',
  chainEarlySprockets: 'and sprockets too at',
  chainFew: '2 to 10 sprockets: new chain at',
  chainFewSprockets: 'and sprockets too at',
  chainSingle: 'One sprocket, hub gear: new chain at',
  chainSingleSprockets: 'and sprockets too at',
  chainNear: 'Planned this far before',
  padRenew: 'Disc pad compound: plan new at',
  padFault: 'Disc pad compound: stop at',
  padAllowance: 'Added to both for hard or wet use',
  padUneven: 'Left and right this far apart: uneven',
  padPlate: 'Backing plate where none is marked',
  rimPadHolder: 'Rim pad over its holder: stop at',
  rotorNear: 'Rotor planned this far above its limit',
  rotorSpread: 'Rotor pulses when places differ by',
  rimTrackWatch: 'Rim track hollow: watch at',
  rimTrackFault: 'Rim track hollow: stop at',
  runOutRim: 'Run-out, rim brake: true it at',
  runOutRimStop: 'Run-out, rim brake: stop at',
  runOutDisc: 'Run-out, disc: true it at',
  runOutDiscStop: 'Run-out, disc: stop at',
  runOutNew: 'Run-out of a new wheel: true it at',
  spokeOff: 'Spoke off its side’s middle by',
  spokeSlack: 'Spoke slack under this of the middle',
  tyreFloor30: 'Minimum pressure, to 30 mm wide, tube',
  tyreFloor30Tubeless: 'Minimum pressure, to 30 mm, tubeless',
  tyreFloor37: 'Minimum pressure, to 37 mm, tube',
  tyreFloor37Tubeless: 'Minimum pressure, to 37 mm, tubeless',
  tyreFloor45: 'Minimum pressure, to 45 mm, tube',
  tyreFloor45Tubeless: 'Minimum pressure, to 45 mm, tubeless',
  tyreFloor57: 'Minimum pressure, to 57 mm, tube',
  tyreFloor57Tubeless: 'Minimum pressure, to 57 mm, tubeless',
  tyreFloor70: 'Minimum pressure, to 70 mm, tube',
  tyreFloor70Tubeless: 'Minimum pressure, to 70 mm, tubeless',
  tyreFloorOver70: 'Minimum pressure, wider than 70 mm',
  pressureChild: 'Children’s bike',
  pressureHybrid: 'Hybrid',
  pressureHardtailFront: 'Hardtail, front',
  pressureHardtailRear: 'Hardtail, rear',
  pressureFullSuspensionFront: 'Full suspension, front',
  pressureFullSuspensionRear: 'Full suspension, rear',
  pressureStepThrough: 'Step-through with assist',
  pressureCargo: 'Cargo bike',
  pressureTrike: 'Recumbent trike',
  leakPerDay: 'A leak is a fault from, a day',
  sagHybridLeast: 'Hybrid fork, from',
  sagHybridMost: 'Hybrid fork, to',
  sagTrailForkLeast: 'Trail fork, from',
  sagTrailForkMost: 'Trail fork, to',
  sagTrailShockLeast: 'Trail shock, from',
  sagTrailShockMost: 'Trail shock, to',
  sagParkForkLeast: 'Park fork, from',
  sagParkForkMost: 'Park fork, to',
  sagParkShockLeast: 'Park shock, from',
  sagParkShockMost: 'Park shock, to',
  leverDrag: 'Lever bites before this: drag?',
  leverLong: 'Lever is long from',
  leverStop: 'Lever: stop at',
  hangerFew: 'Hanger, up to 10 sprockets: bent at',
  hangerMany: 'Hanger, 11 and more: bent at',
  slackTight: 'Chain slack: tight at',
  slackLoose: 'Chain slack: loose at',
  slackOff: 'Chain slack: do not ride at',
  chargeLeast: 'Stored battery, from',
  chargeMost: 'Stored battery, to',
  batteryHealth: 'Battery health: plan a new one at',
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
