import { endValidity } from '@cadre/server/checks';
import type { Projections } from '@cadre/server/platform/event-log';
import { mishapEntity } from './entities';
import type { MishapEvents } from './events';

export const mishapProjections: Projections<MishapEvents> = {
  /** Written down, and what the bike was looked over for before it happened no longer counts. */
  async 'mishap.reported'(tx, { body: { bikeId, mishap } }) {
    const { id, kind, by, note } = mishap;
    const at = new Date(mishap.at);
    await tx.getRepository(mishapEntity).insert({ id, bikeId, kind, at, by, note });
    await endValidity(tx, [bikeId], at);
  },
};
