import { IsNull } from 'typeorm';
import type { FactSource } from '@cadre/server/fitness';
import { leftApartEntity } from './entities';

export const reassemblyFacts: FactSource = {
  name: 'leftApart',
  async gather(tx, bikeId) {
    const items = await tx.getRepository(leftApartEntity).find({ where: { bikeId, closedAt: IsNull() } });
    return {
      leftApart: items.map(({ id, what, by }) => ({ id, what, by })).sort((a, b) => (a.id < b.id ? -1 : 1)),
    };
  },
};
