import { createConnection } from 'mysql2/promise';
import type { DataSource } from 'typeorm';
import { connect, grantLeast, migrate } from '@cadre/server/app';
import { saidPlainly } from './older-database';
import type { DatabaseServer } from './database-server';

export const DATABASE = 'cadre';
export const APP_USER = 'cadre_app';

/** Makes the database when missing, takes the steps, gives the rights, and connects as the application's own user. */
export async function openStore(
  server: DatabaseServer,
  database = DATABASE,
): Promise<{ source: DataSource; steps: number }> {
  const owner = await createConnection({ socketPath: server.socketPath, user: 'root' });
  await owner.query(
    `CREATE DATABASE IF NOT EXISTS \`${database}\` CHARACTER SET utf8mb4 COLLATE utf8mb4_unicode_ci`,
  );
  await owner.end();
  const asOwner = await connect({ socketPath: server.socketPath, user: 'root', password: '', database }, 2);
  const steps = await migrate(asOwner).catch(async (error: unknown) => {
    await asOwner.destroy();
    throw saidPlainly(error);
  });
  await grantLeast(asOwner, APP_USER, server.appPassword, database);
  await asOwner.destroy();
  return {
    source: await connect({
      socketPath: server.socketPath,
      user: APP_USER,
      password: server.appPassword,
      database,
    }),
    steps,
  };
}
