import type { Feature } from '@cadre/server/platform/feature';
import { bikeReadingEntity, outingEntity } from './entities';
import { wearListens } from './events';

export const wearFeature: Feature = {
  name: 'wear',
  projected: [bikeReadingEntity, outingEntity],
  listens: wearListens,
};
