export {
  type SavedAct,
  type SavedCheck,
  type SavedMark,
  type SavedPhoto,
  dropValue,
  saveCheck,
  savePlain,
  saveValue,
  localDb,
  savedChecksOf,
  savedKeys,
  savedValue,
  savedUnderWay,
  letGoOfOld,
  withChecklists,
} from './local-db';
export { followSaved, storageTrouble } from './storage';
export { useSavedMarks } from './use-saved-marks';
