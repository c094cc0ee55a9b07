import type { Projections } from '@cadre/server/platform/event-log';
import { campaignEntity, type CampaignRow } from './entities';

export interface CampaignEvents {
  'campaign.set': {
    campaignId: string;
    siteId: string;
    name: string;
    checklistKey: string;
    byDay: string;
    plan: CampaignRow['plan'];
  };
  'campaign.ended': { campaignId: string };
}

const next = { version: () => 'version + 1' };

export const campaignProjections: Projections<CampaignEvents> = {
  async 'campaign.set'(tx, { body: { campaignId: id, ...said }, author, happenedAt }) {
    const campaigns = tx.getRepository(campaignEntity);
    // What was done since it was first made stays done, however often it is planned again.
    if (await campaigns.existsBy({ id })) await campaigns.update({ id }, { ...said, ...next } as object);
    else
      await campaigns.insert({
        ...{ id, ...said, madeBy: author ?? '', madeAt: new Date(happenedAt) },
        ...{ ended: false, version: 1 },
      });
  },
  async 'campaign.ended'(tx, { body: { campaignId: id } }) {
    await tx.getRepository(campaignEntity).update({ id }, { ended: true, ...next });
  },
};
