import type { Projections } from '@cadre/server/platform/event-log';
import { dayPlanEntity, type DayPlanRow } from './entities';

export interface DayPlanEvents {
  'day-plan.set': { dayPlanId: string; siteId: string; day: string; plan: DayPlanRow['plan'] };
}

export const dayPlanProjections: Projections<DayPlanEvents> = {
  async 'day-plan.set'(tx, { body: { dayPlanId: id, siteId, day, plan }, author, happenedAt }) {
    const plans = tx.getRepository(dayPlanEntity);
    const made = { plan, madeBy: author ?? '', madeAt: new Date(happenedAt) };
    if (await plans.existsBy({ id }))
      await plans.update({ id }, { ...made, version: () => 'version + 1' } as object);
    else await plans.insert({ id, siteId, day, ...made, version: 1 });
  },
};
