import { afterAll, beforeAll, expect, it } from 'vitest';
import { verify } from '@cadre/server/app';
import { Killing } from './support/kills';

/** `npm run kills` does many more, from another seed each time unless one is given. */
const COUNT = Number(process.env.KILLS ?? 10);
const SEED = Number(process.env.KILLS_SEED ?? (process.env.KILLS ? Date.now() % 1_000_000 : 20_261_129));

let killing: Killing;
beforeAll(async () => {
  killing = await Killing.open(SEED);
});
afterAll(() => killing?.close());

it(
  'server and database killed between any two statements lose nothing that was acknowledged and do nothing twice',
  async () => {
    await killing.work(COUNT);
    const { acts, marks, batches, findings } = killing.expected;
    const source = await killing.look();
    const ids = async (sql: string): Promise<string[]> =>
      (await source.query<{ id: string }[]>(sql)).map((row) => row.id);
    const done = await ids(
      "SELECT id FROM entry WHERE requestHash IS NOT NULL AND kind NOT IN ('program.set-up', 'check.marked')",
    );
    const marked = (await ids("SELECT id FROM entry WHERE kind = 'check.marked'")).length;
    const kept = await ids('SELECT id FROM mark');
    const told = await ids(
      "SELECT JSON_VALUE(body, '$.checkId') AS id FROM entry WHERE kind = 'check.signed'",
    );
    const lost = [...acts.filter((id) => !done.includes(id)), ...marks.filter((id) => !kept.includes(id))];
    const found = (await ids("SELECT bikeId AS id FROM finding WHERE severity = 'stop'")).length;
    const { faults } = await verify(source);
    await source.destroy();
    const { node, database, both } = killing.killed;
    process.stdout.write(
      `kills, seed ${SEED}: ${node} of the server, ${database} of the database, ${both} of both; ${acts.length} acts and ${marks.length} marks acknowledged, ${lost.length} lost\n`,
    );
    expect(node + database + both).toBe(COUNT);
    expect(lost).toEqual([]);
    // Nothing twice: every act is one entry, and there is no other.
    expect([done.length, marked]).toEqual([acts.length, batches.count]);
    expect([kept.length, new Set(told).size]).toEqual([marks.length, told.length]);
    expect(found).toBe(findings.count);
    expect(faults).toEqual([]);
  },
  120_000 + COUNT * 20_000,
);
