import type { BikeKind, TorqueByJoint } from '@cadre/core/fleet';
import { isLimitKey, type LimitChoices } from '@cadre/core/measures';
import type { SizeSubstitution } from '@cadre/core/schedule';
import type { OwnRoute } from './route';
import { DEFAULT_PRACTICES, type Practices } from './practices';
import type { PracticeException } from './practice-exception';
import { DEFAULT_RETURNS, type ReturnPolicy } from './return-policy';
import type { Season } from './season';
import type { ServiceRule } from './service-rule';
import type { Question } from './checklist';
import { SYSTEM_OF, type Severity, type System, type Zone } from './words';

/** How marks are given: pass all by station, criticals one by one, all one by one, or as the person's standing says. */
export const MARKING_WAYS = ['by-person', 'by-station', 'criticals-one-by-one', 'all-one-by-one'] as const;
export type MarkingWay = (typeof MARKING_WAYS)[number];

/** How the lack of equipment that local rules may ask for weighs. */
export const LEGAL_WEIGHTS = ['stop', 'soon'] as const satisfies readonly Severity[];
export type LegalWeight = (typeof LEGAL_WEIGHTS)[number];

/** What money is counted in, and what an hour at the bench costs: in the currency's smallest unit; 0 while nobody said. */
export interface MoneyPolicy {
  readonly currency: string;
  readonly hourlyRate: number;
}

/** How much of a ride-out is asked: the whole of it, or what something may have gone wrong with since it passed. */
export interface ExposurePolicy {
  /** Kinds of bike asked by exposure; all others are asked the whole every day. */
  readonly kinds: readonly BikeKind[];
  /** No pass is rested on for longer than so many days. */
  readonly restDays: number;
  /** Sites whose bikes nobody else gets at by night. */
  readonly lockedSites: readonly string[];
}

/** From and to how many days a pass may be rested on. */
export const REST_DAYS = { least: 1, most: 14 } as const;

/** The program's own rules where good mechanics differ. A version is immutable and named by its hash. */
export interface PolicyVersion {
  readonly schema: 1 | 2;
  readonly version: number;
  readonly note: string;
  readonly marking: MarkingWay;
  /** A soon finding may ride this long, whichever comes first; then it is a stop. */
  readonly soonDays: number;
  readonly soonOutings: number;
  /** Put right this often at one place within so many days: it keeps coming back. */
  readonly comingBack: { readonly times: number; readonly days: number };
  /** Repairs of stops in these zones are rechecked by somebody who did not do the repair. */
  readonly secondPersonZones: readonly Zone[];
  /** A whole check signed faster than this many seconds for each question is noted for the lead. */
  readonly hasteSecondsEach: number;
  readonly legal: LegalWeight;
  /** Which other size may stand in for the one a group asked for. */
  readonly substitution: SizeSubstitution;
  readonly practices: Practices;
  /** Where a practice is another, on some kinds of bike or in some climates. */
  readonly practiceExceptions: readonly PracticeException[];
  /** Limits of measures set otherwise than shipped. */
  readonly limits: LimitChoices;
  /** The house's own most for a joint: it lowers what is stated on the parts, and never raises it. */
  readonly torqueMost: TorqueByJoint;
  readonly ownRoutes: readonly OwnRoute[];
  /** Services set otherwise than shipped, and those of the house's own. */
  readonly services: readonly ServiceRule[];
  readonly seasons: readonly Season[];
  readonly exposure: ExposurePolicy;
  readonly returns: ReturnPolicy;
  /** What a report or a fit slip tells of a rider is made nameless after so many days. */
  readonly ridersKeptDays: number;
  readonly money: MoneyPolicy;
  /** Names of people who left are destroyed after so many days; null keeps them. */
  readonly namesKeptDays: number | null;
}

export const DEFAULT_POLICY: PolicyVersion = {
  schema: 2,
  version: 1,
  note: 'Cadre’s default',
  marking: 'by-person',
  soonDays: 7,
  soonOutings: 10,
  comingBack: { times: 3, days: 30 },
  secondPersonZones: [
    'front-wheel',
    'front-brake',
    'fork-headset',
    'cockpit',
    'frame',
    'rear-brake',
    'rear-wheel',
  ],
  hasteSecondsEach: 0.6,
  legal: 'stop',
  substitution: 'exact',
  practices: DEFAULT_PRACTICES,
  practiceExceptions: [],
  limits: {},
  torqueMost: {},
  ownRoutes: [],
  services: [],
  seasons: [],
  exposure: { kinds: [], restDays: 7, lockedSites: [] },
  returns: DEFAULT_RETURNS,
  ridersKeptDays: 30,
  money: { currency: 'EUR', hourlyRate: 0 },
  namesKeptDays: null,
};

/** The policy as kept, with what its time did not know yet as shipped, and without limits there are no more. A version kept earlier is never rewritten. */
export function completePolicy(kept: Partial<PolicyVersion> & Pick<PolicyVersion, 'version'>): PolicyVersion {
  const limits = Object.fromEntries(Object.entries(kept.limits ?? {}).filter(([key]) => isLimitKey(key)));
  return { ...DEFAULT_POLICY, ...kept, practices: { ...DEFAULT_PRACTICES, ...kept.practices }, limits };
}

/** Who marks: a trainee may be signed off by the lead for some systems of the bike. */
export interface Marker {
  readonly trainee: boolean;
  readonly competences: readonly System[];
}

/**
 * Whether this person touches this question by itself. By person: a trainee the criticals of the systems not signed
 * for yet, everybody else nothing.
 */
export function isGivenSingly(
  policy: Pick<PolicyVersion, 'marking'>,
  person: Marker,
  question: Pick<Question, 'critical' | 'zone'>,
): boolean {
  switch (policy.marking) {
    case 'all-one-by-one':
      return true;
    case 'criticals-one-by-one':
      return question.critical;
    case 'by-person':
      return person.trainee && question.critical && !person.competences.includes(SYSTEM_OF[question.zone]);
    default:
      return false;
  }
}
