import type { Finding } from '@cadre/core/findings';
import type { LeakAnswer } from '@cadre/core/measures';
import type { Gauged, Wait } from '@cadre/core/waits';
import { saveFindings } from '@cadre/server/findings';
import type { FleetEvents } from '@cadre/server/fleet';
import type { Projections } from '@cadre/server/platform/event-log';
import { waitEntity } from './entities';

export interface WaitEvents {
  'wait.set': { bikeId: string; wait: Wait };
  /** By itself, when its time had come. */
  'wait.raised': { bikeId: string; waitId: string; what: string };
  /** What the look found; `againAt` when it goes on. */
  'wait.answered': {
    bikeId: string;
    waitId: string;
    what: string;
    gauged: Gauged | null;
    note: string;
    said: string;
    perDay: number | null;
    /** What a tyre left to stand showed, as the answer tells it. */
    leak: Pick<
      LeakAnswer,
      'outcome' | 'because' | 'perDay' | 'perDayLeast' | 'perDayMost' | 'hoursToFloor'
    > | null;
    againAt: number | null;
    findings: readonly Finding[];
  };
}

export const waitProjections: Projections<WaitEvents> = {
  async 'wait.set'(tx, { body: { bikeId, wait } }) {
    const { id, outings, outingsUsed } = wait;
    const dueAt = wait.dueAt === null ? null : new Date(wait.dueAt);
    await tx
      .getRepository(waitEntity)
      .insert({ id, bikeId, wait, dueAt, outings, outingsUsed, raisedAt: null, endedAt: null });
  },
  async 'wait.raised'(tx, { body, happenedAt }) {
    await tx.getRepository(waitEntity).update({ id: body.waitId }, { raisedAt: new Date(happenedAt) });
  },
  /** Over, or going on: then it raises itself anew. */
  async 'wait.answered'(tx, { body: { waitId: id, bikeId, againAt, findings }, happenedAt }) {
    const next =
      againAt === null ? { endedAt: new Date(happenedAt) } : { dueAt: new Date(againAt), raisedAt: null };
    await tx.getRepository(waitEntity).update({ id }, next);
    await saveFindings(tx, bikeId, findings);
  },
};

export const waitsListen: Pick<Projections<FleetEvents>, 'bike.moved'> = {
  /** One outing more for what waits for outings. */
  async 'bike.moved'(tx, { body: { bikeId, to } }) {
    if (to === 'out')
      await tx.query(
        'UPDATE bike_wait SET outingsUsed = outingsUsed + 1 WHERE bikeId = ? AND outings IS NOT NULL AND endedAt IS NULL',
        [bikeId],
      );
  },
};
