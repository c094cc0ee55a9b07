import type { ErrorCode, ErrorParams, FieldIssue } from '@cadre/core/errors';

/** A known refusal on its way to the one place that answers errors. Thrown by services, never by core. */
export class RefusedError extends Error {
  constructor(
    readonly code: ErrorCode,
    readonly params: ErrorParams = {},
    readonly detail: { readonly fields?: readonly FieldIssue[]; readonly current?: unknown } = {},
  ) {
    super(code);
    this.name = 'RefusedError';
  }
}

/** Unwraps a core answer, turning a refusal into the thrown kind. */
export function orRefuse<T>(result: { ok: true; value: T } | { ok: false; refusal: { code: ErrorCode; params?: ErrorParams } }): T {
  if (!result.ok) throw new RefusedError(result.refusal.code, result.refusal.params);
  return result.value;
}
