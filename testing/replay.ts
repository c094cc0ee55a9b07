import { inject } from 'vitest';
import { connect, migrate, replayed } from '@cadre/server/app';
import type { TestDatabase } from './database';

/** What a replay of the record finds: tables that are not what it says, and entries whose author was not allowed them. */
export async function replayOf(database: TestDatabase): Promise<readonly string[]> {
  const { socketPath } = inject('database');
  const name = `${database.name}_s`;
  await database.owner.query(`CREATE DATABASE ${name} CHARACTER SET utf8mb4 COLLATE utf8mb4_unicode_ci`);
  const scratch = await connect({ socketPath, user: 'root', password: '', database: name }, 2);
  try {
    await migrate(scratch);
    const { tables, faults } = await replayed(scratch, database.name);
    return [...tables, ...faults.map((fault) => fault.what)];
  } finally {
    await scratch.query(`DROP DATABASE ${name}`);
    await scratch.destroy();
  }
}
