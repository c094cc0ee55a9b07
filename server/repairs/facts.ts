import { In } from 'typeorm';
import type { FactSource } from '@cadre/server/fitness';
import { repairEntity } from './entities';

/** Repairs begun and not rechecked yet. */
export const repairFacts: FactSource = {
  name: 'repairs',
  async gather(tx, bikeId) {
    const repairs = await tx
      .getRepository(repairEntity)
      .find({ where: { bikeId, state: In(['started', 'done']) } });
    return {
      repairs: repairs
        .map(({ id, state }) => ({
          id,
          state: state === 'started' ? ('started' as const) : ('done' as const),
        }))
        .sort((a, b) => (a.id < b.id ? -1 : 1)),
    };
  },
};
