import type { Feature } from '@cadre/server/platform/feature';
import { equipmentEntity, instrumentUseEntity } from './entities';
import { equipmentListens, equipmentProjections } from './events';

export const equipmentFeature: Feature = {
  name: 'equipment',
  projected: [equipmentEntity, instrumentUseEntity],
  projections: equipmentProjections,
  listens: equipmentListens,
  taken: { equipment_tag: 'tag.taken' },
  may: {
    'equipment.set': 'edit-fleet',
    'equipment.checked': 'repair',
    'equipment.withdrawn': 'edit-fleet',
  },
};
