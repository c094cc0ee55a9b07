import { EntitySchema } from 'typeorm';
import type { Intake } from '@cadre/contract/intake';
import { json, key, moment, uuid, whole, word, words } from '@cadre/server/platform/database';

/** A used bike on offer. */
export interface IntakeRow {
  id: string;
  bikeId: string;
  from: string;
  asking: number;
  worth: number;
  prices: Intake['prices'];
  state: Intake['state'];
  reason: string;
  openedBy: string;
  openedAt: Date;
  decidedBy: string | null;
  decidedAt: Date | null;
}
export const intakeEntity = new EntitySchema<IntakeRow>({
  name: 'intake',
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
