import { Not } from 'typeorm';
import { TRACES } from '@cadre/core/shipped';
import type { FactSource } from '@cadre/server/fitness';
import { traceRunEntity } from './entities';

/** Searches in which causes that stop the bike are not excluded hold it. */
export const tracingFacts: FactSource = {
  name: 'traces',
  gather: async (tx, bikeId) => {
    const rows = await tx
      .getRepository(traceRunEntity)
      .find({ where: { bikeId, state: Not('closed' as const) }, order: { beganAt: 'ASC', id: 'ASC' } });
    const held = rows.filter(({ holding }) => holding.length > 0);
    if (held.length === 0) return { traces: undefined };
    return {
      traces: held.map(({ id, trace, holding }) => ({
        ...{ id, causes: [...holding] },
        name: TRACES.find(({ key }) => key === trace)?.name ?? trace,
      })),
    };
  },
};
