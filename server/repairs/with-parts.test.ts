import { questionKey } from '@cadre/core/catalogue';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { v7 as newId } from 'uuid';
import { type Bike, changeBike } from '@cadre/contract/fleet';
import type { BodyOf } from '@cadre/contract/http';
import { countStock, listFitments, listStock, setStockItem } from '@cadre/contract/parts';
import { addMarks, signCheck } from '@cadre/contract/checks';
import {
  finishRepair,
  hangTag,
  listCosts,
  openRecheck,
  planRepair,
  releaseBike,
  startRepair,
} from '@cadre/contract/repairs';
import { changePolicy } from '@cadre/test-world/client';
import { faulty, fieldsOf, marksFor } from '@cadre/test-world/builders';
import { refusalOf, World } from '../../testing/world';

let world: World;
beforeAll(async () => {
  world = await World.open();
});
afterAll(() => world.close());

const at = (): number => world.clock.now;
let tags = 0;
/** A bike whose front brake does not stop the wheel, its repair begun. */
async function onTheBench(): Promise<{ bike: Bike; repairId: string; findingId: string }> {
  const bike = await world.bike(`W${(tags += 1)}`);
  const { findings } = await world.check(bike, {
    exceptions: [{ checkpoint: 'stops-wheel', position: 'front', more: faulty('none') }],
  });
  const findingId = findings[0]?.id ?? '';
  const repairId = newId();
  await world
    .as('mechanic')
    .send(startRepair, { body: { id: repairId, bikeId: bike.id, findingIds: [findingId], at: at() } });
  return { bike, repairId, findingId };
}
async function shelf(
  onHand: number,
  more: Partial<BodyOf<typeof setStockItem>['item']> = {},
): Promise<string> {
  const id = newId();
  const item = {
    kind: 'pads' as const,
    name: 'Sea pads',
    facts: {},
    modelIds: [],
    markings: {},
    least: 2,
    price: 1450,
    leadDays: 5,
    supplier: 'Reed',
  };
  await world.as('lead').send(setStockItem, {
    params: { id },
    body: { id: newId(), item: { ...item, ...more }, version: null, at: at() },
  });
  await world.as('lead').send(countStock, {
    params: { id },
    body: { id: newId(), by: onHand, why: 'delivered', note: '', at: at() },
  });
  return id;
}
const onHand = async (id: string): Promise<number | undefined> =>
  (await world.as('desk').send(listStock)).items.find((item) => item.id === id)?.onHand;
type Used = NonNullable<BodyOf<typeof finishRepair>['used']>[number];
const used = (
  itemId: string,
  findingId: string,
  count = 1,
  position: 'front' | 'only' | null = 'front',
): Used => ({
  itemId,
  count,
  findingId,
  fits: position === null ? null : { partId: newId(), position, anyway: '' },
});
const finish = (repairId: string, findingId: string, more: Partial<BodyOf<typeof finishRepair>> = {}) =>
  world.as('mechanic').send(finishRepair, {
    params: { id: repairId },
    body: {
      id: newId(),
      work: [{ findingId, done: 'New pads' }],
      touched: [],
      minutes: 20,
      at: at(),
      ...more,
    },
  });
/** Looks again at all that is asked, by somebody else: the keys that were. */
async function lookAgain(bike: Bike, repairId: string): Promise<string[]> {
  const by = world.as('inspector');
  const check = await by.send(openRecheck, { params: { id: repairId }, body: { id: newId(), at: at() } });
  const author = world.idOf('inspector');
  const marks = marksFor(check.checklist, bike.build, author, at(), []);
  await by.send(addMarks, { params: { id: check.id }, body: { marks } });
  await by.send(signCheck, {
    params: { id: check.id },
    body: { id: newId(), author, markIds: marks.map((mark) => mark.id), at: at() },
  });
  return marks.map((mark) => questionKey(mark));
}

describe('a repair that uses parts', () => {
  it('counts them down, fits them, asks anew what they touch, and the bike is cleared by the release', async () => {
    const { bike, repairId, findingId } = await onTheBench();
    const pads = await shelf(3);
    // Nothing is ticked as touched: renewed pads touch the brake all the same.
    const { repair } = await finish(repairId, findingId, {
      used: [used(pads, findingId)],
      torques: [{ joint: 'caliper-mount', newtonMetres: 7 }],
    });
    expect(repair).toMatchObject({
      touched: [{ touch: 'brake-work', position: 'front' }],
      used: [{ name: 'Sea pads', price: 1450, count: 1 }],
      torques: [{ joint: 'caliper-mount', newtonMetres: 7 }],
    });
    expect(await onHand(pads)).toBe(2);
    expect((await world.as('desk').send(listFitments, { params: { id: bike.id } })).fitments).toMatchObject([
      { part: { kind: 'pads', name: 'Sea pads' }, position: 'front', removedAt: null },
    ]);
    expect(await lookAgain(bike, repairId)).toEqual(
      expect.arrayContaining(['stops-wheel@front', 'disc-pads@front', 'lever-travel@front']),
    );
    expect((await world.fitness(bike.id)).fitness).toBe('held');
    await world
      .as('mechanic')
      .send(releaseBike, { params: { id: bike.id }, body: { id: newId(), note: '', at: at() } });
    // The whole look before the repair and the look after it stand together.
    expect((await world.fitness(bike.id)).fitness).toBe('cleared');
  });

  it('renews: what sat in the place is off, and a second repair’s part is another', async () => {
    const { bike, repairId, findingId } = await onTheBench();
    const pads = await shelf(5);
    expect(
      await refusalOf(finish(repairId, findingId, { used: [used(pads, findingId), used(pads, findingId)] })),
    ).toBe('400 body.invalid');
    await finish(repairId, findingId, { used: [used(pads, findingId)] });
    // It failed again: another repair, another set.
    const { findings } = await world.check(bike, {
      exceptions: [{ checkpoint: 'stops-wheel', position: 'front', more: faulty('none') }],
    });
    const again = newId();
    await world.as('mechanic').send(startRepair, {
      body: { id: again, bikeId: bike.id, findingIds: [findings[0]?.id ?? ''], at: at() },
    });
    await finish(again, findings[0]?.id ?? '', { used: [used(pads, findings[0]?.id ?? '')] });
    const { fitments } = await world.as('desk').send(listFitments, { params: { id: bike.id } });
    expect(fitments.map((each) => each.removedAt === null)).toEqual([true, false]);
    expect(await onHand(pads)).toBe(3);
  });

  it('takes no more than lies there: refused by field, nothing done, nothing counted', async () => {
    const { bike, repairId, findingId } = await onTheBench();
    const pads = await shelf(1);
    const two = { used: [used(pads, findingId), used(pads, findingId, 1, null)] };
    const answer = await world.as('mechanic').raw('POST', `/api/v1/repairs/${repairId}/done`, {
      ...{ id: newId(), work: [{ findingId, done: 'New pads' }], touched: [], minutes: 1, at: at() },
      ...two,
    });
    expect(await answer.json()).toMatchObject({
      code: 'stock.not-enough',
      params: { onHand: 0, count: 1 },
      fields: [{ path: 'used.1.count' }],
    });
    expect(await onHand(pads)).toBe(1);
    expect((await world.bikeNow(bike.id)).facts.findings).toMatchObject([{ state: 'in-work' }]);
  });

  it('gives the last one to one of two benches', async () => {
    const pads = await shelf(1);
    const both = [await onTheBench(), await onTheBench()];
    const said = await Promise.all(
      both.map(({ repairId, findingId }) =>
        refusalOf(finish(repairId, findingId, { used: [used(pads, findingId)] })),
      ),
    );
    expect([...said].sort()).toEqual(['409 stock.not-enough', 'accepted']);
    expect(await onHand(pads)).toBe(0);
  });

  it('refuses a part the build speaks against, one for a finding it does not repair, one nobody keeps', async () => {
    const { repairId, findingId } = await onTheBench();
    const rim = await shelf(1, { facts: { brake: 'rim' } });
    expect(await refusalOf(finish(repairId, findingId, { used: [used(rim, findingId)] }))).toBe(
      '409 part.does-not-fit',
    );
    expect(await refusalOf(finish(repairId, findingId, { used: [used(rim, newId())] }))).toBe(
      '400 body.invalid',
    );
    expect(await refusalOf(finish(repairId, findingId, { used: [used(newId(), findingId)] }))).toBe(
      '404 not-found',
    );
    expect(await onHand(rim)).toBe(1);
  });

  it('refuses a joint left tighter than the least of what is stated for it', async () => {
    const { bike, repairId, findingId } = await onTheBench();
    const now = await world.bikeNow(bike.id);
    await world.as('lead').send(changeBike, {
      params: { id: bike.id },
      body: { ...fieldsOf(now), fit: { 'torqueMax:caliper-mount': 8 }, version: now.version },
    });
    const set = (newtonMetres: number) =>
      finish(repairId, findingId, { torques: [{ joint: 'caliper-mount', newtonMetres }] });
    expect(await refusalOf(set(8.1))).toBe('422 repair.over-torque');
    expect((await set(8)).repair.state).toBe('done');
  });

  it('is planned, waits for a part, and what it counts on is told with the shelf', async () => {
    const { bike, repairId, findingId } = await onTheBench();
    const pads = await shelf(0);
    const plan = {
      ...{ stand: '2', personId: world.idOf('mechanic2'), needs: [{ itemId: pads, count: 2 }] },
      waits: { for: 'parts' as const, what: 'Sea pads', until: at() + 86_400_000, since: at() },
    };
    const send = (more: object = {}) =>
      world.as('mechanic').send(planRepair, {
        params: { id: repairId },
        body: { id: newId(), plan: { ...plan, ...more }, at: at() },
      });
    expect((await send()).repair.plan).toEqual(plan);
    expect((await world.as('desk').send(listStock)).needs).toContainEqual({
      itemId: pads,
      count: 2,
      tag: bike.tag,
    });
    expect(await refusalOf(send({ needs: [{ itemId: newId(), count: 1 }] }))).toBe('404 not-found');
    await finish(repairId, findingId);
    expect(await refusalOf(send())).toBe('409 repair.already-done');
    expect((await world.as('desk').send(listStock)).needs.filter((need) => need.itemId === pads)).toEqual([]);
  });
});

describe('a hang-tag', () => {
  it('hangs on a held bike only, once, and the release asks for it back', async () => {
    const fit = await world.bike(`W${(tags += 1)}`);
    await world.check(fit);
    const hang = (bike: Bike, name: string, by = 'inspector') =>
      world.as(by).send(hangTag, { params: { id: bike.id }, body: { id: newId(), hangTag: name, at: at() } });
    expect(await refusalOf(hang(fit, 'Plate 3'))).toBe('409 release.not-held');
    const { bike, repairId, findingId } = await onTheBench();
    expect((await hang(bike, 'Plate 3')).facts.holds).toMatchObject([{ hangTag: 'Plate 3' }]);
    expect(await refusalOf(hang(bike, 'Plate 4'))).toBe('409 hang-tag.hangs-already');
    expect(await refusalOf(hang(bike, 'Plate 4', 'desk'))).toBe('403 act.not-allowed');
    await finish(repairId, findingId, { touched: [{ touch: 'brake-work', position: 'front' }] });
    await lookAgain(bike, repairId);
    const release = (back?: boolean) =>
      world.as('lead').send(releaseBike, {
        params: { id: bike.id },
        body: { id: newId(), note: '', hangTagBack: back, at: at() },
      });
    expect(await refusalOf(release())).toBe('409 release.hang-tag-out');
    expect((await world.fitness(bike.id)).fitness).toBe('held');
    await release(true);
    expect((await world.fitness(bike.id)).fitness).toBe('cleared');
  });
});

describe('what repairs cost', () => {
  it('adds parts as priced on the day and minutes at the house’s rate, for one bike as for all', async () => {
    await changePolicy(world.as('lead'), { money: { currency: 'EUR', hourlyRate: 3600 } }, 'a rate');
    const { bike, repairId, findingId } = await onTheBench();
    const pads = await shelf(9);
    await finish(repairId, findingId, { used: [used(pads, findingId, 2)], minutes: 30 });
    const of = (query: object) =>
      world.as('desk').send(listCosts, { query: { from: 0, to: at() + 1, ...query } });
    const one = await of({ bikeId: bike.id });
    expect(one.total).toEqual({ key: 'total', repairs: 1, minutes: 30, parts: 2900, cost: 4700 });
    expect(one.byFinding).toMatchObject([{ cost: 4700 }]);
    expect(one.byMonth).toMatchObject([{ key: '2026-06', cost: 4700 }]);
    const all = await of({});
    expect(all.byBike.find((row) => row.key === bike.id)?.cost).toBe(4700);
    expect(all.total.cost).toBeCloseTo(all.byKind.reduce((sum, row) => sum + row.cost, 0));
    expect((await of({ to: 1 })).total).toMatchObject({ repairs: 0, cost: 0 });
  });
});
