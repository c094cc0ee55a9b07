import type { Touched } from '@cadre/core/catalogue';
import { EntitySchema } from 'typeorm';
import type { RepairPlan, TightenedJoint, UsedPart } from '@cadre/core/repairs';
import { json, key, moment, uuid, whole, word } from '@cadre/server/platform/database';

export interface RepairRow {
  id: string;
  bikeId: string;
  state: 'started' | 'done' | 'rechecked';
  findingIds: readonly string[];
  startedBy: string;
  startedAt: Date;
  doneBy: string | null;
  doneAt: Date | null;
  work: readonly { findingId: string; done: string }[];
  touched: readonly Touched[];
  minutes: number | null;
  recheckCheckId: string | null;
  plan: RepairPlan;
  used: readonly UsedPart[];
  torques: readonly TightenedJoint[];
}
export const repairEntity = new EntitySchema<RepairRow>({
  name: 'repair',
  columns: {
    id: key(),
    bikeId: uuid(),
    state: word(),
    findingIds: json(),
    startedBy: uuid(),
    startedAt: moment(),
    doneBy: uuid({ nullable: true }),
    doneAt: moment({ nullable: true }),
    work: json(),
    touched: json(),
    minutes: whole({ nullable: true }),
    recheckCheckId: uuid({ nullable: true }),
    plan: json(),
    used: json(),
    torques: json(),
  },
  indices: [
    { name: 'repair_bike', columns: ['bikeId', 'state'] },
    { name: 'repair_done', columns: ['doneAt'] },
  ],
});
