import type { Conditions } from '@cadre/core/catalogue';
import type { ReturnCause, ReturnWay } from '@cadre/core/outings';
import { IsNull, type EntityManager } from 'typeorm';
import type { FleetEvents } from '@cadre/server/fleet';
import type { Projections } from '@cadre/server/platform/event-log';
import { outingEntity, type OutingRow } from './entities';

export interface OutingEvents {
  /** With whom a bike that was just handed out goes, and when it is expected back. */
  'outing.started': { bikeId: string; groupId: string | null; groupName: string; dueBackAt: number | null };
  /** How a bike that was just taken back comes back; `due`: why the return checklist is due, by the policy of then. */
  'outing.ended': {
    bikeId: string;
    way: ReturnWay;
    conditions: Conditions;
    km: number | null;
    note: string;
    due: ReturnCause | null;
  };
}

/** The newest outing of a bike: that it was just handed out or taken back stands in the same act. */
async function changeNewest(
  tx: EntityManager,
  bikeId: string,
  change: Partial<Omit<OutingRow, 'id' | 'bikeId'>>,
): Promise<void> {
  const outings = tx.getRepository(outingEntity);
  const newest = await outings.findOne({ where: { bikeId }, order: { at: 'DESC', id: 'DESC' } });
  if (newest) await outings.update({ id: newest.id }, change);
}

export const outingProjections: Projections<OutingEvents> = {
  'outing.started': (tx, { body: { bikeId, groupId, groupName, dueBackAt } }) =>
    changeNewest(tx, bikeId, {
      groupId,
      groupName,
      dueBackAt: dueBackAt === null ? null : new Date(dueBackAt),
    }),
  'outing.ended': (tx, { body: { bikeId, way, conditions, km, due } }) =>
    changeNewest(tx, bikeId, {
      way,
      conditions,
      km: km === null ? null : String(km),
      returnCause: due,
    }),
};

export const outingsListen: Pick<Projections<FleetEvents>, 'bike.moved'> = {
  async 'bike.moved'(tx, { id, body: { bikeId, from, to }, happenedAt }) {
    const outings = tx.getRepository(outingEntity);
    const at = new Date(happenedAt);
    if (to === 'out') await outings.insert({ ...NEW_OUTING, id, bikeId, at });
    else if (from === 'out') await outings.update({ bikeId, backAt: IsNull() }, { backAt: at });
  },
};

const NEW_OUTING = {
  groupId: null,
  groupName: '',
  dueBackAt: null,
  backAt: null,
  way: null,
  conditions: null,
  km: null,
  returnCause: null,
} satisfies Omit<OutingRow, 'id' | 'bikeId' | 'at'>;
