import type { Projections } from '@cadre/server/platform/event-log';
import { notReassembledEntity } from './entities';

export interface ReassemblyEvents {
  /** `by`: who left it so, where somebody else's session delivered it. */
  'not-reassembled.opened': { bikeId: string; itemId: string; what: string; by?: string };
  'not-reassembled.closed': { bikeId: string; itemId: string };
}

export const reassemblyProjections: Projections<ReassemblyEvents> = {
  async 'not-reassembled.opened'(tx, { body: { itemId: id, bikeId, what, by }, author, happenedAt }) {
    await tx
      .getRepository(notReassembledEntity)
      .insert({ id, bikeId, what, by: by ?? author ?? '', since: new Date(happenedAt) });
  },
  async 'not-reassembled.closed'(tx, { body, author, happenedAt }) {
    await tx
      .getRepository(notReassembledEntity)
      .update({ id: body.itemId }, { closedBy: author, closedAt: new Date(happenedAt) });
  },
};
