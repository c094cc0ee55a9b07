export {
  type SavedAct,
  type SavedCheck,
  type SavedEntry,
  type SavedMark,
  type SavedPhoto,
  type SavedSound,
  type SavedWriter,
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
