export { kitWanted, proposeKit, type KitShare } from './for-group';
export {
  KIT_KINDS,
  KIT_PROBLEMS,
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
