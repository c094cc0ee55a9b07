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

export const STEPS: readonly Step[] = [baseline];
