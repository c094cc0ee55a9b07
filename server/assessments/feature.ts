import type { BikeFeature } from '@cadre/server/fitness';
import { assessmentEntity } from './entities';
import { assessmentFacts, assessmentProjections } from './events';

export const assessmentFeature: BikeFeature = {
  name: 'assessment',
  projected: [assessmentEntity],
  projections: assessmentProjections,
  may: {
    'assessment.opened': 'edit-fleet',
    'assessment.priced': 'edit-fleet',
    'assessment.decided': 'edit-fleet',
  },
  facts: [assessmentFacts],
  quiet: ['assessment.priced'],
};
