import ICAL from 'ical.js';
import { afterAll, beforeAll, expect, it } from 'vitest';
import { v7 as newId } from 'uuid';
import { endCalendarAddress, listCalendarAddresses, makeCalendarAddress } from '@cadre/contract/calendar';
import { changePerson, listPeople } from '@cadre/contract/people';
import { makeRound } from '@cadre/contract/rounds';
import { addGroup } from '@cadre/contract/schedule';
import { HOUR_MS } from '@cadre/core/time';
import { refusalOf, World } from '../../testing/world';

let world: World;
beforeAll(async () => {
  world = await World.open();
});
afterAll(() => world.close());

const TOKEN = 'kW2Qh8dE0pLr5sTuVx7yZa';
const read = (token: string): Promise<Response> => fetch(`${world.base}/calendar/${token}.ics`);
const make = (by: string, token: string) =>
  world.as(by).send(makeCalendarAddress, { body: { id: newId(), siteId: world.siteId, token } });

it('an address gives what a site has to do, to whoever has it, and is ended by whoever made it', async () => {
  const bike = await world.bike('K1');
  await world.as('lead').send(makeRound, {
    body: {
      ...{
        id: newId(),
        siteId: world.siteId,
        name: 'Rims',
        checklistKey: null,
        bikeIds: [bike.id],
        people: [],
      },
      ...{ deadline: world.clock.now + 5 * HOUR_MS, at: world.clock.now },
    },
  });
  await world.as('mechanic').send(addGroup, {
    body: {
      ...{
        id: newId(),
        siteId: world.siteId,
        name: 'Year 5',
        wants: [{ count: 2, kind: 'child', size: '' }],
      },
      ...{ outAt: world.clock.now + HOUR_MS, backAt: world.clock.now + 2 * HOUR_MS },
    },
  });
  const { id } = await make('desk', TOKEN);
  const answer = await read(TOKEN);
  expect([answer.status, answer.headers.get('content-type')]).toEqual([200, 'text/calendar; charset=utf-8']);
  const calendar = new ICAL.Component(ICAL.parse(await answer.text()));
  expect(calendar.getAllSubcomponents('vevent').map((each) => each.getFirstPropertyValue('summary'))).toEqual(
    expect.arrayContaining(['Group: Year 5', 'Round: Rims']),
  );
  const rims = calendar
    .getAllSubcomponents('vevent')
    .find((each) => String(each.getFirstPropertyValue('summary')) === 'Round: Rims');
  expect(String(rims?.getFirstPropertyValue('description'))).toBe('K1');

  expect((await world.as('desk').send(listCalendarAddresses)).addresses).toMatchObject([
    { id, siteId: world.siteId },
  ]);
  expect((await world.as('lead').send(listCalendarAddresses)).addresses).toEqual([]);
  const end = (by: string) =>
    world.as(by).send(endCalendarAddress, { params: { id }, body: { id: newId() } });
  expect(await refusalOf(end('lead'))).toBe('404 not-found');
  expect((await end('desk')).addresses).toEqual([]);
  expect((await read(TOKEN)).status).toBe(404);
});

it('an unknown, a malformed and an ended address, and one of a person who left, get one answer', async () => {
  const token = 'A'.repeat(30);
  await make('trainee', token);
  expect((await read(token)).status).toBe(200);
  const { people } = await world.as('lead').send(listPeople);
  const trainee = people.find((person) => person.id === world.idOf('trainee'));
  if (!trainee) throw new Error('no trainee');
  await world.as('lead').send(changePerson, {
    params: { id: trainee.id },
    body: {
      id: newId(),
      name: trainee.name,
      role: trainee.role,
      trainee: true,
      active: false,
      version: trainee.version,
    } as never,
  });
  const answers = await Promise.all(
    [token, 'B'.repeat(30), 'short', 'with%20space%20and%20more%20and%20more'].map(read),
  );
  expect(answers.map((each) => each.status)).toEqual([404, 404, 404, 404]);
  expect(new Set(await Promise.all(answers.map((each) => each.text())))).toEqual(new Set(['404']));
});

it('is written nowhere: not in the record, not in the table', async () => {
  const rows = await world.database.owner.query<{ found: number | string }[]>(
    'SELECT (SELECT COUNT(*) FROM entry WHERE body LIKE ?) + (SELECT COUNT(*) FROM calendar_address WHERE tokenHash LIKE ?) AS found',
    [`%${TOKEN}%`, `%${TOKEN}%`],
  );
  expect(Number(rows[0]?.found)).toBe(0);
});

it('a token that is somebody’s already is refused by its field', async () => {
  const token = 'C'.repeat(30);
  await make('desk', token);
  await expect(make('lead', token)).rejects.toMatchObject({
    status: 400,
    problem: { fields: [{ path: 'token', code: 'taken' }] },
  });
});

it('a token anybody could guess is refused by its field', async () => {
  await expect(make('desk', 'abc')).rejects.toMatchObject({
    status: 400,
    problem: { fields: [{ path: 'token' }] },
  });
});
