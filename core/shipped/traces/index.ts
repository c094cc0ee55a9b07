import type { Trace } from '@cadre/core/tracing';
import { BRAKE_TRACES } from './brakes';
import { CHASSIS_TRACES } from './chassis';
import { DRIVETRAIN_TRACES } from './drivetrain';
import { NOISE_TRACES } from './noises';
import { byRecord } from './record';
import { WHEEL_TRACES } from './wheels';

/** The searches for a cause that ship, by what shows the symptom. */
export const TRACES_BY_AREA = {
  noises: NOISE_TRACES.map(byRecord),
  chassis: CHASSIS_TRACES.map(byRecord),
  brakes: BRAKE_TRACES.map(byRecord),
  wheels: WHEEL_TRACES.map(byRecord),
  drivetrain: DRIVETRAIN_TRACES.map(byRecord),
} as const;
export type TraceArea = keyof typeof TRACES_BY_AREA;

export const TRACES: readonly Trace[] = Object.values(TRACES_BY_AREA).flat();
