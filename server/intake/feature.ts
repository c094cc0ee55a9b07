import type { BikeFeature } from '@cadre/server/fitness';
import { intakeEntity } from './entities';
import { intakeFacts, intakeProjections } from './events';

export const intakeFeature: BikeFeature = {
  name: 'intake',
  projected: [intakeEntity],
  projections: intakeProjections,
  facts: [intakeFacts],
  quiet: ['intake.priced'],
};
