import { spawn } from 'node:child_process';
import { mkdirSync, readdirSync, renameSync, rmSync, statSync } from 'node:fs';
import { join } from 'node:path';
import type { DataSource } from 'typeorm';
import { anchorNow } from '@cadre/server/app';
import { keepAnchor, publicKeysIn, recordKeyIn } from './record-key';
import { writeBackup } from './backup-file';
import type { DatabaseServer } from './database-server';
import { DATABASE } from './open-store';
import { PlainError } from './say';
import { VERSION } from './serve';

const NAME = /^cadre-.*\.backup$/;

export interface BackupPlace {
  readonly dataDir: string;
  readonly anchorDir: string | null;
  readonly folder: string;
  readonly passphrase: string | null;
  /** So many backups stay; the oldest go. */
  readonly keep: number;
}

/** Dumps the database as it is at one moment, with the heads of its chains, and removes the oldest backups past the number wanted. */
export async function makeBackup(
  source: DataSource,
  server: Pick<DatabaseServer, 'socketPath'>,
  place: BackupPlace,
  now: number,
  database = DATABASE,
): Promise<{ readonly file: string; readonly bytes: number }> {
  mkdirSync(place.folder, { recursive: true, mode: 0o700 });
  const anchor = await anchorNow(source, now, recordKeyIn(place.dataDir));
  const at = new Date(now).toISOString();
  const file = join(place.folder, `cadre-${at.replace(/[:.]/g, '-')}.backup`);
  const half = `${file}.half`;
  const dump = spawn(
    'mariadb-dump',
    [
      ...[
        '--no-defaults',
        `--socket=${server.socketPath}`,
        '-u',
        'root',
        '--single-transaction',
        '--hex-blob',
      ],
      ...['--skip-lock-tables', '--skip-dump-date', '--default-character-set=utf8mb4', database],
    ],
    { stdio: ['ignore', 'pipe', 'pipe'] },
  );
  let said = '';
  dump.stderr.on('data', (chunk: Buffer) => (said += chunk.toString()));
  const ended = new Promise<void>((done, failed) => {
    dump.once('error', failed);
    dump.once('close', (code) =>
      code === 0 ? done() : failed(new Error(said.trim() || `it ended with ${code}`)),
    );
  });
  try {
    const header = { at, version: VERSION, publicKeys: publicKeysIn(place.dataDir), anchor };
    await Promise.all([ended, writeBackup(half, header, dump.stdout, place.passphrase)]);
  } catch (error) {
    rmSync(half, { force: true });
    throw new PlainError(
      `The backup could not be made: ${(error as Error).message}`,
      'See that the disk has room and that mariadb-dump is installed (Debian: mariadb-client).',
    );
  }
  renameSync(half, file);
  keepAnchor(place.dataDir, anchor, place.anchorDir);
  const old = readdirSync(place.folder)
    .filter((name) => NAME.test(name))
    .sort()
    .reverse()
    .slice(place.keep);
  for (const name of old) rmSync(join(place.folder, name));
  return { file, bytes: statSync(file).size };
}
