import { In, MoreThan, type DataSource, type EntityManager } from 'typeorm';
import type { AnswerOf, BodyOf } from '@cadre/contract/http';
import type {
  inspectKit,
  KitItem,
  lendKit,
  listKit,
  packKit,
  returnKit,
  setKitItem,
} from '@cadre/contract/kit';
import { kitNeeds, kitProblems, missingIssues, PROTECTIVE_KIT } from '@cadre/core/kit';
import type { PartNeed } from '@cadre/core/parts';
import { siteDay } from '@cadre/core/schedule';
import type { FieldIssue } from '@cadre/core/errors';
import { siteEntity } from '@cadre/server/fleet';
import { lockItems, stockItemEntity } from '@cadre/server/parts';
import {
  chainOfSentSite,
  chainOfSiteOf,
  RefusedError,
  type EventLog,
} from '@cadre/server/platform/event-log';
import { requireAct, type Actor } from '@cadre/server/platform/http';
import { outingGroupEntity, type OutingGroupRow } from '@cadre/server/schedule';
import { kitItemEntity, type KitItemRow } from './entities';
import type { KitEvents } from './events';

const itemOf = ({ since, inspectedAt, ...row }: KitItemRow): KitItem => ({
  ...row,
  contents: row.contents.map((each) => ({ ...each })),
  missing: row.missing.map((each) => ({ ...each })),
  since: since?.getTime() ?? null,
  inspectedAt: inspectedAt?.getTime() ?? null,
});

/** What was packed for a group that never fetched it and is over is free again. */
const freeIfOver = (row: KitItemRow, coming: ReadonlySet<string>): KitItemRow =>
  row.whereabouts === 'packed' && !coming.has(row.groupId ?? '')
    ? { ...row, whereabouts: 'in', groupId: null, groupName: '' }
    : row;

const refusedField = (path: string, code: FieldIssue['code']): RefusedError =>
  new RefusedError('body.invalid', {}, { fields: [{ path, code }] });

const chainOfItem = (id: string | undefined) => chainOfSiteOf('kit', 'kit_item', id ?? '');

/** What kit that came back incomplete needs of the spare parts. */
export async function kitPartNeeds(tx: EntityManager): Promise<readonly PartNeed[]> {
  return kitNeeds(await tx.getRepository(kitItemEntity).find({ order: { tag: 'ASC' } })).parts;
}

/** Helmets, seats, pumps and pouches: set up, set aside for groups, lent, taken back, inspected. */
export class Kit {
  constructor(
    private readonly source: DataSource,
    private readonly log: EventLog<KitEvents>,
    private readonly now: () => number,
  ) {}

  async list(actor: Actor): Promise<AnswerOf<typeof listKit>> {
    requireAct(actor, 'see');
    const tx = this.source.manager;
    const rows = await tx.getRepository(kitItemEntity).find({ order: { kind: 'ASC', tag: 'ASC' } });
    const coming = await this.groupsComing(tx, rows);
    return { items: rows.map((row) => itemOf(freeIfOver(row, coming))) };
  }

  /** Which of the groups that items are packed for are not over yet. */
  private async groupsComing(tx: EntityManager, rows: readonly KitItemRow[]): Promise<ReadonlySet<string>> {
    const ids = rows.flatMap(({ whereabouts, groupId }) =>
      whereabouts === 'packed' && groupId ? [groupId] : [],
    );
    const groups = await tx
      .getRepository(outingGroupEntity)
      .findBy({ id: In(ids), backAt: MoreThan(new Date(this.now())) });
    return new Set(groups.map(({ id }) => id));
  }

  async set(actor: Actor, itemId: string, body: BodyOf<typeof setKitItem>): Promise<KitItem> {
    requireAct(actor, 'edit-fleet');
    const { item, version } = body;
    return this.log.act(
      { chain: chainOfSentSite(item.siteId), id: body.id, request: { itemId, ...body }, author: actor.id },
      async (tx) => {
        const items = tx.getRepository(kitItemEntity);
        const before = await items.findOneBy({ id: itemId });
        if ((before?.version ?? null) !== version)
          throw new RefusedError('conflict.version', {}, before ? { current: itemOf(before) } : {});
        // Its record stands on the chain of its site.
        if (before && before.siteId !== item.siteId) throw refusedField('item.siteId', 'not-at-this-site');
        const same = await items.findOneBy({ tag: item.tag });
        if (same && same.id !== itemId)
          throw new RefusedError(
            'tag.taken',
            { tag: item.tag },
            { fields: [{ path: 'item.tag', code: 'taken' }] },
          );
        for (const [at, { name, stockItemId }] of item.contents.entries()) {
          if (item.contents.findIndex((each) => each.name === name) !== at)
            throw refusedField(`item.contents.${at}.name`, 'twice');
          if (stockItemId && !(await tx.getRepository(stockItemEntity).existsBy({ id: stockItemId })))
            throw refusedField(`item.contents.${at}.stockItemId`, 'unknown');
        }
        return { kind: 'kit.item-set', body: { itemId, item } };
      },
      async (tx) => this.one(tx, itemId),
    );
  }

  async pack(actor: Actor, body: BodyOf<typeof packKit>): Promise<AnswerOf<typeof packKit>> {
    requireAct(actor, 'hand-out');
    return this.log.act(
      {
        chain: chainOfSiteOf('group', 'outing_group', body.groupId),
        id: body.id,
        request: body,
        author: actor.id,
      },
      async (tx) => {
        const group = await this.groupComing(tx, body.groupId);
        const rows = await this.rowsOf(tx, body.itemIds, group.siteId);
        for (const row of rows) await this.refuseUnready(tx, row, group.id);
        return {
          kind: 'kit.packed',
          body: { groupId: group.id, groupName: group.name, itemIds: body.itemIds },
          happenedAt: body.at,
        };
      },
      (tx) => this.answer(tx, body.itemIds),
    );
  }

  async lend(actor: Actor, body: BodyOf<typeof lendKit>): Promise<AnswerOf<typeof lendKit>> {
    requireAct(actor, 'hand-out');
    return this.log.act(
      { chain: chainOfItem(body.itemIds[0]), id: body.id, request: body, author: actor.id },
      async (tx) => {
        const rows = await this.rowsOf(tx, body.itemIds);
        for (const row of rows) await this.refuseUnready(tx, row, body.groupId);
        const group = body.groupId ? await this.groupComing(tx, body.groupId) : null;
        if (group && group.siteId !== rows[0]?.siteId) throw refusedField('groupId', 'not-at-this-site');
        return {
          kind: 'kit.lent',
          body: { groupId: body.groupId, groupName: group?.name ?? '', itemIds: body.itemIds },
          happenedAt: body.at,
        };
      },
      (tx) => this.answer(tx, body.itemIds),
    );
  }

  async takeBack(actor: Actor, body: BodyOf<typeof returnKit>): Promise<AnswerOf<typeof returnKit>> {
    requireAct(actor, 'hand-out');
    const ids = body.items.map(({ itemId }) => itemId);
    return this.log.act(
      { chain: chainOfItem(ids[0]), id: body.id, request: body, author: actor.id },
      async (tx) => {
        const rows = await this.rowsOf(tx, ids, undefined, 'items');
        const items = await Promise.all(
          body.items.map(async ({ impact, ...each }, at) => {
            const row = rows[at] as KitItemRow;
            if (row.whereabouts !== 'out') throw new RefusedError('kit.not-out', { tag: row.tag });
            const [issue] = missingIssues(row.contents, each.missing);
            if (issue) throw refusedField(`items.${at}.${issue.path}`, issue.code);
            const impactOn = impact ? await this.dayAt(tx, row.siteId) : null;
            return { ...each, impactOn };
          }),
        );
        return { kind: 'kit.returned', body: { items }, happenedAt: body.at };
      },
      (tx) => this.answer(tx, ids),
    );
  }

  async inspect(actor: Actor, itemId: string, body: BodyOf<typeof inspectKit>): Promise<KitItem> {
    requireAct(actor, 'mark');
    return this.log.act(
      { chain: chainOfItem(itemId), id: body.id, request: { itemId, ...body }, author: actor.id },
      async (tx) => {
        const [row] = await this.rowsOf(tx, [itemId]);
        if (!row) throw new RefusedError('not-found', { what: 'kit' });
        const { ready, note } = body;
        if (row.whereabouts === 'out') throw new RefusedError('kit.not-in', { tag: row.tag });
        // Withdrawn for good is said once; a blow that was none is for the workshop, with the reason.
        if (row.withdrawn !== null) throw new RefusedError('kit.withdrawn', { tag: row.tag });
        if (ready && PROTECTIVE_KIT.has(row.kind)) requireAct(actor, 'co-sign');
        if (ready && row.impactOn !== null) requireAct(actor, 'release');
        if ((!ready || row.impactOn !== null) && note === '') throw refusedField('note', 'required');
        const filled = ready ? await this.fillUp(tx, row) : [];
        return {
          kind: 'kit.inspected',
          body: { itemId, ready, note, by: actor.id, filled },
          happenedAt: body.at,
        };
      },
      async (tx) => this.one(tx, itemId),
    );
  }

  /** What goes into an item from the spare parts. Refused where there are not as many: then the count is wrong. */
  private async fillUp(
    tx: EntityManager,
    row: KitItemRow,
  ): Promise<readonly { readonly itemId: string; readonly count: number }[]> {
    const byItem = new Map<string, number>();
    for (const { itemId, count } of kitNeeds([row]).parts)
      byItem.set(itemId, (byItem.get(itemId) ?? 0) + count);
    if (byItem.size === 0) return [];
    const stock = await lockItems(tx, [...byItem.keys()]);
    return [...byItem].map(([itemId, count]) => {
      const { name, onHand } = stock.get(itemId) ?? { name: '', onHand: 0 };
      if (onHand < count) throw new RefusedError('stock.not-enough', { name, onHand, count });
      return { itemId, count };
    });
  }

  private async refuseUnready(tx: EntityManager, known: KitItemRow, groupId: string | null): Promise<void> {
    const row = freeIfOver(known, await this.groupsComing(tx, [known]));
    const { tag, siteId, whereabouts } = row;
    if (whereabouts === 'out') throw new RefusedError('kit.not-in', { tag });
    if (whereabouts === 'packed' && row.groupId !== groupId)
      throw new RefusedError('kit.packed-for-other', { tag, name: row.groupName });
    const [problem] = kitProblems(row, await this.dayAt(tx, siteId));
    if (problem) throw new RefusedError('kit.not-ready', { tag, problem });
  }

  private async groupComing(tx: EntityManager, id: string): Promise<OutingGroupRow> {
    const group = await tx.getRepository(outingGroupEntity).findOneBy({ id });
    if (!group) throw new RefusedError('not-found', { what: 'group' });
    if (group.backAt.getTime() <= this.now()) throw new RefusedError('group.over', { name: group.name });
    return group;
  }

  /** The items of an act, in its order, all of one site. */
  private async rowsOf(
    tx: EntityManager,
    ids: readonly string[],
    siteId?: string,
    path = 'itemIds',
  ): Promise<readonly KitItemRow[]> {
    const found = new Map(
      (await tx.getRepository(kitItemEntity).findBy({ id: In([...ids]) })).map((row) => [row.id, row]),
    );
    const site = siteId ?? found.get(ids[0] ?? '')?.siteId;
    return ids.map((id, at) => {
      const row = found.get(id);
      if (!row) throw new RefusedError('not-found', { what: 'kit' });
      if (ids.indexOf(id) !== at) throw refusedField(`${path}.${at}`, 'twice');
      if (row.siteId !== site) throw refusedField(`${path}.${at}`, 'not-at-this-site');
      return row;
    });
  }

  private async dayAt(tx: EntityManager, siteId: string): Promise<string> {
    const { timeZone } = await tx.getRepository(siteEntity).findOneByOrFail({ id: siteId });
    return siteDay(this.now(), timeZone);
  }

  private async one(tx: EntityManager, id: string): Promise<KitItem> {
    return itemOf(await tx.getRepository(kitItemEntity).findOneByOrFail({ id }));
  }

  private async answer(tx: EntityManager, ids: readonly string[]): Promise<{ items: KitItem[] }> {
    const rows = await tx
      .getRepository(kitItemEntity)
      .find({ where: { id: In([...ids]) }, order: { kind: 'ASC', tag: 'ASC' } });
    return { items: rows.map(itemOf) };
  }
}
