import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { v7 as newId } from 'uuid';
import {
  addRack,
  addSite,
  changeRack,
  changeSite,
  hangBikes,
  orderRacks,
  removeRack,
  type Rack,
} from '@cadre/contract/fleet';
import { getWall } from '@cadre/contract/wall';
import { refusalOf, World } from '../../testing/world';

let world: World;
beforeAll(async () => {
  world = await World.open();
});
afterAll(() => world.close());

const rackNow = async (id: string): Promise<Rack> => {
  const found = (await world.as('desk').send(getWall)).racks.find((rack) => rack.id === id);
  if (!found) throw new Error('no such rack');
  return found;
};
const rack = (name: string, hooks: number, siteId = world.siteId): Promise<Rack> =>
  world.as('mechanic').send(addRack, { body: { id: newId(), siteId, name, hooks } });
const hang = (moves: { bikeId: string; hookId: string | null }[], siteId = world.siteId) =>
  world.as('mechanic').send(hangBikes, { body: { id: newId(), siteId, moves, at: world.clock.now } });

describe('racks', () => {
  it('are renamed and get hooks at their end; hooks go only when nothing hangs on them', async () => {
    const here = await rack('Rail', 3);
    const bike = await world.bike('R1');
    await hang([{ bikeId: bike.id, hookId: here.hooks[2]?.id ?? '' }]);
    const change = (name: string, hooks: number) =>
      world.as('mechanic').send(changeRack, { params: { id: here.id }, body: { id: newId(), name, hooks } });
    expect(await change('Long rail', 5)).toMatchObject({
      name: 'Long rail',
      hooks: [{ number: 1 }, { number: 2 }, { number: 3 }, { number: 4 }, { number: 5 }],
    });
    await change('Long rail', 3);
    const kept = await rackNow(here.id);
    expect(kept.hooks.map((hook) => hook.id)).toEqual(here.hooks.map((hook) => hook.id));
    await expect(change('Long rail', 2)).rejects.toMatchObject({
      problem: { code: 'rack.hooks-taken', params: { tags: ['R1'] } },
    });
    expect(
      await refusalOf(
        world.as('mechanic').send(removeRack, { params: { id: here.id }, body: { id: newId() } }),
      ),
    ).toBe('409 rack.not-empty');
    await hang([{ bikeId: bike.id, hookId: null }]);
    await world.as('mechanic').send(removeRack, { params: { id: here.id }, body: { id: newId() } });
    await expect(rackNow(here.id)).rejects.toThrow('no such rack');
  });

  it('stand in the order asked for, unless somebody changed them meanwhile', async () => {
    const site = await world
      .as('lead')
      .send(addSite, { body: { id: newId(), name: 'Hut', timeZone: 'Europe/London', opensAt: '10:00' } });
    const [a, b, c] = [await rack('A', 1, site.id), await rack('B', 1, site.id), await rack('C', 1, site.id)];
    const order = (...racks: Rack[]) =>
      world.as('mechanic').send(orderRacks, {
        params: { id: site.id },
        body: { id: newId(), rackIds: racks.map((each) => each.id) },
      });
    expect((await order(c, a, b)).racks.map((each) => each.name)).toEqual(['C', 'A', 'B']);
    await expect(order(a, b)).rejects.toMatchObject({ problem: { code: 'rack.order-stale' } });
    expect(
      await refusalOf(
        world
          .as('mechanic')
          .send(orderRacks, { params: { id: newId() }, body: { id: newId(), rackIds: [] } }),
      ),
    ).toBe('404 not-found');
  });

  it('belong to sites the lead renames; a time zone nobody knows is refused by its field', async () => {
    const change = (name: string, timeZone: string) =>
      world.as('lead').send(changeSite, {
        params: { id: world.siteId },
        body: { id: newId(), name, timeZone, opensAt: '08:30' },
      });
    expect(await change('Old shed', 'Europe/Paris')).toMatchObject({
      name: 'Old shed',
      timeZone: 'Europe/Paris',
      opensAt: '08:30',
    });
    await expect(change('Old shed', 'Moon/Base')).rejects.toMatchObject({
      problem: { fields: [{ path: 'timeZone', code: 'unknown-time-zone' }] },
    });
    await change('Shed', 'Europe/London');
  });
});

describe('hanging bikes', () => {
  it('many at once, changing places among themselves, all or none', async () => {
    const here = await rack('Swap', 4);
    const [first, second, third] = [await world.bike('S1'), await world.bike('S2'), await world.bike('S3')];
    const hook = (index: number): string => here.hooks[index]?.id ?? '';
    await hang([
      { bikeId: first.id, hookId: hook(0) },
      { bikeId: second.id, hookId: hook(1) },
    ]);
    const { bikes } = await hang([
      { bikeId: first.id, hookId: hook(1) },
      { bikeId: second.id, hookId: hook(0) },
    ]);
    expect(new Map(bikes.map((bike) => [bike.tag, bike.hookId]))).toEqual(
      new Map([
        ['S1', hook(1)],
        ['S2', hook(0)],
      ]),
    );
    // A third wants a hook that somebody keeps: nothing of it happens.
    await expect(
      hang([
        { bikeId: third.id, hookId: hook(2) },
        { bikeId: first.id, hookId: hook(0) },
      ]),
    ).rejects.toMatchObject({ problem: { code: 'hook.taken', params: { tag: 'S2' } } });
    expect((await world.bikeNow(third.id)).hookId).not.toBe(hook(2));
    expect(
      await refusalOf(
        hang([
          { bikeId: first.id, hookId: hook(2) },
          { bikeId: third.id, hookId: hook(2) },
        ]),
      ),
    ).toBe('400 body.invalid');
  });

  it('at another site takes the bike there, and an edit begun before is told of it', async () => {
    const site = await world
      .as('lead')
      .send(addSite, { body: { id: newId(), name: 'Far', timeZone: 'Europe/London', opensAt: '10:00' } });
    const far = await rack('Far rail', 2, site.id);
    const bike = await world.bike('F1');
    expect(await refusalOf(hang([{ bikeId: bike.id, hookId: far.hooks[0]?.id ?? '' }]))).toBe(
      '400 body.invalid',
    );
    const { bikes } = await hang([{ bikeId: bike.id, hookId: far.hooks[0]?.id ?? '' }], site.id);
    expect(bikes[0]).toMatchObject({ siteId: site.id, hookId: far.hooks[0]?.id, version: bike.version + 1 });
  });
});
