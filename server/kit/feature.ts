import type { Feature } from '@cadre/server/platform/feature';
import { kitItemEntity } from './entities';
import { kitListens, kitProjections } from './events';

export const kitFeature: Feature = {
  name: 'kit',
  projected: [kitItemEntity],
  projections: kitProjections,
  listens: kitListens,
  taken: { kit_item_tag: 'tag.taken' },
  may: {
    'kit.item-set': 'edit-fleet',
    'kit.packed': 'hand-out',
    'kit.lent': 'hand-out',
    'kit.returned': 'hand-out',
    'kit.inspected': 'mark',
  },
};
