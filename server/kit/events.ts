import { In, type EntityManager } from 'typeorm';
import type { KitFields, KitMissing } from '@cadre/core/kit';
import { stockMoved } from '@cadre/server/parts';
import type { Projections } from '@cadre/server/platform/event-log';
import type { ScheduleEvents } from '@cadre/server/schedule';
import { kitItemEntity, type KitItemRow } from './entities';

/** An item as it came back. */
export interface KitReturn {
  readonly itemId: string;
  readonly missing: readonly KitMissing[];
  readonly damp: boolean;
  /** The day of the impact; null: none was seen or told. */
  readonly impactOn: string | null;
}

export interface KitEvents {
  'kit.item-set': { itemId: string; item: KitFields };
  /** What is set aside for a group from now on, in place of what was. */
  'kit.packed': { groupId: string; groupName: string; itemIds: readonly string[] };
  'kit.lent': { groupId: string | null; groupName: string; itemIds: readonly string[] };
  'kit.returned': { items: readonly KitReturn[] };
  /** `filled`: what was put in from the spare parts. Not ready: withdrawn for good, for the reason of the note. */
  'kit.inspected': {
    itemId: string;
    ready: boolean;
    note: string;
    by: string;
    filled: readonly { readonly itemId: string; readonly count: number }[];
  };
}

const next = { version: () => 'version + 1' };
const IN_STORE = { whereabouts: 'in', groupId: null, groupName: '' } as const;

async function change(
  tx: EntityManager,
  where: Parameters<ReturnType<typeof tx.getRepository<KitItemRow>>['update']>[0],
  to: Partial<KitItemRow>,
): Promise<void> {
  await tx.getRepository(kitItemEntity).update(where, { ...to, ...next } as object);
}

export const kitProjections: Projections<KitEvents> = {
  async 'kit.item-set'(tx, { body: { itemId: id, item } }) {
    const items = tx.getRepository(kitItemEntity);
    const before = await items.findOneBy({ id });
    if (!before) {
      await items.insert({ id, ...item, ...NEW_ITEM });
      return;
    }
    // What does not belong in it any more cannot be missing from it.
    const missing = before.missing.flatMap(({ name, count }) => {
      const content = item.contents.find((each) => each.name === name);
      return content ? [{ name, count: Math.min(count, content.count) }] : [];
    });
    await change(tx, { id }, { ...item, missing });
  },
  async 'kit.packed'(tx, { body: { groupId, groupName, itemIds }, happenedAt }) {
    const since = new Date(happenedAt);
    await change(tx, { groupId, whereabouts: 'packed' }, { ...IN_STORE, since });
    if (itemIds.length > 0)
      await change(tx, { id: In([...itemIds]) }, { whereabouts: 'packed', groupId, groupName, since });
  },
  'kit.lent': (tx, { body: { groupId, groupName, itemIds }, happenedAt }) =>
    change(
      tx,
      { id: In([...itemIds]) },
      { whereabouts: 'out', groupId, groupName, since: new Date(happenedAt) },
    ),
  async 'kit.returned'(tx, { body: { items }, happenedAt }) {
    for (const { itemId: id, missing, damp, impactOn } of items)
      await change(tx, { id }, { ...IN_STORE, since: new Date(happenedAt), missing, damp, impactOn });
  },
  async 'kit.inspected'(tx, { body: { itemId: id, ready, note, by, filled }, happenedAt }) {
    const inspected = { inspectedBy: by, inspectedAt: new Date(happenedAt) };
    if (!ready) {
      await change(tx, { id }, { ...IN_STORE, ...inspected, withdrawn: note });
      return;
    }
    await change(tx, { id }, { ...inspected, missing: [], damp: false, impactOn: null });
    await stockMoved(
      tx,
      filled.map(({ itemId, count }) => ({ itemId, by: -count })),
    );
  },
};

/** What was set aside for a group that does not come is free again. */
export const kitListens: Pick<Projections<ScheduleEvents>, 'group.removed'> = {
  'group.removed': (tx, { body: { groupId }, happenedAt }) =>
    change(tx, { groupId, whereabouts: 'packed' }, { ...IN_STORE, since: new Date(happenedAt) }),
};

const NEW_ITEM = {
  ...IN_STORE,
  since: null,
  missing: [],
  damp: false,
  impactOn: null,
  withdrawn: null,
  inspectedBy: null,
  inspectedAt: null,
  version: 1,
} satisfies Omit<KitItemRow, 'id' | keyof KitFields>;
