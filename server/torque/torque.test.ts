import { afterAll, beforeAll, expect, it } from 'vitest';
import { v7 as newId } from 'uuid';
import { addModel, type Bike } from '@cadre/contract/fleet';
import { looseJoints } from '@cadre/contract/torque';
import { USUAL_BUILD } from '@cadre/core/fleet';
import { DAY_MS } from '@cadre/core/time';
import { faulty } from '@cadre/test-world/builders';
import { World } from '../../testing/world';

let world: World;
beforeAll(async () => {
  world = await World.open();
});
afterAll(() => world.close());

const tightenedOnTheSpot = async (bike: Bike, fault = 'loose'): Promise<void> => {
  await world.check(bike, {
    exceptions: [{ checkpoint: 'crank-arms', more: faulty(fault, { outcome: 'fixed' }) }],
  });
};
const looseOn = async (bike: Bike) =>
  (await world.as('inspector').send(looseJoints, { params: { id: bike.id } })).joints;

it('comes loose when it was twice in a year, put right on the spot or found and repaired; on its model when it was on others', async () => {
  const build = { ...USUAL_BUILD.hardtail, accessories: [...USUAL_BUILD.hardtail.accessories] };
  const model = await world
    .as('lead')
    .send(addModel, { body: { id: newId(), name: 'Reed', build, fit: {} } });
  const [own, like, other] = [
    await world.bikeOf(model, 'T1'),
    await world.bikeOf(model, 'T2'),
    await world.bike('T3', 'hardtail'),
  ];
  await tightenedOnTheSpot(own);
  expect(await looseOn(own)).toEqual([]);
  // Another fault of the same crank says nothing of its bolt.
  await tightenedOnTheSpot(other, 'cracked');
  await world.check(own, { exceptions: [{ checkpoint: 'crank-arms', more: faulty('loose') }] });
  expect(await looseOn(own)).toMatchObject([{ joint: 'crank-arm', onBike: 2, onModel: 2, modelBikes: 1 }]);
  expect(await looseOn(like)).toEqual([]);
  await tightenedOnTheSpot(like);
  expect(await looseOn(like)).toMatchObject([{ joint: 'crank-arm', onBike: 1, onModel: 3, modelBikes: 2 }]);
  expect(await looseOn(other)).toEqual([]);

  world.clock.now += 366 * DAY_MS;
  await world.signInAgain();
  expect(await looseOn(own)).toEqual([]);
});
