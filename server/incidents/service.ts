import type { Bike } from '@cadre/contract/fleet';
import type { BodyOf } from '@cadre/contract/http';
import type { reportIncident } from '@cadre/contract/incidents';
import { describeBike } from '@cadre/server/fleet';
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
}
