import type { Checkpoint, Fault } from './checkpoint';
import type { PracticeQuestion, Practices } from './practices';

/** What one side of a practice makes of a checkpoint. What it does not name stays as written. */
export interface PracticeChange {
  readonly practice: PracticeQuestion;
  readonly side: string;
  readonly how?: string | undefined;
  readonly passWhen?: string | undefined;
  readonly tools?: readonly string[] | undefined;
  readonly minutes?: number | undefined;
  /** Said besides the checkpoint's own: a practice takes no caution away. */
  readonly cautions?: readonly string[] | undefined;
  /** In place of the fault with the same key, or one more. */
  readonly faults?: readonly Fault[] | undefined;
  /** Asked before all else of its zone and phase. */
  readonly first?: true | undefined;
}

/** A fault in place of another is never lighter where that was a stop. */
function inPlaceOf(own: Fault, instead: Fault | undefined): Fault {
  if (!instead) return own;
  return own.floor === 'stop' ? { ...instead, floor: 'stop' } : instead;
}

function changed(checkpoint: Checkpoint, change: PracticeChange): Checkpoint {
  const { how, passWhen, tools, minutes, cautions = [], faults = [] } = change;
  const own = new Set(checkpoint.faults.map((fault) => fault.key));
  return {
    ...checkpoint,
    how: how ?? checkpoint.how,
    passWhen: passWhen ?? checkpoint.passWhen,
    tools: tools ?? checkpoint.tools,
    minutes: minutes ?? checkpoint.minutes,
    cautions: [...checkpoint.cautions, ...cautions],
    faults: [
      ...checkpoint.faults.map((fault) =>
        inPlaceOf(
          fault,
          faults.find((each) => each.key === fault.key),
        ),
      ),
      ...faults.filter((fault) => !own.has(fault.key)),
    ],
  };
}

const chosen = (checkpoint: Checkpoint, practices: Practices): readonly PracticeChange[] =>
  (checkpoint.byPractice ?? []).filter((each) => practices[each.practice] === each.side);

/**
 * A checkpoint as these practices have it. A stop fault stays a stop and every caution stays, whatever a practice says; a checkpoint that
 * no practice changes comes back as it is.
 */
export function practised(checkpoint: Checkpoint, practices: Practices): Checkpoint {
  return chosen(checkpoint, practices).reduce(changed, checkpoint);
}

/** Whether these practices have it asked before all else of its zone and phase. */
export const isAskedFirst = (checkpoint: Checkpoint, practices: Practices): boolean =>
  chosen(checkpoint, practices).some((each) => each.first);

const SAID = ['how', 'passWhen', 'tools', 'minutes'] as const;
const same = (a: unknown, b: unknown): boolean => JSON.stringify(a) === JSON.stringify(b);

/**
 * A checkpoint after somebody wrote it anew: what they wrote stands, whatever is chosen. A practice goes on changing only what they left as it was; one
 * with nothing left to change is gone from it.
 */
export function rewritten(before: Checkpoint, after: Checkpoint): Checkpoint {
  const { byPractice, ...rest } = after;
  if (!byPractice) return after;
  const isKept = (fault: Fault): boolean =>
    same(
      before.faults.find((each) => each.key === fault.key),
      after.faults.find((each) => each.key === fault.key),
    );
  const left = byPractice.flatMap((change): readonly PracticeChange[] => {
    const { practice, side, first, cautions } = change;
    const texts = Object.fromEntries(
      SAID.filter((field) => change[field] !== undefined && same(before[field], after[field])).map(
        (field) => [field, change[field]],
      ),
    );
    const faults = (change.faults ?? []).filter(isKept);
    const still = {
      ...texts,
      ...(first ? { first } : {}),
      ...(faults.length > 0 ? { faults } : {}),
    };
    return Object.keys(still).length > 0
      ? [{ practice, side, ...(cautions ? { cautions } : {}), ...still }]
      : [];
  });
  return left.length > 0 ? { ...rest, byPractice: left } : rest;
}
