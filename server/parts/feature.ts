import type { Feature } from '@cadre/server/platform/feature';
import { stockItemEntity } from './entities';
import { partProjections } from './events';

export const partsFeature: Feature = {
  name: 'parts',
  projected: [stockItemEntity],
  projections: partProjections,
  quiet: ['part.removed'],
};
