import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { v7 as newId } from 'uuid';
import { addBike, changeBike } from '@cadre/contract/fleet';
import { timeline } from '@cadre/contract/timeline';
import { PROJECTIONS, rebuild, verify } from '@cadre/server/app';
import { bikeFieldsOf, fieldsOf } from '@cadre/test-world/builders';
import type { World } from '../../testing/world';
import { refusalOf } from '../../testing/world';

import { livedWorld } from '../../testing/lived-world';

let world: World;
let bikeId: string;
beforeAll(async () => {
  ({ world, bikeId } = await livedWorld());
});
afterAll(() => world.close());

async function dump(): Promise<Record<string, unknown>> {
  const tables: Record<string, unknown> = {};
  for (const projection of PROJECTIONS) {
    const name = projection.options.tableName ?? projection.options.name;
    const rows = await world.database.owner.query<object[]>(`SELECT * FROM \`${name}\``);
    tables[name] = rows.map((row) => JSON.stringify(row)).sort();
  }
  return tables;
}

describe('the record', () => {
  it('is whole, and a rebuild from it alone makes the same rows', async () => {
    expect((await verify(world.database.source)).faults).toEqual([]);
    const before = await dump();
    expect((before.finding as string[]).length).toBe(7);
    expect((before.repair as string[]).length).toBe(2);
    expect(Object.entries(before).filter(([, rows]) => (rows as unknown[]).length === 0)).toEqual([]);
    await rebuild(world.database.source);
    expect(await dump()).toEqual(before);
  });

  it.each([
    [
      'an entry’s body',
      `UPDATE entry SET body = REPLACE(body, 'new rotor', 'old rotor') WHERE kind = 'repair.done'`,
      `UPDATE entry SET body = REPLACE(body, 'old rotor', 'new rotor') WHERE kind = 'repair.done'`,
    ],
    [
      'an entry’s time',
      `UPDATE entry SET happenedAt = happenedAt + INTERVAL 1 SECOND WHERE kind = 'repair.done'`,
      `UPDATE entry SET happenedAt = happenedAt - INTERVAL 1 SECOND WHERE kind = 'repair.done'`,
    ],
    [
      'one byte of a mark',
      `UPDATE mark SET outcome = 'pass' WHERE outcome = 'fail' AND checkpoint = 'rotor'`,
      `UPDATE mark SET outcome = 'fail' WHERE checkpoint = 'rotor' AND position = 'rear' AND faults <> '[]'`,
    ],
    [
      'a mark slipped in',
      `INSERT INTO mark SELECT '${newId()}', checkId, checkpoint, position, outcome, way, faults, note, reading, author, device, \`at\`, writerId, counter, deliveredBy, proof, recordedAt FROM mark LIMIT 1`,
      `DELETE FROM mark WHERE id NOT IN (SELECT id FROM (SELECT m.id FROM mark m JOIN entry e ON e.kind = 'check.marked' AND INSTR(e.body, m.id)) kept)`,
    ],
    [
      'the end cut off',
      `CREATE TABLE cut AS SELECT * FROM entry ORDER BY ordinal DESC LIMIT 1; DELETE FROM entry WHERE ordinal = (SELECT ordinal FROM cut)`,
      `INSERT INTO entry SELECT * FROM cut; DROP TABLE cut`,
    ],
  ])('shows %s when altered by hand', async (_name, tamper, undo) => {
    for (const statement of tamper.split(';')) await world.database.owner.query(statement);
    expect((await verify(world.database.source)).faults.length).toBeGreaterThan(0);
    for (const statement of undo.split(';')) await world.database.owner.query(statement);
    expect((await verify(world.database.source)).faults).toEqual([]);
  });

  it.each([
    ['change an entry', 'UPDATE entry SET author = NULL'],
    ['remove an entry', 'DELETE FROM entry'],
    ['change a mark', "UPDATE mark SET outcome = 'pass'"],
    ['remove a mark', 'DELETE FROM mark'],
    ['drop a table', 'DROP TABLE mark'],
    ['empty the record', 'TRUNCATE entry'],
  ])('does not let the application’s user %s', async (_name, sql) => {
    await expect(world.database.source.query(sql)).rejects.toMatchObject({ errno: 1142 });
  });

  it('answers a repeated act as before and refuses another under its id', async () => {
    const body = { id: newId(), ...bikeFieldsOf('child', { tag: 'V7', siteId: world.siteId }) };
    const first = await world.as('lead').send(addBike, { body });
    expect(await world.as('lead').send(addBike, { body })).toEqual(first);
    expect(await refusalOf(world.as('lead').send(addBike, { body: { ...body, model: 'other' } }))).toBe(
      '409 conflict.id-reused',
    );
  });

  it('gives both sides when two people edit one bike, and a tag or hook only once', async () => {
    const bike = await world.bikeNow(bikeId);
    const fields = { ...fieldsOf(bike), model: 'first', version: bike.version };
    await world.as('lead').send(changeBike, { params: { id: bikeId }, body: fields });
    const late = await world
      .as('mechanic')
      .raw('PUT', `/api/v1/bikes/${bikeId}`, { ...fields, id: newId(), model: 'second' });
    expect(late.status).toBe(409);
    expect(((await late.json()) as { current: { model: string } }).current.model).toBe('first');
    expect(
      await refusalOf(
        world.as('lead').send(addBike, {
          body: { id: newId(), ...bikeFieldsOf('child', { tag: 'V2', siteId: world.siteId }) },
        }),
      ),
    ).toBe('409 tag.taken');
    expect(
      await refusalOf(
        world.as('lead').send(addBike, {
          body: {
            id: newId(),
            ...bikeFieldsOf('child', { tag: 'V9', siteId: world.siteId, hookId: bike.hookId }),
          },
        }),
      ),
    ).toBe('409 hook.taken');
  });

  it('gives every act its own number when many write at once', async () => {
    await Promise.all(
      Array.from({ length: 12 }, (_, index) =>
        world.as('lead').send(addBike, {
          body: { id: newId(), ...bikeFieldsOf('hybrid', { tag: `W${index}`, siteId: world.siteId }) },
        }),
      ),
    );
    expect((await verify(world.database.source)).faults).toEqual([]);
  });

  it('tells a bike’s story newest first, with who and when', async () => {
    const { entries } = await world
      .as('desk')
      .send(timeline, { params: { id: bikeId }, query: { most: 50 } });
    const kinds = entries.map((entry) => entry.kind);
    expect(kinds.at(-1)).toBe('bike.added');
    expect(kinds).toEqual(
      expect.arrayContaining([
        'check.opened',
        'check.marked',
        'check.signed',
        'repair.started',
        'repair.done',
      ]),
    );
    expect(entries.find((entry) => entry.kind === 'repair.done')?.author).toBe(world.idOf('mechanic'));
  });
});
