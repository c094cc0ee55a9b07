import type { IncidentKind } from '@cadre/core/incidents';
import { ZONE_WORDS, SEVERITY_WORDS, withPosition } from './checkpoint-words';
import { count, dayAndClock } from '@cadre/web/platform/time';
import { assertNever } from '@cadre/core/errors';
import type { BikeKind, Whereabouts } from '@cadre/core/fleet';
import type { Ending, Fitness, Reason } from '@cadre/core/fitness';

export const FITNESS_WORDS: Record<Fitness, string> = {
  cleared: 'Cleared',
  'cleared-with-watch': 'Cleared, watch',
  due: 'Due',
  held: 'Held',
};

export const WHEREABOUTS_WORDS: Record<Whereabouts, string> = {
  in: 'in',
  out: 'out',
  'on-the-bench': 'on the bench',
  'laid-up': 'laid up',
  gone: 'gone',
};

export const KIND_WORDS: Record<BikeKind, string> = {
  child: 'Child’s bike',
  hybrid: 'Hybrid',
  hardtail: 'Hardtail',
  'full-suspension': 'Full suspension',
  'step-through': 'Step-through',
  cargo: 'Cargo bike',
  trike: 'Recumbent trike',
};

/** What ends a reason, as an instruction. */
export const ENDING_WORDS: Record<Ending, string> = {
  repair: 'Repair, recheck, release',
  'finish-repair': 'Finish the repair, recheck, release',
  recheck: 'Look again at what failed',
  release: 'Release',
  'put-together': 'Put it together and close the item',
  'confirm-clock': 'A lead confirms the time',
  'sign-check': 'Finish and sign the check',
  'complete-check': 'A complete check',
  'incident-check': 'A complete check for just that',
  'assessment-decision': 'Look it over, price it, take it or leave it',
  'co-sign': 'Somebody experienced co-signs',
  'ride-out': 'A ride-out check',
  'read-report': 'Read the report',
  service: 'Do the service',
  'repair-in-time': 'Repair in time',
  'look-every-time': 'Looked at every time',
};

export const INCIDENT_WORDS: Record<IncidentKind, string> = {
  crash: 'Crashed',
  transport: 'Came off a transport',
  immersion: 'Under water',
};
const INCIDENT_CHECKLISTS: Record<IncidentKind, string> = {
  crash: 'after a crash',
  transport: 'after transport',
  immersion: 'after a immersion',
};

export interface ReasonWords {
  readonly what: string;
  readonly detail: string;
  readonly ends: string;
}

/** One reason as people read it: what, where and since when, and what ends it. */
export function reasonWords(
  reason: Reason,
  now: number,
  nameOf: (id: string) => string,
  timeZone?: string,
): ReasonWords {
  const ends = ENDING_WORDS[reason.ends];
  switch (reason.code) {
    case 'stop-finding':
    case 'overdue-soon':
    case 'soon-finding':
    case 'watch-finding': {
      const { finding } = reason;
      const until =
        finding.severity === 'soon' && finding.limit
          ? ` · until ${dayAndClock(finding.limit.until, now, timeZone)} or ${count(Math.max(0, finding.limit.outings - finding.outingsUsed), 'outing')}`
          : '';
      const clockPlace = finding.place?.clock ? ` · at ${finding.place.clock} o’clock from the valve` : '';
      const side = finding.place?.side ? ` · ${finding.place.side.replace('-', ' ')}` : '';
      return {
        what: `${withPosition(finding.words.checkpoint, finding.position)}: ${finding.words.fault.toLowerCase()}`,
        detail: `${reason.code === 'overdue-soon' ? 'Soon, past its limit' : SEVERITY_WORDS[finding.severity]} · ${ZONE_WORDS[finding.zone].toLowerCase()}${side}${clockPlace} · ${nameOf(finding.openedBy)}, ${dayAndClock(finding.openedAt, now, timeZone)}${until}${finding.words.note ? ` · “${finding.words.note}”` : ''}`,
        ends: finding.words.toMechanic ? `${ends}. A qualified mechanic decides.` : ends,
      };
    }
    case 'ready-for-release':
      return {
        what: 'Held until somebody releases it',
        detail: `Since ${dayAndClock(reason.since, now, timeZone)}; no stop stands against it now`,
        ends,
      };
    case 'not-reassembled':
      return { what: `Left apart: ${reason.what}`, detail: nameOf(reason.by), ends };
    case 'repair-open':
      return {
        what: reason.state === 'started' ? 'On the bench, repair begun' : 'Repaired, not looked at again yet',
        detail: '',
        ends,
      };
    case 'clock-behind':
      return {
        what: 'The clock went back',
        detail: 'No check counts until a lead confirms the time',
        ends,
      };
    case 'draft-stop':
      return { what: reason.words, detail: 'A stop marked in a check nobody has signed yet', ends };
    case 'check-incomplete':
      return {
        what: `${reason.checklistName} is incomplete`,
        detail: `${count(reason.missing, 'critical')} nobody looked at`,
        ends,
      };
    case 'incident': {
      const { kind, by, at, note, awaitsCoSign } = reason.incident;
      return {
        what: awaitsCoSign
          ? `${INCIDENT_WORDS[kind]}: looked over by a trainee`
          : `${INCIDENT_WORDS[kind]}: nobody has looked it over since`,
        detail: `${nameOf(by)}, ${dayAndClock(at, now, timeZone)}${note ? ` · “${note}”` : ''}`,
        ends: awaitsCoSign ? ENDING_WORDS['co-sign'] : `A complete check: ${INCIDENT_CHECKLISTS[kind]}`,
      };
    }
    case 'on-offer':
      return {
        what: 'On offer, not of the fleet',
        detail: 'Nobody has decided yet whether it is taken',
        ends,
      };
    case 'awaits-co-sign':
      return { what: `${reason.checklistName} by a trainee`, detail: 'Counts when co-signed', ends };
    case 'trouble-report':
      return { what: 'A rider reported trouble', detail: 'Nobody has read it yet', ends };
    case 'service-overdue':
      return { what: `${reason.service} is overdue`, detail: '', ends };
    case 'no-valid-check':
      return {
        what:
          reason.lastUntil === null ? 'Never had a ride-out check' : 'No ride-out check that still counts',
        detail:
          reason.lastUntil === null
            ? ''
            : `The last one counted until ${dayAndClock(reason.lastUntil, now, timeZone)}`,
        ends,
      };
    default:
      return assertNever(reason);
  }
}
