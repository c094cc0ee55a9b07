import type { BikeFeature } from '@cadre/server/fitness';
import { clockProjections } from './events';

export const clockFeature: BikeFeature = {
  name: 'clock',
  projections: clockProjections,
  may: { 'clock.corrected': 'edit-program' },
};
