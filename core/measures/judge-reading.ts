import { assertNever } from '@cadre/core/errors';
import type { Build, FitList } from '@cadre/core/fleet';
import { chargeVerdict } from './battery';
import { chainLimits, chainVerdict, type ChainLimits, type ChainPreset } from './chain';
import { slackVerdict } from './chain-slack';
import { discPadVerdicts } from './disc-pad';
import { hangerVerdict } from './hanger';
import { leverVerdict } from './lever-travel';
import { limitOf, type LimitChoices } from './limits';
import { measured, reaches, sinksTo, unmeasured, issue, type Measured } from './measured';
import type { Measure } from './measures';
import { rimPadVerdict } from './rim-pad';
import { rimTrackVerdict } from './rim-track';
import { rotorVerdicts } from './rotor';
import { runOutVerdict } from './run-out';
import { spokesVerdicts } from './spokes';
import { sagVerdict, type SagBand } from './suspension';
import { pressureVerdict, tyreWindow, type PressureWindow } from './tyre-window';
import { sound, unknown, worstFirst, type Verdict } from './verdict';

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
  readonly limits: LimitChoices;
  /** The sheet's own limit, in the measure's unit. */
  readonly own?: { readonly least?: number | undefined; readonly most?: number | undefined } | undefined;
  readonly inStore?: boolean | undefined;
}

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
  return chainLimits(on.build, on.chainPreset, on.limits, typeof marked === 'number' ? marked / 100 : undefined);
}

/** The window of the tyre at this end, from what is marked on it and its rim, else the house's floor. */
export function windowOn(on: Pick<MeasuredOn, 'fit' | 'end' | 'limits'>): PressureWindow {
  const end = on.end === 'rear' ? 'Rear' : 'Front';
  const number = (key: string): number | undefined => (typeof on.fit[`${key}${end}`] === 'number' ? Number(on.fit[`${key}${end}`]) : undefined);
  return tyreWindow(
    {
      sidewallMin: number('sidewallMin'),
      sidewallMax: number('sidewallMax'),
      rimMax: number('rimMax'),
      hookless: on.fit[`hookless${end}`] === 'yes',
      width: number('tyreWidth'),
    },
    on.limits,
  );
}

function tyreVerdict(value: number, on: MeasuredOn): Verdict {
  const window = windowOn(on);
  const floor = window.floor === null ? null : { value: window.floor, source: window.floorSource ?? ('marking' as const) };
  const ceiling = window.ceiling === null ? null : { value: window.ceiling, source: 'marking' as const };
  if (window.conflict) return { word: 'fault', becomes: 'soon', value, limit: floor, next: 'conflict-ask-maker' };
  switch (pressureVerdict(value, window)) {
    case 'empty':
      return { word: 'fault', becomes: 'stop', value, limit: floor, next: 'find-leak' };
    case 'low':
      return { word: 'watch', becomes: 'put-right', value, limit: floor, next: 'pump' };
    case 'high':
      return { word: 'watch', becomes: 'put-right', value, limit: ceiling, next: 'let-down' };
    case 'inside':
      return sound(value, floor);
    default:
      return unknown(value, 'read-tyre-marking');
  }
}

/** A fork's or shock's pressure says nothing by itself but whether it is over what is marked. */
function springVerdict(value: number, on: MeasuredOn): Verdict {
  const most = stated(on, on.rearSuspension ? 'shockPressureMax' : 'forkPressureMax');
  if (most === undefined) return unknown(value, 'read-fork-marking');
  const limit = { value: most, source: 'marking' as const };
  return reaches(value, most) ? { word: 'fault', becomes: 'stop', value, limit, next: 'let-fork-down' } : sound(value, limit);
}

/** Kinds whose forks are soft and short; the others are ridden on trails or in a park, as their fit list says. */
const SOFT_FORKS: readonly Build['kind'][] = ['child', 'hybrid', 'step-through', 'cargo', 'trike'];

/** The band a sag belongs in on this bike. */
export function bandOn(on: Pick<MeasuredOn, 'build' | 'fit' | 'rearSuspension'>): SagBand {
  if (on.rearSuspension) return on.fit.suspensionUse === 'park' ? 'park-shock' : 'trail-shock';
  if (SOFT_FORKS.includes(on.build.kind)) return 'hybrid-fork';
  return on.fit.suspensionUse === 'park' ? 'park-fork' : 'trail-fork';
}

function one(answer: Measured<Verdict>): Measured<readonly Verdict[]> {
  return answer.ok ? measured([answer.value]) : answer;
}

function byMeasure({ measure, method, values }: Taken, on: MeasuredOn): Measured<readonly Verdict[]> {
  const [first = Number.NaN] = values;
  const { limits } = on;
  switch (measure) {
    case 'chain':
      return one(chainVerdict(first, chainLimitsOn(on), limits));
    case 'disc-pad':
      return discPadVerdicts(
        values,
        method === 'total' ? 'total' : 'compound',
        { plate: atEnd(on, 'padPlate'), totalMin: atEnd(on, 'padTotalMin') },
        limits,
      );
    case 'rim-pad':
      return one(rimPadVerdict({ line: 'none', overHolder: first }, limits));
    case 'rotor':
      return rotorVerdicts(values, { min: atEnd(on, 'rotorMin'), nominal: atEnd(on, 'rotorNominal') }, limits);
    case 'rim-track':
      return one(rimTrackVerdict(first, 'none', limits));
    case 'run-out': {
      const brake = on.end === 'rear' ? on.build.brakeRear : on.build.brakeFront;
      return one(runOutVerdict(values, { rimBrake: brake === 'rim' }, limits));
    }
    case 'spokes': {
      const answer = spokesVerdicts({ readings: values, method: method === 'pitch' ? 'pitch' : 'meter', floor: atEnd(on, 'spokeFloor') }, limits);
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
      return one(slackVerdict(first, limits));
    case 'battery': {
      if (method !== 'health') return one(chargeVerdict(first, on.inStore === true, limits));
      const limit = limitOf(limits, 'batteryHealth');
      return measured([
        sinksTo(first, limit.value) ? { word: 'renew', becomes: 'upkeep', value: first, limit, next: 'plan-battery' } : sound(first, limit),
      ]);
    }
    case 'torque':
    case 'interval':
      return measured([unknown(first, 'person-says')]);
    default:
      return assertNever(measure);
  }
}

/** The sheet's own limit on top: it may be stricter than what holds anyway, and can make nothing sounder. */
function byOwnLimit(value: number, own: MeasuredOn['own']): readonly Verdict[] {
  if (own?.least !== undefined && sinksTo(value, own.least))
    return [{ word: 'fault', becomes: 'soon', value, limit: { value: own.least, source: 'sheet' }, next: 'person-says' }];
  if (own?.most !== undefined && reaches(value, own.most))
    return [{ word: 'fault', becomes: 'soon', value, limit: { value: own.most, source: 'sheet' }, next: 'person-says' }];
  return [];
}

/**
 * What a reading means on this bike, worst first: reading, limit, where the limit comes from, what to do next. Markings beat the sheet, that the
 * policy, that the default. Refused: values no part can have. Source: the measures and what each verdict becomes.
 */
export function judgeReading(taken: Taken, on: MeasuredOn): Measured<readonly Verdict[]> {
  if (taken.values.length === 0 || taken.values.some((value) => !Number.isFinite(value) || (value < 0 && taken.measure !== 'chain')))
    return unmeasured(issue('values', 'not-a-number'));
  const answer = byMeasure(taken, on);
  if (!answer.ok) return answer;
  return measured(worstFirst([...answer.value, ...byOwnLimit(answer.value[0]?.value ?? 0, on.own)]));
}

/** Whether a verdict leaves calling it sound to nobody but the lead: it says worse than a note. */
export function speaksAgainst(verdict: Verdict): boolean {
  return verdict.word !== 'sound' && verdict.word !== 'unknown';
}
