import type { BikeFeature } from '@cadre/server/fitness';
import { assessmentEntity } from './entities';
import { assessmentFacts, assessmentProjections } from './events';

export const assessmentFeature: BikeFeature = {
  name: 'assessment',
  projected: [assessmentEntity],
  projections: assessmentProjections,
  facts: [assessmentFacts],
  quiet: ['assessment.priced'],
};
