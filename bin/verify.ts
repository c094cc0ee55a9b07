import { createConnection } from 'mysql2/promise';
import { connect, migrate, replayed, verify } from '@cadre/server/app';
import { anchorFile, anchorsIn, publicKeysIn } from './record-key';
import { readSettings } from './read-settings';
import { dataDirOf } from './database-server';
import { DATABASE } from './open-store';
import { PlainError, runCommand, say } from './say';
import { withStore } from './with-store';

const given = process.argv.indexOf('--anchor');

/** Replays the record into an empty database beside this one. */
async function replay(socketPath: string): ReturnType<typeof replayed> {
  const name = `cadre_verify_${process.pid}`;
  const root = await createConnection({ socketPath, user: 'root' });
  await root.query(`CREATE DATABASE \`${name}\` CHARACTER SET utf8mb4 COLLATE utf8mb4_unicode_ci`);
  try {
    const scratch = await connect({ socketPath, user: 'root', password: '', database: name }, 2);
    await migrate(scratch);
    const found = await replayed(scratch, DATABASE);
    await scratch.destroy();
    return found;
  } finally {
    await root.query(`DROP DATABASE \`${name}\``);
    await root.end();
  }
}

// Walks the record and names the first thing in each chain that was altered; then replays it and compares.
await runCommand(() =>
  withStore(async (source, server) => {
    const dataDir = dataDirOf(readSettings());
    const file = given < 0 ? anchorFile(dataDir) : (process.argv[given + 1] ?? '');
    const anchors = anchorsIn(file);
    if (given >= 0 && anchors.length === 0)
      throw new PlainError(
        `There are no anchors in ${file || 'the file after --anchor'}.`,
        'Give the file of an anchor.',
      );
    const publicKeys = publicKeysIn(dataDir);
    const { entries, covered, faults: broken } = await verify(source, { publicKeys, anchors });
    const { tables, faults: notAllowed } =
      server && broken.length === 0 ? await replay(server.socketPath) : { tables: [], faults: [] };
    const faults = [...broken, ...notAllowed];
    for (const fault of faults) say(`chain ${fault.chain}, entry ${fault.seq}: ${fault.what}`);
    for (const table of tables) say(`table ${table}: not what the record says`);
    if (faults.length + tables.length > 0)
      throw new PlainError(
        `The record does not agree with itself in ${faults.length + tables.length} places.`,
        'Keep this database as it is, and compare it with a backup.',
      );
    const others = Object.entries(covered).map(([name, count]) => `, ${count} ${name}`);
    const held = publicKeys.length > 0 ? `, held against ${anchors.length} anchors and the server’s key` : '';
    say(`The record is whole: ${entries} entries${others.join('')}${held}.`);
    say(
      server
        ? 'A replay of it makes the same tables.'
        : 'Tables were not compared: this database is not Cadre’s own.',
    );
  }),
);
