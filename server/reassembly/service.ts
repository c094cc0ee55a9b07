import { itemContent } from '@cadre/core/authorship';
import type { Bike } from '@cadre/contract/fleet';
import type { BodyOf } from '@cadre/contract/http';
import type { leaveApart, putTogether } from '@cadre/contract/reassembly';
import { describeBike } from '@cadre/server/fleet';
import { authorOf } from '@cadre/server/people';
import { chainOfBike, chainOfBikeOf, RefusedError, type EventLog } from '@cadre/server/platform/event-log';
import { requireAct, type Actor } from '@cadre/server/platform/http';
import { notReassembledEntity } from './entities';
import type { ReassemblyEvents } from './events';

/** What is left apart on a bike keeps it off the trail until somebody puts it together. */
export class Reassembly {
  constructor(private readonly log: EventLog<ReassemblyEvents>) {}

  async leaveApart(actor: Actor, bikeId: string, body: BodyOf<typeof leaveApart>): Promise<Bike> {
    requireAct(actor, 'mark');
    const by = body.author ?? actor.id;
    return this.log.act(
      { chain: chainOfBike(bikeId), id: body.id, request: itemContent({ bikeId }, body), author: actor.id },
      async (tx) => {
        await authorOf(tx, actor, 'mark', {
          kind: 'not-reassembled',
          id: body.id,
          author: by,
          content: itemContent({ bikeId }, body),
          proof: body.proof,
          warns: true,
        });
        return {
          kind: 'not-reassembled.opened',
          body: { bikeId, itemId: body.id, what: body.what, by },
          happenedAt: body.at,
        };
      },
      (tx) => describeBike(tx, bikeId),
    );
  }

  async putTogether(actor: Actor, itemId: string, body: BodyOf<typeof putTogether>): Promise<Bike> {
    requireAct(actor, 'mark');
    return this.log.act(
      {
        chain: chainOfBikeOf('not-reassembled', 'not_reassembled', itemId),
        id: body.id,
        request: { itemId, ...body },
        author: actor.id,
      },
      async (tx) => {
        const item = await tx.getRepository(notReassembledEntity).findOneByOrFail({ id: itemId });
        if (item.closedAt) throw new RefusedError('not-reassembled.already-closed');
        return { kind: 'not-reassembled.closed', body: { bikeId: item.bikeId, itemId }, happenedAt: body.at };
      },
      async (tx) =>
        describeBike(
          tx,
          (await tx.getRepository(notReassembledEntity).findOneByOrFail({ id: itemId })).bikeId,
        ),
    );
  }
}
