import type { Feature } from '@cadre/server/platform/feature';
import { outingGroupEntity } from './entities';
import { scheduleProjections } from './events';

export const scheduleFeature: Feature = {
  name: 'schedule',
  projected: [outingGroupEntity],
  projections: scheduleProjections,
};
