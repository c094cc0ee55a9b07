import type { BikeFeature } from '@cadre/server/fitness';
import { waitEntity } from './entities';
import { waitProjections, waitsListen } from './events';
import { waitFacts } from './rows';

export const waitsFeature: BikeFeature = {
  name: 'waits',
  projected: [waitEntity],
  projections: waitProjections,
  listens: waitsListen,
  facts: [waitFacts],
  quiet: ['wait.set'],
};
