export { onReach, RefusedError, send, sendForText, UnreachableError } from './api';
export { deviceId } from './device';
export { clock, count, dayAndClock, dayAt, dayWords, setHomeZone, untilNow } from './format';
export {
  dropThing,
  keepCheck,
  keepPlain,
  keepThing,
  kept,
  keptChecksOf,
  keptKeys,
  keptThing,
  keptUnderWay,
  letGoOfOld,
  withSheets,
  type KeptAct,
  type KeptCheck,
  type KeptMark,
  type KeptPhoto,
} from './kept';
export { keyHelp, onScan, useKeys, type KeyHelp, type KeyMap } from './keys';
export { fieldWords, wordsFor, type Said } from './problems';
export { saveFile } from './save-file';
export { followKept } from './storage';
export { theme } from './theme';
export { ON_PAPER, onPaper, useToday } from './on-paper';
export { now, setServerNow, useNow } from './use-now';
export { useAct, type SendAct } from './use-act';
export { useAnswer } from './use-answer';
export { useKeptMarks, type KeptMarks } from './use-kept-marks';
