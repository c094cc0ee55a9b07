import type { DataSource } from 'typeorm';
import { demoPeople } from '@cadre/test-world/demo';
import { fillDemo } from './fill-demo';
import { programClock } from './program-clock';
import { connect, createServices, mayRewriteRecord, migrate } from '@cadre/server/app';
import { buildWeb } from './build-web';
import { dataDirOf, startDatabaseServer, type DatabaseServer } from './database-server';
import { saidPlainly } from './older-database';
import { openStore } from './open-store';
import type { RecordKey } from '@cadre/server/platform/event-log';
import { keepingJobs, keepNames } from './keeping-jobs';
import { recordKeyIn } from './record-key';
import { readSettings } from './read-settings';
import { PlainError, runCommand, say } from './say';
import { serve } from './serve';
import { makeDurable, whileRelaxed } from './while-relaxed';

async function openGivenDatabase(url: string): Promise<DataSource> {
  try {
    const source = await connect({ url });
    await migrate(source);
    if (await mayRewriteRecord(source))
      say(
        'Note: this database user could rewrite the record. docs/running.md shows the rights to give instead.',
      );
    return source;
  } catch (error) {
    const said = saidPlainly(error);
    if (said instanceof PlainError) throw said;
    throw new PlainError(
      `The database in CADRE_DATABASE_URL cannot be used: ${(error as Error).message}`,
      'See that it runs, and that user, password and database name are right.',
    );
  }
}

/** A newer Cadre brings checklists an older program never had. What its lead made of the others stays. */
async function publishShipped(source: DataSource, now: () => number, key: RecordKey): Promise<void> {
  if (((await source.query('SELECT id FROM program LIMIT 1')) as unknown[]).length === 0) return;
  const fresh = await createServices(source, now, key).catalogue.publishShipped();
  if (fresh > 0) say(`${fresh} new checklists published.`);
}

await runCommand(async () => {
  const settings = readSettings();
  await buildWeb();
  let server: DatabaseServer | null = null;
  let source: DataSource;
  if (settings.databaseUrl) {
    source = await openGivenDatabase(settings.databaseUrl);
  } else {
    const dataDir = dataDirOf(settings);
    say(`Starting MariaDB over ${dataDir} …`);
    server = await startDatabaseServer({
      dataDir,
      died: (notice) => {
        process.stderr.write(`\ncadre: ${notice.what}\n       ${notice.todo}\n`);
        process.exit(1);
      },
    });
    await makeDurable(server.socketPath);
    const opened = await openStore(server).catch(async (error: unknown) => {
      await server?.stop();
      throw error;
    });
    if (opened.steps > 0) say(`Database brought up to date (${opened.steps} steps).`);
    source = opened.source;
  }
  const stop = async (code: number): Promise<never> => {
    say('\nStopping …');
    http?.close();
    http?.closeAllConnections();
    await source.destroy();
    await server?.stop();
    process.exit(code);
  };
  let http: Awaited<ReturnType<typeof serve>> | null = null;
  process.once('SIGINT', () => void stop(0));
  process.once('SIGTERM', () => void stop(0));
  try {
    if (settings.demo && ((await source.query('SELECT id FROM program LIMIT 1')) as unknown[]).length === 0) {
      say('Filling the demo world (Lapwing Quay) …');
      const fill = (): Promise<void> => fillDemo(source, settings);
      await (server ? whileRelaxed(server.socketPath, fill) : fill());
    }
    const now = await programClock(source, settings);
    const recordKey = recordKeyIn(dataDirOf(settings));
    await publishShipped(source, now, recordKey);
    const keeping = { source, server, settings, recordKey, now };
    await keepNames(keeping);
    http = await serve(source, settings, { recordKey, jobs: keepingJobs(keeping) });
  } catch (error) {
    await source.destroy();
    await server?.stop();
    throw error;
  }
  const address =
    settings.publicUrl ??
    `${settings.tls ? 'https' : 'http'}://${settings.host === '0.0.0.0' ? 'localhost' : settings.host}:${settings.port}`;
  say(`\nCadre is at ${address}`);
  const demo = (await source.query('SELECT demo FROM program LIMIT 1')) as { demo: number }[];
  if (demo[0]?.demo) {
    say('\nDemo sign-ins (made-up people):');
    for (const person of demoPeople)
      say(
        `  ${person.signInName.padEnd(8)} ${person.secret.padEnd(10)} ${person.name}, ${person.role}${person.trainee ? ' (trainee)' : ''}`,
      );
  } else if (demo.length === 0) {
    say('Open it to set up your program.');
  }
  say('\nCtrl-C stops it.');
});
