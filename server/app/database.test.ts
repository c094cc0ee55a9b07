import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { createTestDatabase, type TestDatabase } from '../../testing/database';
import { SECRET_TABLES } from './features';
import { mayRewriteRecord, migrate, OlderDatabaseError } from './database';

let database: TestDatabase;
beforeAll(async () => {
  database = await createTestDatabase();
});
afterAll(() => database.drop());

const ID = '01900000-0000-7000-8000-000000000001';

describe('the database', () => {
  it('is brought up to date once', async () => {
    expect(await migrate(database.owner)).toBe(0);
  });

  it('made by an older Cadre is refused by name, and nothing of it is changed', async () => {
    await database.owner.query(
      "INSERT INTO migration_step (timestamp, name) VALUES (1, 'Entry1790000000000')",
    );
    await expect(migrate(database.owner)).rejects.toThrow(
      new OlderDatabaseError('Entry1790000000000').message,
    );
    await database.owner.query("DELETE FROM migration_step WHERE name = 'Entry1790000000000'");
    expect(await migrate(database.owner)).toBe(0);
  });

  it('says which of its tables hold secrets: every one with a key, a token or a code’s hash', async () => {
    const rows = await database.owner.query<{ name: string }[]>(
      `SELECT DISTINCT table_name AS name FROM information_schema.columns WHERE table_schema = DATABASE()
       AND (column_name IN ('secret', 'tokenHash') OR (column_name = 'hash' AND data_type = 'varchar'))`,
    );
    expect(rows.map((row) => row.name).sort()).toEqual([
      'calendar_address',
      'credential',
      'name_key',
      'quick_pin',
      'rider_key',
      'session',
    ]);
    expect(SECRET_TABLES).toEqual(expect.arrayContaining(rows.map((row) => row.name)));
  });

  it('begun and not ended, as by a kill, goes on where it was', async () => {
    await database.owner.query('DELETE FROM migration_step');
    await database.owner.query('DROP TABLE standing_round');
    expect(await migrate(database.owner)).toBeGreaterThan(0);
    expect(await database.owner.query('SELECT COUNT(*) AS rounds FROM standing_round')).toHaveLength(1);
  });

  it('has the columns, keys and indexes the entities say', async () => {
    const drift = await database.owner.driver.createSchemaBuilder().log();
    // The mapper knows no CHECKs and would take foreign keys made in the steps away; nothing else may differ.
    const strange = drift.upQueries
      .map((query) => query.query)
      .filter((query) => !/DROP FOREIGN KEY|DROP CONSTRAINT|DROP CHECK/.test(query));
    expect(strange).toEqual([]);
  });

  it.each([
    ['an unknown role', `INSERT INTO person VALUES ('${ID}', 'n', 'n', 'king', 0, 1, 1, '[]', 0)`],
    [
      'an unknown mark',
      `INSERT INTO mark VALUES ('${ID}', '${ID}', 'rim', 'front', 'fine', 'single', '[]', '', NULL, '${ID}', 'd', NOW(), NULL, NULL, NULL, NULL, NULL)`,
    ],
    [
      'a mark whose faults are no JSON',
      `INSERT INTO mark VALUES ('${ID}', '${ID}', 'rim', 'front', 'pass', 'single', 'x', '', NULL, '${ID}', 'd', NOW(), NULL, NULL, NULL, NULL, NULL)`,
    ],
    [
      'an entry numbered nought',
      `INSERT INTO entry VALUES (NULL, '${ID}', 0, REPEAT('0', 64), REPEAT('0', 64), '${ID}', 'k', '{}', NULL, NULL, NULL, NULL, NOW(), NOW(), NULL)`,
    ],
    [
      'an entry that is no JSON',
      `INSERT INTO entry VALUES (NULL, '${ID}', 1, REPEAT('0', 64), REPEAT('0', 64), '${ID}', 'k', '{', NULL, NULL, NULL, NULL, NOW(), NOW(), NULL)`,
    ],
    ['a part whose markings are no JSON', `INSERT INTO part VALUES ('${ID}', 'chain', 'n', 'x', '{}')`],
    [
      'a person whose competences are no JSON',
      `INSERT INTO person VALUES ('${ID}', 'n', 'n', 'lead', 0, 1, 1, 'x', 0)`,
    ],
    ['a draft that is no JSON', `INSERT INTO checklist_draft VALUES ('k', NULL, 'x', '${ID}', NOW(), 1)`],
    ['a model whose build is no JSON', `INSERT INTO model VALUES ('${ID}', 'n', 'x', '{}', 1)`],
  ])('refuses %s', async (_name, sql) => {
    await expect(database.owner.query(sql)).rejects.toMatchObject({ errno: 4025 });
  });

  it.each([
    [
      'a standing round whose rule is no JSON',
      `INSERT INTO standing_round VALUES ('${ID}', '${ID}', 'r', NULL, 'x', '[]', '09:00', 1, 1)`,
    ],
    ['a hook numbered nought', `INSERT INTO hook VALUES ('${ID}', '${ID}', 0)`],
    [
      'a bike nowhere at all',
      `INSERT INTO bike VALUES ('${ID}', 'T', 'm', '', '', '${ID}', NULL, '{}', 'lost', 1, NULL, '[]', '{}', '', '')`,
    ],
    [
      'a bike of no model that differs from it',
      `INSERT INTO bike VALUES ('${ID}', 'T', 'm', '', '', '${ID}', NULL, '{}', 'in', 1, NULL, '["fork"]', '{}', '', '')`,
    ],
    [
      'a part at no end of a bike',
      `INSERT INTO fitment VALUES ('${ID}', '${ID}', '${ID}', 'middle', NOW(), NULL)`,
    ],
    [
      'a check signed by nobody',
      `INSERT INTO bike_check VALUES ('${ID}', '${ID}', REPEAT('0', 64), 'signed', '${ID}', NOW(), NULL, NULL, NULL, NULL, 0, 0, NULL, NULL, 0, 0, NULL, '', NULL, NULL)`,
    ],
    [
      'a check that corrects none and says why',
      `INSERT INTO bike_check VALUES ('${ID}', '${ID}', REPEAT('0', 64), 'open', '${ID}', NOW(), NULL, NULL, NULL, NULL, 0, 0, NULL, NULL, 0, 0, NULL, 'why', NULL, NULL)`,
    ],
    [
      'a round of no bike',
      `INSERT INTO round VALUES ('${ID}', '${ID}', 'r', NULL, '[]', '[]', NOW(), NULL, NOW(), NULL, 'open', NULL, NULL, '[]', 1)`,
    ],
    [
      'a round closed by nobody',
      `INSERT INTO round VALUES ('${ID}', '${ID}', 'r', NULL, '[1]', '[]', NOW(), NULL, NOW(), NULL, 'closed', NULL, NULL, '[]', 1)`,
    ],
    ['an unknown severity', `INSERT INTO finding VALUES ('${ID}', '${ID}', 'open', 'bad', 0, '{}', NOW())`],
    [
      'a repair done by nobody',
      `INSERT INTO repair VALUES ('${ID}', '${ID}', 'done', '[]', '${ID}', NOW(), NULL, NULL, '[]', '[]', NULL, NULL, '{}', '[]', '[]')`,
    ],
    [
      'a repair whose parts are no JSON',
      `INSERT INTO repair VALUES ('${ID}', '${ID}', 'started', '[]', '${ID}', NOW(), NULL, NULL, '[]', '[]', NULL, NULL, '{}', 'x', '[]')`,
    ],
    [
      'fewer parts than none',
      `INSERT INTO stock_item VALUES ('${ID}', 'chain', 'n', '{}', '[]', '{}', -1, 0, 0, 0, 's', 1)`,
    ],
    [
      'an assessment decided by nobody',
      `INSERT INTO assessment VALUES ('${ID}', '${ID}', '', 1, 1, '[]', 'accepted', '', '${ID}', NOW(), NULL, NULL)`,
    ],
    [
      'an item closed by nobody',
      `INSERT INTO not_reassembled VALUES ('${ID}', '${ID}', 'w', '${ID}', NOW(), NULL, NOW())`,
    ],
    [
      'a part taken off before it was fitted',
      `INSERT INTO fitment VALUES ('${ID}', '${ID}', '${ID}', 'only', NOW(), NOW() - INTERVAL 1 DAY)`,
    ],
    [
      'a group back before it is out',
      `INSERT INTO outing_group VALUES ('${ID}', '${ID}', 'g', NOW(), NOW(), '[]', 1)`,
    ],
  ])('refuses %s, whatever it hangs on', async (_name, sql) => {
    const runner = database.owner.createQueryRunner();
    await runner.query('SET foreign_key_checks = 0');
    await expect(runner.query(sql)).rejects.toMatchObject({ errno: 4025 });
    await runner.release();
  });

  it('knows whose rights are too wide', async () => {
    expect(await mayRewriteRecord(database.owner)).toBe(true);
    expect(await mayRewriteRecord(database.source)).toBe(false);
  });
});
