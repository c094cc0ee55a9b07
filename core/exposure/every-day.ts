import { STANDS_FOR, type ChecklistVersion } from '@cadre/core/catalogue';

/** The checklist of the pressure round. */
const PRESSURES = 'pressures';

/**
 * The checkpoints asked of every bike on every day, whatever happened: those of the checklists between riders and of the pressures, and what stands for them on
 * a whole ride-out.
 */
export function everyDayOf(
  checklists: readonly Pick<ChecklistVersion, 'key' | 'items' | 'afterRideOut'>[],
): ReadonlySet<string> {
  const keys = checklists
    .filter(({ key, afterRideOut }) => afterRideOut || key === PRESSURES)
    .flatMap(({ items }) => items.map(({ checkpoint }) => checkpoint.key));
  return new Set(keys.flatMap((key) => [key, ...(STANDS_FOR[key] ?? [])]));
}
