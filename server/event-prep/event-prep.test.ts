import { afterAll, beforeAll, expect, it } from 'vitest';
import { v7 as newId } from 'uuid';
import { callOffEvent, listEventPreps, setEventPrep, type EventPrep } from '@cadre/contract/event-prep';
import { setOpening, type Bike } from '@cadre/contract/fleet';
import { listRounds, type Round } from '@cadre/contract/rounds';
import { siteTimeOn } from '@cadre/core/schedule';
import { HOUR_MS } from '@cadre/core/time';
import { createServices } from '@cadre/server/app';
import { refusalOf, World } from '../../testing/world';

let world: World;
beforeAll(async () => {
  world = await World.open();
});
afterAll(() => world.close());

const ZONE = 'Europe/London';
const on = (day: string, clock: string): number => siteTimeOn(day, ZONE, clock);
const goTo = async (day: string, clock: string): Promise<void> => {
  world.clock.now = on(day, clock);
  await world.signInAgain();
};
/** What happens with no page open. */
const jobs = async (): Promise<void> => {
  const { eventPreps, timedRechecks } = createServices(world.database.source, () => world.clock.now);
  await eventPreps.raise();
  await timedRechecks.raiseDue();
};
const plan = (of: readonly Bike[], more: object = {}, id: string = newId()): Promise<EventPrep> =>
  world.as('mechanic').send(setEventPrep, {
    params: { id },
    body: {
      ...{ id: newId(), siteId: world.siteId, name: 'Lake ride', startsAt: on('2026-09-12', '09:30') },
      ...{ bikeIds: of.map((bike) => bike.id), people: [], version: null, ...more },
    },
  });
const rounds = async (): Promise<readonly Round[]> => (await world.as('desk').send(listRounds)).rounds;
const named = async (step: string, state = 'open'): Promise<Round | undefined> =>
  (await rounds()).find((each) => each.name === `Lake ride: ${step}` && each.state === state);
const statesOf = ({ steps }: EventPrep): string => steps.map(({ step, state }) => `${step} ${state}`).join();
const pressures = (kpa: number) => ({
  checklist: 'pressures',
  by: 'inspector',
  exceptions: (['front', 'rear'] as const).map((position) => ({
    checkpoint: 'tyre-pressure',
    position,
    more: { reading: { measure: 'tyre-window', values: [kpa], typed: String(kpa / 100), unit: 'bar' } },
  })),
});

it('makes each round when its time has come, and gauges the tyres again after the night, with no page open', async () => {
  await goTo('2026-09-01', '10:00');
  const bike = await world.bike('V1');
  const event = await plan([bike]);
  expect(statesOf(event)).toBe('order coming,clean coming,soak coming,morning coming');
  await jobs();
  expect(await named('what to order')).toBeUndefined();

  await goTo('2026-09-04', '09:00');
  await jobs();
  await jobs();
  expect(await named('what to order')).toMatchObject({
    ...{ checklistKey: 'event-order', bikeIds: [bike.id], deadline: on('2026-09-05', '17:00') },
    madeBy: null,
  });
  await goTo('2026-09-11', '11:30');
  await jobs();
  expect(await named('clean and check')).toBeDefined();
  // A check of another time is none of this round’s.
  await world.check(bike, pressures(280));
  await goTo('2026-09-11', '16:30');
  await jobs();
  const night = await named('pressures for the night');
  expect(night?.looks).toEqual([]);
  await world.check(bike, pressures(300));
  await jobs();
  const soaks = ((await world.bikeNow(bike.id)).facts.timedRechecks ?? []).toSorted((a, b) =>
    a.position.localeCompare(b.position),
  );
  expect(soaks.map((each) => [each.position, each.kind, each.gauged?.kpa, each.raisedAt])).toEqual([
    ['front', 'soak', 300, null],
    ['rear', 'soak', 300, null],
  ]);
  expect(soaks[0]?.by).toBe(world.idOf('inspector'));
  await goTo('2026-09-12', '04:31');
  await jobs();
  const raised = (await world.bikeNow(bike.id)).facts.timedRechecks ?? [];
  expect(raised.map((each) => each.raisedAt !== null)).toEqual([true, true]);
  expect(await named('the morning')).toMatchObject({ checklistKey: 'event-morning' });
  const [told] = (await world.as('desk').send(listEventPreps)).events;
  expect(told && statesOf(told)).toBe('order open,clean open,soak open,morning open');
});

it('changed on its day, what was made in its time is not late', async () => {
  const [event] = (await world.as('desk').send(listEventPreps)).events as [EventPrep];
  const { id, bikeIds, version, startsAt } = event;
  const changed = await plan([], { bikeIds, version, startsAt: startsAt + HOUR_MS }, id);
  expect(changed.steps.map((step) => step.late)).toEqual([false, false, false, false]);
  expect(changed.steps[0]?.deadline).toBe(event.steps[0]?.deadline);
  expect(await named('the morning')).toMatchObject({ deadline: startsAt + HOUR_MS });
});

it('moved to another day, it is cleaned and set again; called off, its rounds are closed and say why', async () => {
  const [event] = (await world.as('desk').send(listEventPreps)).events as [EventPrep];
  const { id, bikeIds, version } = event;
  const order = (await named('what to order'))?.id;
  const moved = await plan([], { bikeIds, version, startsAt: on('2026-09-19', '09:30') }, id);
  expect(statesOf(moved)).toBe('order open,clean coming,soak coming,morning coming');
  expect(moved.steps[0]).toMatchObject({ roundId: order, late: false });
  expect(await named('what to order')).toMatchObject({ deadline: moved.steps[0]?.deadline });
  expect(await named('the morning', 'closed')).toMatchObject({
    undone: [{ bikeId: bikeIds[0], why: 'The event was moved to another day' }],
  });
  expect(await refusalOf(plan([], { bikeIds, version }, id))).toBe('409 conflict.version');

  // Closed on the day before: what falls there comes on the last open day before it.
  await world.as('lead').send(setOpening, {
    params: { id: world.siteId },
    body: {
      id: newId(),
      opening: { closedOn: [], exceptions: [{ day: '2026-09-18', opensAt: null, name: 'Fair' }] },
      before: { closedOn: [], exceptions: [] },
    },
  });
  const [early] = (await world.as('desk').send(listEventPreps)).events;
  expect(early?.steps.map((step) => step.deadline)).toEqual([
    moved.steps[0]?.deadline,
    on('2026-09-17', '16:00'),
    on('2026-09-17', '18:00'),
    on('2026-09-19', '09:30'),
  ]);
  const off = await world.as('mechanic').send(callOffEvent, { params: { id }, body: { id: newId() } });
  expect(off.events).toEqual([]);
  expect(await named('what to order', 'closed')).toMatchObject({
    undone: [{ why: 'The event was called off' }],
  });
  await goTo('2026-09-17', '15:59');
  await jobs();
  expect(await named('clean and check')).toBeUndefined();
});

it('refuses what cannot be prepared for, and names the field', async () => {
  const bike = await world.bike('V2');
  const fields = (call: Promise<unknown>) =>
    call.then(
      () => null,
      (error: { problem: { fields: unknown } }) => error.problem.fields,
    );
  expect(await fields(plan([bike], { startsAt: world.clock.now - HOUR_MS }))).toEqual([
    { path: 'startsAt', code: 'past' },
  ]);
  expect(await fields(plan([bike], { startsAt: on('2027-01-01', '10:00'), bikeIds: [newId()] }))).toEqual([
    { path: 'bikeIds.0', code: 'unknown' },
  ]);
  const twice = { startsAt: on('2027-01-01', '10:00'), bikeIds: [bike.id, bike.id] };
  expect(await fields(plan([bike], twice))).toEqual([{ path: 'bikeIds.1', code: 'twice' }]);
  expect(
    await refusalOf(world.as('desk').send(callOffEvent, { params: { id: newId() }, body: { id: newId() } })),
  ).toBe('403 act.not-allowed');
});
