import type { BikeFeature } from '@cadre/server/fitness';
import { timedRecheckEntity } from './entities';
import { timedRecheckProjections, timedRechecksListen } from './events';
import { timedRecheckFacts } from './rows';

export const timedRechecksFeature: BikeFeature = {
  name: 'timed-rechecks',
  projected: [timedRecheckEntity],
  projections: timedRecheckProjections,
  may: { 'timed-recheck.set': 'mark', 'timed-recheck.answered': 'mark' },
  listens: timedRechecksListen,
  facts: [timedRecheckFacts],
  quiet: ['timed-recheck.set'],
};
