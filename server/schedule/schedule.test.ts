import { HOUR_MS } from '@cadre/core/time';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { v7 as newId } from 'uuid';
import { getWall } from '@cadre/contract/wall';
import { addGroup, changeGroup, listGroups, removeGroup, type Group } from '@cadre/contract/schedule';
import { refusalOf, World } from '../../testing/world';

let world: World;
beforeAll(async () => {
  world = await World.open();
});
afterAll(() => world.close());

const fields = (more: Partial<Group> = {}) => ({
  siteId: world.siteId,
  name: 'Year 5',
  outAt: world.clock.now + HOUR_MS,
  backAt: world.clock.now + 3 * HOUR_MS,
  wants: [{ count: 8, kind: null, size: '24 in' }],
  ...more,
});
const add = (more: Partial<Group> = {}) => {
  const { id: _id, version: _version, ...rest } = { id: '', version: 0, ...fields(more) };
  return world.as('mechanic').send(addGroup, { body: { id: newId(), ...rest } });
};

describe('groups', () => {
  it('are on everybody’s wall, change, and go; whoever was slower is shown what stands', async () => {
    const group = await add();
    expect((await world.as('desk').send(getWall)).groups.map((each) => each.name)).toEqual(['Year 5']);
    const change = (version: number, name: string) =>
      world
        .as('lead')
        .send(changeGroup, { params: { id: group.id }, body: { ...fields({ name }), id: newId(), version } });
    expect(await change(1, 'Year 6')).toMatchObject({ name: 'Year 6', version: 2 });
    await expect(change(1, 'Year 7')).rejects.toMatchObject({
      problem: { code: 'conflict.version', current: { name: 'Year 6' } },
    });
    await world.as('mechanic').send(removeGroup, { params: { id: group.id }, body: { id: newId() } });
    expect((await world.as('desk').send(getWall)).groups).toEqual([]);
    expect(
      await refusalOf(
        world.as('mechanic').send(removeGroup, { params: { id: group.id }, body: { id: newId() } }),
      ),
    ).toBe('404 not-found');
  });

  it('are listed between two times, also those that are out over one of them', async () => {
    const now = world.clock.now;
    await add({ name: 'long', outAt: now - HOUR_MS, backAt: now + HOUR_MS });
    await add({ name: 'far', outAt: now + 80 * HOUR_MS, backAt: now + 81 * HOUR_MS });
    const between = async (from: number, until: number) =>
      (await world.as('desk').send(listGroups, { query: { from, until } })).groups.map((each) => each.name);
    expect(await between(now, now + HOUR_MS)).toEqual(['long']);
    expect(await between(now + 70 * HOUR_MS, now + 90 * HOUR_MS)).toEqual(['far']);
    expect((await world.as('desk').send(getWall)).groups.map((each) => each.name)).toEqual(['long']);
  });

  it('that would be back before they are out, want nothing, or go out nowhere are refused by field', async () => {
    await expect(add({ backAt: world.clock.now })).rejects.toMatchObject({
      problem: { code: 'group.ends-before-it-begins', fields: [{ path: 'backAt' }] },
    });
    await expect(add({ wants: [] })).rejects.toMatchObject({
      problem: { code: 'body.invalid', fields: [{ path: 'wants' }] },
    });
    await expect(add({ siteId: newId() })).rejects.toMatchObject({
      problem: { code: 'body.invalid', fields: [{ path: 'siteId', code: 'unknown' }] },
    });
    expect(await refusalOf(world.as('desk').send(addGroup, { body: { id: newId(), ...fields() } }))).toBe(
      '403 act.not-allowed',
    );
  });
});
