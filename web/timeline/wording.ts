import type { AnswerOf } from '@cadre/contract/http';
import type { timeline } from '@cadre/contract/timeline';
import { count } from '@cadre/web/platform/time';
import type { ClearsNot } from '@cadre/core/catalogue';
import type { IncidentKind } from '@cadre/core/incidents';
import { JOINT_WORDS, INCIDENT_WORDS, PART_WORDS } from '@cadre/web/words';

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
      return `${text(words.checkpoint)}: ${text(words.fault).toLowerCase()} (${text(finding.severity)})`;
    })
    .join(' · ');

/** What a kind of event says by its name alone: of one this browser has no words for yet. */
function plainKind(kind: string): string {
  const words = kind.replace(/[.-]/g, ' ');
  return words.charAt(0).toUpperCase() + words.slice(1);
}

/** Why a complete check did not clear its bike. */
const NOT_CLEARED: { readonly [C in ClearsNot['code']]: (not: ClearsNot) => string } = {
  'asks-nothing': () => 'does not clear: the checklist asks nothing of this bike',
  superseded: () => 'does not clear: the checklist had a newer version',
  'leaves-out': (not) =>
    `does not clear: the checklist leaves out ${'checkpoints' in not ? not.checkpoints.join(', ') : ''}`,
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
      return say('Came into the fleet', text((body.bike as Body | undefined)?.model), 'strong');
    case 'bike.changed':
      return say('Edited', body.due ? 'Built otherwise: its last check no longer counts' : '', 'quiet');
    case 'bike.hung':
      return say(body.hookId ? 'Hung on another hook' : 'Taken off its hook', '', 'quiet');
    case 'bike.moved':
      return say(body.to === 'out' ? 'Handed out' : 'Came back', '', 'quiet');
    case 'check.opened':
      return say(body.recheck ? 'Recheck begun' : 'Check begun', '', 'quiet');
    case 'check.marked':
      return say(`${count(listOf(body.markIds).length, 'mark')} given`, '', 'quiet');
    case 'check.signed': {
      const findings = listOf(body.findings);
      const missing = listOf(body.criticalsMissing).length;
      const ruledOut = listOf(body.ruledOut).length;
      const not = (body.clearsNot ?? null) as ClearsNot | null;
      const found = `${findings.length > 0 ? faultsOf(findings) : 'Nothing found'}${ruledOut ? ` · ${ruledOut} ruled out by the build` : ''}`;
      return say(
        body.complete ? 'Check signed' : 'Check signed, incomplete',
        [
          missing ? `${count(missing, 'critical')} nobody looked at` : '',
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
        'Check amended',
        `${text(body.reason)}${listOf(body.findings).length > 0 ? ` · ${faultsOf(body.findings)}` : ''}${listOf(body.criticalsMissing).length > 0 ? ' · incomplete after all' : ''}`,
        'strong',
      );
    case 'incident.reported': {
      const { kind, note } = (body.incident ?? {}) as Body;
      return say(INCIDENT_WORDS[text(kind) as IncidentKind] ?? 'Something happened', text(note), 'strong');
    }
    case 'photo.added':
      return say('Photo taken', text(body.checkpoint).replace(/-/g, ' '), 'quiet');
    case 'timed-recheck.set':
      return say('Look asked for later', text((body.recheck as Body | undefined)?.what), 'quiet');
    case 'timed-recheck.raised':
      return say('Time to look again', text(body.what), 'strong');
    case 'timed-recheck.answered': {
      const rate = typeof body.perDay === 'number' ? `${Math.round(body.perDay * 1000) / 10} % a day` : '';
      const said = { pass: 'holds', fail: 'loses air', 'too-soon': 'too soon to say' }[text(body.said)] ?? '';
      return say(
        'Looked again',
        [text(body.what), said, rate, text(body.note), faultsOf(body.findings)].filter(Boolean).join(' · '),
        'strong',
      );
    }
    case 'check.co-signed':
      return say('Trainee’s check co-signed', '', 'plain');
    case 'check.abandoned':
      return say('Check left unsigned and closed', '', 'quiet');
    case 'finding.under-policy':
      return say('A new policy moved what is open', faultsOf(body.findings), 'strong');
    case 'finding.merged':
      return say('Two findings told as one', faultsOf([body.finding]));
    case 'finding.closed':
      return say(
        'Finding closed: its part is not on the bike any more',
        `${faultsOf([body.finding])} · ${text(body.reason)}`,
        'strong',
      );
    case 'finding.severity-set':
      return say('Severity set', `${faultsOf([body.finding])} · ${text(body.reason)}`);
    case 'repair.started':
      return say('Repair begun', faultsOf(body.findings));
    case 'repair.done':
      return say(
        'Repair done',
        [
          ...listOf(body.work).map((work) => text(work.done)),
          ...listOf(body.used).map((part) => `${String(part.count)} × ${text(part.name)}`),
          ...listOf(body.torques).map(
            (each) =>
              `${JOINT_WORDS[each.joint as keyof typeof JOINT_WORDS] ?? text(each.joint)} ${String(each.newtonMetres)} N m`,
          ),
          typeof body.minutes === 'number' ? `${body.minutes} min` : '',
        ]
          .filter(Boolean)
          .join(' · '),
        'strong',
      );
    case 'repair.planned': {
      const { waits, stand } = (body.plan ?? {}) as Body;
      const waiting = (waits ?? {}) as Body;
      if (!waits) return say('Repair planned', text(stand) ? `stand ${text(stand)}` : '', 'quiet');
      return say(waiting.for === 'workshop' ? 'Away at a workshop' : 'Waits for a part', text(waiting.what));
    }
    case 'not-reassembled.opened':
      return say('Left apart', text(body.what));
    case 'not-reassembled.closed':
      return say('Put together again');
    case 'bike.released':
      return say(
        'Released',
        [text(body.hangTagBack) ? `hang-tag ${text(body.hangTagBack)} back` : '', text(body.note)]
          .filter(Boolean)
          .join(' · '),
        'strong',
      );
    case 'hang-tag.hung':
      return say('Hang-tag hung on it', text(body.hangTag));
    case 'assessment.opened':
      return say('Offered to the house', text(body.from), 'strong');
    case 'assessment.priced':
      return say('Priced', '', 'quiet');
    case 'assessment.decided':
      return say(body.accept ? 'Taken into the fleet' : 'Not taken', text(body.reason), 'strong');
    case 'part.fitted': {
      const part = (body.part ?? {}) as Body;
      const kind = PART_WORDS[part.kind as keyof typeof PART_WORDS] ?? 'Part';
      return say(
        `${kind} fitted`,
        [text(part.name), body.position === 'only' ? '' : text(body.position), text(body.anyway)]
          .filter(Boolean)
          .join(' · '),
      );
    }
    case 'part.removed':
      return say('Part taken off', '', 'quiet');
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
  return authors.includes(sender) || !sender ? names : `${names}, sent by ${nameOf(sender)}`;
}
