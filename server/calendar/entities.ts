import { EntitySchema } from 'typeorm';
import { digest, key, moment, uuid } from '@cadre/server/platform/database';

/** An address a calendar program reads a site's days at. Its token is known to nobody but whoever made it. */
export interface CalendarAddressRow {
  id: string;
  personId: string;
  siteId: string;
  tokenHash: string;
  madeAt: Date;
}
export const calendarAddressEntity = new EntitySchema<CalendarAddressRow>({
  name: 'calendar_address',
  columns: { id: key(), personId: uuid(), siteId: uuid(), tokenHash: digest(), madeAt: moment() },
  indices: [{ name: 'calendar_address_token', columns: ['tokenHash'], unique: true }],
});
