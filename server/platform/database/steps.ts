import type { QueryRunner } from 'typeorm';
import { TABLES } from './baseline';

/** One change of the database's shape. Steps are only ever added; this database cannot take one back. */
export interface Step {
  readonly name: string;
  readonly take: (runner: QueryRunner) => Promise<void>;
}

/** An empty database as this program wants it. Begun again after a kill, it goes on where it was. */
const baseline: Step = {
  name: 'Baseline',
  async take(runner) {
    for (const { name, columns } of TABLES)
      await runner.query(`CREATE TABLE IF NOT EXISTS \`${name}\` (${columns})`);
  },
};

/** A code the lead gives out is good for one sign-in. */
const oneTimeSecrets: Step = {
  name: 'OneTimeSecrets',
  async take(runner) {
    await runner.query('ALTER TABLE credential ADD COLUMN IF NOT EXISTS oneTime TINYINT NOT NULL DEFAULT 0');
    await runner.query('ALTER TABLE credential ALTER COLUMN oneTime DROP DEFAULT');
  },
};

export const STEPS: readonly Step[] = [baseline, oneTimeSecrets];
