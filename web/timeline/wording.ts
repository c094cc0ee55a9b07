import type { AnswerOf } from '@cadre/contract/http';
import type { timeline } from '@cadre/contract/timeline';
import type { ClearsNot, Conditions } from '@cadre/core/catalogue';
import type { ReturnWay } from '@cadre/core/outings';
import type { IncidentKind } from '@cadre/core/incidents';
import type { Severity } from '@cadre/core/catalogue';
import {
  CONDITION_WORDS,
  SEVERITY_WORDS,
  JOINT_WORDS,
  INCIDENT_WORDS,
  PART_WORDS,
  RETURN_WORDS,
} from '@cadre/web/words';
import * as t from './messages';

export type TimelineEntry = AnswerOf<typeof timeline>['entries'][number];

export interface EntryWords {
  readonly what: string;
  readonly detail: string;
  /** How much it weighs in the list: what changed the bike's standing stands out. */
  readonly weight: 'strong' | 'plain' | 'quiet';
}

type Body = Record<string, unknown>;
const text = (value: unknown): string => (typeof value === 'string' ? value : '');
const listOf = (value: unknown): readonly Body[] =>
  Array.isArray(value) ? (value as Body[]).filter(Boolean) : [];
const faultsOf = (findings: unknown): string =>
  listOf(findings)
    .map((finding) => {
      const words = (finding.words ?? {}) as Body;
      return `${text(words.checkpoint)}: ${text(words.fault).toLowerCase()} (${(SEVERITY_WORDS[finding.severity as Severity] ?? '').toLowerCase()})`;
    })
    .join(' · ');

/** What a kind of event says by its name alone: of one this browser has no words for yet. */
function plainKind(kind: string): string {
  const words = kind.replace(/[.-]/g, ' ');
  return words.charAt(0).toUpperCase() + words.slice(1);
}

/** A search by its key, in words: its own names are in the catalogue, which the timeline does without. */
const traceNamed = (key: unknown): string => {
  const words = text(key).replace(/-/g, ' ');
  return words.charAt(0).toUpperCase() + words.slice(1);
};

/** Why a complete check did not clear its bike. */
const NOT_CLEARED: { readonly [C in ClearsNot['code']]: (not: ClearsNot) => string } = {
  'asks-nothing': () => t.doesNotClearBike,
  superseded: () => t.doesNotClearBikeChecklist,
  'leaves-out': (not) =>
    t.doesNotClearBikeChecklistLeaves({
      checkpoints: 'checkpoints' in not ? not.checkpoints.join(', ') : '',
    }),
};

/** One entry of the record as a person reads it on a bike's page. */
export function entryWords(entry: TimelineEntry, nameOf: (id: string) => string): EntryWords {
  const body = entry.body as Body;
  const say = (what: string, detail = '', weight: EntryWords['weight'] = 'plain'): EntryWords => ({
    what,
    detail,
    weight,
  });
  switch (entry.kind) {
    case 'bike.added':
      return say(t.addedFleet, text((body.bike as Body | undefined)?.model), 'strong');
    case 'bike.changed':
      return say(t.edited, body.due ? t.buildChangedLastCheck : '', 'quiet');
    case 'bike.hung':
      return say(body.hookId ? t.movedAnotherHook : t.removedFromItsHook, '', 'quiet');
    case 'bike.moved':
      return say(body.to === 'out' ? t.handedOut : t.takenBack, '', 'quiet');
    case 'check.opened':
      return say(body.recheck ? t.recheckStarted : t.checkStarted, '', 'quiet');
    case 'check.marked':
      return say(t.markGiven({ listOf: listOf(body.markIds).length }), '', 'quiet');
    case 'check.signed': {
      const findings = listOf(body.findings);
      const missing = listOf(body.criticalsMissing).length;
      const ruledOut = listOf(body.ruledOut).length;
      const not = (body.clearsNot ?? null) as ClearsNot | null;
      const found = `${findings.length > 0 ? faultsOf(findings) : t.noFindings}${ruledOut ? t.ruledOutNotAskedBecause({ ruledOut }) : ''}`;
      return say(
        body.complete ? t.checkSigned : t.checkSignedIncomplete,
        [
          missing ? t.criticalQuestionNotAnswered({ missing }) : '',
          not ? NOT_CLEARED[not.code](not) : '',
          found,
        ]
          .filter(Boolean)
          .join(' · '),
        'strong',
      );
    }
    case 'check.amended':
      return say(
        t.checkAmended,
        `${text(body.reason)}${listOf(body.findings).length > 0 ? ` · ${faultsOf(body.findings)}` : ''}${listOf(body.criticalsMissing).length > 0 ? t.nowIncomplete : ''}`,
        'strong',
      );
    case 'outing.started':
      return say(t.outingStarted, text(body.groupName), 'quiet');
    case 'outing.ended':
      return say(
        RETURN_WORDS[text(body.way) as ReturnWay] ?? t.takenBack,
        [CONDITION_WORDS[text(body.conditions) as Conditions] ?? '', text(body.note)]
          .filter(Boolean)
          .join(' · '),
        'quiet',
      );
    case 'report.made':
    case 'report.repeated':
      return say(t.problemReported, text(body.note), 'strong');
    case 'report.described':
      return say(t.reportDescribed, text(body.note), 'quiet');
    case 'report.closed':
      return say(t.reportClosed, text(body.reason), 'strong');
    case 'report.to-finding':
      return say(t.reportToFinding, faultsOf([body.finding]), 'strong');
    case 'incident.reported': {
      const { kind, note } = (body.incident ?? {}) as Body;
      return say(INCIDENT_WORDS[text(kind) as IncidentKind] ?? t.incident, text(note), 'strong');
    }
    case 'trace.saved':
      return say(t.searchSaved, traceNamed(body.trace), 'quiet');
    case 'trace.ended': {
      const result = { 'handed-over': t.handedOver, 'not-found': t.noCauseFound }[text(body.result)];
      const finding = body.finding as Body | null;
      return say(
        t.searchEnded,
        [traceNamed(body.trace), result ?? (finding ? faultsOf([finding]) : '')].join(' · '),
        'strong',
      );
    }
    case 'trace.proved':
      return say(body.gone ? t.repairEndedSymptom : t.symptomStillThere, traceNamed(body.trace), 'strong');
    case 'trace.closed':
      return say(t.searchClosed, [traceNamed(body.trace), text(body.reason)].join(' · '), 'strong');
    case 'puncture.recorded':
      return say(t.punctureRecorded, t.atHour({ hour: String(body.hour) }), 'quiet');
    case 'sound.added':
      return say(t.soundAdded, [text(body.gear), text(body.doing)].filter(Boolean).join(' · '), 'quiet');
    case 'photo.added':
      return say(t.photoTaken, text(body.checkpoint).replace(/-/g, ' '), 'quiet');
    case 'service.done':
      return say(t.serviceDone, [text(body.name), text(body.note)].filter(Boolean).join(' · '), 'strong');
    case 'odometer.read':
      return say(t.odometerRead, t.kmShown({ km: text(String(body.km)) }), 'quiet');
    case 'timed-recheck.set':
      return say(t.timedRecheckSet, text((body.recheck as Body | undefined)?.what), 'quiet');
    case 'timed-recheck.raised':
      return say(t.timedRecheckDue, text(body.what), 'strong');
    case 'timed-recheck.answered': {
      const rate =
        typeof body.perDay === 'number' ? t.perDayDay({ perDay: Math.round(body.perDay * 1000) / 10 }) : '';
      const said = { pass: t.holdsAir, fail: t.losesAir, 'too-soon': t.noResultYet }[text(body.said)] ?? '';
      return say(
        t.timedRecheckDone,
        [text(body.what), said, rate, text(body.note), faultsOf(body.findings)].filter(Boolean).join(' · '),
        'strong',
      );
    }
    case 'check.co-signed':
      return say(t.traineesCheckCoSigned, '', 'plain');
    case 'check.abandoned':
      return say(t.unsignedCheckClosed, '', 'quiet');
    case 'finding.under-policy':
      return say(t.newPolicyChangedOpen, faultsOf(body.findings), 'strong');
    case 'finding.merged':
      return say(t.findingsMerged, faultsOf([body.finding]));
    case 'finding.closed':
      return say(t.findingClosedPartNo, `${faultsOf([body.finding])} · ${text(body.reason)}`, 'strong');
    case 'finding.severity-set':
      return say(t.severityChanged, `${faultsOf([body.finding])} · ${text(body.reason)}`);
    case 'repair.started':
      return say(t.repairStarted, faultsOf(body.findings));
    case 'repair.done':
      return say(
        t.repairDone,
        [
          ...listOf(body.work).map((work) => text(work.done)),
          ...listOf(body.used).map((part) => `${String(part.count)} × ${text(part.name)}`),
          ...listOf(body.torques).map(
            (each) =>
              `${JOINT_WORDS[each.joint as keyof typeof JOINT_WORDS] ?? text(each.joint)} ${String(each.newtonMetres)} N m`,
          ),
          typeof body.minutes === 'number' ? t.minutesMin({ minutes: body.minutes }) : '',
        ]
          .filter(Boolean)
          .join(' · '),
        'strong',
      );
    case 'repair.planned': {
      const { waits, stand } = (body.plan ?? {}) as Body;
      const waiting = (waits ?? {}) as Body;
      if (!waits)
        return say(t.repairPlanned, text(stand) ? t.standStand({ stand: text(stand) }) : '', 'quiet');
      return say(waiting.for === 'workshop' ? t.awayWorkshop : t.waitsForPart, text(waiting.what));
    }
    case 'not-reassembled.opened':
      return say(t.notReassembled, text(body.what));
    case 'not-reassembled.closed':
      return say(t.reassembled);
    case 'bike.released':
      return say(
        t.released,
        [
          text(body.hangTagBack) ? t.hangTagHangTagBackReturned({ hangTagBack: text(body.hangTagBack) }) : '',
          text(body.note),
        ]
          .filter(Boolean)
          .join(' · '),
        'strong',
      );
    case 'hang-tag.hung':
      return say(t.hangTagPutOn, text(body.hangTag));
    case 'assessment.opened':
      return say(t.offeredYourProgram, text(body.from), 'strong');
    case 'assessment.priced':
      return say(t.priced, '', 'quiet');
    case 'assessment.decided':
      return say(body.accept ? t.acceptedIntoFleet : t.declined, text(body.reason), 'strong');
    case 'part.fitted': {
      const part = (body.part ?? {}) as Body;
      const kind = PART_WORDS[part.kind as keyof typeof PART_WORDS] ?? t.part;
      return say(
        t.kindFitted({ kind }),
        [text(part.name), body.position === 'only' ? '' : text(body.position), text(body.anyway)]
          .filter(Boolean)
          .join(' · '),
      );
    }
    case 'part.removed':
      return say(t.partRemoved, '', 'quiet');
    default:
      return say(plainKind(entry.kind), nameOf(entry.author ?? ''), 'quiet');
  }
}

/** Who said it, and who sent it where that was another person's session. */
export function byWords(entry: TimelineEntry, nameOf: (id: string) => string): string {
  const body = entry.body as Body;
  const left = entry.kind === 'not-reassembled.opened' ? text(body.by) : '';
  const authors = Array.isArray(body.authors) ? body.authors.map(text) : [left || (entry.author ?? '')];
  const sender = text(body.deliveredBy) || (entry.author ?? '');
  const names = authors.filter(Boolean).map(nameOf).join(' and ');
  return authors.includes(sender) || !sender ? names : t.namesSyncedNameOf({ names, nameOf: nameOf(sender) });
}
