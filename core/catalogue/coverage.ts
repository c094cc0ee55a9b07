import { criticalBecause, type Checkpoint } from './checkpoint';
import { BIKE_KINDS, USUAL_BUILD } from '@cadre/core/fleet';
import { asBuilt, type Fitted } from './rule';
import { questionsOf, minutesOf, ruledOutOf, type ChecklistVersion } from './checklist';

/** What a checklist does for one bike or kind of bike. */
export interface Coverage {
  readonly asked: number;
  readonly ruledOut: number;
  readonly criticals: number;
  readonly minutes: number;
  /** Catalogue checkpoints that would be critical here and that neither the checklist nor another of its looks asks, by name. */
  readonly missed: readonly string[];
}

/** Looks that another look takes in: the thumb stands for the gauge, the crank's look counts the ring bolts. */
export const STANDS_FOR: Readonly<Record<string, readonly string[]>> = {
  'tyre-firm': ['tyre-pressure'],
  'tyre-pressure': ['tyre-firm'],
  'ring-bolts': ['crank-arms'],
  'pad-thickness': ['disc-pads'],
  'lever-reach': ['lever-travel'],
  'saddle-set': ['post-depth'],
  mudguards: ['loads'],
  kickstand: ['loads'],
};

/** What a checklist asks of a bike, how long that takes, and what critical of the catalogue it would miss there. */
export function coverageOf(
  checklist: Pick<ChecklistVersion, 'items' | 'between'>,
  fitted: Fitted,
  catalogue: readonly Checkpoint[],
): Coverage {
  const asked = questionsOf(checklist, fitted);
  const known = new Set(asked.map((each) => each.checkpoint.key));
  const whole = {
    items: catalogue.map((checkpoint) => ({
      checkpoint,
      critical: criticalBecause(checkpoint, checklist.between ?? []) !== null,
    })),
  };
  const missed = questionsOf(whole, fitted).filter(
    (each) =>
      each.critical &&
      !known.has(each.checkpoint.key) &&
      !STANDS_FOR[each.checkpoint.key]?.some((key) => known.has(key)),
  );
  return {
    asked: asked.length,
    ruledOut: ruledOutOf(checklist, fitted).length,
    criticals: asked.filter((each) => each.critical).length,
    minutes: minutesOf(asked),
    missed: [...new Set(missed.map((each) => each.checkpoint.name))],
  };
}

/** From the least to the most a checklist asks of the kinds it is for, and the minutes of the longest. */
export interface ChecklistSpan {
  readonly least: number;
  readonly most: number;
  readonly minutes: number;
}

/** What a checklist asks at least and at most of the kinds it is meant for, as each is usually built. */
export function spanOf(checklist: Pick<ChecklistVersion, 'items' | 'kinds'>): ChecklistSpan {
  const kinds = BIKE_KINDS.filter((kind) => !checklist.kinds || checklist.kinds.includes(kind));
  const asked = kinds.map((kind) => questionsOf(checklist, asBuilt(USUAL_BUILD[kind])));
  const counts = asked.map((each) => each.length);
  const [first = 0] = counts;
  return {
    least: Math.min(first, ...counts),
    most: Math.max(0, ...counts),
    minutes: Math.max(0, ...asked.map(minutesOf)),
  };
}

/**
 * Criticals of the catalogue that a checklist leaves out on some kind of bike it is for, by name. Only what clears a bike by itself is
 * asked: a checklist between riders stands on a whole ride-out.
 */
export function leavesOut(
  checklist: Pick<ChecklistVersion, 'items' | 'between' | 'kinds' | 'clears' | 'afterRideOut'>,
  catalogue: readonly Checkpoint[],
): readonly string[] {
  if (!checklist.clears || checklist.afterRideOut) return [];
  const kinds = BIKE_KINDS.filter((kind) => !checklist.kinds || checklist.kinds.includes(kind));
  return [
    ...new Set(kinds.flatMap((kind) => coverageOf(checklist, asBuilt(USUAL_BUILD[kind]), catalogue).missed)),
  ];
}
