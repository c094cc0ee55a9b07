import { existsSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import type { Express } from 'express';
import packedFiles from 'express-static-gzip';

/** What the build says a view needs, by the addresses that show it. */
function readAhead(webDir: string): (path: string) => string | null {
  const file = join(webDir, 'fetched-ahead.json');
  const told = existsSync(file)
    ? (JSON.parse(readFileSync(file, 'utf8')) as { path: string; files: string[] }[])
    : [];
  const ahead = told.map(({ path, files }) => ({
    path: new RegExp(path),
    link: files.map((each) => `<${each}>; rel=modulepreload`).join(', '),
  }));
  return (path) => ahead.find((each) => each.path.test(path))?.link ?? null;
}

function isReadable(path: string): boolean {
  try {
    decodeURIComponent(path);
    return true;
  } catch {
    return false; // the only error there is: a stray percent sign
  }
}

/** The built front end: hashed files for ever, the shell never cached, every other address is the shell. */
export function serveWeb(app: Express, webDir: string): void {
  const shell = join(webDir, 'index.html');
  if (!existsSync(shell)) throw new Error(`the front end is not built: ${shell} is missing`);
  const aheadOf = readAhead(webDir);
  const packed = { enableBrotli: true, orderPreference: ['br', 'gz'], index: false as const };
  const hashed = packedFiles(join(webDir, 'assets'), {
    ...packed,
    serveStatic: { immutable: true, maxAge: '1y' },
  });
  app.use(
    '/assets',
    (req, res, next) => (isReadable(req.path) ? hashed(req, res, next) : next()),
    // A hashed file that is gone is gone, and never the shell under its name.
    (_req, res) => void res.sendStatus(404),
  );
  const files = packedFiles(webDir, {
    ...packed,
    serveStatic: { cacheControl: false, setHeaders: (res) => res.setHeader('cache-control', 'no-cache') },
  });
  app.use((req, res, next) => {
    // The shell itself answers every address that is no file; one that cannot be read is refused where all are.
    if (req.path === '/' || !isReadable(req.path)) next();
    else files(req, res, next);
  });
  app.get('/{*path}', (req, res) => {
    const ahead = aheadOf(req.path);
    if (ahead) res.set('link', ahead);
    res.set('cache-control', 'no-cache').sendFile(shell);
  });
}
