import { wrap, type Remote } from 'comlink';
import { onScopeDispose } from 'vue';
import { TookTooLongError, withTimeLimit } from '@cadre/web/platform/workers';
import type { SolverWorker } from './solver-worker';

/** Fetching the solver once over a slow line, and the two seconds it may take. */
const MOST_MS = 15_000;

/** The worker itself did not come up. */
class NotStartedError extends Error {}

export interface Answered<T> {
  readonly answer: T;
  /** It was planned the quick way, as the solver did not come in time or is not on this device. */
  readonly quickly: boolean;
}

export type AskSolver = <T>(
  ask: (solver: Remote<SolverWorker>) => Promise<T | null>,
  quick: () => T,
) => Promise<Answered<T>>;

function started(newWorker: () => Worker): Worker {
  try {
    return newWorker();
  } catch {
    throw new NotStartedError(); // a device without workers
  }
}

/** Asks the solver beside the screen's own thread; whatever happens to it there is a plan, made the quick way. */
export function useSolver(
  newWorker = (): Worker => new Worker(new URL('./solver-worker.ts', import.meta.url), { type: 'module' }),
): AskSolver {
  let worker: Worker | null = null;
  const end = (): void => {
    worker?.terminate();
    worker = null;
  };
  onScopeDispose(end);
  return async (ask, quick) => {
    try {
      worker ??= started(newWorker);
      const own = worker;
      const failed = new Promise<never>((_done, refuse) => {
        own.onerror = () => refuse(new NotStartedError());
      });
      const answer = await withTimeLimit(Promise.race([ask(wrap<SolverWorker>(own)), failed]), MOST_MS, end);
      if (answer !== null) return { answer, quickly: false };
    } catch (error) {
      end();
      // A device too slow or without workers is told on the screen; a fault of ours is reported as well.
      if (!(error instanceof TookTooLongError) && !(error instanceof NotStartedError)) reportError(error);
    }
    return { answer: quick(), quickly: true };
  };
}
