import type { Trace } from '@cadre/core/tracing';
import { BRAKE_TRACES } from './brakes';
import { CHASSIS_TRACES } from './chassis';
import { DRIVETRAIN_TRACES } from './drivetrain';
import { WHEEL_TRACES } from './wheels';

/** The searches for a cause that ship, by where the symptom shows. */
export const TRACES: readonly Trace[] = [
  ...CHASSIS_TRACES,
  ...BRAKE_TRACES,
  ...WHEEL_TRACES,
  ...DRIVETRAIN_TRACES,
];
