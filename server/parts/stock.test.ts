import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { v7 as newId } from 'uuid';
import { countStock, listStock, setStockItem, type StockItem } from '@cadre/contract/parts';
import { orderPdf } from './order-pdf';
import { refusalOf, World } from '../../testing/world';
import { stocked } from '../../testing/act-helpers';

let world: World;
beforeAll(async () => {
  world = await World.open();
});
afterAll(() => world.close());

const at = (): number => world.clock.now;
const itemById = async (id: string): Promise<StockItem | undefined> =>
  (await world.as('desk').send(listStock)).items.find((item) => item.id === id);
const count = (id: string, by: number, why: 'delivered' | 'counted' | 'lost' = 'counted', actId = newId()) =>
  world.as('mechanic').send(countStock, { params: { id }, body: { id: actId, by, why, note: '', at: at() } });

describe('the shelf', () => {
  it('counts in and down, and a repeat counts once', async () => {
    const id = await stocked(world, 4);
    const act = newId();
    const sent = at();
    const body = { id: act, by: -1, why: 'lost' as const, note: '', at: sent };
    await world.as('mechanic').send(countStock, { params: { id }, body });
    await world.as('mechanic').send(countStock, { params: { id }, body });
    expect(await itemById(id)).toMatchObject({ onHand: 3, version: 1 });
  });

  it('never says fewer than none: the count is refused by field, and the database would not keep it either', async () => {
    const id = await stocked(world, 2);
    expect(await refusalOf(count(id, -3))).toBe('409 stock.below-nothing');
    expect((await itemById(id))?.onHand).toBe(2);
    await expect(
      world.database.owner.query('UPDATE stock_item SET onHand = -1 WHERE id = ?', [id]),
    ).rejects.toMatchObject({ errno: 4025 });
  });

  it('is edited by its version, and tells both sides when somebody else was first', async () => {
    const id = await stocked(world, 1);
    const { onHand: _onHand, version, id: _id, ...item } = (await itemById(id)) as StockItem;
    const set = (name: string, from: number | null) =>
      world.as('mechanic').send(setStockItem, {
        params: { id },
        body: { id: newId(), item: { ...item, name }, version: from, at: at() },
      });
    expect(await set('Sea pads', version)).toMatchObject({
      name: 'Sea pads',
      onHand: 1,
      version: version + 1,
    });
    expect(await refusalOf(set('Moor pads', version))).toBe('409 conflict.version');
    expect(await refusalOf(set('Moor pads', null))).toBe('409 conflict.version');
  });

  it('refuses a marking no part can carry, by its field', async () => {
    const {
      onHand: _onHand,
      version: _version,
      id: _id,
      ...item
    } = (await itemById(await stocked(world, 1))) as StockItem;
    const answer = await world.as('lead').raw('PUT', `/api/v1/stock/${newId()}`, {
      id: newId(),
      item: { ...item, markings: { rotorMinFront: 99 } },
      version: null,
      at: at(),
    });
    expect(await answer.json()).toMatchObject({
      code: 'body.invalid',
      fields: [{ path: 'item.markings.rotorMinFront' }],
    });
  });

  it('is ordered as a document that is one', async () => {
    await stocked(world, 0);
    const answer = await world.as('lead').raw('GET', '/api/v1/stock/order.pdf');
    expect(answer.headers.get('content-type')).toBe('application/pdf');
    const bytes = Buffer.from(await answer.arrayBuffer());
    expect(bytes.subarray(0, 5).toString()).toBe('%PDF-');
    expect(bytes.length).toBeGreaterThan(5000);
  });

  it('is dated by the site’s day: an hour before midnight by the world’s time it is the next one there', async () => {
    const late = Date.UTC(2026, 5, 10, 23, 15);
    const pdf = await orderPdf(world.database.source, [], late);
    expect(pdf.toString('latin1')).toContain('Reorder list, Test quay, 2026-06-11');
  });
});
