import type { Feature } from '@cadre/server/platform/feature';
import { campaignEntity } from './entities';
import { campaignProjections } from './events';

export const campaignFeature: Feature = {
  name: 'campaign',
  projected: [campaignEntity],
  projections: campaignProjections,
  may: { 'campaign.set': 'edit-fleet', 'campaign.ended': 'edit-fleet' },
};
