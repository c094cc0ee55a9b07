import { bikeStateEntity, holdEntity } from './entities';
import { holdFacts } from './facts';
import type { BikeFeature } from './sources';

export const fitnessFeature: BikeFeature = {
  name: 'fitness',
  projected: [holdEntity, bikeStateEntity],
  facts: [holdFacts],
};
