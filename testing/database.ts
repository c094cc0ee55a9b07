import { createConnection } from 'mysql2/promise';
import type { DataSource } from 'typeorm';
import { inject } from 'vitest';
import { connect, grantLeast } from '@cadre/server/app';
import { APP_USER } from '../bin/open-store';

export const TEMPLATE = 'cadre_template';

export interface TestDatabase {
  readonly name: string;
  /** As the application itself connects: least rights. */
  readonly source: DataSource;
  /** For what no application may do: tampering, and looking past the rights. */
  readonly owner: DataSource;
  drop(): Promise<void>;
}

let made = 0;

/** A database of its own for a test file, copied table by table from the migrated template. */
export async function createTestDatabase(): Promise<TestDatabase> {
  const { socketPath, appPassword } = inject('database');
  const name = `cadre_t${process.pid}_${(made += 1)}`;
  const root = await createConnection({ socketPath, user: 'root', multipleStatements: true });
  await root.query(
    `CREATE DATABASE \`${name}\` CHARACTER SET utf8mb4 COLLATE utf8mb4_unicode_ci; USE \`${name}\`; SET foreign_key_checks = 0`,
  );
  const [tables] = (await root.query(
    'SELECT table_name AS name FROM information_schema.tables WHERE table_schema = ?',
    [TEMPLATE],
  )) as unknown as [{ name: string }[]];
  for (const table of tables) {
    const [[shape]] = (await root.query(
      `SHOW CREATE TABLE \`${TEMPLATE}\`.\`${table.name}\``,
    )) as unknown as [[Record<'Create Table', string>]];
    await root.query(shape['Create Table']);
  }
  await root.query(`INSERT INTO migration_step SELECT * FROM \`${TEMPLATE}\`.migration_step`);
  await root.end();
  const owner = await connect({ socketPath, user: 'root', password: '', database: name }, 2);
  await grantLeast(owner, APP_USER, appPassword, name);
  const source = await connect({ socketPath, user: APP_USER, password: appPassword, database: name }, 8);
  return {
    name,
    source,
    owner,
    async drop() {
      await source.destroy();
      await owner.query(`DROP DATABASE \`${name}\``);
      await owner.destroy();
    },
  };
}
