import type { Finding } from '@cadre/core/findings';
import type { LeakAnswer } from '@cadre/core/measures';
import type { Gauged, TimedRecheck } from '@cadre/core/timed-rechecks';
import { saveFindings } from '@cadre/server/findings';
import type { FleetEvents } from '@cadre/server/fleet';
import type { Projections } from '@cadre/server/platform/event-log';
import { timedRecheckEntity } from './entities';

export interface TimedRecheckEvents {
  'timed-recheck.set': { bikeId: string; recheck: TimedRecheck };
  /** By itself, when its time had come. */
  'timed-recheck.raised': { bikeId: string; timedRecheckId: string; what: string };
  /** What the look found; `againAt` when it goes on. */
  'timed-recheck.answered': {
    bikeId: string;
    timedRecheckId: string;
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

export const timedRecheckProjections: Projections<TimedRecheckEvents> = {
  async 'timed-recheck.set'(tx, { body: { bikeId, recheck } }) {
    const { id, outings, outingsUsed } = recheck;
    const dueAt = recheck.dueAt === null ? null : new Date(recheck.dueAt);
    await tx
      .getRepository(timedRecheckEntity)
      .insert({ id, bikeId, recheck, dueAt, outings, outingsUsed, raisedAt: null, endedAt: null });
  },
  async 'timed-recheck.raised'(tx, { body, happenedAt }) {
    await tx
      .getRepository(timedRecheckEntity)
      .update({ id: body.timedRecheckId }, { raisedAt: new Date(happenedAt) });
  },
  /** Over, or going on: then it raises itself anew. */
  async 'timed-recheck.answered'(
    tx,
    { body: { timedRecheckId: id, bikeId, againAt, findings }, happenedAt },
  ) {
    const next =
      againAt === null ? { endedAt: new Date(happenedAt) } : { dueAt: new Date(againAt), raisedAt: null };
    await tx.getRepository(timedRecheckEntity).update({ id }, next);
    await saveFindings(tx, bikeId, findings);
  },
};

export const timedRechecksListen: Pick<Projections<FleetEvents>, 'bike.moved'> = {
  /** One outing more for what waits for outings. */
  async 'bike.moved'(tx, { body: { bikeId, to } }) {
    if (to === 'out')
      await tx.query(
        'UPDATE timed_recheck SET outingsUsed = outingsUsed + 1 WHERE bikeId = ? AND outings IS NOT NULL AND endedAt IS NULL',
        [bikeId],
      );
  },
};
