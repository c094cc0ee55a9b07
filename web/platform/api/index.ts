export { RefusedError, UnreachableError, checkAnswers, onReach, send, sendForText, wantsSignIn } from './api';
export { deviceId } from './device';
export { type Said, fieldWords, wordsFor } from './problems';
