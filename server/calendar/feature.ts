import type { Feature } from '@cadre/server/platform/feature';
import { calendarAddressEntity } from './entities';
import { calendarProjections } from './events';

export const calendarFeature: Feature = {
  name: 'calendar',
  projected: [calendarAddressEntity],
  taken: { calendar_address_token: 'body.invalid' },
  secret: ['calendar_address'],
  projections: calendarProjections,
  may: { 'calendar-address.made': 'see', 'calendar-address.ended': 'see' },
};
