import {
  criticalBecause,
  type By,
  type Checkpoint,
  type ItemChange,
  type MarkingWay,
  type Route,
  type RouteKey,
  type ChecklistChange,
  type ChecklistWarning,
  type Stance,
} from '@cadre/core/catalogue';
import type { BikeKind } from '@cadre/core/fleet';
import * as t from './messages';

const KIND_NAMES: Record<BikeKind, string> = {
  child: t.childsBike,
  hybrid: t.hybrid,
  hardtail: t.hardtail,
  'full-suspension': t.fullSuspensionBike,
  'step-through': t.stepThroughEBike,
  cargo: t.cargoBike,
  trike: t.trike,
};

export const STANCE_WORDS: Record<Stance, string> = {
  drive: t.fromDriveSide,
  off: t.fromOffSide,
};

export const BY_WORDS: Record<By, string> = {
  wear: t.wear,
  age: t.age,
  work: t.workshopWork,
  crash: t.aCrash,
  water: t.water,
};

export const ROUTE_WORDS: Record<RouteKey, string> = {
  'm-front-first': t.mFrontFirst,
  'm-rear-first': t.mRearFirst,
  'front-to-back': t.frontBack,
  'top-down': t.topDownLoop,
  'by-system': t.bySystem,
};
export const ROUTE_REASONS: Record<RouteKey, string> = {
  'm-front-first': t.wheelUpFrontDown,
  'm-rear-first': t.samePathFromRear,
  'front-to-back': t.steeringBrakesFirstAfter,
  'top-down': t.cockpitAlongTopRear,
  'by-system': t.allWheelsThenAll,
};
export const routeName = (route: Route): string =>
  typeof route === 'string' ? ROUTE_WORDS[route] : route.name;

export const MARKING_WORDS: Record<MarkingWay, string> = {
  'by-person': t.stationTraineesAnswerCritical,
  'by-station': t.stationForEverybody,
  'criticals-one-by-one': t.criticalQuestionsOneOne,
  'all-one-by-one': t.allQuestionsOneOne,
};

export const ITEM_CHANGE_WORDS: Record<ItemChange, string> = {
  'critical-dropped': t.noLongerCritical,
  'critical-added': t.criticalNow,
  rule: t.askedForOtherBikes,
  faults: t.faults,
  wording: t.text,
  limit: t.limit,
  minutes: t.minutes2,
  positions: t.positions,
};
export const CHECKLIST_CHANGE_WORDS: Record<ChecklistChange, string> = {
  name: t.name2,
  purpose: t.purpose2,
  route: t.route2,
  clears: t.whatCheckClears,
  kinds: t.kindsBike,
  between: t.possibleEventsSinceLastCheck,
  order: t.order,
};

/** Why a checkpoint is critical on a checklist, by the very fault that makes it so. */
export function criticalWords(checkpoint: Pick<Checkpoint, 'faults'>, between: readonly By[]): string {
  const fault = criticalBecause(checkpoint, between);
  if (!fault) return t.noDoNotRide;
  const how = fault.by
    ? t.byBy2({
        by: fault.by
          .filter((each) => between.includes(each))
          .map((each) => BY_WORDS[each])
          .join(' or '),
      })
    : t.onAnyOuting;
  return t.nameMeansDoNot({ name: fault.name, how });
}

/** Minutes as people say them: half minutes up to ten, whole ones after. */
export function minutesWords(minutes: number): string {
  if (minutes < 1) return t.underMinute;
  return t.minutesMin({ minutes: minutes < 10 ? Math.round(minutes * 2) / 2 : Math.round(minutes) });
}

export function warningWords(warning: ChecklistWarning): string {
  switch (warning.code) {
    case 'no-criticals':
      return t.checklistHasNoCritical;
    case 'no-criticals-on':
      return t.noQuestionCriticalFor({ kindNames: KIND_NAMES[warning.kind] });
    case 'nothing-asked-of':
      return t.noQuestionAppliesKindNames({ kindNames: KIND_NAMES[warning.kind] });
    default:
      return `${warning.checkpoint}: “${warning.clause}” ${warning.truth === 'always' ? t.trueForEveryBike2 : t.trueForNoBike2}.`;
  }
}
