import { afterAll, beforeAll, expect, it } from 'vitest';
import { v7 as newId } from 'uuid';
import { endCampaign, listCampaigns, setCampaign, type Campaign } from '@cadre/contract/campaign';
import type { Bike } from '@cadre/contract/fleet';
import { campaignFields } from '../../testing/act-helpers';
import { refusalOf, World } from '../../testing/world';

let world: World;
let bike: Bike;
beforeAll(async () => {
  world = await World.open();
  bike = await world.bike('S1');
});
afterAll(() => world.close());

const set = (id: string, more: object = {}, by = 'mechanic'): Promise<Campaign> =>
  world.as(by).send(setCampaign, { params: { id }, body: { ...campaignFields(world, bike), ...more } });
const open = async () => (await world.as('desk').send(listCampaigns)).campaigns;

it('what is done, complete checks on its checklist tell; planned again, done stays done; ended, it is gone', async () => {
  await world.check(bike, { checklist: 'season-opening' });
  world.clock.now += 1000;
  const id = newId();
  const made = await set(id);
  expect(made).toMatchObject({ version: 1, done: [] });
  await world.check(bike, { checklist: 'pressures' });
  await world.check(bike, { checklist: 'season-opening', leftOut: ['frame-whole'] });
  await world.check(bike, { checklist: 'season-opening', by: 'inspector' });
  const done = [{ bikeId: bike.id, by: world.idOf('inspector') }];
  expect(await open()).toMatchObject([{ id, done }]);
  const again = await set(id, { version: 1, slots: [], name: 'Spring' });
  expect(again).toMatchObject({ name: 'Spring', version: 2, done, slots: [] });
  expect(await refusalOf(set(id, { version: 1 }))).toBe('409 conflict.version');
  expect(await refusalOf(set(newId(), {}, 'inspector'))).toBe('403 act.not-allowed');
  const end = () => world.as('lead').send(endCampaign, { params: { id }, body: { id: newId() } });
  expect((await end()).campaigns).toEqual([]);
  expect(await refusalOf(end())).toBe('404 not-found');
});

it('refuses what cannot be, and names the field', async () => {
  const fieldsOf = (more: object) =>
    set(newId(), more).then(
      () => null,
      (error: { problem: { fields: unknown } }) => error.problem.fields,
    );
  const { slots, bikes } = campaignFields(world, bike);
  const [slot] = slots;
  expect(await fieldsOf({ byDay: '2020-01-01' })).toEqual([{ path: 'byDay', code: 'past' }]);
  expect(await fieldsOf({ checklistKey: 'none-such' })).toEqual([{ path: 'checklistKey', code: 'unknown' }]);
  expect(await fieldsOf({ bikes: [...bikes, ...bikes] })).toEqual([
    { path: 'bikes.1.bikeId', code: 'twice' },
  ]);
  expect(await fieldsOf({ slots: [{ ...slot, bikeId: newId() }] })).toEqual([
    { path: 'slots.0.bikeId', code: 'unknown' },
  ]);
  expect(await fieldsOf({ slots: [{ ...slot, personId: world.idOf('lead') }] })).toEqual([
    { path: 'slots.0.personId', code: 'unknown' },
  ]);
});
