export { finishOf, projectFinish, type FinishInput, type Projection } from './finish';
export { minutesEach, type TimedCheck } from './pace';
export {
  ABANDONED_AFTER_MS,
  countRound,
  nextForMe,
  ROW_STATES,
  roundRows,
  type RoundCount,
  type RoundLook,
  type RoundRow,
  type RowState,
  type RoundPlace,
} from './progress';
export { ANY_BIKE, bikesOfRule, neededBikes, type BikeRule, type RoundCandidate } from './rule';
