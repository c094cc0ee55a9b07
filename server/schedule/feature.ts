import type { Feature } from '@cadre/server/platform/feature';
import { outingGroupEntity } from './entities';
import { scheduleProjections } from './events';

export const scheduleFeature: Feature = {
  name: 'schedule',
  projected: [outingGroupEntity],
  projections: scheduleProjections,
  may: { 'group.added': 'edit-fleet', 'group.changed': 'edit-fleet', 'group.removed': 'edit-fleet' },
};
