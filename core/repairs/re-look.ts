import type { Checkpoint, Position, SheetItem, SheetVersion } from '@cadre/core/catalogue';
import { RE_LOOK_TABLE, type Touched } from './touches';

interface Failed {
  readonly checkpoint: string;
  readonly position: Position;
}

/** Whether a checkpoint asked at these ends is asked again for work done at `position`. */
function endsTouched(checkpoint: Checkpoint, position: Position): readonly Position[] {
  if (checkpoint.at.only) return ['only'];
  if (position === 'only') return ['front', 'rear', 'left-front', 'right-front'];
  return position === 'front' ? ['front', 'left-front', 'right-front'] : [position];
}

/**
 * The sheet of a re-look: the checkpoints that failed and those the work touched, each critical, in the
 * catalogue's order. It gives no validity: only the looks that failed are looked at again.
 */
export function reLookSheet(failed: readonly Failed[], touched: readonly Touched[], catalogue: readonly Checkpoint[]): SheetVersion {
  const positionsByKey = new Map<string, Set<Position>>();
  const ask = (key: string, positions: readonly Position[]): void => {
    const known = positionsByKey.get(key) ?? new Set<Position>();
    for (const position of positions) known.add(position);
    positionsByKey.set(key, known);
  };
  for (const each of failed) ask(each.checkpoint, [each.position]);
  for (const { touch, position } of touched) {
    for (const key of RE_LOOK_TABLE[touch]) {
      const checkpoint = catalogue.find((each) => each.key === key);
      if (checkpoint) ask(key, endsTouched(checkpoint, position));
    }
  }
  const items: SheetItem[] = catalogue
    .filter((checkpoint) => positionsByKey.has(checkpoint.key))
    .map((checkpoint) => ({ checkpoint, critical: true, positions: [...(positionsByKey.get(checkpoint.key) ?? [])].sort() }));
  return {
    schema: 1,
    key: 're-look',
    version: 1,
    name: 'Re-look',
    purpose: 'After a repair: what failed, and what the work touched.',
    route: 'm-front-first',
    clears: false,
    validity: { until: 'never' },
    items,
  };
}
