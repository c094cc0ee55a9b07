export { finishOf, projectFinish, type Projection } from './finish';
export { minutesEach } from './pace';
export {
  ABANDONED_AFTER_MS,
  countRound,
  nextForMe,
  roundRows,
  type RoundCount,
  type RoundLook,
  type RoundRow,
} from './progress';
export { ANY_BIKE, bikesOfRule, neededBikes, type BikeRule, type RoundCandidate } from './rule';
