import type { Feature } from '@cadre/server/platform/feature';
import { eventPrepEntity } from './entities';
import { eventPrepListens, eventPrepProjections } from './events';

export const eventPrepFeature: Feature = {
  name: 'event-prep',
  projected: [eventPrepEntity],
  projections: eventPrepProjections,
  listens: eventPrepListens,
  may: { 'event-prep.set': 'sign', 'event-prep.called-off': 'sign' },
};
