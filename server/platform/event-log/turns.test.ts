import { afterAll, beforeAll, expect, it } from 'vitest';
import { getWall } from '@cadre/contract/wall';
import { World } from '../../../testing/world';

let world: World;
beforeAll(async () => {
  world = await World.open();
});
afterAll(() => world.close());

it('acts that wait for one site leave the connections to whoever reads, and are then all done', async () => {
  const runner = world.database.owner.createQueryRunner();
  await runner.startTransaction();
  await runner.query('SELECT seq FROM chain_head WHERE chain = ? FOR UPDATE', [world.siteId]);
  const tags = Array.from({ length: 24 }, (_, index) => `Q${index}`);
  let done = 0;
  const adding = tags.map((tag) => world.bike(tag).finally(() => (done += 1)));
  for (let asked = 0; asked < 24; asked += 1) await world.as('lead').send(getWall);
  expect(done).toBe(0);
  await runner.commitTransaction();
  await runner.release();
  await Promise.all(adding);
  const { bikes } = await world.as('lead').send(getWall);
  expect(bikes.map((bike) => bike.tag).sort()).toEqual([...tags].sort());
});
