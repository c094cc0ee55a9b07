import type { BikeFeature } from '@cadre/server/fitness';
import { repairEntity } from './entities';
import { repairFacts } from './facts';
import { repairProjections } from './events';

export const repairsFeature: BikeFeature = {
  name: 'repairs',
  projected: [repairEntity],
  projections: repairProjections,
  may: {
    'repair.started': 'repair',
    'repair.planned': 'repair',
    'repair.done': 'repair',
    'bike.released': 'release',
    'hang-tag.hung': 'mark',
  },
  facts: [repairFacts],
};
