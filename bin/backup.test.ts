import { createConnection } from 'mysql2/promise';
import { mkdtempSync, readdirSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { spawn } from 'node:child_process';
import { afterAll, beforeAll, expect, inject, it } from 'vitest';
import { connect, verify } from '@cadre/server/app';
import { livedWorld } from '../testing/lived-world';
import type { World } from '../testing/world';
import { readHeader, restoreBackup } from './backup-file';
import { makeBackup, type BackupPlace } from './make-backup';

let world: World;
let folder: string;
const { socketPath } = inject('database');
beforeAll(async () => {
  ({ world } = await livedWorld());
  folder = mkdtempSync(join(tmpdir(), 'cadre-backup-'));
}, 60_000);
afterAll(async () => {
  rmSync(folder, { recursive: true });
  await world.close();
});

const place = (more: Partial<BackupPlace> = {}): BackupPlace => ({
  ...{ dataDir: folder, anchorDir: join(folder, 'elsewhere'), folder: join(folder, 'backups') },
  ...{ passphrase: null, keep: 3, ...more },
});
let at = Date.UTC(2026, 5, 10, 12);
const made = async (more: Partial<BackupPlace> = {}): Promise<string> =>
  (await makeBackup(world.database.source, { socketPath }, place(more), (at += 1000), world.database.name))
    .file;

/** The dump of a backup into a fresh database; what every table of it holds. */
async function restored(file: string, passphrase: string | null): Promise<{ name: string; sums: unknown }> {
  const name = `${world.database.name}_r${at}`;
  const root = await createConnection({ socketPath, user: 'root' });
  await root.query(`CREATE DATABASE ${name} CHARACTER SET utf8mb4 COLLATE utf8mb4_unicode_ci`);
  await root.end();
  const client = spawn('mariadb', ['--no-defaults', `--socket=${socketPath}`, '-u', 'root', name], {
    stdio: ['pipe', 'ignore', 'inherit'],
  });
  const ended = new Promise((done) => client.once('close', done));
  await restoreBackup(file, client.stdin, passphrase);
  expect(await ended).toBe(0);
  return { name, sums: await sumsOf(name) };
}
async function sumsOf(database: string): Promise<readonly string[]> {
  const tables = await world.database.owner.query<{ name: string }[]>(
    'SELECT table_name AS name FROM information_schema.tables WHERE table_schema = ? ORDER BY name',
    [database],
  );
  const sums: string[] = [];
  for (const { name } of tables) {
    const [row] = await world.database.owner.query<{ Checksum: string }[]>(
      `CHECKSUM TABLE \`${database}\`.\`${name}\` EXTENDED`,
    );
    sums.push(`${name} ${row?.Checksum}`);
  }
  return sums;
}

it.each([
  ['plain', null],
  ['under a passphrase', 'heron on the slipway'],
])(
  'a backup, %s, holds every table byte for byte, and verifies by its own keys and anchor',
  async (_how, passphrase) => {
    const file = await made({ passphrase });
    const { header } = readHeader(file);
    const { name, sums } = await restored(file, passphrase);
    expect((sums as string[]).length).toBeGreaterThan(40);
    expect(sums).toEqual(await sumsOf(world.database.name));
    const source = await connect({ socketPath, user: 'root', password: '', database: name }, 2);
    const { faults } = await verify(source, { publicKeys: [], anchors: [header.anchor] });
    expect(faults).toEqual([]);
    await source.query(`DROP DATABASE ${name}`);
    await source.destroy();
    const bytes = readFileSync(file).toString('latin1');
    expect(bytes.includes('CREATE TABLE')).toBe(false);
    expect(readFileSync(join(folder, 'elsewhere', 'anchors.jsonl'), 'utf8')).toContain(
      header.anchor.signature,
    );
  },
);

it('opens to nothing but its passphrase, and not once a byte of it was changed', async () => {
  const file = await made({ passphrase: 'heron on the slipway' });
  const nowhere = () => spawn('cat', { stdio: ['pipe', 'ignore', 'ignore'] }).stdin;
  await expect(restoreBackup(file, nowhere(), 'heron')).rejects.toThrow('does not open');
  await expect(restoreBackup(file, nowhere(), null)).rejects.toThrow('encrypted');
  const bytes = readFileSync(file);
  bytes[bytes.length - 100] = (bytes[bytes.length - 100] ?? 0) ^ 1;
  writeFileSync(file, bytes);
  await expect(restoreBackup(file, nowhere(), 'heron on the slipway')).rejects.toThrow('damaged');
  expect(() => readHeader(join(folder, 'elsewhere', 'anchors.jsonl'))).toThrow('no backup of Cadre');
});

it('keeps as many as wanted, the newest', async () => {
  for (let count = 0; count < 5; count += 1) await made({ keep: 2 });
  const names = readdirSync(join(folder, 'backups')).sort();
  expect(names).toHaveLength(2);
  expect(names.at(-1)).toContain(new Date(at).toISOString().replace(/[:.]/g, '-'));
});
