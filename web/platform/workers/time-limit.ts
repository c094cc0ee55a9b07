/** A file kept its worker busy longer than any good one does. */
export class TookTooLongError extends Error {
  constructor(readonly ms: number) {
    super(`no answer within ${ms} ms`);
    this.name = 'TookTooLongError';
  }
}

/** What a worker answers, or an error when it does not in time; `end` is to stop the worker, which would go on for ever. */
export function withTimeLimit<T>(answer: Promise<T>, ms: number, end: () => void): Promise<T> {
  return new Promise((done, failed) => {
    const timer = setTimeout(() => {
      end();
      failed(new TookTooLongError(ms));
    }, ms);
    answer.then(done, failed).finally(() => clearTimeout(timer));
  });
}
