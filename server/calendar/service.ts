import type { DataSource, EntityManager } from 'typeorm';
import type {
  CalendarAddress,
  endCalendarAddress,
  listCalendarAddresses,
  makeCalendarAddress,
} from '@cadre/contract/calendar';
import type { AnswerOf, BodyOf } from '@cadre/contract/http';
import { personEntity } from '@cadre/server/people';
import {
  chainOfSentSite,
  chainOfSiteOf,
  RefusedError,
  sha256,
  type EventLog,
} from '@cadre/server/platform/event-log';
import { requireAct, type Actor } from '@cadre/server/platform/http';
import { calendarAddressEntity, type CalendarAddressRow } from './entities';
import type { CalendarEvents } from './events';
import { siteCalendar } from './site-calendar';

/** More than anybody has calendar programs. */
const MOST_EACH = 20;

const told = ({ id, siteId, madeAt }: CalendarAddressRow): CalendarAddress => ({
  id,
  siteId,
  madeAt: madeAt.getTime(),
});

async function ownAddresses(tx: EntityManager, personId: string): Promise<CalendarAddress[]> {
  const rows = await tx
    .getRepository(calendarAddressEntity)
    .find({ where: { personId }, order: { madeAt: 'ASC', id: 'ASC' } });
  return rows.map(told);
}

/** Private addresses at which calendar programs read what a site has to do. */
export class Calendars {
  constructor(
    private readonly source: DataSource,
    private readonly log: EventLog<CalendarEvents>,
    private readonly now: () => number,
  ) {}

  async list(actor: Actor): Promise<AnswerOf<typeof listCalendarAddresses>> {
    requireAct(actor, 'see');
    return { addresses: await ownAddresses(this.source.manager, actor.id) };
  }

  async make(actor: Actor, body: BodyOf<typeof makeCalendarAddress>): Promise<CalendarAddress> {
    requireAct(actor, 'see');
    const { id, siteId, token } = body;
    const tokenHash = sha256(token);
    return this.log.act(
      // The token itself is written down nowhere, the request's own digest included.
      { chain: chainOfSentSite(siteId), id, request: { id, siteId, tokenHash }, author: actor.id },
      async (tx) => {
        if ((await ownAddresses(tx, actor.id)).length >= MOST_EACH)
          throw new RefusedError('body.invalid', {}, { fields: [{ path: 'siteId', code: 'too-many' }] });
        if (await tx.getRepository(calendarAddressEntity).existsBy({ tokenHash }))
          throw new RefusedError('body.invalid', {}, { fields: [{ path: 'token', code: 'taken' }] });
        return {
          kind: 'calendar-address.made',
          body: { addressId: id, personId: actor.id, siteId, tokenHash },
        };
      },
      async (tx) => told(await tx.getRepository(calendarAddressEntity).findOneByOrFail({ id })),
    );
  }

  async end(
    actor: Actor,
    addressId: string,
    body: BodyOf<typeof endCalendarAddress>,
  ): Promise<AnswerOf<typeof endCalendarAddress>> {
    requireAct(actor, 'see');
    const { id } = body;
    return this.log.act(
      {
        chain: chainOfSiteOf('address', 'calendar_address', addressId),
        id,
        request: { id, addressId },
        author: actor.id,
      },
      async (tx) => {
        const own = await tx
          .getRepository(calendarAddressEntity)
          .existsBy({ id: addressId, personId: actor.id });
        if (!own) throw new RefusedError('not-found', { what: 'address' });
        return { kind: 'calendar-address.ended', body: { addressId } };
      },
      async (tx) => ({ addresses: await ownAddresses(tx, actor.id) }),
    );
  }

  /** What stands behind an address as an iCalendar file; null for one that is unknown or was ended, or whose person has left. */
  async read(token: string): Promise<string | null> {
    const tx = this.source.manager;
    const address = await tx.getRepository(calendarAddressEntity).findOneBy({ tokenHash: sha256(token) });
    const active =
      address && (await tx.getRepository(personEntity).existsBy({ id: address.personId, active: true }));
    return active ? siteCalendar(tx, address.siteId, this.now()) : null;
  }
}
