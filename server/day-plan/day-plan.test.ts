import { afterAll, beforeAll, expect, it } from 'vitest';
import { v7 as newId } from 'uuid';
import { listDayPlans, setDayPlan, type DayPlanTold } from '@cadre/contract/day-plan';
import type { Bike } from '@cadre/contract/fleet';
import { dayPlanFields } from '../../testing/act-helpers';
import { refusalOf, World } from '../../testing/world';

let world: World;
let bike: Bike;
beforeAll(async () => {
  world = await World.open();
  bike = await world.bike('D1');
});
afterAll(() => world.close());

const set = (by: string, id: string, more: object = {}): Promise<DayPlanTold> =>
  world.as(by).send(setDayPlan, { params: { id }, body: { ...dayPlanFields(world, bike), ...more } });
const plans = async () => (await world.as('desk').send(listDayPlans)).plans;

it('there is one plan a day of a site: made by one, seen by all, made again by whoever saw it last', async () => {
  const id = newId();
  const made = await set('inspector', id);
  expect(made).toMatchObject({ id, madeBy: world.idOf('inspector'), version: 1 });
  expect(await plans()).toEqual([made]);
  // Somebody who has not seen it makes no second one beside it.
  const error = await set('mechanic', newId()).catch((thrown: unknown) => thrown);
  expect(error).toMatchObject({ problem: { code: 'conflict.version', current: { id, version: 1 } } });
  const again = await set('mechanic', id, { items: [], version: 1 });
  expect(again).toMatchObject({ items: [], version: 2, madeBy: world.idOf('mechanic') });
  expect(await refusalOf(set('mechanic', id, { version: 1 }))).toBe('409 conflict.version');
  expect(await refusalOf(set('desk', id, { version: 2 }))).toBe('403 act.not-allowed');
});

it('refuses strangers, a bike twice and a day that is over, and names the field', async () => {
  const fieldsOf = (more: object) =>
    set('mechanic', newId(), { day: '2031-01-01', ...more }).then(
      () => null,
      (error: { problem: { fields: unknown } }) => error.problem.fields,
    );
  const { items, people } = dayPlanFields(world, bike);
  const [item] = items;
  expect(await fieldsOf({ items: [item, item] })).toEqual([{ path: 'items.1.bikeId', code: 'twice' }]);
  expect(await fieldsOf({ items: [{ ...item, bikeId: newId() }] })).toEqual([
    { path: 'items.0.bikeId', code: 'unknown' },
  ]);
  expect(await fieldsOf({ items: [{ ...item, personId: world.idOf('lead') }] })).toEqual([
    { path: 'items.0.personId', code: 'unknown' },
  ]);
  expect(await fieldsOf({ people: [...people, { ...people[0], personId: newId() }] })).toEqual([
    { path: 'people.1.personId', code: 'unknown' },
  ]);
  expect(await fieldsOf({ day: '2020-01-01' })).toEqual([{ path: 'day', code: 'past' }]);
});
