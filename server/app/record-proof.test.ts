import { createHash } from 'node:crypto';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { v7 as newId } from 'uuid';
import { canonicalJson, entryText } from '@cadre/core/event-log';
import { anchorNow, verify } from '@cadre/server/app';
import { recordKeyOf, newRecordKey, type Anchor } from '@cadre/server/platform/event-log';
import { livedWorld } from '../../testing/lived-world';
import { replayOf } from '../../testing/replay';
import { RECORD_KEY, type World } from '../../testing/world';

let world: World;
let bikeId: string;
let anchor: Anchor;
const publicKeys = [RECORD_KEY.publicKey];
beforeAll(async () => {
  ({ world, bikeId } = await livedWorld());
  anchor = await anchorNow(world.database.source, world.clock.now, RECORD_KEY);
});
afterAll(() => world.close());

const found = async (anchors: readonly Anchor[] = [anchor]): Promise<string[]> =>
  (await verify(world.database.source, { publicKeys, anchors })).faults.map((fault) => fault.what);
const owner = <T = unknown>(sql: string, values: unknown[] = []): Promise<T> =>
  world.database.owner.query<T>(sql, values);

/** Does something to the database, says what verifying finds, and puts it back. */
async function tampered(tables: readonly string[], act: () => Promise<unknown>): Promise<string[]> {
  for (const table of tables) await owner(`CREATE TABLE kept_${table} AS SELECT * FROM ${table}`);
  await act();
  const faults = await found();
  await owner('SET foreign_key_checks = 0');
  for (const table of tables) {
    await owner(`DELETE FROM ${table}`);
    await owner(`INSERT INTO ${table} SELECT * FROM kept_${table}`);
    await owner(`DROP TABLE kept_${table}`);
  }
  expect(await found()).toEqual([]);
  return faults;
}

interface Row {
  readonly chain: string;
  readonly seq: number;
  readonly hash: string;
}
const headOf = async (): Promise<Row> =>
  (await owner<Row[]>('SELECT * FROM chain_head WHERE chain = ?', [world.siteId]))[0] as Row;

describe('the record, with its key and anchors outside the database', () => {
  it('is whole, every entry signed', async () => {
    expect(await found()).toEqual([]);
    expect(await owner('SELECT id FROM entry WHERE signature IS NULL')).toEqual([]);
  });

  it('shows its last entries cut off, with the head set back to fit', async () => {
    const faults = await tampered(['entry', 'chain_head'], async () => {
      const { seq } = await headOf();
      await owner('DELETE FROM entry WHERE chain = ? AND seq > ?', [world.siteId, seq - 3]);
      await owner(
        'UPDATE chain_head h JOIN entry e ON e.chain = h.chain AND e.seq = ? SET h.seq = e.seq, h.hash = e.hash WHERE h.chain = ?',
        [seq - 3, world.siteId],
      );
    });
    expect(faults).toContain('anchored, and cut off since');
  });

  it('shows a chain that was altered and hashed anew from there on', async () => {
    const faults = await tampered(['entry', 'chain_head'], async () => {
      const rows = await owner<Record<string, never>[]>('SELECT * FROM entry WHERE chain = ? ORDER BY seq', [
        world.siteId,
      ]);
      let previousHash = '0'.repeat(64);
      for (const row of rows) {
        const { seq, id, kind, policyHash, author } = row as unknown as Record<string, string> & {
          seq: number;
        };
        const body = JSON.parse(row.body as unknown as string) as Record<string, unknown>;
        if (kind === 'repair.done') body.minutes = 99;
        const [happenedAt, recordedAt] = [row.happenedAt, row.recordedAt].map((at) =>
          (at as unknown as Date).getTime(),
        ) as [number, number];
        const chain = world.siteId;
        const text = entryText({
          ...{ chain, seq, previousHash, id: id ?? '', kind: kind ?? '', body },
          ...{ policyHash: policyHash ?? null, author: author ?? null, happenedAt, recordedAt },
        });
        const hash = createHash('sha256').update(text).digest('hex');
        await owner('UPDATE entry SET body = ?, previousHash = ?, hash = ? WHERE id = ?', [
          canonicalJson(body),
          previousHash,
          hash,
          id,
        ]);
        previousHash = hash;
      }
      await owner('UPDATE chain_head SET hash = ? WHERE chain = ?', [previousHash, world.siteId]);
    });
    expect(faults).toContain('not signed by this server');
    expect(faults).toContain('not what was anchored');
  });

  it('shows a head that is gone', async () => {
    const faults = await tampered(['chain_head'], () =>
      owner('DELETE FROM chain_head WHERE chain = ?', [world.siteId]),
    );
    expect(faults).toContain('its head is gone');
  });

  it('shows a release that the application’s own database user wrote past the program', async () => {
    const faults = await tampered(['entry', 'chain_head'], async () => {
      const { chain, seq, hash: previousHash } = await headOf();
      const at = world.clock.now;
      const [id, kind, author] = [newId(), 'bike.released', world.idOf('lead')];
      const body = { bikeId, note: '', findings: [] };
      const place = { chain, seq: seq + 1, previousHash, policyHash: null };
      const text = entryText({ ...place, id, kind, body, author, happenedAt: at, recordedAt: at });
      const hash = createHash('sha256').update(text).digest('hex');
      const app = (sql: string, values: unknown[]) => world.database.source.query(sql, values);
      await app(
        'INSERT INTO entry (chain, seq, previousHash, hash, id, kind, body, bikeId, author, happenedAt, recordedAt, signature) VALUES (?)',
        [
          [
            ...[chain, seq + 1, previousHash, hash, id, kind, canonicalJson(body), bikeId, author],
            ...[new Date(at), new Date(at), recordKeyOf(newRecordKey()).sign(hash)],
          ],
        ],
      );
      await app('UPDATE chain_head SET seq = ?, hash = ? WHERE chain = ?', [seq + 1, hash, chain]);
    });
    expect(faults).toEqual(['not signed by this server']);
  });

  it('shows an anchor somebody else wrote', async () => {
    const forged = await anchorNow(world.database.source, 1, recordKeyOf(newRecordKey()));
    expect(await found([forged])).toEqual(['this anchor was not signed by this server']);
  });

  it('shows which projected tables are not what it says: a role, a finding, a checklist version', async () => {
    const differing = (): Promise<readonly string[]> => replayOf(world.database);
    expect(await differing()).toEqual([]);
    for (const [table, change] of [
      ['person', "UPDATE person SET role = 'lead' WHERE signInName = 'trainee'"],
      ['finding', "UPDATE finding SET state = 'closed' LIMIT 1"],
      ['checklist_version', 'UPDATE checklist_version SET name = name, clears = 1 - clears LIMIT 1'],
    ] as const) {
      await owner(`CREATE TABLE kept AS SELECT * FROM ${table}`);
      await world.database.source.query(change.replace('name = name, ', ''));
      expect(await differing()).toEqual([table]);
      await owner('SET foreign_key_checks = 0');
      await owner(`DELETE FROM ${table}`);
      await owner(`INSERT INTO ${table} SELECT * FROM kept`);
      await owner('DROP TABLE kept');
    }
    // Signed with the server's own key, so that neither hash nor signature shows it: a signature by somebody who may not.
    await owner('UPDATE entry SET author = ? WHERE kind = ?', [world.idOf('desk'), 'check.signed']);
    expect(await differing()).toContain('check.signed by somebody who may not');
  }, 300_000);
});
