import type { Projections } from '@cadre/server/platform/event-log';
import { calendarAddressEntity } from './entities';

export interface CalendarEvents {
  'calendar-address.made': { addressId: string; personId: string; siteId: string; tokenHash: string };
  'calendar-address.ended': { addressId: string };
}

export const calendarProjections: Projections<CalendarEvents> = {
  async 'calendar-address.made'(tx, { body: { addressId: id, ...rest }, happenedAt }) {
    await tx.getRepository(calendarAddressEntity).insert({ id, ...rest, madeAt: new Date(happenedAt) });
  },
  async 'calendar-address.ended'(tx, { body }) {
    await tx.getRepository(calendarAddressEntity).delete({ id: body.addressId });
  },
};
