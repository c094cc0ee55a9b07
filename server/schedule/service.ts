import { HOUR_MS } from '@cadre/core/time';
import { Between, type DataSource, type EntityManager } from 'typeorm';
import type { AnswerOf, BodyOf } from '@cadre/contract/http';
import type { addGroup, changeGroup, Group, listGroups, removeGroup } from '@cadre/contract/schedule';
import { siteEntity } from '@cadre/server/fleet';
import { requireAct, type Actor } from '@cadre/server/platform/http';
import {
  chainOfSentSite,
  chainOfSiteOf,
  RefusedError,
  type EventLog,
} from '@cadre/server/platform/event-log';
import type { GroupDocument, ScheduleEvents } from './events';
import { outingGroupEntity, type OutingGroupRow } from './entities';

function groupOf(row: OutingGroupRow): Group {
  const { wanted, outAt, backAt, ...rest } = row;
  return {
    ...rest,
    outAt: outAt.getTime(),
    backAt: backAt.getTime(),
    wants: wanted,
  };
}

/** Groups of about now, for the strip on every screen: those not long back, and those of the next two days. */
export async function groupsAround(tx: EntityManager, now: number): Promise<Group[]> {
  return groupsBetween(tx, now - 12 * HOUR_MS, now + 48 * HOUR_MS);
}

async function groupsBetween(tx: EntityManager, from: number, until: number): Promise<Group[]> {
  const rows = await tx.getRepository(outingGroupEntity).find({
    where: { backAt: Between(new Date(from), new Date(until + 14 * 24 * HOUR_MS)) },
    order: { outAt: 'ASC', id: 'ASC' },
  });
  return rows.filter((row) => row.outAt.getTime() <= until).map(groupOf);
}

function documentOf(id: string, body: Omit<GroupDocument, 'id'>): GroupDocument {
  if (body.backAt <= body.outAt)
    throw new RefusedError(
      'group.ends-before-it-begins',
      {},
      { fields: [{ path: 'backAt', code: 'not-after-out' }] },
    );
  return {
    id,
    siteId: body.siteId,
    name: body.name,
    outAt: body.outAt,
    backAt: body.backAt,
    wants: body.wants.map((want) => ({ ...want })),
  };
}

const chainOfGroup = (id: string) => chainOfSiteOf('group', 'outing_group', id);

async function refuseSite(tx: EntityManager, siteId: string): Promise<void> {
  if (!(await tx.getRepository(siteEntity).existsBy({ id: siteId })))
    throw new RefusedError('body.invalid', {}, { fields: [{ path: 'siteId', code: 'unknown' }] });
}

/** People due out at a time, with how many bikes of which size and kind. */
export class Groups {
  constructor(
    private readonly source: DataSource,
    private readonly log: EventLog<ScheduleEvents>,
  ) {}

  async list(actor: Actor, query: { from: number; until: number }): Promise<AnswerOf<typeof listGroups>> {
    requireAct(actor, 'see');
    return { groups: await groupsBetween(this.source.manager, query.from, query.until) };
  }

  private async find(tx: EntityManager, id: string): Promise<OutingGroupRow> {
    const row = await tx.getRepository(outingGroupEntity).findOneBy({ id });
    if (!row) throw new RefusedError('not-found', { what: 'group' });
    return row;
  }

  async add(actor: Actor, body: BodyOf<typeof addGroup>): Promise<Group> {
    requireAct(actor, 'edit-fleet');
    return this.log.act(
      { chain: chainOfSentSite(body.siteId), id: body.id, request: body, author: actor.id },
      async () => ({ kind: 'group.added', body: { group: documentOf(body.id, body) } }),
      async (tx) => groupOf(await this.find(tx, body.id)),
    );
  }

  async change(actor: Actor, id: string, body: BodyOf<typeof changeGroup>): Promise<Group> {
    requireAct(actor, 'edit-fleet');
    return this.log.act(
      { chain: chainOfGroup(id), id: body.id, request: { groupId: id, ...body }, author: actor.id },
      async (tx) => {
        await refuseSite(tx, body.siteId);
        const before = await this.find(tx, id);
        if (before.version !== body.version)
          throw new RefusedError('conflict.version', {}, { current: groupOf(before) });
        return { kind: 'group.changed', body: { group: documentOf(id, body) } };
      },
      async (tx) => groupOf(await this.find(tx, id)),
    );
  }

  async remove(actor: Actor, id: string, body: BodyOf<typeof removeGroup>): Promise<{ done: true }> {
    requireAct(actor, 'edit-fleet');
    return this.log.act(
      { chain: chainOfGroup(id), id: body.id, request: { groupId: id, ...body }, author: actor.id },
      async (tx) => {
        await this.find(tx, id);
        return { kind: 'group.removed', body: { groupId: id } };
      },
      async () => ({ done: true as const }),
    );
  }
}
