import type { BikeFeature } from '@cadre/server/fitness';
import { notReassembledEntity } from './entities';
import { reassemblyFacts } from './facts';
import { reassemblyProjections } from './events';

export const reassemblyFeature: BikeFeature = {
  name: 'reassembly',
  projected: [notReassembledEntity],
  projections: reassemblyProjections,
  may: { 'not-reassembled.opened': 'mark', 'not-reassembled.closed': 'mark' },
  facts: [reassemblyFacts],
};
