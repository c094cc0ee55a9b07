import type { BikeFeature } from '@cadre/server/fitness';
import { findingEntity } from './entities';
import { findingProjections, findingsListen } from './events';
import { findingFacts } from './rows';

export const findingsFeature: BikeFeature = {
  name: 'findings',
  projected: [findingEntity],
  projections: findingProjections,
  may: { 'finding.severity-set': 'raise-severity', 'finding.merged': 'raise-severity' },
  listens: findingsListen,
  facts: [findingFacts],
};
