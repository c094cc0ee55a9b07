import { EntitySchema } from 'typeorm';
import type { Campaign } from '@cadre/contract/campaign';
import { json, key, moment, uuid, whole, word, words, yes } from '@cadre/server/platform/database';

export type CampaignPlanned = Pick<
  Campaign,
  'stands' | 'standMinutes' | 'people' | 'bikes' | 'slots' | 'slips' | 'gap'
>;

/** A fleet to be done by a date. */
export interface CampaignRow {
  id: string;
  siteId: string;
  name: string;
  checklistKey: string;
  /** Of the site's calendar, "2026-11-30". */
  byDay: string;
  plan: CampaignPlanned;
  madeBy: string;
  madeAt: Date;
  ended: boolean;
  version: number;
}
export const campaignEntity = new EntitySchema<CampaignRow>({
  name: 'campaign',
  columns: {
    id: key(),
    siteId: uuid(),
    name: words(80),
    checklistKey: word(),
    byDay: word(),
    plan: json(),
    madeBy: uuid(),
    madeAt: moment(),
    ended: yes(),
    version: whole(),
  },
});
