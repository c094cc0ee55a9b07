export {
  PREP_CHECKLISTS,
  PREP_STEPS,
  prepSteps,
  soakDueAt,
  type PrepSite,
  type PrepStep,
  type PrepStepKind,
} from './steps';
