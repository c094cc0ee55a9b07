import type { Feature } from '@cadre/server/platform/feature';
import { roundEntity, standingRoundEntity } from './entities';
import { roundListens, roundProjections } from './events';

export const roundsFeature: Feature = {
  name: 'rounds',
  projected: [roundEntity, standingRoundEntity],
  projections: roundProjections,
  listens: roundListens,
  may: {
    'round.made': 'sign',
    'round.changed': 'sign',
    'round.closed': 'sign',
    'standing-round.set': 'edit-fleet',
  },
};
