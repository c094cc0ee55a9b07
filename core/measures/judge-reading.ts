import { assertNever } from '@cadre/core/errors';
import { brakesAt, type Build, type FitList } from '@cadre/core/fleet';
import { chargeVerdict } from './battery';
import { CHAIN_METHODS, chainLimits, chainVerdict, type ChainLimits, type ChainPreset } from './chain';
import { slackVerdict } from './chain-slack';
import { discPadVerdicts } from './disc-pad';
import { hangerVerdict } from './hanger';
import { leverVerdict } from './lever-travel';
import { limitOf, type LimitChoices, type Sourced } from './limits';
import { measured, reaches, sinksTo, unmeasured, issue, type Measured } from './measured';
import type { Measure } from './measures';
import { rimPadVerdict } from './rim-pad';
import { rimTrackVerdict } from './rim-track';
import { rimWallVerdict } from './rim-wall';
import { rotorVerdicts } from './rotor';
import { runOutVerdict, widestDifference } from './run-out';
import { sealantVerdict } from './sealant';
import { spokesVerdicts } from './spokes';
import { sagVerdict, type SagBand } from './suspension';
import { pressureVerdict, tyreWindow, type PressureWindow } from './tyre-window';
import { SLIPPERY_SHARE, usualPressure } from './usual-pressure';
import { BECOMES, fixOnSpot, pass, unknown, worstFirst, type NextStep, type Verdict } from './verdict';

/** What a reading is judged on: the bike as built, what is marked on it, and this program's limits. */
export interface MeasuredOn {
  readonly build: Build;
  /** Where on the bike; `only` where it has no ends. */
  readonly end: 'front' | 'rear' | 'only';
  /** Sag and pressure are the shock's, not the fork's. */
  readonly rearSuspension: boolean;
  /** What is stated on model, bike and part, the nearest to the part winning. */
  readonly fit: FitList;
  readonly chainPreset: ChainPreset;
  /** What a tyre is set to: the program's figure for this kind of bike, or whatever its window allows. */
  readonly pressureBy?: 'house' | 'window' | 'calculated' | undefined;
  /** Slippery weather, in a program that lets a little air out for it. */
  readonly softer?: boolean | undefined;
  readonly limits: LimitChoices;
  /** The checklist's own limit, in the measure's unit, with what a reading past it is. */
  readonly own?: OwnReadingLimit | undefined;
  readonly inStore?: boolean | undefined;
  /** The wheel at this end is new, or the checklist is for a new bike. */
  readonly newWheel?: boolean | undefined;
}

/** A limit that a checklist's author chose. Without a severity: soon, and of a chain upkeep, as the shipped limits have it. */
export interface OwnReadingLimit {
  readonly least?: number | undefined;
  readonly most?: number | undefined;
  readonly severity?: OwnLimitSeverity | undefined;
}
export const OWN_LIMIT_SEVERITIES = ['stop', 'soon', 'upkeep', 'watch'] as const;
export type OwnLimitSeverity = (typeof OWN_LIMIT_SEVERITIES)[number];

/** A reading in the core's units. `method` says how it was taken where that changes what it means. */
export interface Taken {
  readonly measure: Measure;
  readonly method?: string | undefined;
  readonly values: readonly number[];
}

function stated(on: MeasuredOn, key: string): number | undefined {
  const value = on.fit[key];
  return typeof value === 'number' ? value : undefined;
}

function atEnd(on: MeasuredOn, key: string): number | undefined {
  return stated(on, `${key}${on.end === 'rear' ? 'Rear' : 'Front'}`);
}

/** The limits of the chain on this bike; what its maker states is in percent. */
export function chainLimitsOn(on: Pick<MeasuredOn, 'build' | 'chainPreset' | 'limits' | 'fit'>): ChainLimits {
  const marked = on.fit.chainLimit;
  return chainLimits(
    on.build,
    on.chainPreset,
    on.limits,
    typeof marked === 'number' ? marked / 100 : undefined,
  );
}

/** The window of the tyre at this end, from what is marked on it and its rim and the start chosen for it, else the program's floor. */
export function windowOn(on: Pick<MeasuredOn, 'fit' | 'end' | 'limits' | 'build'>): PressureWindow {
  const end = on.end === 'rear' ? 'Rear' : 'Front';
  const number = (key: string): number | undefined =>
    typeof on.fit[`${key}${end}`] === 'number' ? Number(on.fit[`${key}${end}`]) : undefined;
  return tyreWindow(
    {
      sidewallMin: number('sidewallMin'),
      sidewallMax: number('sidewallMax'),
      rimMax: number('rimMax'),
      hookless: on.fit[`hookless${end}`] === 'yes',
      width: number('tyreWidth'),
      start: number('startPressure'),
      tubeless: on.build[`tyre${end}`] === 'tubeless',
    },
    on.limits,
  );
}

/** What this tyre is set to: the start chosen for it, else the program's figure for this kind of bike; nothing where the window alone counts, or a start is to be calculated first. */
function aimOn(on: MeasuredOn, window: PressureWindow): { readonly aim?: Sourced } {
  const end = on.end === 'rear' ? 'rear' : 'front';
  const aim =
    window.floorSource === 'start' && window.floor !== null
      ? { value: window.floor, source: 'start' as const }
      : on.pressureBy === 'window' || on.pressureBy === 'calculated'
        ? null
        : usualPressure(on.build.kind, end, window, on.limits, on.softer ? SLIPPERY_SHARE : 1);
  return aim ? { aim } : {};
}

/** Outside its window a tyre is pumped or let down at once. Left so: over what is marked it may burst off, under the marked minimum it may roll off, under a floor of ours it wears. */
function tyreVerdict(value: number, on: MeasuredOn): Verdict {
  const window = windowOn(on);
  const floor =
    window.floor === null
      ? null
      : { value: window.floor, source: window.floorSource ?? ('marking' as const) };
  const ceiling = window.ceiling === null ? null : { value: window.ceiling, source: 'marking' as const };
  if (window.conflict)
    return { outcome: 'fail', becomes: 'stop', value, limit: floor, next: 'conflict-ask-maker' };
  switch (pressureVerdict(value, window)) {
    case 'empty':
      return { outcome: 'fail', becomes: 'stop', value, limit: floor, next: 'find-leak' };
    case 'low': {
      // A start that was chosen lies over the marked minimum: a tyre under both is under what is marked.
      const marked = stated(on, `sidewallMin${on.end === 'rear' ? 'Rear' : 'Front'}`);
      const underMarked = marked !== undefined && !reaches(value, marked);
      const limit: Sourced | null = underMarked ? { value: marked, source: 'marking' } : floor;
      return { ...fixOnSpot(value, limit, 'pump', underMarked ? 'stop' : 'soon'), ...aimOn(on, window) };
    }
    case 'high':
      return { ...fixOnSpot(value, ceiling, 'let-down', 'stop'), ...aimOn(on, window) };
    case 'inside':
      return pass(value, floor);
    default:
      return unknown(value, 'read-tyre-marking');
  }
}

/** A fork's or shock's pressure says nothing by itself but whether it is over what is marked. */
function springVerdict(value: number, on: MeasuredOn): Verdict {
  const most = stated(on, on.rearSuspension ? 'shockPressureMax' : 'forkPressureMax');
  if (most === undefined) return unknown(value, 'read-fork-marking');
  const limit = { value: most, source: 'marking' as const };
  return reaches(value, most)
    ? { outcome: 'fail', becomes: 'stop', value, limit, next: 'let-fork-down' }
    : pass(value, limit);
}

/** Kinds whose forks are soft and short; the others are ridden on trails or in a park, as their fit list says. */
const SOFT_FORKS: readonly Build['kind'][] = ['child', 'hybrid', 'step-through', 'cargo', 'trike'];

/** The band a sag belongs in on this bike. */
export function bandOn(on: Pick<MeasuredOn, 'build' | 'fit' | 'rearSuspension'>): SagBand {
  if (on.rearSuspension) return on.fit.suspensionUse === 'park' ? 'park-shock' : 'trail-shock';
  if (SOFT_FORKS.includes(on.build.kind)) return 'hybrid-fork';
  return on.fit.suspensionUse === 'park' ? 'park-fork' : 'trail-fork';
}

/** Whether the chain works the only brake there is. */
export function onlyBrakeIsCoaster(
  build: Pick<Build, 'brakeFront' | 'brakeRear' | 'brakeRearSecond'>,
): boolean {
  const { brakeFront, brakeRear, brakeRearSecond = 'none' } = build;
  return brakeRear === 'coaster' && brakeFront === 'none' && ['none', 'parking'].includes(brakeRearSecond);
}

function one(answer: Measured<Verdict>): Measured<readonly Verdict[]> {
  return answer.ok ? measured([answer.value]) : answer;
}

function byMeasure({ measure, method, values }: Taken, on: MeasuredOn): Measured<readonly Verdict[]> {
  const [first = Number.NaN] = values;
  const { limits } = on;
  switch (measure) {
    case 'chain':
      return one(
        chainVerdict(
          first,
          chainLimitsOn(on),
          limits,
          CHAIN_METHODS.find((each) => each === method),
        ),
      );
    case 'disc-pad':
      return discPadVerdicts(
        values,
        method === 'total' ? 'total' : 'compound',
        { plate: atEnd(on, 'padPlate'), totalMin: atEnd(on, 'padTotalMin') },
        limits,
      );
    case 'rim-pad':
      return one(
        rimPadVerdict({ line: method === 'line-gone' ? 'gone' : 'none', overHolder: first }, limits),
      );
    case 'rotor':
      return rotorVerdicts(
        values,
        { min: atEnd(on, 'rotorMin'), nominal: atEnd(on, 'rotorNominal') },
        limits,
      );
    case 'rim-track':
      return one(rimTrackVerdict(first, method === 'mark-gone' ? 'gone' : 'none', limits));
    case 'rim-wall':
      return one(rimWallVerdict(first, atEnd(on, 'rimWallMin'), limits));
    case 'sealant':
      return one(
        sealantVerdict(first, method === 'poured' ? 'poured' : 'left', atEnd(on, 'sealant'), limits),
      );
    case 'run-out': {
      const rimBrake = brakesAt(on.build, on.end === 'rear' ? 'rear' : 'front').includes('rim');
      return one(runOutVerdict(values, { rimBrake, fresh: on.newWheel }, limits));
    }
    case 'spokes': {
      const answer = spokesVerdicts(
        { readings: values, method: method === 'pitch' ? 'pitch' : 'meter', floor: atEnd(on, 'spokeFloor') },
        limits,
      );
      return answer.ok ? measured(answer.value.verdicts) : answer;
    }
    case 'tyre-window':
      return measured([tyreVerdict(first, on)]);
    case 'pressure':
      return measured([springVerdict(first, on)]);
    case 'sag':
      return one(sagVerdict(first, bandOn(on), limits));
    case 'lever-travel':
      return one(leverVerdict(first, false, limits));
    case 'hanger':
      return one(hangerVerdict(values.length === 1 ? [0, first] : values, on.build.sprockets, limits));
    case 'chain-slack':
      return one(slackVerdict(first, limits, onlyBrakeIsCoaster(on.build)));
    case 'battery': {
      if (method !== 'health') return one(chargeVerdict(first, on.inStore === true, limits));
      const limit = limitOf(limits, 'batteryHealth');
      return measured([
        sinksTo(first, limit.value)
          ? { outcome: 'renew', becomes: 'upkeep', value: first, limit, next: 'plan-battery' }
          : pass(first, limit),
      ]);
    }
    case 'torque':
    case 'interval':
      return measured([unknown(first, 'person-says')]);
    default:
      return assertNever(measure);
  }
}

/** The lowest and highest of what a shipped limit of this measure is compared with: never a spread or a difference between places. */
function quantity(
  { measure, method, values }: Taken,
  on: MeasuredOn,
): { readonly low: number; readonly high: number } {
  const range = (list: readonly number[]): { readonly low: number; readonly high: number } => ({
    low: Math.min(...list),
    high: Math.max(...list),
  });
  switch (measure) {
    case 'disc-pad': {
      const plate = method === 'total' ? (atEnd(on, 'padPlate') ?? limitOf(on.limits, 'padPlate').value) : 0;
      return range(values.map((value) => Math.max(0, value - plate)));
    }
    case 'hanger':
      return range([values.length === 1 ? (values[0] ?? 0) : widestDifference(values)]);
    case 'spokes': {
      const answer = spokesVerdicts(
        { readings: values, method: method === 'pitch' ? 'pitch' : 'meter' },
        on.limits,
      );
      return range(answer.ok ? answer.value.relative : values);
    }
    default:
      return range(values);
  }
}

/** The checklist's own limit on top: past it a reading is what its author chose, never worse, and no sounder than it is anyway. */
function byOwnLimit(taken: Taken, on: MeasuredOn): readonly Verdict[] {
  const { own } = on;
  if (!own) return [];
  const { low, high } = quantity(taken, on);
  const becomes = own.severity ?? (taken.measure === 'chain' ? 'upkeep' : 'soon');
  const past = (value: number, limit: number): Verdict => ({
    ...{ outcome: becomes === 'watch' ? 'watch' : 'fail', becomes, value },
    ...{ limit: { value: limit, source: 'checklist' }, next: 'own-limit' },
  });
  if (own.least !== undefined && sinksTo(low, own.least)) return [past(low, own.least)];
  if (own.most !== undefined && reaches(high, own.most)) return [past(high, own.most)];
  return [];
}

/** Verdicts on how much the places or sides differ: they say nothing of the figure a checklist limits. */
const OF_SPREAD: readonly NextStep[] = ['centre-caliper', 'note-pulsing'];

/** Whether another verdict on the same figure already weighs as much: then the checklist's own limit adds nothing. */
function isOutweighed(own: Verdict, others: readonly Verdict[]): boolean {
  return others.some(
    (other) =>
      !OF_SPREAD.includes(other.next) &&
      speaksAgainst(other) &&
      BECOMES.indexOf(other.uncorrected ?? other.becomes) >= BECOMES.indexOf(own.becomes),
  );
}

/**
 * What a reading means on this bike, worst first: reading, limit, where the limit comes from, what to do next. Markings beat the checklist, that the
 * policy, that the default. Refused: values no part can have.
 */
export function judgeReading(taken: Taken, on: MeasuredOn): Measured<readonly Verdict[]> {
  if (
    taken.values.length === 0 ||
    taken.values.some((value) => !Number.isFinite(value) || (value < 0 && taken.measure !== 'chain'))
  )
    return unmeasured(issue('values', 'not-a-number'));
  const answer = byMeasure(taken, on);
  if (!answer.ok) return answer;
  return measured(
    worstFirst([...answer.value, ...byOwnLimit(taken, on).filter((own) => !isOutweighed(own, answer.value))]),
  );
}

/** Whether a verdict lets nobody but the lead pass it: it says worse than a note. */
export function speaksAgainst(verdict: Verdict): boolean {
  return verdict.outcome !== 'pass' && verdict.outcome !== 'unknown';
}
