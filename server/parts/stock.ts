import { In, type DataSource, type EntityManager } from 'typeorm';
import type { AnswerOf, BodyOf } from '@cadre/contract/http';
import type { countStock, listStock, setStockItem, StockItem } from '@cadre/contract/parts';
import { fitIssues } from '@cadre/core/fleet';
import { orderList, type PartNeed, type SupplierOrder } from '@cadre/core/parts';
import { requireAct, type Actor } from '@cadre/server/platform/http';
import { PROGRAM_CHAIN, RefusedError, type EventLog } from '@cadre/server/platform/event-log';
import type { PartEvents } from './events';
import { stockItemEntity, type StockItemRow } from './entities';

/** The items, locked until the act is over: two benches cannot both take the last one. In order of id, so that two acts never wait for each other. */
export async function lockItems(
  tx: EntityManager,
  ids: readonly string[],
): Promise<ReadonlyMap<string, StockItemRow>> {
  const rows = await tx
    .getRepository(stockItemEntity)
    .find({ where: { id: In([...ids]) }, order: { id: 'ASC' }, lock: { mode: 'pessimistic_write' } });
  for (const id of ids)
    if (!rows.some((row) => row.id === id)) throw new RefusedError('not-found', { what: 'part-in-stock' });
  return new Map(rows.map((row) => [row.id, row]));
}

/** What open repairs count on: asked of the feature that has the repairs. */
export type OpenNeeds = (tx: EntityManager) => Promise<readonly PartNeed[]>;

/** The shelf: what is kept of which part, counted in by hand and down by repairs. */
export class Stock {
  constructor(
    private readonly source: DataSource,
    private readonly log: EventLog<PartEvents>,
    private readonly openNeeds: OpenNeeds,
  ) {}

  async list(actor: Actor): Promise<AnswerOf<typeof listStock>> {
    requireAct(actor, 'see');
    const tx = this.source.manager;
    const items = await tx
      .getRepository(stockItemEntity)
      .find({ order: { kind: 'ASC', name: 'ASC', id: 'ASC' } });
    return { items, needs: [...(await this.openNeeds(tx))] };
  }

  async set(actor: Actor, itemId: string, body: BodyOf<typeof setStockItem>): Promise<StockItem> {
    requireAct(actor, 'edit-fleet');
    const issues = fitIssues(body.item.markings);
    if (issues.length > 0)
      throw new RefusedError(
        'body.invalid',
        {},
        { fields: issues.map((each) => ({ ...each, path: each.path.replace(/^fit/, 'item.markings') })) },
      );
    return this.log.act(
      { chain: PROGRAM_CHAIN, id: body.id, request: { itemId, ...body }, author: actor.id },
      async (tx) => {
        const before = await tx.getRepository(stockItemEntity).findOneBy({ id: itemId });
        if ((before?.version ?? null) !== body.version)
          throw new RefusedError('conflict.version', {}, before ? { current: before } : {});
        return { kind: 'stock.item-set', body: { itemId, item: body.item }, happenedAt: body.at };
      },
      (tx) => this.one(tx, itemId),
    );
  }

  /** Counted in, or the shelf counted anew. Never under nothing: then the count that was is wrong, and somebody must look. */
  async count(actor: Actor, itemId: string, body: BodyOf<typeof countStock>): Promise<StockItem> {
    requireAct(actor, 'edit-fleet');
    return this.log.act(
      { chain: PROGRAM_CHAIN, id: body.id, request: { itemId, ...body }, author: actor.id },
      async (tx) => {
        const item = (await lockItems(tx, [itemId])).get(itemId);
        if (item && item.onHand + body.by < 0)
          throw new RefusedError(
            'stock.below-nothing',
            { name: item.name, onHand: item.onHand },
            { fields: [{ path: 'by', code: 'too_small' }] },
          );
        return {
          kind: 'stock.counted',
          body: { itemId, by: body.by, why: body.why, note: body.note },
          happenedAt: body.at,
        };
      },
      (tx) => this.one(tx, itemId),
    );
  }

  async toOrder(actor: Actor): Promise<readonly SupplierOrder[]> {
    const { items, needs } = await this.list(actor);
    return orderList(items, needs);
  }

  private async one(tx: EntityManager, id: string): Promise<StockItem> {
    return tx.getRepository(stockItemEntity).findOneByOrFail({ id });
  }
}
