import type { Guide } from '@cadre/core/guides';
import { BRAKE_GUIDES } from './brakes';
import { DRIVETRAIN_GUIDES } from './drivetrain';
import { REST_GUIDES } from './rest';
import { STEERING_GUIDES } from './steering';
import { WHEEL_GUIDES } from './wheels';

/** The repair guides that ship, by where on the bike the job is. */
export const GUIDES: readonly Guide[] = [
  ...WHEEL_GUIDES,
  ...BRAKE_GUIDES,
  ...STEERING_GUIDES,
  ...DRIVETRAIN_GUIDES,
  ...REST_GUIDES,
];
