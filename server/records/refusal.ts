import type { ErrorCode, ErrorParams, FieldIssue } from '@cadre/core/errors';

/** A known refusal on its way to the one place that answers errors. Thrown by services, never by core. */
export class RefusedError extends Error {
  constructor(
    readonly code: ErrorCode,
    readonly params: ErrorParams = {},
    readonly detail: {
      readonly fields?: readonly FieldIssue[];
      readonly current?: unknown;
      readonly cause?: unknown;
    } = {},
  ) {
    super(code, detail.cause === undefined ? {} : { cause: detail.cause });
    this.name = 'RefusedError';
  }
}

/** Unwraps a core answer, turning a refusal into the thrown kind. */
export function orRefuse<T>(
  result: { ok: true; value: T } | { ok: false; refusal: { code: ErrorCode; params?: ErrorParams } },
): T {
  if (!result.ok) throw new RefusedError(result.refusal.code, result.refusal.params);
  return result.value;
}

/** Indexes that two acts under the locks of different chains can both run into: whoever is second is told so. */
const TAKEN: Readonly<Record<string, ErrorCode>> = {
  bike_tag: 'tag.taken',
  bike_hook: 'hook.taken',
  model_name: 'model.name-taken',
  person_sign_in_name: 'sign-in-name.taken',
};

/** Whether the database refused a row because one of its keys is there already. */
export const isDuplicate = (error: unknown): boolean => (error as { errno?: number }).errno === 1062;

/** The refusal a duplicate in the database means, or the error as it was. */
export function duplicateAsRefusal(error: unknown): unknown {
  const { message } = error as { message?: string };
  const index = isDuplicate(error) ? Object.keys(TAKEN).find((name) => message?.includes(name)) : undefined;
  return index ? new RefusedError(TAKEN[index] as ErrorCode) : error;
}
