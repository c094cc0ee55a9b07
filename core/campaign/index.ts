export { doneBy, planCampaign, planCampaignQuickly, type PlannedCampaign } from './plan-campaign';
export {
  SLIP_BECAUSE,
  type CampaignBike,
  type CampaignPlan,
  type CampaignProblem,
  type SlipBecause,
  type Slot,
} from './problem';
