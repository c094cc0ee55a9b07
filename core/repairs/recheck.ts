import {
  disturbedAt,
  withImplied,
  type Checkpoint,
  type Position,
  type ChecklistItem,
  type ChecklistVersion,
  type Touched,
  WHEEL_ENDS,
} from '@cadre/core/catalogue';
import type { PartKind } from '@cadre/core/fleet';

interface Failed {
  readonly checkpoint: string;
  readonly position: Position;
}

/** The key of the checklists that are made for one repair each. */
export const RECHECK_KEY = 'recheck';

/**
 * The checklist of a recheck: the checkpoints that failed and those the catalogue says the work can disturb, each critical, in the
 * catalogue's order. `newWheels`: ends whose wheel the repair renewed. It gives no validity: only the looks that failed are looked at again.
 */
export function recheckChecklist(
  failed: readonly Failed[],
  touched: readonly Touched[],
  catalogue: readonly Checkpoint[],
  newWheels: ChecklistVersion['newWheels'] = [],
): ChecklistVersion {
  const positionsByKey = new Map<string, Set<Position>>();
  const ask = (key: string, positions: readonly Position[]): void => {
    if (positions.length === 0) return;
    const known = positionsByKey.get(key) ?? new Set<Position>();
    for (const position of positions) known.add(position);
    positionsByKey.set(key, known);
  };
  for (const each of failed) ask(each.checkpoint, [each.position]);
  for (const work of withImplied(touched))
    for (const checkpoint of catalogue) ask(checkpoint.key, disturbedAt(checkpoint, work));
  const items: ChecklistItem[] = catalogue
    .filter((checkpoint) => positionsByKey.has(checkpoint.key))
    .map((checkpoint) => ({
      checkpoint,
      critical: true,
      positions: [...(positionsByKey.get(checkpoint.key) ?? [])].sort(),
    }));
  return {
    schema: 1,
    key: RECHECK_KEY,
    version: 1,
    name: 'Recheck',
    purpose: 'After a repair: the questions that failed and those the work touched.',
    route: 'm-front-first',
    clears: false,
    validity: { until: 'never' },
    ...(newWheels.length > 0 ? { newWheels } : {}),
    items,
  };
}

/** The ends whose wheel a repair renewed: a wheel that went on touched its hub and its truing there. */
export function wheelsRenewed(
  used: readonly { readonly kind: PartKind }[],
  touched: readonly Touched[],
): readonly (typeof WHEEL_ENDS)[number][] {
  if (!used.some(({ kind }) => kind === 'wheel')) return [];
  return WHEEL_ENDS.filter((end) =>
    touched.some(({ touch, position }) => touch === 'hub-bearings' && position === end),
  );
}
