import { withoutValues } from '@cadre/server/platform/database';
import type { Logger } from 'pino';

const EVERY_MS = 30_000;

/** What is to happen with no page open, and what the log calls it. */
export interface Job {
  readonly name: string;
  readonly run: () => Promise<unknown>;
}

/** Runs the jobs one after the other, now and again and again. Answers how to stop. */
export function runJobs(jobs: readonly Job[], log: Pick<Logger, 'error'>, everyMs = EVERY_MS): () => void {
  let running = false;
  const runAll = async (): Promise<void> => {
    if (running) return;
    running = true;
    for (const { name, run } of jobs) {
      try {
        await run();
      } catch (error) {
        // Tried again at the next turn: a database that is away for a moment must not end the server.
        log.error({ err: withoutValues(error) }, `job failed: ${name}`);
      }
    }
    running = false;
  };
  void runAll();
  const timer = setInterval(() => void runAll(), everyMs);
  return () => clearInterval(timer);
}
