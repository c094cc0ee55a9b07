import { leastWork, type Touch } from '@cadre/core/catalogue';
import type { Finding } from '@cadre/core/findings';

/** Minutes the work usually takes with everything at hand: the house's own guess while it has no better. */
const USUAL_MINUTES: Record<Touch, number> = {
  'axle-out': 10,
  'tyre-off': 15,
  'air-out': 5,
  'wheel-trued': 30,
  'hub-bearings': 30,
  'brake-work': 25,
  'stem-headset': 25,
  'bar-levers-grips': 15,
  'cranks-pedals': 15,
  'chain-sprockets': 15,
  'gears-set': 10,
  'saddle-post': 8,
  'rear-suspension': 45,
  'fork-suspension': 40,
  'assist-wiring': 40,
  accessories: 10,
};
const NOTHING_KNOWN = 20;
const RECHECK = 5;

/** What an overdue service takes at the bench, on the whole. */
const SERVICE_MINUTES = 15;

/**
 * How long until a bike with these findings may be released: the work they ask for, each kind once, and the look after it. At least the look.
 *
 * @param services how many overdue services are done with it
 */
export function jobMinutes(
  findings: readonly Pick<Finding, 'zone' | 'position' | 'state' | 'work'>[],
  services = 0,
): number {
  const toRepair = findings.filter((finding) => finding.state === 'open' || finding.state === 'in-work');
  const touches = new Map(
    toRepair.flatMap((finding) =>
      leastWork(finding).map((each) => [`${each.touch}@${each.position}`, each.touch] as const),
    ),
  );
  const unknown = toRepair.filter((finding) => leastWork(finding).length === 0).length;
  return (
    [...touches.values()].reduce((sum, touch) => sum + USUAL_MINUTES[touch], 0) +
    unknown * NOTHING_KNOWN +
    services * SERVICE_MINUTES +
    RECHECK
  );
}
