import type { ChecklistVersion } from '@cadre/core/catalogue';

/** A checklist of which less than this share settles a service is a day's other work. */
const LEAST_SHARE = 0.2;

/**
 * The checklist to do for a service that so many checkpoints settle: the ride-out where that asks all of them anyway, else the one of which they are the greatest
 * part. Null where they are a small part of every one: whoever did the work says so instead.
 */
export function checklistSettling<T extends Pick<ChecklistVersion, 'items' | 'clears' | 'afterRideOut'>>(
  settling: readonly string[],
  checklists: readonly T[],
): T | null {
  const asks = (checklist: T): number =>
    settling.filter((key) => checklist.items.some((item) => item.checkpoint.key === key)).length;
  const asking = checklists.filter((checklist) => settling.length > 0 && asks(checklist) === settling.length);
  const rideOut = asking.find((checklist) => checklist.clears && !checklist.afterRideOut);
  if (rideOut) return rideOut;
  const share = (checklist: T): number => asks(checklist) / checklist.items.length;
  const [best] = asking.toSorted((a, b) => share(b) - share(a));
  return best && share(best) >= LEAST_SHARE ? best : null;
}
