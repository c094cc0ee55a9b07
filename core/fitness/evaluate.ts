import { isOverdue, isStopNow, type Finding } from '@cadre/core/findings';
import type { Incident } from '@cadre/core/incidents';
import { MINUTE_MS } from '@cadre/core/time';
import type { DueService, FitnessFacts, OpenTrace, ReturnDue } from './facts';

export const FITNESSES = ['cleared', 'cleared-with-watch', 'due', 'held'] as const;
export type Fitness = (typeof FITNESSES)[number];

/** What has to happen for a reason to go away. */
export const ENDINGS = [
  'repair',
  'finish-repair',
  'recheck',
  'release',
  'put-together',
  'sign-check',
  'complete-check',
  'incident-check',
  'return-check',
  'assessment-decision',
  'co-sign',
  'ride-out',
  'read-report',
  'exclude-cause',
  'service',
  'repair-in-time',
  'look-every-time',
  'confirm-clock',
] as const;
export type Ending = (typeof ENDINGS)[number];

export type Reason =
  | {
      readonly code: 'stop-finding' | 'overdue-soon' | 'soon-finding' | 'watch-finding';
      readonly finding: Finding;
      readonly ends: Ending;
    }
  | { readonly code: 'ready-for-release'; readonly since: number; readonly ends: Ending }
  | { readonly code: 'not-reassembled'; readonly what: string; readonly by: string; readonly ends: Ending }
  | { readonly code: 'repair-open'; readonly state: 'started' | 'done'; readonly ends: Ending }
  | { readonly code: 'draft-stop'; readonly words: string; readonly ends: Ending }
  | {
      readonly code: 'check-incomplete';
      readonly checklistName: string;
      readonly missing: number;
      readonly ends: Ending;
    }
  | { readonly code: 'incident'; readonly incident: Incident; readonly ends: Ending }
  | {
      readonly code: 'return-check';
      readonly due: ReturnDue;
      readonly ends: Ending;
    }
  | { readonly code: 'on-offer'; readonly ends: Ending }
  | { readonly code: 'awaits-co-sign'; readonly checklistName: string; readonly ends: Ending }
  | { readonly code: 'trouble-report'; readonly ends: Ending }
  | { readonly code: 'cause-not-excluded'; readonly trace: OpenTrace; readonly ends: Ending }
  | {
      readonly code: 'service-overdue';
      readonly service: string;
      readonly dueAt: number;
      readonly ends: Ending;
    }
  | {
      readonly code: 'service-fix-by';
      readonly service: string;
      readonly until: number;
      readonly ends: Ending;
    }
  | { readonly code: 'clock-behind'; readonly recordedUntil: number; readonly ends: Ending }
  | { readonly code: 'no-valid-check'; readonly lastUntil: number | null; readonly ends: Ending };

export interface FitnessAnswer {
  readonly fitness: Fitness;
  /** Worst first. Empty only when cleared. */
  readonly reasons: readonly Reason[];
  /** When the answer may change by the clock alone, or null. */
  readonly nextChangeAt: number | null;
}

function endingOf(finding: Finding): Ending {
  switch (finding.state) {
    case 'in-work':
      return 'finish-repair';
    case 'repaired':
      return 'recheck';
    case 'rechecked':
      return 'release';
    default:
      return 'repair';
  }
}

function holdReasons(facts: FitnessFacts, now: number): Reason[] {
  const stops = facts.findings.filter((finding) => isStopNow(finding, now));
  const reasons: Reason[] = stops.map((finding) => ({
    code: isOverdue(finding, now) ? 'overdue-soon' : 'stop-finding',
    finding,
    ends: endingOf(finding),
  }));
  for (const report of facts.reports.filter((each) => each.holds))
    reasons.push({ code: 'trouble-report', ends: report.holds ? 'read-report' : 'service' });
  for (const trace of facts.traces ?? [])
    reasons.push({ code: 'cause-not-excluded', trace, ends: 'exclude-cause' });
  if (facts.assessment) reasons.push({ code: 'on-offer', ends: 'assessment-decision' });
  for (const incident of facts.incidents ?? [])
    reasons.push({ code: 'incident', incident, ends: 'incident-check' });
  for (const draft of facts.draftStops)
    reasons.push({ code: 'draft-stop', words: draft.words, ends: 'sign-check' });
  for (const item of facts.notReassembled)
    reasons.push({ code: 'not-reassembled', what: item.what, by: item.by, ends: 'put-together' });
  for (const repair of facts.repairs)
    reasons.push({
      code: 'repair-open',
      state: repair.state,
      ends: repair.state === 'started' ? 'finish-repair' : 'recheck',
    });
  const newest = facts.newestCheck;
  if (newest && !newest.complete) {
    reasons.push({
      code: 'check-incomplete',
      checklistName: newest.checklistName,
      missing: newest.criticalsMissing,
      ends: 'complete-check',
    });
  }
  const oldest = facts.holds.map((hold) => hold.since).sort((a, b) => a - b)[0];
  if (oldest !== undefined && stops.length === 0 && facts.draftStops.length === 0 && !facts.assessment)
    reasons.push({ code: 'ready-for-release', since: oldest, ends: 'release' });
  return reasons;
}

/** Whether an overdue service keeps a bike in: it says so, or its date is past. */
function keepsIn({ overdue, dueAt, until }: DueService, now: number): boolean {
  return overdue === 'due' ? now >= dueAt : until !== undefined && now >= until;
}

/** Whether any service of a bike is overdue: asked of a whole fleet at each tick of a clock. */
export const hasServiceOverdue = (facts: Pick<FitnessFacts, 'services'>, now: number): boolean =>
  facts.services.some((each) => now >= each.dueAt);

/** The services of a bike that are overdue, whatever that means, the longest overdue first. */
export function overdueServices(facts: Pick<FitnessFacts, 'services'>, now: number): readonly DueService[] {
  return facts.services.filter((each) => now >= each.dueAt).toSorted((a, b) => a.dueAt - b.dueAt);
}

function dueReasons(facts: FitnessFacts, now: number, recordedUntil: number): Reason[] {
  const reasons: Reason[] = isClockBehind(now, recordedUntil)
    ? [{ code: 'clock-behind', recordedUntil, ends: 'confirm-clock' }]
    : [];
  if (facts.returnCheck)
    reasons.push({
      code: 'return-check',
      due: facts.returnCheck,
      ends: facts.returnCheck.awaitsCoSign ? 'co-sign' : 'return-check',
    });
  if (facts.newestCheck?.awaitsCoSign)
    reasons.push({ code: 'awaits-co-sign', checklistName: facts.newestCheck.checklistName, ends: 'co-sign' });
  if (facts.validUntil === null || Math.max(now, recordedUntil) >= facts.validUntil)
    reasons.push({ code: 'no-valid-check', lastUntil: facts.validUntil, ends: 'ride-out' });
  for (const { name, dueAt } of facts.services.filter((each) => keepsIn(each, now)))
    reasons.push({ code: 'service-overdue', service: name, dueAt, ends: 'service' });
  return reasons;
}

function watchReasons(facts: FitnessFacts, now: number): Reason[] {
  const byDate = overdueServices(facts, now).flatMap((each): Reason[] =>
    each.until === undefined || keepsIn(each, now)
      ? []
      : [{ code: 'service-fix-by', service: each.name, until: each.until, ends: 'service' }],
  );
  const found = facts.findings
    .filter(
      (finding) => !isStopNow(finding, now) && (finding.severity === 'soon' || finding.severity === 'watch'),
    )
    .sort((a, b) => (a.severity === b.severity ? 0 : a.severity === 'soon' ? -1 : 1))
    .map((finding) =>
      finding.severity === 'soon'
        ? {
            code: 'soon-finding' as const,
            finding,
            ends: finding.state === 'open' ? ('repair-in-time' as const) : endingOf(finding),
          }
        : { code: 'watch-finding' as const, finding, ends: 'look-every-time' as const },
    );
  return [...byDate, ...found];
}

function nextChange(facts: FitnessFacts, now: number): number | null {
  const times = [
    facts.validUntil,
    ...facts.findings.map((finding) => (finding.severity === 'soon' ? (finding.limit?.until ?? null) : null)),
    ...facts.services.flatMap((service) => [service.dueAt, service.until ?? null]),
    ...(facts.timedRechecks ?? []).map((recheck) => recheck.dueAt),
  ].filter((time): time is number => time !== null && time > now);
  return times.length > 0 ? Math.min(...times) : null;
}

/** Servers and browsers are never told the very same time: so much is no sign of a clock that was set back. */
const CLOCK_TOLERANCE_MS = 2 * MINUTE_MS;

/** Whether the clock says an earlier time than is on record: it was set back, or ahead before, and a lead has to say which. */
export const isClockBehind = (now: number, recordedUntil: number): boolean =>
  recordedUntil > now + CLOCK_TOLERANCE_MS;

/**
 * May this bike go out, at this time, and why (not)? Source: judging rule 8. The answer is never stored.
 *
 * @param now by the server's clock, milliseconds since the epoch
 * @param recordedUntil the latest time on record: nothing counts past it that had run out by then, and nothing counts at all while the
 * clock is behind it
 */
export function evaluateFitness(facts: FitnessFacts, now: number, recordedUntil = now): FitnessAnswer {
  const held = holdReasons(facts, now);
  const due = dueReasons(facts, now, recordedUntil);
  const watch = watchReasons(facts, now);
  const fitness: Fitness =
    held.length > 0 ? 'held' : due.length > 0 ? 'due' : watch.length > 0 ? 'cleared-with-watch' : 'cleared';
  return { fitness, reasons: [...held, ...due, ...watch], nextChangeAt: nextChange(facts, now) };
}

/** Whether the bike may be handed to a rider. */
export function mayGoOut(fitness: Fitness): boolean {
  return fitness === 'cleared' || fitness === 'cleared-with-watch';
}

/**
 * Whether a hold must be on record now: something that only a release may end holds the bike. Called
 * before every act on a bike, so that a soon that ran out while nobody looked cannot slip away by being lowered.
 */
export function needsHold(facts: FitnessFacts, now: number): boolean {
  return (
    facts.holds.length === 0 &&
    (facts.assessment !== undefined ||
      facts.draftStops.length > 0 ||
      facts.findings.some((finding) => isStopNow(finding, now)))
  );
}

/** Whether what holds the bike now is nothing but stops marked in checks under way. Once anything else does, only a release ends the hold. */
export function isDraftHold(facts: FitnessFacts, now: number): boolean {
  return !facts.assessment && !facts.findings.some((finding) => isStopNow(finding, now));
}
