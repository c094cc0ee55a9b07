import type { DataSource } from 'typeorm';
import {
  connect as connectWith,
  grantLeast as grantWith,
  mayRewriteRecord as mayRewrite,
  type Place,
} from '@cadre/server/platform/database';
import {
  anchorOf,
  rebuildProjections,
  verifyRecord,
  type Anchor,
  type Proving,
  type RecordKey,
  type VerifyFault,
} from '@cadre/server/platform/event-log';
import { ActRules } from './act-rules';
import { APPEND_ONLY, ENTITIES, projector, PROJECTIONS, VERIFIERS } from './features';

export { migrate, OlderDatabaseError } from '@cadre/server/platform/database';

/** A pool of connections to this program's tables. */
export const connect = (place: Place, connections?: number): Promise<DataSource> =>
  connectWith(place, ENTITIES, connections);

/** Makes the application's user, with the rights it needs and no more. */
export const grantLeast = (owner: DataSource, user: string, password: string, name: string): Promise<void> =>
  grantWith(owner, { user, password, database: name, appendOnly: APPEND_ONLY });

/** Whether this connection could rewrite the record. */
export const mayRewriteRecord = (source: DataSource): Promise<boolean> => mayRewrite(source, APPEND_ONLY);

/** Makes every projection again from the log. */
export const rebuild = (source: DataSource): Promise<number> =>
  rebuildProjections(source, projector, PROJECTIONS);

/** Looks for what was altered, removed or added past the log, by the keys and anchors that lie outside the database. */
export const verify = (source: DataSource, proving?: Proving) => verifyRecord(source, VERIFIERS, proving);

/** Where every chain stands now, signed: to be kept outside the database. */
export async function anchorNow(source: DataSource, at: number, key: RecordKey): Promise<Anchor> {
  const heads = await source.query<Anchor['heads']>('SELECT chain, seq, hash FROM chain_head WHERE seq > 0');
  return anchorOf(heads, at, key);
}

const COPIED = ['entry', 'mark', 'photo', 'signed_item', 'name_key'];

/**
 * Replays the record into an empty database on the same server: which projected tables are not what it says, and which entries their
 * author was not allowed when they were written. `scratch` is a connection to it, its steps taken.
 */
export async function replayed(
  scratch: DataSource,
  database: string,
): Promise<{ readonly tables: readonly string[]; readonly faults: readonly VerifyFault[] }> {
  for (const table of COPIED)
    await scratch.query(`INSERT INTO \`${table}\` SELECT * FROM \`${database}\`.\`${table}\``);
  const rules = new ActRules();
  await rebuildProjections(scratch, projector, PROJECTIONS, (tx, row) => rules.look(tx, row));
  const differing: string[] = [];
  for (const projection of PROJECTIONS) {
    const table = projection.options.tableName ?? projection.options.name;
    const sums = await scratch.query<{ Checksum: string | number | null }[]>(
      `CHECKSUM TABLE \`${table}\`, \`${database}\`.\`${table}\` EXTENDED`,
    );
    if (String(sums[0]?.Checksum) !== String(sums[1]?.Checksum)) differing.push(table);
  }
  return { tables: differing, faults: rules.faults };
}
