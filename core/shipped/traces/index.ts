import type { Trace } from '@cadre/core/tracing';
import { BRAKE_TRACES } from './brakes';
import { CHASSIS_TRACES } from './chassis';
import { DRIVETRAIN_TRACES } from './drivetrain';
import { NOISE_TRACES } from './noises';
import { WHEEL_TRACES } from './wheels';

/** The searches for a cause that ship, by where the symptom shows. */
export const TRACES: readonly Trace[] = [
  ...NOISE_TRACES,
  ...CHASSIS_TRACES,
  ...BRAKE_TRACES,
  ...WHEEL_TRACES,
  ...DRIVETRAIN_TRACES,
];
