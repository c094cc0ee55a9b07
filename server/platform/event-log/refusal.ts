import type { ErrorCode, ErrorParams, FieldIssue, ParamsAfter } from '@cadre/core/errors';

interface Detail {
  readonly fields?: readonly FieldIssue[];
  readonly current?: unknown;
  readonly cause?: unknown;
}

/** A known refusal on its way to the one place that answers errors. Thrown by services, never by core. */
export class RefusedError<C extends ErrorCode = ErrorCode> extends Error {
  readonly params: ErrorParams;
  readonly detail: Detail;
  constructor(
    readonly code: C,
    ...rest: [...ParamsAfter<C>, detail?: Detail]
  ) {
    const [params = {}, detail = {}] = rest as readonly unknown[] as readonly [ErrorParams?, Detail?];
    super(code, detail.cause === undefined ? {} : { cause: detail.cause });
    this.name = 'RefusedError';
    this.params = params;
    this.detail = detail;
  }
}

/** Unwraps a core answer, turning a refusal into the thrown kind. */
export function orRefuse<T>(
  result: { ok: true; value: T } | { ok: false; refusal: { code: ErrorCode; params?: ErrorParams } },
): T {
  if (!result.ok) throw new RefusedError(result.refusal.code, result.refusal.params);
  return result.value;
}

/** Whether the database refused a row because one of its keys is there already. */
export const isDuplicate = (error: unknown): boolean => (error as { errno?: number }).errno === 1062;

/** The refusal a duplicate in the database means, by the index it ran into, or the error as it was. */
export function duplicateAsRefusal(error: unknown, taken: Readonly<Record<string, ErrorCode>>): unknown {
  const { message } = error as { message?: string };
  if (!isDuplicate(error)) return error;
  const index = Object.keys(taken).find((name) => message?.includes(name));
  if (index) return new RefusedError(taken[index] as ErrorCode);
  // An id the sender made is something else's already.
  return message?.includes("'PRIMARY'")
    ? new RefusedError('conflict.id-reused', {}, { cause: error })
    : error;
}
