import type { Want } from '@cadre/core/schedule';
import type { Projections } from '@cadre/server/platform/event-log';
import { outingGroupEntity, type OutingGroupRow } from './entities';

export interface GroupDocument {
  readonly id: string;
  readonly siteId: string;
  readonly name: string;
  readonly outAt: number;
  readonly backAt: number;
  readonly wants: readonly Want[];
}

export interface ScheduleEvents {
  'group.added': { group: GroupDocument };
  'group.changed': { group: GroupDocument };
  'group.removed': { groupId: string };
}

function rowOf({ id, siteId, name, outAt, backAt, wants }: GroupDocument): Omit<OutingGroupRow, 'version'> {
  return { id, siteId, name, outAt: new Date(outAt), backAt: new Date(backAt), wanted: wants };
}

export const scheduleProjections: Projections<ScheduleEvents> = {
  async 'group.added'(tx, { body }) {
    await tx.getRepository(outingGroupEntity).insert({ ...rowOf(body.group), version: 1 });
  },
  async 'group.changed'(tx, { body }) {
    const { id, ...rest } = rowOf(body.group);
    await tx.getRepository(outingGroupEntity).update({ id }, { ...rest, version: () => 'version + 1' });
  },
  async 'group.removed'(tx, { body }) {
    await tx.getRepository(outingGroupEntity).delete({ id: body.groupId });
  },
};
