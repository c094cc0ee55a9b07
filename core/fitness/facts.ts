import type { OverdueMeaning } from '@cadre/core/catalogue';
import type { Finding } from '@cadre/core/findings';
import type { Incident } from '@cadre/core/incidents';
import type { ReturnCause } from '@cadre/core/outings';
import type { TimedRecheck } from '@cadre/core/timed-rechecks';

/** A hold, once begun, stays until a release: nothing else takes it off. */
export interface Hold {
  readonly id: string;
  readonly since: number;
  /** The tag that hangs on the bike because of it. */
  readonly hangTag?: string | undefined;
  /** It began with a stop marked in a check under way, and nothing else has held the bike since: whoever marked it may take it back. */
  readonly draft?: true | undefined;
}

export interface NotReassembled {
  readonly id: string;
  readonly what: string;
  readonly by: string;
}

export interface OpenRepair {
  readonly id: string;
  readonly state: 'started' | 'done';
}

/** A stop fault marked in a check that nobody has signed yet. */
export interface DraftStop {
  readonly checkId: string;
  readonly words: string;
}

export interface NewestCheck {
  readonly checkId: string;
  readonly checklistName: string;
  readonly signedAt: number;
  readonly complete: boolean;
  readonly awaitsCoSign: boolean;
  readonly criticalsMissing: number;
}

/** Areas of a rider's report that hold a bike until somebody has read it. */
export interface TroubleReport {
  readonly id: string;
  readonly holds: boolean;
}

/** A search for a cause in which causes that stop the bike are not excluded. */
export interface OpenTrace {
  readonly id: string;
  readonly name: string;
  /** The names of those causes, the likeliest first. */
  readonly causes: readonly string[];
}

/** A service with a day it falls due on, or fell due. */
export interface DueService {
  readonly service: string;
  readonly name: string;
  readonly overdue: OverdueMeaning;
  readonly dueAt: number;
  /** Of one that has a date to be done by: past it the bike stays in. */
  readonly until?: number | undefined;
}

/** The return checklist is due since the bike came back. */
export interface ReturnDue {
  readonly since: number;
  readonly because: ReturnCause;
  /** A trainee's complete return check that nobody has co-signed yet. */
  readonly awaitsCoSign?: string | undefined;
}

/** All that fitness depends on besides the time: one projection row a bike. */
export interface FitnessFacts {
  /** Not closed. */
  readonly findings: readonly Finding[];
  readonly holds: readonly Hold[];
  readonly notReassembled: readonly NotReassembled[];
  readonly repairs: readonly OpenRepair[];
  readonly draftStops: readonly DraftStop[];
  readonly newestCheck: NewestCheck | null;
  /** Until when the best complete, signed check counts; null when there is none. */
  readonly validUntil: number | null;
  readonly reports: readonly TroubleReport[];
  readonly services: readonly DueService[];
  /** Absent on rows from before there were any. */
  readonly traces?: readonly OpenTrace[] | undefined;
  /** Looks asked for later. They say nothing of fitness: what they find does. Absent on rows from before there were any. */
  readonly timedRechecks?: readonly TimedRecheck[] | undefined;
  /** What happened to it and nobody has looked it over for. Absent on rows from before there were any. */
  readonly incidents?: readonly Incident[] | undefined;
  /** It came back from what the policy wants the return checklist after, and that has not been done. */
  readonly returnCheck?: ReturnDue | undefined;
  /** On offer: nobody has decided yet whether it comes into the fleet. */
  readonly assessment?: { readonly id: string } | undefined;
}

export const NO_FACTS: FitnessFacts = {
  findings: [],
  holds: [],
  notReassembled: [],
  repairs: [],
  draftStops: [],
  newestCheck: null,
  validUntil: null,
  reports: [],
  services: [],
};
