import { DAY_MS } from '@cadre/core/time';
import type { EntityManager } from 'typeorm';
import { v7 as newId } from 'uuid';
import type { amendCheck } from '@cadre/contract/checks';
import type { BodyOf } from '@cadre/contract/http';
import { questionKey, questionsOf } from '@cadre/core/catalogue';
import { resolveMarks, overlay, progressOf } from '@cadre/core/checks';
import { askedOf } from '@cadre/core/exposure';
import { judgeCheck } from '@cadre/core/findings';
import { checklistByHash } from '@cadre/server/catalogue';
import { findBike, fittedOf, policyOnBike } from '@cadre/server/fleet';
import type { Author } from '@cadre/server/people';
import { factsOf } from '@cadre/server/fitness';
import { markOf } from './rows';
import { measuredAnswers } from './measured-answers';
import { RefusedError, type NewEvent } from '@cadre/server/platform/event-log';
import { markDigest } from './mark-digest';
import { markEntity, type CheckRow } from './entities';
import { putRightBefore } from './judge';
import type { CheckEvents } from './events';

/**
 * What amending a signed check says: the correction is opened, marked and signed in one act. Faults it names become findings;
 * nothing it passes closes one, and a check that was incomplete stays so: only looking again or a release ends a hold.
 */
export async function amendmentOf(
  tx: EntityManager,
  signed: CheckRow,
  body: BodyOf<typeof amendCheck>,
  author: Author,
  at: number,
): Promise<readonly NewEvent<CheckEvents>[]> {
  const bike = await findBike(tx, signed.bikeId);
  const { checklist } = await checklistByHash(tx, signed.checklistHash);
  const policy = await policyOnBike(tx, bike, signed.openedAt.getTime());
  const asked = questionsOf(checklist, await fittedOf(tx, bike), policy.practices);
  const before = resolveMarks(
    (await tx.getRepository(markEntity).findBy({ checkId: signed.id })).map(markOf),
  );
  const amendment = resolveMarks(
    (await tx.getRepository(markEntity).findBy({ checkId: body.checkId })).map(markOf),
  );
  const together = overlay(before, amendment);
  const strange = body.marks.find((mark) => !asked.some((each) => each.key === questionKey(mark)));
  if (strange)
    throw new RefusedError('check.mark-not-asked', {
      checkpoint: strange.checkpoint,
      position: strange.position,
    });
  const facts = await factsOf(tx, bike.id);
  const judgement = judgeCheck({
    questions: asked.filter((each) => amendment.has(each.key)),
    answers: await measuredAnswers(tx, bike, checklist, asked, amendment, policy),
    open: facts.findings,
    fixedBefore: await putRightBefore(tx, bike.id, at - policy.comingBack.days * DAY_MS, at),
    policy,
    signedAt: at,
    signedBy: author.id,
    newId,
  });
  const markIds = body.marks.map((mark) => mark.id);
  const { bikeId } = signed;
  const { checkId } = body;
  return [
    {
      kind: 'check.opened',
      happenedAt: at,
      body: { bikeId, checkId, checklistHash: signed.checklistHash, openedBy: author.id, amends: signed.id },
    },
    {
      kind: 'check.marked',
      happenedAt: at,
      body: { bikeId, checkId, markIds, marksHash: await markDigest(tx, markIds) },
    },
    {
      kind: 'check.amended',
      happenedAt: at,
      body: {
        bikeId,
        checkId,
        amends: signed.id,
        reason: body.reason,
        signedBy: author.id,
        markIds: [...markIds].sort(),
        criticalsMissing: progressOf(
          askedOf(asked, signed.exposure, together),
          together,
        ).criticalsMissing.map((each) => each.key),
        findings: judgement.changes.map((change) => change.finding),
      },
    },
  ];
}
