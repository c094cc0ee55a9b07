export { campaignFeature } from './feature';
export { describeCampaigns, openCampaigns } from './read';
export { campaignRoutes } from './routes';
export { Campaigns } from './service';
