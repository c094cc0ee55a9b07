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

const FIRST_STEP = 1_800_000_000_000;

const migrations = STEPS.map(({ name, take }, index) => {
  const step = class implements MigrationInterface {
    readonly name = `${name}${FIRST_STEP + index}`;
    up(runner: QueryRunner): Promise<void> {
      return take(runner);
    }
    down(): Promise<void> {
      return Promise.reject(new Error('steps are not taken back: restore a backup instead'));
    }
  };
  Object.defineProperty(step, 'name', { value: `${name}${FIRST_STEP + index}` });
  return step;
});

/** The database was made by a Cadre whose tables this one does not read. */
export class OlderDatabaseError extends Error {
  constructor(readonly step: string) {
    super(`this database was made by an older Cadre (it has the step ${step})`);
    this.name = 'OlderDatabaseError';
  }
}

/** Refuses a database with a step this program does not know: it would be read wrongly. */
async function refuseOlder(runner: QueryRunner): Promise<void> {
  if (!(await runner.hasTable('migration_step'))) return;
  const taken = (await runner.query('SELECT name FROM migration_step ORDER BY id')) as { name: string }[];
  const known = new Set(migrations.map((step) => step.name));
  const strange = taken.find((each) => !known.has(each.name));
  if (strange) throw new OlderDatabaseError(strange.name);
}

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
    await refuseOlder(runner);
    const taken = await source.runMigrations({ transaction: 'none' });
    return taken.length;
  } finally {
    await runner.query('DO RELEASE_LOCK(CONCAT("cadre-migrate-", DATABASE()))');
    await runner.release();
  }
}
