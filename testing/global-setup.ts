import { mkdtempSync, chmodSync, rmSync } from 'node:fs';
import { join } from 'node:path';
import type { TestProject } from 'vitest/node';
import { startDatabaseServer } from '../bin/database-server';
import { openStore } from '../bin/open-store';
import { TEMPLATE } from './database';

declare module 'vitest' {
  interface ProvidedContext {
    readonly database: {
      readonly socketPath: string;
      readonly appPassword: string;
      readonly dataDir: string;
    };
  }
}

/** One MariaDB for the whole run, with one migrated template every test file's database is copied from. */
export default async function setup(project: TestProject): Promise<() => Promise<void>> {
  const dataDir = mkdtempSync(join('/tmp', 'cadre-t-'));
  chmodSync(dataDir, 0o755);
  const server = await startDatabaseServer({
    dataDir,
    relaxed: true,
    died: (notice) => {
      throw notice;
    },
  });
  const { source } = await openStore(server, TEMPLATE);
  await source.destroy();
  project.provide('database', { socketPath: server.socketPath, appPassword: server.appPassword, dataDir });
  return async () => {
    await server.stop();
    rmSync(dataDir, { recursive: true, force: true });
  };
}
