export {
  type KeptAct,
  type KeptCheck,
  type KeptMark,
  type KeptPhoto,
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
  withChecklists,
} from './local-db';
export { followKept, storageTrouble } from './storage';
export { useKeptMarks } from './use-kept-marks';
