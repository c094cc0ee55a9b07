import { mkdir, writeFile } from 'node:fs/promises';
import { join, resolve } from 'node:path';
import { createConnection, type Connection } from 'mysql2/promise';
import { SECRET_TABLES } from '@cadre/server/app';
import { defaultDataDir, runningDatabaseServer, startDatabaseServer } from './database-server';
import { DATABASE } from './open-store';
import { readSettings } from './read-settings';
import { PlainError, runCommand, say } from './say';

// Writes every table of a database, whichever Cadre made it, as one JSON document a row: what the record says is in entry.jsonl and
// mark.jsonl. It changes nothing and needs none of the tables to be known.

/** One table into one file; binary columns as base64. */
async function writeTable(database: Connection, table: string, folder: string): Promise<number> {
  const [rows] = await database.query(`SELECT * FROM \`${table}\``);
  const lines = (rows as Record<string, unknown>[]).map((row) => {
    const plain = Object.entries(row).map(([name, value]) => [
      name,
      Buffer.isBuffer(value) ? value.toString('base64') : value,
    ]);
    return `${JSON.stringify(Object.fromEntries(plain))}\n`;
  });
  await writeFile(join(folder, `${table}.jsonl`), lines);
  return (rows as unknown[]).length;
}

async function writeAll(database: Connection, folder: string): Promise<void> {
  await mkdir(folder, { recursive: true });
  const [tables] = await database.query(
    'SELECT table_name AS name FROM information_schema.tables WHERE table_schema = DATABASE() ORDER BY table_name',
  );
  let rows = 0;
  for (const { name } of tables as { name: string }[])
    if (!SECRET_TABLES.includes(name)) rows += await writeTable(database, name, folder);
  say(`${rows} rows written to ${folder}.`);
}

await runCommand(async () => {
  const [wanted] = process.argv.slice(3);
  if (!wanted)
    throw new PlainError('No folder to write to was named.', 'Name one: npm run export -- ./cadre-export');
  const folder = resolve(wanted);
  const settings = readSettings();
  if (settings.databaseUrl) {
    const database = await createConnection(settings.databaseUrl);
    await writeAll(database, folder);
    await database.end();
    return;
  }
  const dataDir = settings.dataDir ?? defaultDataDir();
  const died = (notice: PlainError): never => {
    throw notice;
  };
  const server = (await runningDatabaseServer(dataDir)) ?? (await startDatabaseServer({ dataDir, died }));
  try {
    const database = await createConnection({
      socketPath: server.socketPath,
      user: 'root',
      database: DATABASE,
    });
    await writeAll(database, folder);
    await database.end();
  } finally {
    await server.stop();
  }
});
