import { createConnection } from 'mysql2/promise';
import { fillDemo } from './fill-demo';
import { defaultDataDir, startDatabaseServer } from './database-server';
import { DATABASE, openStore } from './open-store';
import { readSettings } from './read-settings';
import { PlainError, runCommand, say } from './say';
import { whileRelaxed } from './while-relaxed';

// Fills the demo world anew. Everything in this clone's database goes, so it wants to be told twice.
await runCommand(async () => {
  const settings = readSettings();
  if (settings.databaseUrl)
    throw new PlainError(
      'Seeding empties the database; it does not do that to one given by CADRE_DATABASE_URL.',
      'Unset it to seed the database Cadre runs itself.',
    );
  const server = await startDatabaseServer({
    dataDir: settings.dataDir ?? defaultDataDir(),
    died: (notice) => {
      throw notice;
    },
  });
  try {
    const owner = await createConnection({ socketPath: server.socketPath, user: 'root' });
    const [rows] = await owner.query(
      'SELECT table_name FROM information_schema.tables WHERE table_schema = ? AND table_name = ?',
      [DATABASE, 'program'],
    );
    if ((rows as unknown[]).length > 0) {
      const [programs] = await owner.query(`SELECT demo FROM \`${DATABASE}\`.program`);
      if (
        (programs as { demo: number }[]).some((program) => !program.demo) &&
        process.argv[3] !== '--wipe-real-program'
      )
        throw new PlainError(
          'There is a real program in this database; seeding would wipe it.',
          'If that is what you want: npm run seed -- --wipe-real-program',
        );
    }
    await owner.query(`DROP DATABASE IF EXISTS \`${DATABASE}\``);
    await owner.end();
    const { source } = await openStore(server);
    const began = Date.now();
    await whileRelaxed(server.socketPath, () => fillDemo(source, settings));
    await source.destroy();
    say(`The demo world is there (${((Date.now() - began) / 1000).toFixed(1)} s).`);
  } finally {
    await server.stop();
  }
});
