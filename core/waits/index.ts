export { answerSoak, type SoakAnswer } from './answer-soak';
export {
  dueAfter,
  dueWaits,
  isDue,
  USUAL_WAIT,
  WAIT_KINDS,
  type Gauged,
  type Wait,
  type WaitKind,
} from './wait';
