export { type SendAct, useAct } from './use-act';
export { useAnswer } from './use-answer';
