import type { BikeFeature } from '@cadre/server/fitness';
import { repairEntity } from './entities';
import { repairFacts } from './facts';
import { repairProjections } from './events';

export const repairsFeature: BikeFeature = {
  name: 'repairs',
  projected: [repairEntity],
  projections: repairProjections,
  facts: [repairFacts],
};
