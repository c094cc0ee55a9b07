import { spawn } from 'node:child_process';
import { createConnection } from 'mysql2/promise';
import { connect, migrate, rebuild, verify } from '@cadre/server/app';
import { readHeader, restoreBackup } from './backup-file';
import { dataDirOf, startDatabaseServer } from './database-server';
import { DATABASE } from './open-store';
import { readSettings } from './read-settings';
import { rememberPublicKeys } from './record-key';
import { PlainError, runCommand, say } from './say';

/** Puts a dump into a database that is empty. */
async function fill(socketPath: string, file: string, passphrase: string | null): Promise<void> {
  const root = await createConnection({ socketPath, user: 'root' });
  const [tables] = (await root.query(
    'SELECT COUNT(*) AS n FROM information_schema.tables WHERE table_schema = ?',
    [DATABASE],
  )) as unknown as [{ n: number }[]];
  if (Number(tables[0]?.n) > 0) {
    await root.end();
    throw new PlainError(
      'There is a program here already. A backup is restored into an empty place.',
      'Set CADRE_DATA_DIR to a new folder and restore there.',
    );
  }
  await root.query(
    `CREATE DATABASE IF NOT EXISTS \`${DATABASE}\` CHARACTER SET utf8mb4 COLLATE utf8mb4_unicode_ci`,
  );
  const client = spawn('mariadb', ['--no-defaults', `--socket=${socketPath}`, '-u', 'root', DATABASE], {
    stdio: ['pipe', 'ignore', 'pipe'],
  });
  let said = '';
  client.stderr.on('data', (chunk: Buffer) => (said += chunk.toString()));
  const ended = new Promise<void>((done, failed) => {
    client.once('error', failed);
    client.once('close', (code) =>
      code === 0
        ? done()
        : failed(
            new PlainError(`The database did not take the backup: ${said.trim()}`, 'Take another backup.'),
          ),
    );
  });
  try {
    await Promise.all([restoreBackup(file, client.stdin, passphrase), ended]);
  } catch (error) {
    client.kill();
    // Nothing half restored stays.
    await root.query(`DROP DATABASE \`${DATABASE}\``);
    throw error;
  } finally {
    await root.end();
  }
}

// Restores a backup into an empty place and verifies it by the keys and the anchor in it.
await runCommand(async () => {
  const file = process.argv[3];
  if (!file) throw new PlainError('Which backup?', 'npm run restore -- <file>');
  const { header } = readHeader(file);
  const settings = readSettings();
  if (settings.databaseUrl)
    throw new PlainError('A backup is restored into a database of Cadre’s own.', 'Unset CADRE_DATABASE_URL.');
  const dataDir = dataDirOf(settings);
  const server = await startDatabaseServer({
    dataDir,
    died: (notice) => {
      throw notice;
    },
  });
  try {
    await fill(server.socketPath, file, settings.backupPassphrase);
    rememberPublicKeys(dataDir, header.publicKeys);
    const source = await connect(
      { socketPath: server.socketPath, user: 'root', password: '', database: DATABASE },
      2,
    );
    const steps = await migrate(source);
    if (steps > 0) await rebuild(source);
    const { entries, faults } = await verify(source, {
      publicKeys: header.publicKeys,
      anchors: [header.anchor],
    });
    await source.destroy();
    for (const fault of faults) say(`chain ${fault.chain}, entry ${fault.seq}: ${fault.what}`);
    if (faults.length > 0)
      throw new PlainError(
        `The restored record does not agree with itself in ${faults.length} places.`,
        'Take another backup, and keep this one for whoever looks into it.',
      );
    say(`Restored the backup of ${header.at} into ${dataDir}: ${entries} entries, all whole.`);
    say(
      'Start Cadre as usual. Sessions were restored too: have everybody sign in again if the backup may have been read.',
    );
  } finally {
    await server.stop();
  }
});
