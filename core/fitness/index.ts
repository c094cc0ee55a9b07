export {
  evaluateFitness,
  hasServiceOverdue,
  FITNESSES,
  isClockBehind,
  isDraftHold,
  mayGoOut,
  needsHold,
  overdueServices,
  type Ending,
  type Fitness,
  type FitnessAnswer,
  type Reason,
} from './evaluate';
export { NO_FACTS, type DueService, type FitnessFacts, type NewestCheck } from './facts';
export { policyEffect, type PolicyEffect } from './policy-effect';
export { standingCheck, type ChecklistHistory } from './standing-check';
export { releaseReadiness, type ReleaseBlock, type ReleaseReadiness } from './release';
