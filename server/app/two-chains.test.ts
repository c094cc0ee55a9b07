import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { v7 as newId } from 'uuid';
import { addSite, changeModel, addModel, changeBike, type Bike } from '@cadre/contract/fleet';
import { ROUTES } from '@cadre/contract/routes';
import { USUAL_BUILD } from '@cadre/core/fleet';
import { verify } from '@cadre/server/app';
import { fieldsOf } from '@cadre/test-world/builders';
import { changePolicy } from '@cadre/test-world/client';
import { nextNumber } from '../../testing/act-helpers';
import { replayOf } from '../../testing/replay';
import { WRITE_ACTS } from '../../testing/write-acts';
import { World } from '../../testing/world';

let world: World;
const elsewhere = newId();
beforeAll(async () => {
  world = await World.open();
  await world.as('lead').send(addSite, {
    body: { id: elsewhere, name: 'Hill hut', timeZone: 'Europe/London', opensAt: '09:00' },
  });
});
afterAll(() => world.close());

type Change = () => Promise<unknown>;

/** A bike of a model of its own, with what changes it from another chain: its model, and its going to another site. */
async function modelled(): Promise<{ bike: Bike; changed: Change; moved: Change }> {
  const build = USUAL_BUILD.hardtail;
  const fields = { name: `Two ${nextNumber()}`, build, fit: {} };
  const model = await world.as('lead').send(addModel, { body: { id: newId(), ...fields } });
  const plain = await world.bike(`TC${nextNumber()}`);
  await world.as('lead').send(changeBike, {
    params: { id: plain.id },
    body: { ...fieldsOf(plain), modelId: model.id, model: model.name, version: plain.version },
  });
  const bike = await world.bikeNow(plain.id);
  const body = { id: newId(), ...fields, build: { ...build, assist: 'hub-motor' as const }, version: 1 };
  return {
    bike,
    changed: () => world.as('lead').send(changeModel, { params: { id: model.id }, body }),
    moved: async () => {
      const now = await world.bikeNow(bike.id);
      const body = { ...fieldsOf(now), siteId: elsewhere, hookId: null, version: now.version };
      return world.as('lead').send(changeBike, { params: { id: bike.id }, body });
    },
  };
}
const waiting = async (): Promise<number> =>
  Number(
    (
      await world.database.owner.query<{ n: string }[]>(
        "SELECT COUNT(*) AS n FROM information_schema.innodb_trx WHERE trx_state = 'LOCK WAIT'",
      )
    )[0]?.n,
  );

describe('an act on the program’s chain that changes bikes of the sites', () => {
  it.each<[string, () => Promise<() => Promise<unknown>>]>([
    ['another build of a model', async () => (await modelled()).changed],
    ['another policy', () => Promise.resolve(() => changePolicy(world.as('lead'), { soonDays: 5 }, 'five'))],
  ])('waits for what is under way at a site: %s', async (_name, prepare) => {
    const act = await prepare();
    const runner = world.database.owner.createQueryRunner();
    await runner.startTransaction();
    await runner.query('SELECT seq FROM chain_head WHERE chain = ? FOR UPDATE', [world.siteId]);
    let done = false;
    const acting = act().finally(() => (done = true));
    // The database renews this table only when nobody has read it for a tenth of a second.
    while (!done && (await waiting()) === 0) await new Promise((tick) => setTimeout(tick, 150));
    const waited = !done;
    await runner.commitTransaction();
    await runner.release();
    await acting;
    expect(waited).toBe(true);
  });

  const OF_BIKES = ROUTES.filter((route) => route.name in WRITE_ACTS).map((route) => route.name);
  it.each(['changed', 'moved'] as const)(
    'and any act at a site at the same moment leave what the record says, whoever was first: the bike is %s',
    async (how) => {
      let done = 0;
      for (const name of OF_BIKES) {
        const route = ROUTES.find((each) => each.name === name);
        const write = WRITE_ACTS[name];
        if (!route || !write) throw new Error(`no act ${name}`);
        const { bike, [how]: change } = await modelled();
        const { params = {}, body, query, type } = await write.ask(world, bike, write.by);
        const path =
          route.path.replace(/:(\w+)/g, (_all, key: string) => params[key] ?? newId()) +
          (query ? `?${query}` : '');
        const [, second] = await Promise.allSettled([
          world.as(write.by).raw(route.method, path, body, type ? { 'content-type': type } : {}),
          change(),
        ]);
        if (second.status === 'fulfilled') done += 1;
      }
      // The others found the bike changed in the moment between.
      expect(done).toBeGreaterThan(OF_BIKES.length / 2);
      expect((await verify(world.database.source)).faults).toEqual([]);
      expect(await replayOf(world.database)).toEqual([]);
    },
    300_000,
  );
});
