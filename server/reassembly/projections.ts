import type { Projections } from '@cadre/server/platform/event-log';
import { leftApartEntity } from './entities';
import type { ReassemblyEvents } from './events';

export const reassemblyProjections: Projections<ReassemblyEvents> = {
  async 'left-apart.opened'(tx, { body: { itemId: id, bikeId, what, by }, author, happenedAt }) {
    await tx
      .getRepository(leftApartEntity)
      .insert({ id, bikeId, what, by: by ?? author ?? '', since: new Date(happenedAt) });
  },
  async 'left-apart.closed'(tx, { body, author, happenedAt }) {
    await tx
      .getRepository(leftApartEntity)
      .update({ id: body.itemId }, { closedBy: author, closedAt: new Date(happenedAt) });
  },
};
