interface DatabaseError {
  readonly query?: unknown;
  readonly code?: unknown;
  readonly errno?: unknown;
  readonly stack?: string;
}

/** An error as a log may have it: one of the database's without the values of its statement, which are people's names and words. */
export function withoutValues(error: unknown): unknown {
  const { query, code, errno, stack } = (error ?? {}) as DatabaseError;
  if (typeof query !== 'string') return error;
  const at = (stack ?? '')
    .split('\n')
    .filter((line) => /^\s+at /.test(line))
    .slice(0, 12)
    .join('\n');
  return { message: `${String(code)} (${String(errno)})`, query, stack: at };
}
