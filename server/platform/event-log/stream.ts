import type { Request, Response } from 'express';
import { parseCursor, type Changes } from './changes';

const BEAT_MS = 20_000;

/** How long a session is taken to go on without asking: a change that comes later asks first. */
const ASK_AGAIN_MS = 5000;

/** Server-sent events: every change after where this browser was, and a beat so that dead lines are noticed. */
export async function streamChanges(
  changes: Changes,
  req: Request,
  res: Response,
  failed: (error: unknown) => void,
  /** Whether whoever listens is still signed in: nothing is told to anybody else. */
  isStill: () => Promise<boolean>,
): Promise<void> {
  const start = parseCursor(req.get('last-event-id')) ?? (await changes.heads());
  res.writeHead(200, {
    'content-type': 'text/event-stream',
    'cache-control': 'no-store',
    connection: 'keep-alive',
    'x-accel-buffering': 'no',
  });
  res.write('event: hello\ndata: {}\n\n');
  let askedAt = 0;
  /** Tells something after whatever is being told, if the session goes on. */
  let telling: Promise<unknown> = Promise.resolve();
  const tell = (text: string): void => {
    telling = telling
      .then(async () => {
        if (Date.now() - askedAt > ASK_AGAIN_MS) {
          if (!(await isStill())) return void res.end();
          askedAt = Date.now();
        }
        if (!res.writableEnded) res.write(text);
      })
      .catch(failed);
  };
  const stop = changes.follow(
    start,
    (change, cursor) => tell(`id: ${cursor}\ndata: ${JSON.stringify(change)}\n\n`),
    failed,
  );
  const beat = setInterval(() => tell(': beat\n\n'), BEAT_MS);
  res.on('close', () => {
    clearInterval(beat);
    stop();
  });
}
