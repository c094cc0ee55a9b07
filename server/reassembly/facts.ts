import { IsNull } from 'typeorm';
import type { FactSource } from '@cadre/server/fitness';
import { notReassembledEntity } from './entities';

export const reassemblyFacts: FactSource = {
  name: 'notReassembled',
  async gather(tx, bikeId) {
    const items = await tx
      .getRepository(notReassembledEntity)
      .find({ where: { bikeId, closedAt: IsNull() } });
    return {
      notReassembled: items
        .map(({ id, what, by }) => ({ id, what, by }))
        .sort((a, b) => (a.id < b.id ? -1 : 1)),
    };
  },
};
