export { kitWanted, proposeKit } from './for-group';
export {
  KIT_KINDS,
  kitProblems,
  missingIssues,
  PROTECTIVE_KIT,
  type KitContent,
  type KitFields,
  type KitKind,
  type KitMissing,
  type KitProblem,
  type KitState,
} from './kit-item';
export { kitNeeds } from './missing';
