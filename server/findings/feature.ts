import type { BikeFeature } from '@cadre/server/fitness';
import { findingEntity } from './entities';
import { findingProjections, findingsListen } from './events';
import { findingFacts } from './rows';

export const findingsFeature: BikeFeature = {
  name: 'findings',
  projected: [findingEntity],
  projections: findingProjections,
  listens: findingsListen,
  facts: [findingFacts],
};
