import type { Bike } from '@cadre/contract/fleet';
import type { BodyOf } from '@cadre/contract/http';
import type { reportMishap } from '@cadre/contract/mishaps';
import { describeBike } from '@cadre/server/fleet';
import { requireAct, type Actor } from '@cadre/server/platform/http';
import { chainOfBike, type EventLog } from '@cadre/server/platform/event-log';
import type { MishapEvents } from './events';

/** What happened to bikes out there, told at the desk or in the shed. */
export class Mishaps {
  constructor(
    private readonly log: EventLog<MishapEvents>,
    private readonly now: () => number,
  ) {}

  /** It counts from when it is told, by the server's clock: what was begun by then was not looked at for it, whatever a device takes for now. */
  async report(actor: Actor, bikeId: string, body: BodyOf<typeof reportMishap>): Promise<Bike> {
    requireAct(actor, 'hand-out');
    return this.log.act(
      { chain: chainOfBike(bikeId), id: body.id, request: { bikeId, ...body }, author: actor.id },
      () => {
        const mishap = { id: body.id, kind: body.kind, at: this.now(), by: actor.id, note: body.note };
        return Promise.resolve({
          kind: 'mishap.reported' as const,
          body: { bikeId, mishap },
          happenedAt: body.at,
        });
      },
      (tx) => describeBike(tx, bikeId),
    );
  }
}
