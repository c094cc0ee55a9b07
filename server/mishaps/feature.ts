import type { BikeFeature } from '@cadre/server/fitness';
import { mishapEntity } from './entities';
import { mishapFacts } from './facts';
import { mishapProjections } from './projections';

export const mishapsFeature: BikeFeature = {
  name: 'mishaps',
  projected: [mishapEntity],
  projections: mishapProjections,
  facts: [mishapFacts],
};
