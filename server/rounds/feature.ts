import type { Feature } from '@cadre/server/platform/feature';
import { roundEntity, standingRoundEntity } from './entities';
import { roundProjections } from './events';

export const roundsFeature: Feature = {
  name: 'rounds',
  projected: [roundEntity, standingRoundEntity],
  projections: roundProjections,
  may: {
    'round.made': 'sign',
    'round.changed': 'sign',
    'round.closed': 'sign',
    'standing-round.set': 'edit-fleet',
  },
};
