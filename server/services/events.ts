import { resolveMarks } from '@cadre/core/checks';
import { doneBy } from '@cadre/core/services';
import { In, MoreThan, type EntityManager } from 'typeorm';
import type { CatalogueEvents } from '@cadre/server/catalogue';
import { checkEntity, markEntity, markOf, type CheckEvents } from '@cadre/server/checks';
import { isReplaying } from '@cadre/server/fitness';
import { fitmentEntity, type FleetEvents } from '@cadre/server/fleet';
import type { OutingEvents } from '@cadre/server/outings';
import type { PartEvents } from '@cadre/server/parts';
import type { EventOf, Projections } from '@cadre/server/platform/event-log';
import type { RepairEvents } from '@cadre/server/repairs';
import { everyBike, refreshFacts, refreshServices } from './due';
import { bikeDoneEntity, odometerEntity } from './entities';

export interface ServiceEvents {
  /** Done by itself, in no check and no repair. `name` as it was called then. */
  'service.done': { bikeId: string; service: string; name: string; note: string };
  'odometer.read': { bikeId: string; km: number };
}

/** Notes what was done and when; what was done later stands. */
async function note(
  tx: EntityManager,
  bikeId: string,
  done: readonly { readonly what: string; readonly at: number }[],
): Promise<void> {
  if (done.length === 0) return;
  const rows = done.map(({ what, at }) => [bikeId, what, new Date(at)]);
  await tx.query(
    `INSERT INTO bike_done (bikeId, what, at) VALUES ${rows.map(() => '(?, ?, ?)').join(', ')} ON DUPLICATE KEY UPDATE at = GREATEST(at, VALUES(at))`,
    rows.flat(),
  );
}

/** A replay judges services once, at its end. */
async function judge(tx: EntityManager, bikeId: string): Promise<void> {
  if (!isReplaying(tx)) await refreshServices(tx, [bikeId]);
}

/**
 * The questions that passed in a signed check, or were put right on the spot. A trainee's count once they are co-signed. Answers whatever did
 * not pass.
 */
async function passed(tx: EntityManager, bikeId: string, checkId: string): Promise<readonly string[]> {
  const marks = (await tx.getRepository(markEntity).findBy({ checkId })).map(markOf);
  const answers = [...resolveMarks(marks)].map(([question, { outcome, marks: of }]) => ({
    what: doneBy.pass(question),
    sound: outcome === 'pass' || outcome === 'fixed',
    at: Math.max(...of.map((mark) => mark.at)),
  }));
  await note(
    tx,
    bikeId,
    answers.filter((each) => each.sound),
  );
  return answers.filter((each) => !each.sound).map((each) => each.what);
}

/** The clock had been ahead: what was done at times that never were counts for nothing, and is done anew or overdue. */
export async function forgetDoneAfter(tx: EntityManager, at: number): Promise<void> {
  const late = { at: MoreThan(new Date(at)) };
  const [done, readings] = [tx.getRepository(bikeDoneEntity), tx.getRepository(odometerEntity)];
  const touched = [
    ...(await done.find({ where: late, select: { bikeId: true, what: true } })),
    ...(await readings.find({ where: late, select: { id: true, bikeId: true } })),
  ].map((row) => row.bikeId);
  await done.delete(late);
  await readings.delete(late);
  if (!isReplaying(tx)) await refreshFacts(tx, [...new Set(touched)]);
}

export const serviceProjections: Projections<ServiceEvents> = {
  async 'service.done'(tx, { body: { bikeId, service }, happenedAt }) {
    await note(tx, bikeId, [{ what: doneBy.service(service), at: happenedAt }]);
    await judge(tx, bikeId);
  },
  async 'odometer.read'(tx, { id, body: { bikeId, km }, happenedAt, author }) {
    await tx
      .getRepository(odometerEntity)
      .insert({ id, bikeId, km: String(km), at: new Date(happenedAt), by: author });
    await judge(tx, bikeId);
  },
};

type Heard = Pick<Projections<FleetEvents>, 'bike.moved' | 'bike.changed' | 'model.changed'> &
  Pick<Projections<OutingEvents>, 'outing.ended'> &
  Pick<Projections<PartEvents>, 'part.fitted' | 'part.removed'> &
  Pick<Projections<CheckEvents>, 'check.signed' | 'check.amended' | 'check.co-signed'> &
  Pick<Projections<RepairEvents>, 'repair.done'> &
  Pick<Projections<CatalogueEvents>, 'policy.published'>;

async function partFitted(tx: EntityManager, { body, happenedAt }: EventOf<PartEvents, 'part.fitted'>) {
  const { bikeId, part } = body;
  // A part that sat somewhere before brings its own age with it: it sets nothing back.
  if ((await tx.getRepository(fitmentEntity).countBy({ partId: part.id })) === 1)
    await note(tx, bikeId, [{ what: doneBy.part(part.kind), at: happenedAt }]);
  await judge(tx, bikeId);
}

export const servicesListen: Heard = {
  async 'bike.moved'(tx, { body: { bikeId, to } }) {
    if (to === 'out') await judge(tx, bikeId);
  },
  // What it was ridden in is said when it is back.
  async 'outing.ended'(tx, { body: { bikeId, conditions } }) {
    if (conditions !== 'dry') await judge(tx, bikeId);
  },
  'bike.changed': (tx, { body }) => judge(tx, body.bikeId),
  async 'model.changed'(tx, { body: { bikes } }) {
    if (isReplaying(tx)) return;
    await refreshFacts(
      tx,
      bikes.map((bike) => bike.id),
    );
  },
  'part.fitted': partFitted,
  'part.removed': (tx, { body }) => judge(tx, body.bikeId),
  async 'check.signed'(tx, { body: { bikeId, checkId, awaitsCoSign } }) {
    if (!awaitsCoSign) await passed(tx, bikeId, checkId);
    await judge(tx, bikeId);
  },
  async 'check.amended'(tx, { body: { bikeId, checkId } }) {
    // What was said to pass and did not settles nothing. When it passed before that is not known here: it is due rather than not.
    const unsound = await passed(tx, bikeId, checkId);
    if (unsound.length > 0) await tx.getRepository(bikeDoneEntity).delete({ bikeId, what: In([...unsound]) });
    await judge(tx, bikeId);
  },
  async 'check.co-signed'(tx, { body: { bikeId, checkId } }) {
    const check = await tx.getRepository(checkEntity).findOneBy({ id: checkId });
    if (check?.state === 'signed') await passed(tx, bikeId, checkId);
    await judge(tx, bikeId);
  },
  async 'repair.done'(tx, { body: { bikeId, touched }, happenedAt }) {
    const works = [...new Set(touched.map(({ touch }) => doneBy.work(touch)))];
    await note(
      tx,
      bikeId,
      works.map((what) => ({ what, at: happenedAt })),
    );
    await judge(tx, bikeId);
  },
  async 'policy.published'(tx, { body: { policy } }) {
    if (!isReplaying(tx)) await refreshFacts(tx, await everyBike(tx), policy);
  },
};
