import type { Want } from '@cadre/core/schedule';

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
