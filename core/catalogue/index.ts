export { criticalBecause, type At, type Checkpoint, type Fault } from './checkpoint';
export {
  changesNothing,
  compareChecklists,
  droppedCriticals,
  ITEM_CHANGES,
  CHECKLIST_CHANGES,
  type ItemChange,
  type ChecklistChange,
  type ChecklistDifference,
} from './compare-checklists';
export { clearsNot, type ClearsNot } from './clearing';
export { coverageOf, STANDS_FOR, leavesOut, spanOf, type Coverage, type ChecklistSpan } from './coverage';
export { DRAWINGS } from './drawings';
export { parseRule, type RuleProblem } from './parse-rule';
export {
  completePolicy,
  DEFAULT_POLICY,
  REST_DAYS,
  isGivenSingly,
  LEGAL_WEIGHTS,
  MARKING_WAYS,
  type LegalWeight,
  type MarkingWay,
  type MoneyPolicy,
  type PolicyVersion,
} from './policy';
export {
  leastTurns,
  LONG_CHECKLIST,
  ROUTE_KEYS,
  STATION_ROWS,
  stationsOf,
  turnsOf,
  zonesOf,
  type OwnRoute,
  type Route,
  type RouteKey,
  type Station,
} from './route';
export {
  asksAbout,
  PAIRED,
  asBuilt,
  failingClause,
  holds,
  type Fitted,
  type FittedPart,
  type Rule,
} from './rule';
export { ruleText } from './rule-text';
export {
  climateOn,
  CLIMATES,
  CLIMATE_FACTORS,
  dayOfYear,
  seasonIssues,
  WEATHERED,
  type Climate,
  type Factors,
  type Season,
} from './season';
export { OVERDUE_MEANINGS, type OverdueMeaning, type ServiceRule, type Settling } from './service-rule';
export { idleClause, truthOf, type Truth } from './rule-truth';
export { practised, rewritten, type PracticeChange } from './practice-change';
export {
  exceptionIssues,
  INTERVAL_PRACTICES,
  practicesOn,
  type PracticeException,
} from './practice-exception';
export { policyOn } from './policy-on';
export { practicesEffect, type EffectBike } from './practices-effect';
export {
  DEFAULT_PRACTICES,
  isPracticeQuestion,
  PRACTICE_QUESTIONS,
  PRACTICES,
  type PracticeQuestion,
  type Practices,
} from './practices';
export {
  placeOfKey,
  questionKey,
  minutesOf,
  questionsOf,
  newCriticals,
  rideOutFor,
  ruledOutOf,
  type Question,
  type ChecklistItem,
  type ChecklistVersion,
} from './checklist';
export {
  positionsAsked,
  checklistIssues,
  checklistWarnings,
  type ChecklistWarning,
} from './checklist-issues';
export {
  BY,
  isRear,
  isWorse,
  PHASES,
  POSITIONS,
  SEVERITIES,
  STANCES,
  SYSTEM_OF,
  SYSTEMS,
  worstSeverity,
  ZONES,
  type By,
  type Phase,
  type Position,
  type Severity,
  type Stance,
  type System,
  type Zone,
} from './words';
export { measuredOn, onChecklist, WHEEL_ENDS, type MeasuredBike } from './measured-on';
export {
  disturbancesOf,
  disturbedAt,
  DISTURBANCES,
  isEnded,
  leastWork,
  positionsOfTouch,
  TOUCHES,
  withImplied,
  WORKS,
  type Disturbance,
  type Touch,
  type Touched,
  type Work,
} from './work';
export { CONDITIONS, type Conditions, type ReturnPolicy } from './return-policy';
