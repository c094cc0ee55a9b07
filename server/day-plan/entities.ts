import { EntitySchema } from 'typeorm';
import type { DayPlanTold } from '@cadre/contract/day-plan';
import { json, key, moment, uuid, whole, word } from '@cadre/server/platform/database';

/** Who does what on a day of a site. */
export interface DayPlanRow {
  id: string;
  siteId: string;
  /** Of the site's calendar, "2026-11-30". */
  day: string;
  plan: Pick<DayPlanTold, 'people' | 'items' | 'unmet' | 'needed' | 'gap'>;
  madeBy: string;
  madeAt: Date;
  version: number;
}
export const dayPlanEntity = new EntitySchema<DayPlanRow>({
  name: 'day_plan',
  columns: {
    id: key(),
    siteId: uuid(),
    day: word(),
    plan: json(),
    madeBy: uuid(),
    madeAt: moment(),
    version: whole(),
  },
  indices: [{ name: 'day_plan_of', columns: ['siteId', 'day'], unique: true }],
});
