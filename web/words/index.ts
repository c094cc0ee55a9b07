export { FITNESS_WORDS, KIND_WORDS, INCIDENT_WORDS, WHEREABOUTS_WORDS, reasonWords } from './bike-words';
export { severityOfFinding } from './severity-of';
export { ACCESSORY_WORDS, BUILD_FIELDS, buildWord } from './build-words';
export {
  PHASE_WORDS,
  POSITION_WORDS,
  SEVERITY_MEANING,
  SEVERITY_WORDS,
  SIDE_WORDS,
  SYSTEM_WORDS,
  ZONE_WORDS,
  withPosition,
  zonesName,
} from './checkpoint-words';
export {
  JOINT_WORDS,
  MISMATCH_WORDS,
  PART_WORDS,
  TOPIC_WORDS,
  fitItemWords,
  fitRows,
  fitText,
  shownUnit as fitUnit,
  fitValue,
  markingsText,
  shownUnit,
} from './fit/fit-words';
export { ROLE_WORDS } from './role-words';
export { CONDITION_WORDS, RETURN_WORDS } from './outing-words';
export { TOUCH_WORDS } from './touch-words';
