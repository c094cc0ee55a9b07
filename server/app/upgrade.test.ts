import { spawn } from 'node:child_process';
import { mkdtempSync, readdirSync, renameSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { createConnection } from 'mysql2/promise';
import { describe, expect, inject, it } from 'vitest';
import { connect, createServices, migrate, PROJECTIONS, rebuild, verify } from '@cadre/server/app';
import { readHeader, restoreBackup } from '../../bin/backup-file';
import { makeBackup } from '../../bin/make-backup';
import { livedWorld } from '../../testing/lived-world';

/** A backup of every version that was released, in which every kind of thing has happened. */
const FOLDER = join(import.meta.dirname, '../../testing/upgrades');
const NEW = process.env.UPGRADE_DUMP;
const { socketPath } = inject('database');

/** For a release: `UPGRADE_DUMP=0.2.0 npx vitest run --project server server/app/upgrade.test.ts` adds this version's. */
it.runIf(NEW)('a backup of this version is added', async () => {
  const { world } = await livedWorld();
  const folder = mkdtempSync(join(tmpdir(), 'cadre-upgrade-'));
  const place = { dataDir: folder, anchorDir: null, folder, passphrase: null, keep: 1 };
  const { source, name } = world.database;
  const { file } = await makeBackup(source, { socketPath }, place, world.clock.now, name);
  renameSync(file, join(FOLDER, `${NEW}.backup`));
  rmSync(folder, { recursive: true });
  await world.close();
});

describe('a database of an earlier version', () => {
  const files = readdirSync(FOLDER).filter((name) => name.endsWith('.backup'));
  it('is there to be tried', () => expect(files.length).toBeGreaterThan(0));

  it.each(files)(
    'is brought up to date, is whole, and is what a replay of its record makes: %s',
    async (name) => {
      const database = `cadre_upgrade_${process.pid}_${files.indexOf(name)}`;
      const root = await createConnection({ socketPath, user: 'root' });
      await root.query(`CREATE DATABASE ${database} CHARACTER SET utf8mb4 COLLATE utf8mb4_unicode_ci`);
      const client = spawn('mariadb', ['--no-defaults', `--socket=${socketPath}`, '-u', 'root', database], {
        stdio: ['pipe', 'ignore', 'inherit'],
      });
      const ended = new Promise((done) => client.once('close', done));
      await restoreBackup(join(FOLDER, name), client.stdin, null);
      expect(await ended).toBe(0);
      const source = await connect({ socketPath, user: 'root', password: '', database }, 2);
      await migrate(source);
      const { header } = readHeader(join(FOLDER, name));
      const { faults, entries } = await verify(source, { publicKeys: [], anchors: [header.anchor] });
      expect(faults).toEqual([]);
      expect(entries).toBeGreaterThan(50);
      const dump = async (): Promise<Record<string, string[]>> => {
        const tables: Record<string, string[]> = {};
        for (const projection of PROJECTIONS) {
          const table = projection.options.tableName ?? projection.options.name;
          const rows = await source.query<object[]>(`SELECT * FROM \`${table}\``);
          tables[table] = rows.map((row) => JSON.stringify(row)).sort();
        }
        return tables;
      };
      // What the program does first when it starts on such a database.
      await createServices(source, Date.now).bikeServices.refresh();
      const migrated = await dump();
      await rebuild(source);
      expect(await dump()).toEqual(migrated);
      await source.destroy();
      await root.query(`DROP DATABASE ${database}`);
      await root.end();
    },
  );
});
