import type { Request, Response } from 'express';
import { parseCursor, type Changes } from './changes';

const BEAT_MS = 20_000;

/** Server-sent events: every change after where this browser was, and a beat so that dead lines are noticed. */
export async function streamChanges(
  changes: Changes,
  req: Request,
  res: Response,
  failed: (error: unknown) => void,
): Promise<void> {
  const start = parseCursor(req.get('last-event-id')) ?? (await changes.heads());
  res.writeHead(200, {
    'content-type': 'text/event-stream',
    'cache-control': 'no-store',
    connection: 'keep-alive',
    'x-accel-buffering': 'no',
  });
  res.write('event: hello\ndata: {}\n\n');
  const stop = changes.follow(
    start,
    (change, cursor) => res.write(`id: ${cursor}\ndata: ${JSON.stringify(change)}\n\n`),
    failed,
  );
  const beat = setInterval(() => res.write(': beat\n\n'), BEAT_MS);
  res.on('close', () => {
    clearInterval(beat);
    stop();
  });
}
