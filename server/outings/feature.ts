import type { BikeFeature } from '@cadre/server/fitness';
import { outingEntity } from './entities';
import { outingProjections, outingsListen } from './events';
import { returnFacts } from './facts';

export const outingsFeature: BikeFeature = {
  name: 'outings',
  projected: [outingEntity],
  projections: outingProjections,
  listens: outingsListen,
  facts: [returnFacts],
  changes: { 'outing.started': [], 'outing.ended': ['returns'] },
  may: { 'outing.started': 'hand-out', 'outing.ended': 'hand-out' },
  quiet: ['outing.started', 'outing.ended'],
};
