import type { BikeFeature } from '@cadre/server/fitness';
import { punctureEntity, traceRunEntity } from './entities';
import { tracingProjections } from './events';
import { tracingFacts } from './facts';

export const tracingFeature: BikeFeature = {
  name: 'tracing',
  projected: [traceRunEntity, punctureEntity],
  projections: tracingProjections,
  facts: [tracingFacts],
  changes: {
    'trace.saved': ['traces'],
    'trace.ended': ['traces', 'findings'],
    'trace.proved': ['traces'],
    'trace.closed': ['traces'],
    'puncture.recorded': [],
  },
  may: {
    'trace.saved': 'mark',
    'trace.ended': 'mark',
    'trace.proved': 'repair',
    'trace.closed': 'release',
    'puncture.recorded': 'mark',
  },
};
