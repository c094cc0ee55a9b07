import type { Feature } from '@cadre/server/platform/feature';
import { programEntity } from '@cadre/server/people';
import { setupProjections } from './events';

export const setupFeature: Feature = {
  name: 'setup',
  projected: [programEntity],
  projections: setupProjections,
  secret: ['demo_clock'],
};
