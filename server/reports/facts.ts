import type { FactSource } from '@cadre/server/fitness';
import { reportEntity } from './entities';

export const reportFacts: FactSource = {
  name: 'reports',
  gather: async (tx, bikeId) => ({
    reports: (
      await tx
        .getRepository(reportEntity)
        .find({ where: { bikeId, state: 'unread' }, order: { at: 'ASC', id: 'ASC' } })
    ).map(({ id, holds }) => ({ id, holds })),
  }),
};
