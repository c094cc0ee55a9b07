import { v7 as newId } from 'uuid';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import {
  inspectKit,
  lendKit,
  listKit,
  packKit,
  returnKit,
  setKitItem,
  type KitItem,
} from '@cadre/contract/kit';
import { listStock } from '@cadre/contract/parts';
import { addGroup } from '@cadre/contract/schedule';
import { HOUR_MS } from '@cadre/core/time';
import type { ProblemError } from '@cadre/test-world/client';
import { stocked } from '../../testing/act-helpers';
import { refusalOf, World } from '../../testing/world';

let world: World;
beforeAll(async () => {
  world = await World.open();
});
afterAll(() => world.close());

let tags = 0;
type Fields = Parameters<typeof set>[0];
const set = (more: Partial<KitItem> = {}, by = 'mechanic') => {
  const { kind = 'helmet', size = '', contents = [], expiresOn = null, siteId = world.siteId } = more;
  const item = { kind, size, contents, expiresOn, siteId, tag: more.tag ?? `K${(tags += 1)}` };
  return world.as(by).send(setKitItem, {
    params: { id: more.id ?? newId() },
    body: { id: newId(), item, version: more.version ?? null },
  });
};
const now = (): number => world.clock.now;
const lend = (items: readonly KitItem[], groupId: string | null = null) =>
  world.as('desk').send(lendKit, {
    body: { id: newId(), groupId, itemIds: items.map(({ id }) => id), at: now() },
  });
type Back = { missing?: KitItem['missing']; damp?: boolean; impact?: boolean };
const back = (item: KitItem, { missing = [], damp = false, impact = false }: Back = {}) =>
  world.as('desk').send(returnKit, {
    body: { id: newId(), items: [{ itemId: item.id, missing, damp, impact }], at: now() },
  });
const inspect = (item: KitItem, ready: boolean, note = '', by = 'inspector') =>
  world.as(by).send(inspectKit, {
    params: { id: item.id },
    body: { id: newId(), ready, note, at: now() },
  });
/** What is wrong with which field of an act that is refused for it. */
const wrongIn = (call: Promise<unknown>): Promise<string> =>
  call.then(
    () => 'accepted',
    (refused: ProblemError) =>
      (refused.problem.fields ?? []).map(({ path, code }) => `${path} ${code}`).join(),
  );
const nowOf = async (item: KitItem): Promise<KitItem | undefined> =>
  (await world.as('desk').send(listKit)).items.find(({ id }) => id === item.id);
const group = (hours: number) =>
  world.as('lead').send(addGroup, {
    body: {
      ...{ id: newId(), siteId: world.siteId, name: `Class ${(tags += 1)}` },
      ...{ outAt: now(), backAt: now() + hours * HOUR_MS },
      wants: [{ count: 2, kind: null, size: '' }],
    },
  });

describe('lending', () => {
  it('goes out to a walk-in and comes back, and cannot go out twice', async () => {
    const item = await set();
    expect((await lend([item])).items[0]?.whereabouts).toBe('out');
    expect(await refusalOf(lend([item]))).toBe('409 kit.not-in');
    expect((await back(item)).items[0]).toMatchObject({ whereabouts: 'in', missing: [], damp: false });
    expect(await refusalOf(back(item))).toBe('409 kit.not-out');
  });
  it.each<[string, Partial<KitItem>, Back]>([
    ['came back damp', {}, { damp: true }],
    ['took an impact', {}, { impact: true }],
    [
      'came back without a lever',
      { kind: 'repair-kit', contents: [{ name: 'Lever', count: 2, stockItemId: null }] },
      { missing: [{ name: 'Lever', count: 1 }] },
    ],
  ])('is refused for what %s', async (_what, fields, how) => {
    const item = await set(fields);
    await lend([item]);
    await back(item, how);
    expect(await refusalOf(lend([item]))).toBe('409 kit.not-ready');
  });
  it('is refused past its last day, at its site', async () => {
    const today = new Date(now()).toISOString().slice(0, 10);
    await lend([await set({ expiresOn: today })]);
    expect(await refusalOf(lend([await set({ expiresOn: '2020-01-01' })]))).toBe('409 kit.not-ready');
  });
  it('takes all of them or none', async () => {
    const [good, gone] = [await set(), await set()];
    await lend([gone]);
    expect(await refusalOf(lend([good, gone]))).toBe('409 kit.not-in');
    expect((await nowOf(good))?.whereabouts).toBe('in');
  });
});

describe('inspecting', () => {
  it('lets what was damp be lent again, but a helmet not by a trainee', async () => {
    const item = await set();
    await lend([item]);
    await back(item, { damp: true });
    expect(await refusalOf(inspect(item, true, '', 'trainee'))).toBe('403 act.not-allowed');
    expect(await inspect(item, true)).toMatchObject({ damp: false, inspectedBy: world.idOf('inspector') });
    await lend([item]);
  });
  it('an impact counts until a mechanic records why it does not', async () => {
    const item = await set();
    await lend([item]);
    await back(item, { impact: true });
    expect(await refusalOf(inspect(item, true, 'Fell on grass'))).toBe('403 act.not-allowed');
    expect(await wrongIn(inspect(item, true, '', 'mechanic'))).toBe('note required');
    expect((await inspect(item, true, 'Wrong tag touched', 'mechanic')).impactOn).toBeNull();
  });
  it('withdraws for good, with a reason', async () => {
    const item = await set();
    expect(await wrongIn(inspect(item, false))).toBe('note required');
    expect((await inspect(item, false, 'Strap torn')).withdrawn).toBe('Strap torn');
    expect(await refusalOf(lend([item]))).toBe('409 kit.not-ready');
    expect(await refusalOf(inspect(item, true, 'No', 'mechanic'))).toBe('409 kit.withdrawn');
  });
  it('fills up from the spare parts, which the reorder list counts on until then', async () => {
    const part = await stocked(world, 1);
    const contents = [{ name: 'Cable', count: 1, stockItemId: part }];
    const item = await set({ kind: 'repair-kit', contents });
    const other = await set({ kind: 'repair-kit', contents });
    for (const each of [item, other]) {
      await lend([each]);
      await back(each, { missing: [{ name: 'Cable', count: 1 }] });
    }
    const stock = () => world.as('mechanic').send(listStock);
    expect((await stock()).needs).toContainEqual({ itemId: part, count: 1, tag: item.tag });
    expect((await inspect(item, true)).missing).toEqual([]);
    expect((await stock()).items.find(({ id }) => id === part)?.onHand).toBe(0);
    expect(await refusalOf(inspect(other, true))).toBe('409 stock.not-enough');
    expect((await nowOf(other))?.missing).toHaveLength(1);
  });
});

describe('packing for a group', () => {
  const pack = (groupId: string, items: readonly KitItem[]) =>
    world
      .as('desk')
      .send(packKit, { body: { id: newId(), groupId, itemIds: items.map(({ id }) => id), at: now() } });
  it('sets aside, in place of what was, and no other group takes it', async () => {
    const [one, two] = [await set(), await set()];
    const [first, second] = [await group(3), await group(3)];
    await pack(first.id, [one, two]);
    await pack(first.id, [two]);
    expect(await nowOf(one)).toMatchObject({ whereabouts: 'in', groupId: null });
    expect(await refusalOf(pack(second.id, [two]))).toBe('409 kit.packed-for-other');
    expect(await refusalOf(lend([two]))).toBe('409 kit.packed-for-other');
    expect((await lend([two], first.id)).items[0]).toMatchObject({
      whereabouts: 'out',
      groupName: first.name,
    });
  });
  it('is free again when the group is over, and nothing is packed for one that is', async () => {
    const item = await set();
    const over = await group(1);
    await pack(over.id, [item]);
    world.clock.now += 2 * HOUR_MS;
    expect(await nowOf(item)).toMatchObject({ whereabouts: 'in', groupId: null });
    expect(await refusalOf(pack(over.id, [item]))).toBe('409 group.over');
    await lend([item]);
  });
});

describe('an item', () => {
  it('has a tag of its own, and contents that are each named once', async () => {
    const item = await set();
    expect(await refusalOf(set({ tag: item.tag }))).toBe('409 tag.taken');
    const content = { name: 'Plug', count: 1, stockItemId: null };
    expect(await wrongIn(set({ contents: [content, content] }))).toBe('item.contents.1.name twice');
    expect(await wrongIn(set({ contents: [{ ...content, stockItemId: newId() }] }))).toBe(
      'item.contents.0.stockItemId unknown',
    );
  });
  it('is changed by one who saw it as it is; what no longer belongs in it is not missing', async () => {
    const contents = [{ name: 'Plug', count: 3, stockItemId: null }];
    const item = await set({ kind: 'repair-kit', contents });
    await lend([item]);
    await back(item, { missing: [{ name: 'Plug', count: 3 }] });
    const before = (await nowOf(item)) as KitItem;
    const fewer: Fields = { ...before, contents: [{ name: 'Plug', count: 1, stockItemId: null }] };
    expect((await set(fewer)).missing).toEqual([{ name: 'Plug', count: 1 }]);
    expect(await refusalOf(set(fewer))).toBe('409 conflict.version');
  });
  it('cannot miss what does not belong in it', async () => {
    const item = await set();
    await lend([item]);
    expect(await wrongIn(back(item, { missing: [{ name: 'Bell', count: 1 }] }))).toBe(
      'items.0.missing.0.name unknown',
    );
  });
});
