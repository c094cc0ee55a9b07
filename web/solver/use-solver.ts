import { wrap, type Remote } from 'comlink';
import { onScopeDispose } from 'vue';
import { withTimeLimit } from '@cadre/web/platform/workers';
import type { SolverWorker } from './solver-worker';

/** Fetching the solver once over a slow line, and the two seconds it may take. */
const MOST_MS = 15_000;

export interface Answered<T> {
  readonly answer: T;
  /** It was planned the quick way, as the solver did not come in time or is not on this device. */
  readonly quickly: boolean;
}

export type AskSolver = <T>(
  ask: (solver: Remote<SolverWorker>) => Promise<T>,
  quick: () => T,
) => Promise<Answered<T>>;

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
      worker ??= newWorker();
      const own = worker;
      const failed = new Promise<never>((_done, refuse) => {
        own.onerror = () => refuse(new Error('the solver did not start'));
      });
      const answer = await withTimeLimit(Promise.race([ask(wrap<SolverWorker>(own)), failed]), MOST_MS, end);
      return { answer, quickly: false };
    } catch {
      // Offline, or a device too slow for it: nobody waits for a better plan, and the screen says which one this is.
      end();
      return { answer: quick(), quickly: true };
    }
  };
}
