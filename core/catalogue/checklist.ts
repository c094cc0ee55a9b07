import type { OwnReadingLimit } from '@cadre/core/measures';
import type { Checkpoint, Fault } from './checkpoint';
import type { MeasuredBike } from './measured-on';
import { isAskedFirst, practised } from './practice-change';
import { DEFAULT_PRACTICES, type Practices } from './practices';
import type { Route } from './route';
import { asksAbout, failingClause, holds, type Fitted, type Rule } from './rule';
import type { By, Position, Zone } from './words';

/** A limit of this checklist's own, in the unit of the checkpoint's measure, with what a reading past it is. */
export type OwnLimit = OwnReadingLimit;

export interface ChecklistItem {
  readonly checkpoint: Checkpoint;
  /** Without it a check on this checklist is incomplete. */
  readonly critical: boolean;
  /** Asked only here, where the checkpoint could be asked in more places (a recheck of one wheel). */
  readonly positions?: readonly Position[] | undefined;
  readonly limit?: OwnLimit | undefined;
  /** For one position, where this checklist gives it another time than the catalogue. */
  readonly minutes?: number | undefined;
}

/** How long a complete, signed check counts. */
export interface Validity {
  readonly until: 'end-of-day-or-return' | 'never';
}

/**
 * A published choice of checkpoints with their wording frozen in. It never changes; what the record
 * names is the hash of this document. Schema 1 knew fewer routes and rules; it reads as it always did.
 */
export interface ChecklistVersion {
  readonly schema: 1 | 2;
  readonly key: string;
  readonly version: number;
  readonly name: string;
  readonly purpose: string;
  readonly route: Route;
  /** Whether a complete check on it makes a bike valid for going out. A recheck never does. */
  readonly clears: boolean;
  /** Counts only on a day on which a whole ride-out was done: a minute between riders stands on that. */
  readonly afterRideOut?: boolean | undefined;
  readonly validity: Validity;
  /** What may have happened since the last such look, besides outings: decides what is critical. */
  readonly between?: readonly By[] | undefined;
  /** Kinds of bike it is meant for; absent: all. It may be used on any. */
  readonly kinds?: readonly string[] | undefined;
  /** Ends whose wheel is new, on the recheck of a repair that fitted one: its run-out is judged as a new wheel's. */
  readonly newWheels?: MeasuredBike['newWheels'];
  readonly items: readonly ChecklistItem[];
}

/** One question of a check: a checkpoint at one position of this bike. */
export interface Question {
  readonly key: string;
  readonly checkpoint: Checkpoint;
  readonly position: Position;
  readonly zone: Zone;
  readonly critical: boolean;
  readonly limit?: OwnLimit | undefined;
  readonly minutes: number;
  /** What it is put by: the house's ways are said beside it. */
  readonly practices?: Practices | undefined;
}

/** What one question of a bike is told apart by: the checkpoint, and where on the bike. A wheel's second brake is a position of its own. */
export interface QuestionPlace {
  readonly checkpoint: string;
  readonly position: Position;
}

/** The key of a question. `placeOfKey` reads it back. */
export function questionKey({ checkpoint, position }: QuestionPlace): string {
  return `${checkpoint}@${position}`;
}

/** The checkpoint and position a question's key names. */
export function placeOfKey(key: string): QuestionPlace {
  const [checkpoint = '', position = 'only'] = key.split('@');
  return { checkpoint, position: position as Position };
}

const ENDS = ['only', 'front', 'rear'] as const;

/** Where a checkpoint is asked at one end: twice where a trike has two wheels, and where the rear wheel has two brakes and it asks about a brake. */
function positionsOf(
  at: (typeof ENDS)[number],
  { build }: Fitted,
  { applies }: Pick<Checkpoint, 'applies'>,
): readonly Position[] {
  if (at === 'front' && build.kind === 'trike') return ['left-front', 'right-front'];
  const hasSecond = (build.brakeRearSecond ?? 'none') !== 'none';
  return at === 'rear' && hasSecond && asksAbout(applies, 'brake') ? ['rear', 'rear-second'] : [at];
}

/** A checkpoint with the faults that are a stop on this very bike as such. */
function onThisBike(checkpoint: Checkpoint, fitted: Fitted, position: Position): Checkpoint {
  const isStop = (fault: Fault): boolean =>
    fault.floor !== 'stop' && fault.stopWhere !== undefined && holds(fault.stopWhere, fitted, position);
  if (!checkpoint.faults.some(isStop)) return checkpoint;
  return {
    ...checkpoint,
    faults: checkpoint.faults.map((fault) => (isStop(fault) ? { ...fault, floor: 'stop' as const } : fault)),
  };
}

/** What these practices have asked before all else comes before all else; what else there is keeps its order. */
function inOrder(items: readonly ChecklistItem[], practices: Practices): readonly ChecklistItem[] {
  const first = items.filter(({ checkpoint }) => isAskedFirst(checkpoint, practices));
  return first.length > 0 ? [...first, ...items.filter((item) => !first.includes(item))] : items;
}

/** Every question of a checklist for a kind of bike, whether or not the build rules it out. */
function everyQuestionOf(
  checklist: Pick<ChecklistVersion, 'items'>,
  fitted: Fitted,
  practices: Practices,
): readonly Question[] {
  return inOrder(checklist.items, practices).flatMap(
    ({ checkpoint: written, critical, positions, limit, minutes }) => {
      const checkpoint = practised(written, practices);
      return ENDS.flatMap((at) => {
        const zone = checkpoint.at[at];
        if (!zone) return [];
        return positionsOf(at, fitted, checkpoint)
          .filter((position) => !positions || positions.includes(position))
          .map((position) => ({
            key: questionKey({ checkpoint: checkpoint.key, position }),
            checkpoint: onThisBike(checkpoint, fitted, position),
            position,
            zone,
            critical,
            minutes: minutes ?? checkpoint.minutes,
            practices,
            ...(limit ? { limit } : {}),
          }));
      });
    },
  );
}

/**
 * What this checklist asks of this bike, in the checklist's order. What the build rules out is not in it. Practices change how a question
 * is put, never whether it is asked: who needs only its key leaves them out.
 */
export function questionsOf(
  checklist: Pick<ChecklistVersion, 'items'>,
  fitted: Fitted,
  practices: Practices = DEFAULT_PRACTICES,
): readonly Question[] {
  return everyQuestionOf(checklist, fitted, practices).filter((question) =>
    holds(question.checkpoint.applies, fitted, question.position),
  );
}

export interface RuledOut {
  readonly question: Question;
  /** The clause of the rule that says no. */
  readonly because: Rule;
}

/** What this checklist would ask but the build rules out, each with the clause that does. */
export function ruledOutOf(checklist: Pick<ChecklistVersion, 'items'>, fitted: Fitted): readonly RuledOut[] {
  return everyQuestionOf(checklist, fitted, DEFAULT_PRACTICES).flatMap((question) => {
    const because = failingClause(question.checkpoint.applies, fitted, question.position);
    return because ? [{ question, because }] : [];
  });
}

/** Minutes a practised hand needs for these questions. */
export function minutesOf(asked: readonly Question[]): number {
  return asked.reduce((sum, each) => sum + each.minutes, 0);
}

/**
 * The critical questions a checklist asks of a bike built anew that it did not ask of it before: what nobody has
 * looked at, however complete the last check was. Source: a critical nobody looked at does not clear a bike.
 */
export function newCriticals(checklist: ChecklistVersion, before: Fitted, after: Fitted): readonly string[] {
  const known = new Set(questionsOf(checklist, before).map((question) => question.key));
  return questionsOf(checklist, after)
    .filter((question) => question.critical && !known.has(question.key))
    .map((question) => question.key);
}

/** What a list of checklists tells of each, enough to choose one. */
export interface ChecklistChoice {
  readonly key: string;
  readonly clears: boolean;
  readonly afterRideOut?: boolean | undefined;
  readonly kinds?: readonly string[] | null | undefined;
}

/** The children's ride-out said for whom it is by its key alone before checklists said it themselves. */
function kindsOf(checklist: ChecklistChoice): readonly string[] | null {
  return checklist.kinds ?? (checklist.key === 'ride-out-children' ? ['child'] : null);
}

/** The checklist a bike of this kind goes out on: one that names the kind before one that is for all. */
export function rideOutFor<T extends ChecklistChoice>(checklists: readonly T[], kind: string): T | null {
  const clearing = checklists.filter((checklist) => checklist.clears && !checklist.afterRideOut);
  return (
    clearing.find((checklist) => kindsOf(checklist)?.includes(kind)) ??
    clearing.find((checklist) => kindsOf(checklist) === null) ??
    null
  );
}
