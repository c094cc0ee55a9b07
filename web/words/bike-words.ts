import type { IncidentKind } from '@cadre/core/incidents';
import { ZONE_WORDS, SEVERITY_WORDS, withPosition } from './checkpoint-words';
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
  recheck: t.lookAgainWhatFailed,
  release: t.release,
  'put-together': t.putTogetherCloseItem,
  'confirm-clock': t.leadConfirmsTime,
  'sign-check': t.finishSignCheck,
  'complete-check': t.completeCheck,
  'incident-check': t.completeCheckForJust,
  'assessment-decision': t.lookOverPriceTake,
  'co-sign': t.somebodyExperiencedCoSigns,
  'ride-out': t.rideOutCheck,
  'read-report': t.readReport,
  service: t.doService,
  'repair-in-time': t.repairInTime,
  'look-every-time': t.lookedEveryTime,
};

export const INCIDENT_WORDS: Record<IncidentKind, string> = {
  crash: t.crashed,
  transport: t.cameOffTransport,
  immersion: t.underWater,
};
const INCIDENT_CHECKLISTS: Record<IncidentKind, string> = {
  crash: t.afterCrash,
  transport: t.afterTransport,
  immersion: t.afterImmersion,
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
          ? t.untilWhenOuting({
              when: dayAndClock(finding.limit.until, now, timeZone),
              outings: Math.max(0, finding.limit.outings - finding.outingsUsed),
            })
          : '';
      const clockPlace = finding.place?.clock ? t.clockOclockFromValve({ clock: finding.place.clock }) : '';
      const side = finding.place?.side ? ` · ${finding.place.side.replace('-', ' ')}` : '';
      return {
        what: `${withPosition(finding.words.checkpoint, finding.position)}: ${finding.words.fault.toLowerCase()}`,
        detail: `${reason.code === 'overdue-soon' ? t.soonPastItsLimit : SEVERITY_WORDS[finding.severity]} · ${ZONE_WORDS[finding.zone].toLowerCase()}${side}${clockPlace} · ${nameOf(finding.openedBy)}, ${dayAndClock(finding.openedAt, now, timeZone)}${until}${finding.words.note ? ` · “${finding.words.note}”` : ''}`,
        ends: finding.words.toMechanic ? t.endsQualifiedMechanicDecides({ ends }) : ends,
      };
    }
    case 'ready-for-release':
      return {
        what: t.heldUntilSomebodyReleases,
        detail: t.sinceWhenNoStop({ when: dayAndClock(reason.since, now, timeZone) }),
        ends,
      };
    case 'not-reassembled':
      return { what: t.leftApartWhat({ what: reason.what }), detail: nameOf(reason.by), ends };
    case 'repair-open':
      return {
        what: reason.state === 'started' ? t.onBenchRepairBegun : t.repairedNotLookedAgain,
        detail: '',
        ends,
      };
    case 'clock-behind':
      return {
        what: t.clockWentBack,
        detail: t.noCheckCountsUntil,
        ends,
      };
    case 'draft-stop':
      return { what: reason.words, detail: t.stopMarkedInCheck, ends };
    case 'check-incomplete':
      return {
        what: t.checklistnameIncomplete({ checklistName: reason.checklistName }),
        detail: t.criticalNobodyLooked({ missing: reason.missing }),
        ends,
      };
    case 'incident': {
      const { kind, by, at, note, awaitsCoSign } = reason.incident;
      return {
        what: awaitsCoSign
          ? t.incidentLookedOverTrainee({ incident: INCIDENT_WORDS[kind] })
          : t.incidentNobodyHasLooked({ incident: INCIDENT_WORDS[kind] }),
        detail: `${nameOf(by)}, ${dayAndClock(at, now, timeZone)}${note ? ` · “${note}”` : ''}`,
        ends: awaitsCoSign
          ? ENDING_WORDS['co-sign']
          : t.completeCheckIncidentchecklists({ incidentChecklists: INCIDENT_CHECKLISTS[kind] }),
      };
    }
    case 'on-offer':
      return {
        what: t.onOfferNotFleet,
        detail: t.nobodyHasDecidedYet,
        ends,
      };
    case 'awaits-co-sign':
      return {
        what: t.checklistnameTrainee({ checklistName: reason.checklistName }),
        detail: t.countsWhenCoSigned,
        ends,
      };
    case 'trouble-report':
      return { what: t.riderReportedTrouble, detail: t.nobodyHasReadYet, ends };
    case 'service-overdue':
      return { what: t.serviceOverdue({ service: reason.service }), detail: '', ends };
    case 'no-valid-check':
      return {
        what: reason.lastUntil === null ? t.neverHadRideOut : t.noRideOutCheck,
        detail:
          reason.lastUntil === null
            ? ''
            : t.lastOneCountedUntil({ when: dayAndClock(reason.lastUntil, now, timeZone) }),
        ends,
      };
    default:
      return assertNever(reason);
  }
}
