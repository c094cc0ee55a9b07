import type { Zone } from './words';

/** How marks are given: all sound here by station, criticals one by one, or as the person's standing says. */
export const MARKING_WAYS = ['by-person', 'by-station', 'criticals-one-by-one'] as const;
export type MarkingWay = (typeof MARKING_WAYS)[number];

/** The program's own rules where good mechanics differ. A version is immutable and named by its hash. */
export interface PolicyVersion {
  readonly schema: 1;
  readonly version: number;
  readonly note: string;
  readonly marking: MarkingWay;
  /** A soon finding may ride this long, whichever comes first; then it is a stop. */
  readonly soonDays: number;
  readonly soonOutings: number;
  /** Put right this often at one place within so many days: it keeps coming back. */
  readonly comingBack: { readonly times: number; readonly days: number };
  /** Repairs of stops in these zones are re-looked by somebody who did not do the repair. */
  readonly secondPersonZones: readonly Zone[];
  /** A whole check signed faster than this many seconds for each question is noted for the lead. */
  readonly hasteSecondsEach: number;
}

export const DEFAULT_POLICY: PolicyVersion = {
  schema: 1,
  version: 1,
  note: 'As shipped',
  marking: 'by-person',
  soonDays: 7,
  soonOutings: 10,
  comingBack: { times: 3, days: 30 },
  secondPersonZones: ['front-wheel', 'front-brake', 'fork-headset', 'cockpit', 'frame', 'rear-brake', 'rear-wheel'],
  hasteSecondsEach: 0.6,
};

/** Whether this person marks criticals one by one: always when the program asks it, and a trainee by default. */
export function marksOneByOne(policy: Pick<PolicyVersion, 'marking'>, person: { readonly trainee: boolean }): boolean {
  return policy.marking === 'criticals-one-by-one' || (policy.marking === 'by-person' && person.trainee);
}
