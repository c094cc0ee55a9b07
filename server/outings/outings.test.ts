import { v7 as newId } from 'uuid';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { coSignCheck } from '@cadre/contract/checks';
import type { Bike } from '@cadre/contract/fleet';
import { handOut, listOutings, takeBack } from '@cadre/contract/outings';
import { addGroup } from '@cadre/contract/schedule';
import { getServices } from '@cadre/contract/services';
import { HOUR_MS } from '@cadre/core/time';
import { refusalOf, World } from '../../testing/world';

let world: World;
beforeAll(async () => {
  world = await World.open();
});
afterAll(() => world.close());

let tags = 0;
const cleared = async (): Promise<Bike> => {
  const bike = await world.bike(`O${(tags += 1)}`);
  await world.check(bike);
  return bike;
};
const out = (bikes: readonly Bike[], more: Partial<Parameters<typeof body>[1]> = {}, by = 'desk') =>
  world.as(by).send(handOut, { body: body(bikes, more) });
const body = (
  bikes: readonly Bike[],
  more: Partial<{ id: string; groupId: string | null; dueBackAt: number | null }>,
) => ({
  ...{ id: newId(), bikeIds: bikes.map(({ id }) => id), groupId: null, dueBackAt: null, at: world.clock.now },
  ...more,
});
type Back = Parameters<typeof backBody>[1];
const backBody = (
  bikes: readonly Bike[],
  more: Partial<{
    way: 'fine' | 'hard' | 'problem' | 'incident';
    conditions: 'dry' | 'wet';
    odometerKm: number | null;
    odometerSure: boolean;
    note: string;
  }>,
) => ({
  ...{ id: newId(), bikeIds: bikes.map(({ id }) => id), way: 'fine' as const, conditions: 'dry' as const },
  ...{ odometerKm: null, odometerSure: false, note: '', at: world.clock.now },
  ...more,
});
const back = (bikes: readonly Bike[], more: Back = {}, by = 'desk') => {
  world.clock.now += HOUR_MS;
  return world.as(by).send(takeBack, { body: backBody(bikes, more) });
};
const outings = async (bike: Bike) =>
  (await world.as('desk').send(listOutings, { query: { since: 0 } })).outings.filter(
    (each) => each.bikeId === bike.id,
  );
const group = (name: string, backIn: number) =>
  world.as('lead').send(addGroup, {
    body: {
      ...{ id: newId(), siteId: world.siteId, name, wants: [{ count: 2, kind: null, size: '' }] },
      outAt: world.clock.now - HOUR_MS,
      backAt: world.clock.now + backIn * HOUR_MS,
    },
  });

describe('handing out', () => {
  it('takes bikes out together with their group, and they are expected back when it is', async () => {
    const [one, two] = [await cleared(), await cleared()];
    const { id, backAt } = await group('Year 4', 2);
    const { bikes } = await out([one, two], { groupId: id });
    expect(bikes.map(({ whereabouts }) => whereabouts)).toEqual(['out', 'out']);
    expect(await outings(two)).toMatchObject([
      { groupId: id, groupName: 'Year 4', dueBackAt: backAt, backAt: null, way: null },
    ]);
  });

  it('is of all of them or of none: a bike that is not cleared, or out already, is named', async () => {
    const [fit, due] = [await cleared(), await world.bike('O-due')];
    expect(await refusalOf(out([fit, due]))).toBe('409 hand-out.not-fit');
    expect((await world.bikeNow(fit.id)).whereabouts).toBe('in');
    await out([fit]);
    expect(await refusalOf(out([fit]))).toBe('409 hand-out.not-in');
    expect(await refusalOf(out([fit, fit]))).toBe('400 body.invalid');
  });

  it('sent twice is once, and to a group that is over is refused', async () => {
    const bike = await cleared();
    const over = await group('Evening club', -0.5);
    expect(await refusalOf(out([bike], { groupId: over.id }))).toBe('409 group.over');
    expect(await refusalOf(out([bike], { dueBackAt: world.clock.now }))).toBe('400 body.invalid');
    const same = body([bike], {});
    await world.as('desk').send(handOut, { body: same });
    await world.as('desk').send(handOut, { body: same });
    expect(await outings(bike)).toHaveLength(1);
  });
});

describe('taking back', () => {
  it('fine and dry leaves the turnaround; hard, or in the wet, makes the return check due until it is done', async () => {
    const [fine, hard, wet] = [await cleared(), await cleared(), await cleared()];
    await out([fine, hard, wet]);
    await back([fine]);
    await back([hard], { way: 'hard' });
    await back([wet], { conditions: 'wet', note: 'Rain from the ford on' });
    const backAt = world.clock.now;
    const reasons = async (bike: Bike) => (await world.fitness(bike.id)).reasons;
    expect(await reasons(fine)).toEqual(['no-valid-check']);
    expect(await reasons(hard)).toEqual(['return-check', 'no-valid-check']);
    expect((await world.bikeNow(wet.id)).facts.returnCheck).toMatchObject({ because: 'conditions' });
    expect(await outings(wet)).toMatchObject([
      { way: 'fine', conditions: 'wet', backAt: expect.closeTo(backAt, -3) as number },
    ]);
    // A ride-out does not look for what hard use does.
    world.clock.now += 60_000;
    await world.check(hard);
    expect(await world.fitness(hard.id)).toMatchObject({ fitness: 'due', reasons: ['return-check'] });
    await world.check(hard, { checklist: 'return', leftOut: ['rim'] });
    expect(await reasons(hard)).toContain('return-check');
    await world.check(hard, { checklist: 'return' });
    expect(await reasons(hard)).not.toContain('return-check');
  });

  it('a trainee’s return check counts once it is co-signed', async () => {
    const bike = await cleared();
    await out([bike]);
    await back([bike], { way: 'hard' });
    world.clock.now += 60_000;
    const { check } = await world.check(bike, { checklist: 'return', by: 'trainee' });
    expect((await world.bikeNow(bike.id)).facts.returnCheck?.awaitsCoSign).toBe(check.id);
    await world
      .as('inspector')
      .send(coSignCheck, { params: { id: check.id }, body: { id: newId(), at: world.clock.now } });
    expect((await world.fitness(bike.id)).reasons).not.toContain('return-check');
  });

  it('after a crash holds the bike for its own checklist', async () => {
    const bike = await cleared();
    await out([bike]);
    const { bikes } = await back([bike], { way: 'incident', note: 'Into the gate' });
    expect(bikes[0]?.facts.incidents).toMatchObject([{ kind: 'crash', note: 'Into the gate' }]);
    expect((await world.fitness(bike.id)).fitness).toBe('held');
  });

  it('counts the distance its computer says, and refuses a reading that runs backwards', async () => {
    const bike = await cleared();
    await out([bike]);
    await back([bike], { odometerKm: 120 });
    await world.check(bike);
    await out([bike]);
    expect(await refusalOf(back([bike], { odometerKm: 100 }))).toBe('400 body.invalid');
    expect((await world.bikeNow(bike.id)).whereabouts).toBe('out');
    await back([bike], { odometerKm: 134.5 });
    expect((await outings(bike)).map(({ km }) => km)).toEqual([null, 14.5]);
    const { odometer } = await world.as('desk').send(getServices, { params: { id: bike.id } });
    expect(odometer?.km).toBe(134.5);
    const [one, two] = [await cleared(), await cleared()];
    await out([one, two]);
    expect(await refusalOf(back([one, two], { odometerKm: 5 }))).toBe('400 body.invalid');
  });

  it('of a bike that is in is refused, naming it', async () => {
    const bike = await cleared();
    expect(await refusalOf(back([bike]))).toBe('409 take-back.not-out');
  });
});
