import { route, type Told } from '@cadre/contract/http';
import type * as schemas from './schemas';

export type Campaign = Told<typeof schemas.campaign>;

export const listCampaigns = route<typeof schemas.listCampaigns>({
  name: 'campaigns.list',
  method: 'GET',
  path: '/api/v1/campaigns',
  act: 'see',
});

export const setCampaign = route<typeof schemas.setCampaign>({
  name: 'campaigns.set',
  method: 'PUT',
  path: '/api/v1/campaigns/:id',
  act: 'edit-fleet',
});

export const endCampaign = route<typeof schemas.endCampaign>({
  name: 'campaigns.end',
  method: 'POST',
  path: '/api/v1/campaigns/:id/end',
  act: 'edit-fleet',
});
