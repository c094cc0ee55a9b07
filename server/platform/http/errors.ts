import { randomUUID } from 'node:crypto';
import type { NextFunction, Request, Response } from 'express';
import { withoutValues } from '@cadre/server/platform/database';
import type { Logger } from 'pino';
import type { Problem } from '@cadre/contract/http';
import type { ErrorCode } from '@cadre/core/errors';
import { RefusedError } from '@cadre/server/platform/event-log';

/** The status of each known refusal. A new code does not compile until it has one. */
export const STATUS: { readonly [code in ErrorCode]: number } = {
  'session.required': 401,
  'session.refused': 401,
  'session.throttled': 429,
  'session.pin-gone': 401,
  'session.code-needed': 403,
  'session.no-device': 409,
  'session.current-secret-wrong': 403,
  'session.secret-one-time': 403,
  'person.last-lead': 409,
  'person.still-here': 409,
  'person.nameless': 409,
  'act.not-allowed': 403,
  'origin.refused': 403,
  'not-found': 404,
  'body.invalid': 400,
  'body.too-large': 413,
  'host.refused': 421,
  'server.busy': 503,
  'author.unproven': 403,
  'clock.not-behind': 409,
  'writer.bound-late': 403,
  'conflict.id-reused': 409,
  'conflict.version': 409,
  'checklist.critical-dropped': 422,
  'conflict.check-open': 409,
  'setup.already-done': 409,
  'tag.taken': 409,
  'hook.taken': 409,
  'sign-in-name.taken': 409,
  'model.name-taken': 409,
  'rack.not-empty': 409,
  'rack.hooks-taken': 409,
  'rack.order-stale': 409,
  'part.does-not-fit': 409,
  'part.not-fitted': 409,
  'group.ends-before-it-begins': 400,
  'import.rows-refused': 409,
  'check.already-signed': 409,
  'check.abandoned': 409,
  'check.mark-not-asked': 422,
  'check.marks-missing': 409,
  'check.own-co-sign': 403,
  'check.not-awaiting-co-sign': 409,
  'check.not-amendable': 409,
  'round.bike-twice': 400,
  'round.closed': 409,
  'sound.refused': 422,
  'photo.no-picture': 422,
  'photo.too-wide': 422,
  'photo.too-many': 409,
  'timed-recheck.over': 409,
  'timed-recheck.gauge-again': 422,
  'round.undone-unsaid': 422,
  'round.deadline-past': 400,
  'hand-out.not-fit': 409,
  'hand-out.not-in': 409,
  'take-back.not-out': 409,
  'group.over': 409,
  'calendar.off': 409,
  'calendar.host-not-set': 403,
  'calendar.private-address': 403,
  'calendar.too-large': 422,
  'calendar.timed-out': 504,
  'calendar.no-answer': 502,
  'kit.not-in': 409,
  'kit.not-out': 409,
  'kit.not-ready': 409,
  'kit.packed-for-other': 409,
  'kit.withdrawn': 409,
  'equipment.withdrawn': 409,
  'trace.over': 409,
  'trace.not-repaired': 409,
  'labels.no-address': 409,
  'report.dealt-with': 409,
  'severity.not-higher': 422,
  'severity.not-lower': 422,
  'severity.under-stop-floor': 422,
  'finding.still-asked': 422,
  'merge.other-bike': 422,
  'merge.other-look': 422,
  'merge.same': 422,
  'stock.not-enough': 409,
  'stock.below-nothing': 409,
  'repair.over-torque': 422,
  'hang-tag.hangs-already': 409,
  'assessment.decided': 409,
  'assessment.not-priced': 409,
  'repair.finding-not-open': 409,
  'repair.finding-in-work': 409,
  'repair.already-done': 409,
  'repair.not-done-yet': 409,
  'repair.nothing-to-recheck': 409,
  'recheck.second-person': 403,
  'release.not-held': 409,
  'release.not-ready': 409,
  'release.hang-tag-out': 409,
  'not-reassembled.already-closed': 409,
  unexpected: 500,
};

/** Body parser errors that are the sender's doing. */
function ofParser(error: unknown): RefusedError | null {
  const type = (error as { type?: unknown }).type;
  if (type === 'entity.too.large') {
    const { limit = 512_000 } = error as { limit?: number };
    return new RefusedError('body.too-large', { limitKb: Math.round(limit / 1000) });
  }
  // An address that cannot be decoded.
  if (error instanceof URIError) return new RefusedError('not-found', { what: 'address' });
  // The parser gives every body it cannot read one of these: not JSON, not compressed as declared, cut off.
  const { status } = error as { status?: number };
  if (status === 400 || status === 415)
    return new RefusedError('body.invalid', {}, { fields: [{ path: '', code: 'not-json' }], cause: error });
  return null;
}

/** The one place errors are answered: known codes mapped, anything else a fixed 500 whose cause is only in the log. */
export function answerErrors(log: Logger) {
  return (error: unknown, req: Request, res: Response, next: NextFunction): void => {
    if (res.headersSent) {
      next(error);
      return;
    }
    const refused = error instanceof RefusedError ? error : ofParser(error);
    const code: ErrorCode = refused?.code ?? 'unexpected';
    const requestId = refused ? undefined : randomUUID();
    // Taken for the sender's doing, with what it was taken from: whoever runs Cadre can tell whether it was.
    if (refused?.cause)
      log.warn({ err: withoutValues(refused.cause), code, path: req.path }, 'refused because of');
    if (!refused)
      log.error(
        { err: withoutValues(error), requestId, method: req.method, path: req.path },
        'unexpected error',
      );
    const problem: Problem = {
      type: `urn:cadre:${code}`,
      status: STATUS[code],
      code,
      ...(refused && Object.keys(refused.params).length > 0 ? { params: refused.params } : {}),
      ...(refused?.detail.fields ? { fields: refused.detail.fields } : {}),
      ...(refused?.detail.current === undefined ? {} : { current: refused.detail.current }),
      ...(requestId ? { requestId } : {}),
    };
    res.status(STATUS[code]).type('application/problem+json').send(JSON.stringify(problem));
  };
}
