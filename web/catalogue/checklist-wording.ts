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

const KIND_NAMES: Record<BikeKind, string> = {
  child: 'child’s bike',
  hybrid: 'hybrid',
  hardtail: 'hardtail',
  'full-suspension': 'full-suspension bike',
  'step-through': 'step-through e-bike',
  cargo: 'cargo bike',
  trike: 'trike',
};

export const STANCE_WORDS: Record<Stance, string> = {
  drive: 'from the drive side',
  off: 'from the off side',
};

export const BY_WORDS: Record<By, string> = {
  wear: 'wear',
  age: 'age',
  work: 'workshop work',
  crash: 'a crash',
  water: 'water',
};

export const ROUTE_WORDS: Record<RouteKey, string> = {
  'm-front-first': 'M, front first',
  'm-rear-first': 'M, rear first',
  'front-to-back': 'Front to back',
  'top-down': 'Top-down loop',
  'by-system': 'By system',
};
export const ROUTE_REASONS: Record<RouteKey, string> = {
  'm-front-first':
    'Wheel, up to the front, down to the cranks, up to the saddle, down to the other wheel: one stroke, nothing passed twice.',
  'm-rear-first': 'The same stroke begun at the rear: for racks where the rear wheel hangs out.',
  'front-to-back': 'What leads the bike first; whoever is interrupted knows where they were.',
  'top-down': 'Cockpit, along the top to the rear, back along the bottom: the eye bends down once.',
  'by-system': 'All wheels, then all brakes: like is compared with like, at the price of steps.',
};
export const routeName = (route: Route): string =>
  typeof route === 'string' ? ROUTE_WORDS[route] : route.name;

export const MARKING_WORDS: Record<MarkingWay, string> = {
  'by-person': 'By station; trainees give criticals one by one',
  'by-station': 'By station for everybody',
  'criticals-one-by-one': 'Criticals one by one for everybody',
  'all-one-by-one': 'All one by one for everybody',
};

export const ITEM_CHANGE_WORDS: Record<ItemChange, string> = {
  'critical-dropped': 'not critical any more',
  'critical-added': 'critical now',
  rule: 'asked of other bikes',
  faults: 'faults',
  wording: 'wording',
  limit: 'limit',
  minutes: 'minutes',
  positions: 'positions',
};
export const CHECKLIST_CHANGE_WORDS: Record<ChecklistChange, string> = {
  name: 'name',
  purpose: 'purpose',
  route: 'route',
  clears: 'what it clears',
  kinds: 'kinds of bike',
  between: 'what may have happened since',
  order: 'order',
};

/** Why a checkpoint is critical on a checklist, by the very fault that makes it so. */
export function criticalWords(checkpoint: Pick<Checkpoint, 'faults'>, between: readonly By[]): string {
  const fault = criticalBecause(checkpoint, between);
  if (!fault) return 'No stop fault can arise between two such looks.';
  const how = fault.by
    ? `by ${fault.by
        .filter((each) => between.includes(each))
        .map((each) => BY_WORDS[each])
        .join(' or ')}`
    : 'on any outing';
  return `“${fault.name}” is a stop and can arise ${how}.`;
}

/** Minutes as people say them: half minutes up to ten, whole ones after. */
export function minutesWords(minutes: number): string {
  if (minutes < 1) return 'under a minute';
  return `${minutes < 10 ? Math.round(minutes * 2) / 2 : Math.round(minutes)} min`;
}

export function warningWords(warning: ChecklistWarning): string {
  switch (warning.code) {
    case 'no-criticals':
      return 'Nothing on this checklist is critical: signed with nothing looked at, it would still be complete.';
    case 'no-criticals-on':
      return `Nothing is critical on a ${KIND_NAMES[warning.kind]}.`;
    case 'nothing-asked-of':
      return `It asks nothing of a ${KIND_NAMES[warning.kind]}.`;
    default:
      return `${warning.checkpoint}: “${warning.clause}” ${warning.truth === 'always' ? 'holds for every bike' : 'can hold for no bike'}.`;
  }
}
