import {
  holds,
  isEnded,
  questionsOf,
  type Checkpoint,
  type Fitted,
  type Position,
  type Touched,
} from '@cadre/core/catalogue';
import { recheckChecklist } from '@cadre/core/repairs';
import type { Guide } from './guide';

/** What a guide is looked for by: a checkpoint, a fault of it, the bike. Each left out counts for all. */
export interface GuideSought {
  readonly checkpoint?: string | undefined;
  readonly fault?: string | undefined;
  readonly fitted?: Fitted | undefined;
  readonly position?: Position | undefined;
}

/** The guides for a finding on a bike, those that name its very fault first. */
export function guidesFor(
  guides: readonly Guide[],
  { checkpoint, fault, fitted, position = 'only' }: GuideSought,
): readonly Guide[] {
  const fits = ({ applies }: Guide): boolean => {
    if (!applies || !fitted) return true;
    // A guide for one end counts where either end is built so, when nothing says which.
    const ends: readonly Position[] = position === 'only' ? ['only', 'front', 'rear'] : [position];
    return ends.some((end) => holds(applies, fitted, end));
  };
  const names = (guide: Guide): number =>
    Math.max(
      ...guide.repairs.map((each) => {
        if (checkpoint !== undefined && each.checkpoint !== checkpoint) return 0;
        if (fault === undefined || !each.faults) return 1;
        return each.faults.includes(fault) ? 2 : 0;
      }),
    );
  return guides.filter((guide) => fits(guide) && names(guide) > 0).toSorted((a, b) => names(b) - names(a));
}

/** What the work of a guide touches, at the end it is done at; where nothing says which, what happens at one end is taken for both. */
export function touchedBy({ touches }: Pick<Guide, 'touches'>, position: Position): readonly Touched[] {
  const ends: readonly Position[] = position === 'only' ? ['front', 'rear'] : [position];
  return touches.flatMap((touch): readonly Touched[] =>
    isEnded(touch) ? ends.map((end) => ({ touch, position: end })) : [{ touch, position: 'only' }],
  );
}

/** The questions that what a guide does can disturb on a bike, and so are rechecked after it, each checkpoint once and in the catalogue's order. */
export function recheckedAfter(
  guide: Pick<Guide, 'touches'>,
  position: Position,
  fitted: Fitted,
  catalogue: readonly Checkpoint[],
): readonly Checkpoint[] {
  const asked = questionsOf(recheckChecklist([], touchedBy(guide, position), catalogue), fitted);
  const keys = new Set(asked.map(({ checkpoint }) => checkpoint.key));
  return catalogue.filter(({ key }) => keys.has(key));
}
