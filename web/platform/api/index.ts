export { RefusedError, UnreachableError, checkAnswers, onReach, send, sendForText, wantsSignIn } from './api';
export { type Said, fieldWords, wordsFor } from './problems';
