import { EntitySchema } from 'typeorm';
import type { Assessment } from '@cadre/contract/assessments';
import { json, key, moment, uuid, whole, word, words } from '@cadre/server/platform/database';

/** A used bike on offer. */
export interface AssessmentRow {
  id: string;
  bikeId: string;
  from: string;
  asking: number;
  worth: number;
  prices: Assessment['prices'];
  state: Assessment['state'];
  reason: string;
  openedBy: string;
  openedAt: Date;
  decidedBy: string | null;
  decidedAt: Date | null;
}
export const assessmentEntity = new EntitySchema<AssessmentRow>({
  name: 'assessment',
  columns: {
    id: key(),
    bikeId: uuid(),
    from: words(120),
    asking: whole(),
    worth: whole(),
    prices: json(),
    state: word(),
    reason: words(400),
    openedBy: uuid(),
    openedAt: moment(),
    decidedBy: uuid({ nullable: true }),
    decidedAt: moment({ nullable: true }),
  },
  indices: [{ name: 'intake_bike', columns: ['bikeId', 'state'] }],
});
