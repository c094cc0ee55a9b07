import { DataSource, type EntitySchema, type MigrationInterface, type QueryRunner } from 'typeorm';
import { STEPS } from './steps';

/** How to reach a database: over its socket file, or over a URL somebody set. */
export type Place =
  | {
      readonly socketPath: string;
      readonly user: string;
      readonly password: string;
      readonly database: string;
    }
  | { readonly url: string };

const FIRST_STEP = 1_790_000_000_000;

const migrations = STEPS.map(({ name, sql }, index) => {
  const step = class implements MigrationInterface {
    readonly name = `${name}${FIRST_STEP + index}`;
    async up(runner: QueryRunner): Promise<void> {
      await runner.query(sql);
    }
    down(): Promise<void> {
      return Promise.reject(new Error('steps are not taken back: restore a backup instead'));
    }
  };
  Object.defineProperty(step, 'name', { value: `${name}${FIRST_STEP + index}` });
  return step;
});

/** A pool of connections with the times of the database in UTC. */
export async function connect(
  place: Place,
  entities: readonly EntitySchema<object>[],
  connections = 10,
): Promise<DataSource> {
  const where =
    'url' in place
      ? { url: place.url }
      : {
          socketPath: place.socketPath,
          username: place.user,
          password: place.password,
          database: place.database,
        };
  const source = new DataSource({
    type: 'mariadb',
    ...where,
    charset: 'utf8mb4_unicode_ci',
    timezone: 'Z',
    entities: [...entities],
    migrations,
    migrationsTableName: 'migration_step',
    migrationsTransactionMode: 'none',
    extra: { connectionLimit: connections },
    poolSize: connections,
  });
  await source.initialize();
  // Every transaction reads what is committed: said once a connection instead of once a transaction.
  const { pool } = source.driver as unknown as {
    readonly pool: { on(event: 'connection', heard: (each: { query(sql: string): void }) => void): void };
  };
  const committed = 'SET SESSION TRANSACTION ISOLATION LEVEL READ COMMITTED';
  pool.on('connection', (each) => each.query(committed));
  // The one it began with is there already.
  await source.query(committed);
  return source;
}

/** Takes every step not yet taken, one server at a time. Answers how many were. */
export async function migrate(source: DataSource): Promise<number> {
  const runner = source.createQueryRunner();
  try {
    const [{ locked }] = (await runner.query(
      'SELECT GET_LOCK(CONCAT("cadre-migrate-", DATABASE()), 120) AS locked',
    )) as [{ locked: number }];
    if (Number(locked) !== 1)
      throw new Error(
        'another server has been changing the database for two minutes: try again when it is done',
      );
    const taken = await source.runMigrations({ transaction: 'none' });
    return taken.length;
  } finally {
    await runner.query('DO RELEASE_LOCK(CONCAT("cadre-migrate-", DATABASE()))');
    await runner.release();
  }
}
