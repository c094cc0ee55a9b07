import type { BikeFeature } from '@cadre/server/fitness';
import { leftApartEntity } from './entities';
import { reassemblyFacts } from './facts';
import { reassemblyProjections } from './projections';

export const reassemblyFeature: BikeFeature = {
  name: 'reassembly',
  projected: [leftApartEntity],
  projections: reassemblyProjections,
  facts: [reassemblyFacts],
};
