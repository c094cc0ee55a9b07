import type { Feature } from '@cadre/server/platform/feature';
import { bikeReadingEntity } from './entities';
import { wearListens } from './events';

export const wearFeature: Feature = {
  name: 'wear',
  projected: [bikeReadingEntity],
  listens: wearListens,
};
