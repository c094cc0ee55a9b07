import { v7 as newId } from 'uuid';
import type { Bike } from '@cadre/contract/fleet';
import type { BodyOf } from '@cadre/contract/http';
import type { reportIncident, reportIncidents } from '@cadre/contract/incidents';
import { bikesOfOneSite, describeBike, describeBikes } from '@cadre/server/fleet';
import { requireAct, type Actor } from '@cadre/server/platform/http';
import { chainOfBike, type EventLog } from '@cadre/server/platform/event-log';
import type { IncidentEvents } from './events';

/** What happened to bikes out there, told at the desk or in the shed. */
export class Incidents {
  constructor(
    private readonly log: EventLog<IncidentEvents>,
    private readonly now: () => number,
  ) {}

  /** It counts from when it is told, by the server's clock: what was begun by then was not looked at for it, whatever a device takes for now. */
  async report(actor: Actor, bikeId: string, body: BodyOf<typeof reportIncident>): Promise<Bike> {
    requireAct(actor, 'hand-out');
    return this.log.act(
      { chain: chainOfBike(bikeId), id: body.id, request: { bikeId, ...body }, author: actor.id },
      () => {
        const incident = { id: body.id, kind: body.kind, at: this.now(), by: actor.id, note: body.note };
        return Promise.resolve({
          kind: 'incident.reported' as const,
          body: { bikeId, incident },
          happenedAt: body.at,
        });
      },
      (tx) => describeBike(tx, bikeId),
    );
  }

  /** The same happened to several bikes of one site: all are held, or the act is refused. */
  async reportMany(actor: Actor, body: BodyOf<typeof reportIncidents>): Promise<{ bikes: Bike[] }> {
    requireAct(actor, 'hand-out');
    const { bikeIds, kind, note } = body;
    return this.log.act(
      { chain: chainOfBike(bikeIds[0] ?? ''), id: body.id, request: body, author: actor.id },
      async (tx) => {
        await bikesOfOneSite(tx, bikeIds);
        return bikeIds.map((bikeId) => ({
          kind: 'incident.reported' as const,
          body: { bikeId, incident: { id: newId(), kind, at: this.now(), by: actor.id, note } },
          happenedAt: body.at,
        }));
      },
      async (tx) => ({
        bikes: await describeBikes(
          tx,
          bikeIds.map((id) => ({ id })),
        ),
      }),
    );
  }
}
