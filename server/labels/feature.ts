import type { Feature } from '@cadre/server/platform/feature';
import { labelCodeEntity } from './entities';
import { labelProjections } from './events';

export const labelsFeature: Feature = {
  name: 'labels',
  tables: [labelCodeEntity],
  secret: ['label_code'],
  projections: labelProjections,
  may: { 'labels.made': 'edit-fleet' },
};
