import type { Logger } from 'typeorm';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { v7 as newId } from 'uuid';
import { addMarks, openCheck, signCheck } from '@cadre/contract/checks';
import { addModel, changeModel } from '@cadre/contract/fleet';
import { getWall } from '@cadre/contract/wall';
import { listRounds, makeRound } from '@cadre/contract/rounds';
import { USUAL_BUILD } from '@cadre/core/fleet';
import { gatherFacts } from '@cadre/server/app';
import { factsOf } from '@cadre/server/fitness';
import { faulty, marksFor, type Exception } from '@cadre/test-world/builders';
import { World } from '../../testing/world';

let world: World;
const heard: string[] = [];
beforeAll(async () => {
  world = await World.open();
  // Every statement of the application's connections, those that begin and end a transaction with them.
  const logger = new Proxy(
    {},
    {
      get: (_all, name) =>
        name === 'logQuery' ? (query: string) => void heard.push(query) : () => undefined,
    },
  ) as Logger;
  Object.assign(world.database.source, { logger });
});
afterAll(() => world.close());

async function statements(act: () => Promise<unknown>): Promise<number> {
  heard.length = 0;
  await act();
  expect(heard.length).toBeGreaterThan(0);
  return heard.length;
}
/** The facts kept, refreshed in part by what was done, are those that all of it gathered again would be. */
async function expectGathered(bikeId: string): Promise<void> {
  const tx = world.database.source.manager;
  const nothing = { timedRechecks: [], incidents: [] };
  expect({ ...nothing, ...(await factsOf(tx, bikeId)) }).toEqual(
    JSON.parse(JSON.stringify(await gatherFacts(tx, bikeId))),
  );
}
let tags = 0;

describe('an act asks the database only so often', () => {
  it.each([
    ['all sound', []],
    ['with a stop and a watch', [{ checkpoint: 'stops-wheel', position: 'front', more: faulty('none') }]],
  ] as readonly (readonly [string, readonly Exception[]])[])('a check, %s', async (_name, exceptions) => {
    const bike = await world.bike(`ST${(tags += 1)}`);
    const checklist = world.checklists.get('ride-out');
    if (!checklist) throw new Error('no ride-out');
    const [checkId, author, client] = [newId(), world.idOf('inspector'), world.as('inspector')];
    const at = world.clock.now;
    const open = await statements(() =>
      client.send(openCheck, {
        body: { id: checkId, bikeId: bike.id, checklistHash: checklist.hash, author, at },
      }),
    );
    const marks = marksFor(checklist.checklist, bike.build, author, at - 300_000, exceptions);
    const stopsFirst = [...marks].sort((a, b) => Number(b.outcome !== 'pass') - Number(a.outcome !== 'pass'));
    const mark = await statements(() =>
      client.send(addMarks, { params: { id: checkId }, body: { marks: stopsFirst.slice(0, 9) } }),
    );
    await client.send(addMarks, { params: { id: checkId }, body: { marks: stopsFirst.slice(9) } });
    const markIds = marks.map((each) => each.id);
    const sign = await statements(() =>
      client.send(signCheck, { params: { id: checkId }, body: { id: newId(), author, markIds, at } }),
    );
    expect(open).toBeLessThanOrEqual(15);
    // One of them looks up, the first time only, in which line the acts of this check wait.
    expect(mark).toBeLessThanOrEqual(exceptions.length > 0 ? 19 : 11);
    // A stop and the hold it begins are rows and facts more, from the mark on.
    // Seven of them ask what its services depend on and keep when each falls due.
    expect(sign).toBeLessThanOrEqual(exceptions.length > 0 ? 45 : 30);
    await expectGathered(bike.id);
  });

  it('the racks and bikes', async () =>
    expect(await statements(() => world.as('desk').send(getWall))).toBeLessThanOrEqual(6));

  it('the list of rounds, however many there are', async () => {
    const bike = await world.bike(`ST${(tags += 1)}`);
    const round = () =>
      world.as('lead').send(makeRound, {
        body: {
          ...{
            id: newId(),
            siteId: world.siteId,
            name: `Round ${(tags += 1)}`,
            checklistKey: null,
            bikeIds: [bike.id],
            people: [],
          },
          ...{ deadline: world.clock.now + 3_600_000, at: world.clock.now },
        },
      });
    const list = () => statements(() => world.as('desk').send(listRounds));
    await round();
    const one = await list();
    for (let more = 0; more < 5; more += 1) await round();
    expect(await list()).toBe(one);
  });

  it('a model changed, however many bikes it has', async () => {
    const build = { ...USUAL_BUILD.hardtail, accessories: [...USUAL_BUILD.hardtail.accessories] };
    const change = async (bikes: number): Promise<number> => {
      const model = await world
        .as('lead')
        .send(addModel, { body: { id: newId(), name: `Reed ${(tags += 1)}`, build, fit: {} } });
      const made = [];
      for (let bike = 0; bike < bikes; bike += 1) made.push(await world.bikeOf(model, `ST${(tags += 1)}`));
      for (const bike of made) await world.check(bike);
      const took = await statements(() =>
        world.as('lead').send(changeModel, {
          params: { id: model.id },
          body: {
            id: newId(),
            name: model.name,
            build: { ...build, rearSuspension: 'shock' },
            fit: {},
            version: 1,
          },
        }),
      );
      for (const bike of made) await expectGathered(bike.id);
      return took;
    };
    expect(await change(4)).toBe(await change(1));
  });
});
