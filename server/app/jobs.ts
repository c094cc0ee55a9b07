import type { Logger } from 'pino';
import type { Services } from './routes';

const EVERY_MS = 30_000;

/** What happens by itself, with no page open: today's rounds are made by their standing rules, looks asked for later raise themselves. Answers how to stop it. */
export function startJobs(
  services: Pick<Services, 'rounds' | 'waits'>,
  log: Pick<Logger, 'error'>,
  everyMs = EVERY_MS,
): () => void {
  let running = false;
  const run = async (): Promise<void> => {
    if (running) return;
    running = true;
    const tasks = {
      'standing rounds': () => services.rounds.raiseStanding(),
      'looks asked for': () => services.waits.raiseDue(),
    };
    for (const [name, task] of Object.entries(tasks)) {
      try {
        await task();
      } catch (error) {
        // Tried again at the next turn: a database that is away for a moment must not end the server.
        log.error({ err: error }, `${name} could not be raised`);
      }
    }
    running = false;
  };
  void run();
  const timer = setInterval(() => void run(), everyMs);
  return () => clearInterval(timer);
}
