import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { v7 as newId } from 'uuid';
import { listChecklists, publishChecklist } from '@cadre/contract/catalogue';
import { addMarks, openCheck, signCheck } from '@cadre/contract/checks';
import { importBikes } from '@cadre/contract/exchange';
import type { BodyOf } from '@cadre/contract/http';
import { addBike, changeBike, type Bike } from '@cadre/contract/fleet';
import type { ChecklistVersion } from '@cadre/core/catalogue';
import { DAY_MS } from '@cadre/core/time';
import { bikeFieldsOf, fieldsOf, marksFor } from '@cadre/test-world/builders';
import { heldByStop } from '../../testing/act-helpers';
import { refusalOf, World } from '../../testing/world';

let world: World;
let tags = 0;
beforeAll(async () => {
  world = await World.open();
});
afterAll(() => world.close());

const rideOut = () => {
  const found = world.checklists.get('ride-out');
  if (!found) throw new Error('no ride-out');
  return found;
};
async function publish(checklist: ChecklistVersion, base: string | null, reason = '') {
  const body = { id: newId(), base, checklist, note: 'changed', reason } as BodyOf<typeof publishChecklist>;
  return world.as('lead').send(publishChecklist, { body });
}
/** All that a version asks of a bike, passed and signed: what the bike is then. */
async function passed(bike: Bike, version: { hash: string; checklist: ChecklistVersion }, checkId = newId()) {
  const author = world.idOf('inspector');
  const at = world.clock.now;
  const client = world.as('inspector');
  await client.send(openCheck, {
    body: { id: checkId, bikeId: bike.id, checklistHash: version.hash, author, at },
  });
  return finish(bike, version, checkId);
}
async function finish(bike: Bike, { checklist }: { checklist: ChecklistVersion }, checkId: string) {
  const author = world.idOf('inspector');
  const client = world.as('inspector');
  const marks = marksFor(checklist, bike.build, author, world.clock.now);
  if (marks.length > 0) await client.send(addMarks, { params: { id: checkId }, body: { marks } });
  await client.send(signCheck, {
    params: { id: checkId },
    body: { id: newId(), author, markIds: marks.map((mark) => mark.id), at: world.clock.now },
  });
  return (await world.fitness(bike.id)).fitness;
}
const bike = (): Promise<Bike> => world.bike(`CL${(tags += 1)}`);

describe('a complete check', () => {
  it('on a version that was superseded clears nothing, but on the day it was begun', async () => {
    const old = rideOut();
    const [before, after] = [await bike(), await bike()];
    const begun = newId();
    const author = world.idOf('inspector');
    await world.as('inspector').send(openCheck, {
      body: {
        id: begun,
        bikeId: before.id,
        checklistHash: old.hash,
        author,
        at: world.clock.now,
      },
    });
    world.clock.now += 1000;
    const next = await publish({ ...old.checklist, purpose: 'Before the ride, reworded' }, old.hash);
    world.clock.now += 1000;
    expect(await finish(before, old, begun)).toBe('cleared');
    expect(await passed(after, old)).toBe('due');
    expect(await passed(after, next)).toBe('cleared');
    world.checklists.set('ride-out', next);
    world.clock.now += DAY_MS;
    await world.signInAgain();
  });

  it('on a checklist that leaves out a critical clears by a lead’s reason only, which everybody is told', async () => {
    const own = {
      ...rideOut().checklist,
      key: 'quick',
      name: 'Quick',
      items: rideOut().checklist.items.filter((item) => item.checkpoint.key !== 'stops-wheel'),
    };
    expect(await refusalOf(publish(own, null))).toBe('422 checklist.critical-dropped');
    const quick = await publish(own, null, 'Track bikes without brakes');
    expect(await passed(await bike(), quick)).toBe('cleared');
    const { checklists } = await world.as('desk').send(listChecklists);
    expect(checklists.find((each) => each.key === 'quick')).toMatchObject({
      leavesOut: [expect.stringContaining('wheel')],
      reason: 'Track bikes without brakes',
    });
  });
});

describe('a bike that is held', () => {
  it('comes back under no old tag or serial number of its own', async () => {
    const held = await heldByStop(world);
    const fields = { ...fieldsOf(held), serial: 'LQ-778', version: held.version };
    await world.as('lead').send(changeBike, { params: { id: held.id }, body: fields });
    const renamed = await world.bikeNow(held.id);
    await world.as('lead').send(changeBike, {
      params: { id: held.id },
      body: { ...fieldsOf(renamed), tag: `${held.tag}X`, serial: '', version: renamed.version },
    });
    const under = (more: { tag: string; serial?: string }) =>
      refusalOf(
        world.as('lead').send(addBike, {
          body: { id: newId(), ...bikeFieldsOf('hardtail', { siteId: world.siteId, ...more }) },
        }),
      );
    expect(await under({ tag: held.tag })).toBe('400 body.invalid');
    expect(await under({ tag: 'NEW1', serial: 'LQ-778' })).toBe('400 body.invalid');
    const other = await bike();
    expect(
      await refusalOf(
        world.as('lead').send(changeBike, {
          params: { id: other.id },
          body: { ...fieldsOf(other), serial: 'LQ-778', version: other.version },
        }),
      ),
    ).toBe('400 body.invalid');
    const row = { id: newId(), ...bikeFieldsOf('hardtail', { siteId: world.siteId, tag: held.tag }) };
    expect(
      await refusalOf(
        world.as('lead').send(importBikes, {
          body: { id: newId(), siteId: world.siteId, bikes: [{ ...row, version: null }] },
        }),
      ),
    ).toBe('409 import.rows-refused');
    expect(await under({ tag: 'NEW2', serial: 'LQ-779' })).toBe('accepted');
  });
});
