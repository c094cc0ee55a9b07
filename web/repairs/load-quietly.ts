import { RefusedError, UnreachableError } from '@cadre/web/platform/api';

/** Loads what a view tells besides: without signal, or where this person may not see it, the view stands without. */
export async function loadQuietly(...loads: readonly (() => Promise<unknown>)[]): Promise<void> {
  for (const load of loads)
    await load().catch((error: unknown) => {
      if (!(error instanceof UnreachableError) && !(error instanceof RefusedError)) throw error;
    });
}
