export { useCampaigns } from './use-campaigns';
export { campaignViews } from './views';
