import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { v7 as newId } from 'uuid';
import { addBike, addRack, addSite, getBike } from '@cadre/contract/fleet';
import { getWall } from '@cadre/contract/wall';
import { timeline } from '@cadre/contract/timeline';
import { bikeFieldsOf, fieldsOf } from '@cadre/test-world/builders';
import { refusalOf, World } from '../../testing/world';

let world: World;
beforeAll(async () => {
  world = await World.open();
});
afterAll(() => world.close());

describe('bikes', () => {
  it('of two sites that want one tag at the same moment: one is added, the other is told the tag is taken', async () => {
    const far = await world
      .as('lead')
      .send(addSite, { body: { id: newId(), name: 'Far', timeZone: 'Europe/London', opensAt: '09:00' } });
    const add = (siteId: string) =>
      refusalOf(
        world
          .as('lead')
          .send(addBike, { body: { id: newId(), ...bikeFieldsOf('hybrid', { tag: 'TWIN', siteId }) } }),
      );
    // The sites' chains have locks of their own, so nothing but the database itself stands between the two.
    for (let round = 0; round < 5; round += 1) {
      const answers = await Promise.all([add(world.siteId), add(far.id)]);
      expect(answers.filter((answer) => answer === 'accepted').length).toBeLessThanOrEqual(1);
      for (const answer of answers) expect(['accepted', '409 tag.taken']).toContain(answer);
    }
    expect((await world.as('desk').send(getWall)).bikes.filter((bike) => bike.tag === 'TWIN')).toHaveLength(
      1,
    );
  });

  it('carry serial, warranty and what they state of their parts, and refuse days and values that are none', async () => {
    const fields = bikeFieldsOf('hardtail', {
      tag: 'C1',
      siteId: world.siteId,
      serial: 'S-9',
      boughtOn: '2024-02-29',
      warrantyUntil: '2026-02-28',
      fit: { rotorMinFront: 1.55 },
    });
    const bike = await world.as('mechanic').send(addBike, { body: { id: newId(), ...fields } });
    expect(fieldsOf(await world.as('desk').send(getBike, { params: { id: bike.id } }))).toEqual({
      ...fields,
      id: expect.any(String),
    });
    const refused = (more: object) =>
      world.as('mechanic').raw('POST', '/api/v1/bikes', { ...fields, ...more, id: newId(), tag: 'C2' });
    for (const [more, path] of [
      [{ boughtOn: '29.02.2024' }, 'boughtOn'],
      [{ warrantyUntil: '2024-13-01' }, 'warrantyUntil'],
      [{ fit: { rotorMinFront: 15 } }, 'fit.rotorMinFront'],
      [{ modelId: newId() }, 'modelId'],
    ] as const) {
      const response = await refused(more);
      expect(response.status).toBe(400);
      expect(
        ((await response.json()) as { fields: { path: string }[] }).fields.map((field) => field.path),
      ).toEqual([path]);
    }
  });

  it('have a timeline of what was done to them, hooks included', async () => {
    const rack = await world
      .as('lead')
      .send(addRack, { body: { id: newId(), siteId: world.siteId, name: 'Own', hooks: 2 } });
    const bike = await world.as('lead').send(addBike, {
      body: {
        id: newId(),
        ...bikeFieldsOf('trike', { tag: 'C9', siteId: world.siteId, hookId: rack.hooks[0]?.id ?? null }),
      },
    });
    await world.check(bike);
    const { entries } = await world
      .as('desk')
      .send(timeline, { params: { id: bike.id }, query: { most: 10 } });
    expect(entries.map((entry) => entry.kind)).toEqual([
      'check.signed',
      'check.marked',
      'check.opened',
      'bike.added',
    ]);
  });
});
