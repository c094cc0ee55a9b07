import type { DataSource } from 'typeorm';
import { connect } from '@cadre/server/app';
import {
  dataDirOf,
  runningDatabaseServer,
  startDatabaseServer,
  type DatabaseServer,
} from './database-server';
import { openStore } from './open-store';
import { readSettings } from './read-settings';

/** Opens this clone's database for a command and closes it after. */
export async function withStore(
  body: (source: DataSource, server: DatabaseServer | null) => Promise<void>,
): Promise<void> {
  const settings = readSettings();
  if (settings.databaseUrl) {
    const source = await connect({ url: settings.databaseUrl });
    await body(source, null);
    await source.destroy();
    return;
  }
  const dataDir = dataDirOf(settings);
  const server =
    (await runningDatabaseServer(dataDir)) ??
    (await startDatabaseServer({
      dataDir,
      died: (notice) => {
        throw notice;
      },
    }));
  try {
    const { source } = await openStore(server);
    await body(source, server);
    await source.destroy();
  } finally {
    await server.stop();
  }
}
