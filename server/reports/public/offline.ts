import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import type { Express } from 'express';

const FILES = ['queue.js', 'worker.js', 'page.js'] as const;
const sources = new Map(
  FILES.map((name) => [name as string, readFileSync(join(import.meta.dirname, 'offline', name), 'utf8')]),
);

/** The three small scripts of the trail help. No other page behind a label runs any. */
export function serveOffline(app: Express): void {
  app.get('/r/offline/:file', (req, res) => {
    const source = sources.get(req.params['file']);
    if (source === undefined) {
      res.sendStatus(404);
      return;
    }
    res
      .set({
        'cache-control': 'no-cache',
        'referrer-policy': 'same-origin',
        'service-worker-allowed': '/r/',
      })
      .type('text/javascript')
      .send(source);
  });
}
