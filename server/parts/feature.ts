import type { Feature } from '@cadre/server/platform/feature';
import { stockItemEntity } from './entities';
import { partProjections } from './events';

export const partsFeature: Feature = {
  name: 'parts',
  projected: [stockItemEntity],
  projections: partProjections,
  may: {
    'part.fitted': 'edit-fleet',
    'part.removed': 'edit-fleet',
    'stock.item-set': 'edit-fleet',
    'stock.counted': 'edit-fleet',
  },
  quiet: ['part.removed'],
};
