import type { FieldCode } from './field-codes';
import type { ParamsAfter } from './params';

export { FIELD_CODES, type FieldCode } from './field-codes';
export type { NotFound, ParamsAfter, ShownParams } from './params';

/**
 * The one error catalogue. A status (server) and a wording (web) exist for every code, or nothing
 * compiles. Parameters are plain values; sentences are made where they are shown.
 */
export const ERROR_CODES = [
  'session.required',
  'session.refused',
  'session.throttled',
  'session.pin-gone',
  'session.code-needed',
  'session.no-device',
  'session.current-secret-wrong',
  'session.secret-one-time',
  'person.last-lead',
  'person.still-here',
  'person.nameless',
  'act.not-allowed',
  'author.unproven',
  'clock.not-behind',
  'writer.bound-late',
  'origin.refused',
  'host.refused',
  'server.busy',
  'not-found',
  'body.invalid',
  'body.too-large',
  'conflict.id-reused',
  'conflict.version',
  'conflict.check-open',
  'setup.already-done',
  'tag.taken',
  'hook.taken',
  'sign-in-name.taken',
  'model.name-taken',
  'rack.not-empty',
  'rack.hooks-taken',
  'rack.order-stale',
  'part.does-not-fit',
  'part.not-fitted',
  'group.ends-before-it-begins',
  'import.rows-refused',
  'checklist.critical-dropped',
  'check.already-signed',
  'check.abandoned',
  'check.mark-not-asked',
  'check.marks-missing',
  'check.own-co-sign',
  'check.not-awaiting-co-sign',
  'check.not-amendable',
  'round.bike-twice',
  'round.closed',
  'round.undone-unsaid',
  'round.deadline-past',
  'hand-out.not-fit',
  'hand-out.not-in',
  'take-back.not-out',
  'group.over',
  'calendar.off',
  'calendar.host-not-set',
  'calendar.private-address',
  'calendar.too-large',
  'calendar.timed-out',
  'calendar.no-answer',
  'kit.not-in',
  'kit.not-out',
  'kit.not-ready',
  'kit.packed-for-other',
  'kit.withdrawn',
  'equipment.withdrawn',
  'trace.over',
  'trace.not-repaired',
  'labels.no-address',
  'report.dealt-with',
  'severity.not-higher',
  'severity.not-lower',
  'severity.under-stop-floor',
  'finding.still-asked',
  'merge.other-bike',
  'merge.other-look',
  'merge.same',
  'stock.not-enough',
  'stock.below-nothing',
  'repair.over-torque',
  'hang-tag.hangs-already',
  'assessment.decided',
  'assessment.not-priced',
  'repair.finding-not-open',
  'repair.finding-in-work',
  'repair.already-done',
  'repair.not-done-yet',
  'repair.nothing-to-recheck',
  'recheck.second-person',
  'release.not-held',
  'release.not-ready',
  'release.hang-tag-out',
  'not-reassembled.already-closed',
  'sound.refused',
  'photo.no-picture',
  'photo.too-wide',
  'photo.too-many',
  'timed-recheck.over',
  'timed-recheck.gauge-again',
  'unexpected',
] as const;
export type ErrorCode = (typeof ERROR_CODES)[number];

export type ErrorParams = Readonly<Record<string, string | number | boolean | readonly string[] | null>>;

/** One wrong field: a dotted path into what was sent, a code of what is wrong with it, the limit if any. */
export interface FieldIssue {
  readonly path: string;
  readonly code: FieldCode;
  readonly params?: ErrorParams;
}

export interface Refusal {
  readonly code: ErrorCode;
  readonly params?: ErrorParams;
  readonly fields?: readonly FieldIssue[];
}

export type Result<T> =
  { readonly ok: true; readonly value: T } | { readonly ok: false; readonly refusal: Refusal };

export function accept<T>(value: T): Result<T> {
  return { ok: true, value };
}

export function refuse<C extends ErrorCode>(
  code: C,
  ...[params]: ParamsAfter<C>
): { readonly ok: false; readonly refusal: Refusal } {
  return { ok: false, refusal: params ? { code, params } : { code } };
}

/** For switches over a union: a new member does not compile until it is handled. */
export function assertNever(value: never): never {
  throw new Error(`unhandled case: ${JSON.stringify(value)}`);
}
