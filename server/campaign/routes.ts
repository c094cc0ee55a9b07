import { endCampaign, listCampaigns, setCampaign } from '@cadre/contract/campaign';
import { answering, type Implemented } from '@cadre/server/platform/http';
import type { Campaigns } from './service';

export const campaignRoutes = (campaigns: Campaigns): readonly Implemented[] => [
  answering(listCampaigns, async (_sent, actor) => campaigns.list(actor)),
  answering(setCampaign, async ({ params, body }, actor) => campaigns.set(actor, params.id, body)),
  answering(endCampaign, async ({ params, body }, actor) => campaigns.end(actor, params.id, body)),
];
