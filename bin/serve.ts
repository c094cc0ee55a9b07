import { readFileSync } from 'node:fs';
import { createServer as createHttpServer, type Server } from 'node:http';
import { createServer as createHttpsServer } from 'node:https';
import { resolve } from 'node:path';
import { pino } from 'pino';
import type { DataSource } from 'typeorm';
import { createApp, createServices, jobsOf } from '@cadre/server/app';
import type { RecordKey } from '@cadre/server/platform/event-log';
import { runJobs, type Job } from '@cadre/server/platform/jobs';
import type { Settings } from '@cadre/server/platform/settings';
import { programClock } from './program-clock';
import { PlainError } from './say';

export const VERSION = (JSON.parse(readFileSync(resolve('package.json'), 'utf8')) as { version: string })
  .version;

function tlsFiles(tls: NonNullable<Settings['tls']>): { cert: Buffer; key: Buffer } {
  try {
    return { cert: readFileSync(tls.cert), key: readFileSync(tls.key) };
  } catch (error) {
    throw new PlainError(
      `The TLS files cannot be read: ${(error as Error).message}`,
      'Set CADRE_TLS_CERT and CADRE_TLS_KEY to files this user can read.',
    );
  }
}

/** Serves until closed. A port that is taken is said plainly. */
export async function serve(
  source: DataSource,
  settings: Settings,
  {
    recordKey = null,
    jobs = [],
  }: { readonly recordKey?: RecordKey | null; readonly jobs?: readonly Job[] } = {},
): Promise<Server> {
  const now = await programClock(source, settings);
  const log = pino({ level: process.env.CADRE_LOG_LEVEL ?? 'warn' });
  const app = createApp({
    source,
    now,
    log,
    version: VERSION,
    demo: false,
    webDir: resolve('web/dist'),
    publicUrl: settings.publicUrl,
    calendars: { hosts: settings.calendarHosts, privateToo: settings.calendarPrivate },
    recordKey,
  });
  // Whoever sends a byte now and then holds no connection for long.
  const slow = { headersTimeout: 15_000, requestTimeout: 60_000 };
  const server = settings.tls
    ? createHttpsServer({ ...tlsFiles(settings.tls), ...slow }, app)
    : createHttpServer(slow, app);
  await new Promise<void>((done, failed) => {
    server.once('error', (error: NodeJS.ErrnoException) => {
      if (error.code === 'EADDRINUSE')
        failed(
          new PlainError(
            `Port ${settings.port} is taken by another program.`,
            `Set another: CADRE_PORT=${settings.port + 1} npm start`,
          ),
        );
      else if (error.code === 'EACCES')
        failed(
          new PlainError(
            `Port ${settings.port} is not open to this user.`,
            'Choose one from 1024 up with CADRE_PORT.',
          ),
        );
      else if (error.code === 'EADDRNOTAVAIL' || error.code === 'ENOTFOUND')
        failed(
          new PlainError(
            `This machine has no address ${settings.host}.`,
            'Set CADRE_HOST to 127.0.0.1, 0.0.0.0 or an address of this machine.',
          ),
        );
      else failed(error);
    });
    server.listen(settings.port, settings.host, done);
  });
  server.once('close', runJobs([...jobsOf(createServices(source, now, recordKey)), ...jobs], log));
  return server;
}
