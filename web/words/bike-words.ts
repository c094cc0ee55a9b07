import type { IncidentKind } from '@cadre/core/incidents';
import type { ReturnCause } from '@cadre/core/outings';
import { SIDE_WORDS, ZONE_WORDS, withPosition } from './checkpoint-words';
import { severityOfFinding } from './severity-of';
import { dayAndClock } from '@cadre/web/platform/time';
import { assertNever } from '@cadre/core/errors';
import type { BikeKind, Whereabouts } from '@cadre/core/fleet';
import type { Ending, Fitness, Reason } from '@cadre/core/fitness';
import * as t from './messages';

export const FITNESS_WORDS: Record<Fitness, string> = {
  cleared: t.cleared,
  'cleared-with-watch': t.clearedWatch,
  due: t.due,
  held: t.held,
};

export const WHEREABOUTS_WORDS: Record<Whereabouts, string> = {
  in: t.inWord,
  out: t.outWord,
  'on-the-bench': t.onBench,
  'laid-up': t.laidUp,
  gone: t.gone,
};

export const KIND_WORDS: Record<BikeKind, string> = {
  child: t.childsBike,
  hybrid: t.hybrid,
  hardtail: t.hardtail,
  'full-suspension': t.fullSuspension,
  'step-through': t.stepThrough,
  cargo: t.cargoBike,
  trike: t.recumbentTrike,
};

/** What ends a reason, as an instruction. */
export const ENDING_WORDS: Record<Ending, string> = {
  repair: t.repairRecheckRelease,
  'finish-repair': t.finishRepairRecheckRelease,
  recheck: t.recheckQuestionsFailed,
  release: t.release,
  'put-together': t.reassembleThenCloseItem,
  'confirm-clock': t.leadConfirmsTime,
  'sign-check': t.finishCheckSign,
  'complete-check': t.doCompleteCheck,
  'incident-check': t.doCompleteCheckFor,
  'return-check': t.doReturnCheck,
  'assessment-decision': t.checkBikePriceRepairs,
  'co-sign': t.askExperiencedPersonCo,
  'ride-out': t.doRideOutCheck,
  'read-report': t.readReport,
  'exclude-cause': t.excludeCauseOrClose,
  service: t.doService,
  'repair-in-time': t.repairBeforeLimit,
  'look-every-time': t.checkEveryInspection,
};

export const INCIDENT_WORDS: Record<IncidentKind, string> = {
  crash: t.crash,
  transport: t.transport,
  immersion: t.immersionInWater,
  contamination: t.oilNearBrakes,
};
/** Why the return checklist is due. */
const RETURN_CAUSE_WORDS: Record<ReturnCause, string> = {
  hard: t.riddenHard,
  conditions: t.riddenWetSaltMud,
  outings: t.manyOutingsSince,
};
const INCIDENT_CHECKLISTS: Record<IncidentKind, string> = {
  crash: t.afterCrash,
  transport: t.afterTransport,
  immersion: t.afterImmersion,
  contamination: t.afterContamination,
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
      const clockPlace = finding.place?.clock ? t.clockOclockFromValve({ clock: finding.place.clock }) : '';
      const side = finding.place?.side ? ` · ${SIDE_WORDS[finding.place.side]}` : '';
      return {
        what: `${withPosition(finding.words.checkpoint, finding.position)}: ${finding.words.fault.toLowerCase()}`,
        detail: `${reason.code === 'overdue-soon' ? t.pastItsFixLimit : severityOfFinding(finding, now, timeZone)} · ${ZONE_WORDS[finding.zone].toLowerCase()}${side}${clockPlace} · ${nameOf(finding.openedBy)}, ${dayAndClock(finding.openedAt, now, timeZone)}${finding.words.note ? ` · “${finding.words.note}”` : ''}`,
        ends: finding.words.toMechanic ? t.endsQualifiedMechanicDecides({ ends }) : ends,
      };
    }
    case 'ready-for-release':
      return {
        what: t.heldNotReleasedYet,
        detail: t.sinceWhenNoDo({ when: dayAndClock(reason.since, now, timeZone) }),
        ends,
      };
    case 'not-reassembled':
      return { what: t.notReassembledWhat({ what: reason.what }), detail: nameOf(reason.by), ends };
    case 'repair-open':
      return {
        what: reason.state === 'started' ? t.onBenchRepairStarted : t.repairedNotRecheckedYet,
        detail: '',
        ends,
      };
    case 'clock-behind':
      return {
        what: t.serversClockBehindRecord,
        detail: t.noCheckClearsBike,
        ends,
      };
    case 'draft-stop':
      return { what: reason.words, detail: t.doNotRideFault, ends };
    case 'check-incomplete':
      return {
        what: t.checklistNameIncomplete({ checklistName: reason.checklistName }),
        detail: t.criticalQuestionNotAnswered({ missing: reason.missing }),
        ends,
      };
    case 'incident': {
      const { kind, by, at, note, awaitsCoSign } = reason.incident;
      return {
        what: awaitsCoSign
          ? t.incidentCheckedTraineeOnly({ incident: INCIDENT_WORDS[kind] })
          : t.incidentNotCheckedSince({ incident: INCIDENT_WORDS[kind] }),
        detail: `${nameOf(by)}, ${dayAndClock(at, now, timeZone)}${note ? ` · “${note}”` : ''}`,
        ends: awaitsCoSign
          ? ENDING_WORDS['co-sign']
          : t.doCompleteCheckIncidentChecklists({ incidentChecklists: INCIDENT_CHECKLISTS[kind] }),
      };
    }
    case 'return-check':
      return {
        what: t.returnCheckDue,
        detail: `${RETURN_CAUSE_WORDS[reason.due.because]}, ${dayAndClock(reason.due.since, now, timeZone)}`,
        ends,
      };
    case 'on-offer':
      return {
        what: t.usedBikeNotIn,
        detail: t.noDecisionYet,
        ends,
      };
    case 'awaits-co-sign':
      return {
        what: t.checklistNameTrainee({ checklistName: reason.checklistName }),
        detail: t.notValidBeforeCo,
        ends,
      };
    case 'trouble-report':
      return { what: t.riderReportedProblem, detail: t.notReadYet, ends };
    case 'cause-not-excluded':
      return {
        what: t.causesNotExcluded({ causes: reason.trace.causes.join(', ') }),
        detail: t.searchFor({ name: reason.trace.name }),
        ends,
      };
    case 'service-overdue':
      return {
        what: t.serviceOverdue({ service: reason.service }),
        detail: t.dueSince({ when: dayAndClock(reason.dueAt, now, timeZone) }),
        ends,
      };
    case 'service-fix-by':
      return {
        what: t.serviceOverdue({ service: reason.service }),
        detail: t.doBy({ when: dayAndClock(reason.until, now, timeZone) }),
        ends,
      };
    case 'no-valid-check':
      return {
        what: reason.lastUntil === null ? t.noRideOutCheck : t.noValidRideOut,
        detail:
          reason.lastUntil === null
            ? ''
            : t.lastCheckWasValid({ when: dayAndClock(reason.lastUntil, now, timeZone) }),
        ends,
      };
    default:
      return assertNever(reason);
  }
}
