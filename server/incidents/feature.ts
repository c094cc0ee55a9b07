import type { BikeFeature } from '@cadre/server/fitness';
import { incidentEntity } from './entities';
import { incidentFacts } from './facts';
import { incidentProjections } from './events';

export const incidentsFeature: BikeFeature = {
  name: 'incidents',
  projected: [incidentEntity],
  projections: incidentProjections,
  may: { 'incident.reported': 'hand-out' },
  facts: [incidentFacts],
};
