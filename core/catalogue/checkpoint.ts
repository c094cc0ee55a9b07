import type { PracticeChange } from './practice-change';
import type { PracticeQuestion } from './practices';
import type { Rule } from './rule';
import type { Disturbance, Work } from './work';
import type { By, Phase, Severity, Stance, Zone } from './words';

/** A usual fault of a checkpoint: the least severity it may be given, and what to do about it. */
export interface Fault {
  readonly key: string;
  readonly name: string;
  readonly floor: Severity;
  readonly doNext: string;
  /** Past what the house decides: a qualified mechanic (or the maker) has the word. */
  readonly toMechanic?: true | undefined;
  /** Only these bring it; absent, any outing may. Decides on which checklists the checkpoint is critical. */
  readonly by?: readonly By[] | undefined;
  /** Equipment that local rules may ask for: the policy says how its lack weighs. */
  readonly legal?: true | undefined;
  /** Checkpoints to look at next, as they feel alike or fail together. */
  readonly askNext?: readonly string[] | undefined;
  /** Bikes on which it is a stop, whatever its floor elsewhere. */
  readonly stopWhere?: Rule | undefined;
  /** What putting it right disturbs at the least, where that is not what its checkpoint says. */
  readonly work?: readonly Work[] | undefined;
}

/** Where it is asked: once per entry. `front` becomes left and right front on a trike. */
export interface At {
  readonly only?: Zone | undefined;
  readonly front?: Zone | undefined;
  readonly rear?: Zone | undefined;
}

export interface Checkpoint {
  readonly key: string;
  readonly name: string;
  readonly at: At;
  readonly phase: Phase;
  /** Where one stands to look, when it matters. */
  readonly stance?: Stance | undefined;
  readonly how: string;
  readonly passWhen: string;
  readonly faults: readonly Fault[];
  readonly applies: Rule;
  readonly tools: readonly string[];
  /** Minutes for one position by a practised hand. */
  readonly minutes: number;
  readonly cautions: readonly string[];
  /** The measure that gives this checkpoint a reading, by its key in core/measures. */
  readonly measure?: string | undefined;
  /** What can disturb it once it is right: after that it is asked again. Absent: all work in its zones. */
  readonly disturbedBy?: readonly Disturbance[] | undefined;
  /** What putting a fault of it right disturbs at the least: nobody can leave that out. Absent: the usual work of its zone. */
  readonly work?: readonly Work[] | undefined;
  /** The drawing that shows the look, by its key. */
  readonly drawing?: string | undefined;
  /** Questions of the policy on which mechanics differ here: the house's way is shown beside the look. */
  readonly practices?: readonly PracticeQuestion[] | undefined;
  /** What some sides of them make of it: as written it is the shipped side's. */
  readonly byPractice?: readonly PracticeChange[] | undefined;
}

/**
 * The stop fault that makes a checkpoint critical on a checklist whose looks lie so far apart, or null. Source: a
 * checkpoint is critical when it has a stop fault that can arise between two such looks.
 */
export function criticalBecause(
  checkpoint: Pick<Checkpoint, 'faults'>,
  between: readonly By[],
): Fault | null {
  const stops = checkpoint.faults.filter((fault) => fault.floor === 'stop');
  return (
    stops.find((fault) => !fault.by) ??
    stops.find((fault) => fault.by?.some((each) => between.includes(each))) ??
    null
  );
}
