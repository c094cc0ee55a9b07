import type { Proof } from '@cadre/core/authorship';
import { questionKey, type ChecklistVersion, type ClearsNot } from '@cadre/core/catalogue';
import type { CheckExposure } from '@cadre/core/exposure';
import type { Finding } from '@cadre/core/findings';
import { In, MoreThan, type EntityManager } from 'typeorm';
import { checklistEntity } from '@cadre/server/catalogue';
import { saveFindings } from '@cadre/server/findings';
import { bikeEntity, type FleetEvents } from '@cadre/server/fleet';
import type { PartEvents } from '@cadre/server/parts';
import type { EventOf, Projections } from '@cadre/server/platform/event-log';
import { repairEntity } from '@cadre/server/repairs';
import { endDraftHold } from '@cadre/server/fitness';
import type { StopChanges } from './draft-stops';
import { checkEntity, markedStopEntity, markEntity } from './entities';
import { remeasure } from './remeasure';
import { refreshRebuilt } from './rebuilt';
import { disturb, endValidity } from './validity';

export interface CheckEvents {
  /** `amends`: opened only to correct that signed check. */
  'check.opened': {
    bikeId: string;
    checkId: string;
    checklistHash: string;
    openedBy: string;
    recheck?: { repairId: string; checklist: ChecklistVersion };
    amends?: string;
    /** Asked by exposure: what is asked and why, and what rests on which pass. */
    exposure?: CheckExposure;
  };
  'check.marked': {
    bikeId: string;
    checkId: string;
    markIds: readonly string[];
    marksHash: string;
    /** Whose marks they are, where some are not the deliverer's own. */
    authors?: readonly string[];
    /** The stops that hold the bike from these marks on, and those their authors took back. */
    stops?: StopChanges;
  };
  'check.signed': {
    bikeId: string;
    checkId: string;
    signedBy: string;
    markIds: readonly string[];
    complete: boolean;
    criticalsMissing: readonly string[];
    awaitsCoSign: boolean;
    validUntil: number | null;
    /** Why a complete check on a checklist that clears does not clear the bike. */
    clearsNot?: ClearsNot;
    hasty: boolean;
    /** The marks measured with an instrument of the register, where any were. */
    byInstrument?: readonly string[];
    /** The questions that rest on an earlier pass, by its mark: answered by name, not by a look of this check. */
    rests?: readonly { question: string; markId: string }[];
    /** What the checklist would ask but the build rules out, each with the clause that does. */
    ruledOut?: readonly { question: string; because: string }[];
    /** Every finding this check made or changed, as it stands after. */
    findings: readonly Finding[];
    /** The marked stops that are findings from here on. */
    settles?: readonly string[];
    rechecked?: { repairId: string };
    /** What the signer signed it with, and whose session delivered it where it was not theirs. */
    proof?: Proof;
    deliveredBy?: string;
  };
  'check.co-signed': { bikeId: string; checkId: string };
  /** `findings`: the stops that were marked in it. */
  'check.abandoned': {
    bikeId: string;
    checkId: string;
    findings?: readonly Finding[];
    settles?: readonly string[];
  };
  'check.amended': {
    bikeId: string;
    checkId: string;
    amends: string;
    reason: string;
    signedBy: string;
    markIds: readonly string[];
    /** Criticals of the amended check nobody looked at after all: it is incomplete from here on. It never becomes more complete. */
    criticalsMissing: readonly string[];
    findings: readonly Finding[];
  };
}

/** Two repairs may ask for the very same questions, at two sites at once: then it is the same document. */
async function saveRecheckChecklist(
  tx: EntityManager,
  { checklistHash: hash, recheck }: CheckEvents['check.opened'],
): Promise<void> {
  if (!recheck) return;
  const { key, version, clears } = recheck.checklist;
  const values = { hash, key, version, checklist: recheck.checklist as object, clears };
  await tx
    .createQueryBuilder()
    .insert()
    .into(checklistEntity)
    .values({ ...values, publishedBy: null, publishedAt: null, note: '', reason: '' })
    .orIgnore()
    .execute();
}

async function opened(tx: EntityManager, { body, happenedAt }: EventOf<CheckEvents, 'check.opened'>) {
  const { checkId: id, bikeId, checklistHash, openedBy, recheck, amends = null, exposure = null } = body;
  await saveRecheckChecklist(tx, body);
  const repairId = recheck?.repairId ?? null;
  if (repairId) await tx.getRepository(repairEntity).update({ id: repairId }, { recheckCheckId: id });
  await tx.getRepository(checkEntity).insert({
    ...{ id, bikeId, checklistHash, state: 'open', openedBy, openedAt: new Date(happenedAt) },
    ...{
      criticalsMissing: 0,
      awaitsCoSign: false,
      repairId,
      hasty: false,
      voided: false,
      exposure,
      amends,
      reason: '',
    },
  });
}

/** Marks are the record itself. The stops they say hold the bike; taken back by whoever said them, the hold that is there for them alone ends. */
async function marked(tx: EntityManager, { body, recordedAt }: EventOf<CheckEvents, 'check.marked'>) {
  const { bikeId, checkId, stops } = body;
  if (!stops) return;
  const rows = tx.getRepository(markedStopEntity);
  if (stops.began.length > 0) await rows.insert(stops.began.map((stop) => ({ ...stop, bikeId, checkId })));
  if (stops.ended.length === 0) return;
  await rows.delete({ id: In([...stops.ended]) });
  if (!(await rows.existsBy({ bikeId }))) await endDraftHold(tx, bikeId, recordedAt);
}

/** What was marked is judged: its stops are findings from here on. */
async function judged(
  tx: EntityManager,
  bikeId: string,
  findings: readonly Finding[],
  settles: readonly string[] = [],
): Promise<void> {
  await saveFindings(tx, bikeId, findings);
  if (settles.length > 0) await tx.getRepository(markedStopEntity).delete({ id: In([...settles]) });
}

/** What rested when the check was begun and did no more when it was signed is not what it stands on. */
async function restsAsSigned(
  tx: EntityManager,
  id: string,
  rests: NonNullable<CheckEvents['check.signed']['rests']>,
): Promise<void> {
  const checks = tx.getRepository(checkEntity);
  const { exposure } = await checks.findOneByOrFail({ id });
  if (!exposure) return;
  const signedFor = new Map(rests.map((rest) => [rest.question, rest.markId]));
  await checks.update(
    { id },
    {
      exposure: {
        ...exposure,
        rests: exposure.rests.filter((rest) => signedFor.get(rest.key) === rest.markId),
      },
    },
  );
}

async function signed(
  tx: EntityManager,
  { body, happenedAt, recordedAt }: EventOf<CheckEvents, 'check.signed'>,
) {
  const { checkId: id, bikeId, signedBy, complete, criticalsMissing, awaitsCoSign, hasty } = body;
  await tx.getRepository(checkEntity).update(
    { id },
    {
      ...{ state: 'signed', signedBy, signedAt: new Date(happenedAt), complete, awaitsCoSign, hasty },
      recordedAt: new Date(recordedAt),
      criticalsMissing: criticalsMissing.length,
      validUntil: body.validUntil === null ? null : new Date(body.validUntil),
    },
  );
  if (body.rests) await restsAsSigned(tx, id, body.rests);
  await judged(tx, bikeId, body.findings, body.settles);
  if (!body.rechecked) return;
  await tx.getRepository(repairEntity).update({ id: body.rechecked.repairId }, { state: 'rechecked' });
  await tx
    .getRepository(bikeEntity)
    .update({ id: bikeId, whereabouts: 'on-the-bench' }, { whereabouts: 'in' });
}

/** The correction stands beside the check it corrects, and what was incomplete after all counts for nothing from here on. */
async function amended(
  tx: EntityManager,
  { body, happenedAt, recordedAt }: EventOf<CheckEvents, 'check.amended'>,
) {
  const checks = tx.getRepository(checkEntity);
  const { checkId: id, amends, signedBy, reason } = body;
  const at = new Date(happenedAt);
  const criticalsMissing = body.criticalsMissing.length;
  const complete = criticalsMissing === 0;
  await checks.update(
    { id },
    {
      state: 'signed',
      signedBy,
      signedAt: at,
      recordedAt: new Date(recordedAt),
      complete,
      criticalsMissing,
      reason,
    },
  );
  const before = await checks.findOneByOrFail({ id: amends });
  if (before.complete && !complete) {
    const validUntil = before.validUntil && before.validUntil < at ? before.validUntil : at;
    await checks.update({ id: amends }, { complete: false, criticalsMissing, validUntil });
  }
  await saveFindings(tx, body.bikeId, body.findings);
  await endWhatRestsOn(tx, body, at);
}

/** A later check that stands on a pass which is corrected counts no longer: its bike is looked over anew. */
async function endWhatRestsOn(
  tx: EntityManager,
  { bikeId, amends, markIds }: CheckEvents['check.amended'],
  at: Date,
): Promise<void> {
  const checks = tx.getRepository(checkEntity);
  const corrected = new Set(
    (await tx.getRepository(markEntity).findBy({ id: In([...markIds]) })).map(questionKey),
  );
  for (const { id, exposure } of await checks.findBy({ bikeId, validUntil: MoreThan(at) }))
    if (exposure?.rests.some((rest) => rest.checkId === amends && corrected.has(rest.key)))
      await checks.update({ id }, { validUntil: at, voided: true });
}

export const checkProjections: Projections<CheckEvents> = {
  'check.opened': opened,
  'check.marked': marked,
  'check.signed': signed,
  'check.amended': amended,
  async 'check.co-signed'(tx, { body, author }) {
    await tx
      .getRepository(checkEntity)
      .update({ id: body.checkId }, { awaitsCoSign: false, coSignedBy: author });
  },
  async 'check.abandoned'(tx, { body }) {
    const { bikeId, checkId, findings = [], settles } = body;
    await tx.getRepository(checkEntity).update({ id: checkId }, { state: 'abandoned' });
    await judged(tx, bikeId, findings, settles);
  },
};

type Heard = Pick<Projections<FleetEvents>, 'bike.moved' | 'bike.changed' | 'model.changed'> &
  Pick<Projections<PartEvents>, 'part.fitted' | 'part.removed'>;

/** What ends the worth of a check: its bike was ridden, or is not what was looked at. */
export const checksListen: Heard = {
  async 'bike.moved'(tx, { body: { bikeId, from, to }, happenedAt, recordedAt }) {
    if (from !== 'out' || to !== 'in') return;
    const at = new Date(happenedAt);
    await disturb(tx, [bikeId], recordedAt);
    await tx.getRepository(checkEntity).update({ bikeId, validUntil: MoreThan(at) }, { validUntil: at });
  },
  async 'bike.changed'(tx, event) {
    const { body } = event;
    if (body.due) await endValidity(tx, [body.bikeId], event);
    await remeasure(tx, event, [body.bikeId]);
  },
  async 'model.changed'(tx, event) {
    const {
      body: { bikes },
      happenedAt,
      recordedAt,
    } = event;
    const due = bikes.filter((bike) => bike.due).map((bike) => bike.id);
    await endValidity(tx, due, event);
    const ids = bikes.map((bike) => bike.id);
    const held = await remeasure(tx, event, ids);
    await refreshRebuilt(tx, { bikeIds: ids, due: new Set(due), held, at: happenedAt, now: recordedAt });
  },
  async 'part.fitted'(tx, event) {
    const { body } = event;
    if (!body.through) await endValidity(tx, [body.bikeId], event);
    await remeasure(tx, event, [body.bikeId]);
  },
  async 'part.removed'(tx, event) {
    const { body } = event;
    if (!body.through) await endValidity(tx, [body.bikeId], event);
    await remeasure(tx, event, [body.bikeId]);
  },
};
