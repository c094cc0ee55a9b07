import type { BikeFeature } from '@cadre/server/fitness';
import { notReassembledEntity } from './entities';
import { reassemblyFacts } from './facts';
import { reassemblyProjections } from './projections';

export const reassemblyFeature: BikeFeature = {
  name: 'reassembly',
  projected: [notReassembledEntity],
  projections: reassemblyProjections,
  facts: [reassemblyFacts],
};
