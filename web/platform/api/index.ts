export {
  RefusedError,
  UnreachableError,
  checkAnswers,
  onReach,
  send,
  sendForFile,
  sendForText,
  wantsSignIn,
} from './api';
export { fieldWords } from './field-words';
export type { Said } from './problems';
export { wordsFor } from './words-for';
