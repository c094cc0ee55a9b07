import { DAY_MS } from '@cadre/core/time';
import { Between, IsNull, Not, type EntityManager } from 'typeorm';
import { v7 as newId } from 'uuid';
import { isAfterIncident } from '@cadre/core/incidents';
import { RETURN_CHECKLIST } from '@cadre/core/outings';
import {
  clearsNot,
  questionsOf,
  ruledOutOf,
  ruleText,
  type PolicyVersion,
  type ChecklistVersion,
} from '@cadre/core/catalogue';
import { resolveMarks, isHasty, markedUnasked, type Mark } from '@cadre/core/checks';
import { askedOf } from '@cadre/core/exposure';
import { judgeCheck, withStops, type Finding } from '@cadre/core/findings';
import { CHECKPOINTS } from '@cadre/core/shipped';
import { judgeRecheck } from '@cadre/core/repairs';
import { endOfSiteDay, startOfSiteDay } from '@cadre/core/schedule';
import { checklistByHash } from '@cadre/server/catalogue';
import { findBike, fittedOf, policyOnBike } from '@cadre/server/fleet';
import type { Author } from '@cadre/server/people';
import { factsOf } from '@cadre/server/fitness';
import { markOf } from './rows';
import { circumstancesOf } from './validity';
import { exposuresNow } from './exposure';
import { markedStopsOf } from './draft-stops';
import { measuredAnswers } from './measured-answers';
import { orRefuse, type NewEvent } from '@cadre/server/platform/event-log';
import { repairEntity } from '@cadre/server/repairs';
import { checkEntity, markEntity, type CheckRow } from './entities';
import type { CheckEvents } from './events';

/**
 * How often each question of this bike was fixed on the spot in signed checks of the policy's span. No check older than the span is read:
 * what is in one was marked before it was signed.
 */
export async function putRightBefore(
  tx: EntityManager,
  bikeId: string,
  since: number,
  until: number,
): Promise<Map<string, number>> {
  const rows = await tx.query<{ question: string; times: number | string }[]>(
    "SELECT CONCAT(m.checkpoint, '@', m.position) AS question, COUNT(DISTINCT c.id) AS times FROM mark m JOIN bike_check c ON c.id = m.checkId WHERE c.bikeId = ? AND c.state = 'signed' AND c.signedAt >= ? AND m.outcome = 'fixed' AND m.`at` >= ? AND m.`at` < ? GROUP BY question",
    [bikeId, new Date(since), new Date(since), new Date(until)],
  );
  return new Map(rows.map((row) => [row.question, Number(row.times)]));
}

/** How a signature came: under which proof, and through whose session where it was not the signer's own. */
type Delivery = Pick<CheckEvents['check.signed'], 'proof' | 'deliveredBy'>;

/** What signing this check says: judged by the checklist and policy in force, decided here once and for all. */
export async function judgeSigned(
  tx: EntityManager,
  check: CheckRow,
  author: Author,
  signedAt: number,
  delivery: Delivery,
): Promise<NewEvent<CheckEvents>> {
  const bike = await findBike(tx, check.bikeId);
  const { checklist, reason } = await checklistByHash(tx, check.checklistHash);
  const policy = await policyOnBike(tx, bike, check.openedAt.getTime());
  const { timeZone, disturbedAt, supersededAt } = await circumstancesOf(tx, bike, checklist);
  const marks = (await tx.getRepository(markEntity).find({ where: { checkId: check.id } })).map(markOf);
  const fitted = await fittedOf(tx, bike);
  const every = questionsOf(checklist, fitted, policy.practices);
  const folded = resolveMarks(marks);
  const noLongerAsked = markedUnasked(checklist, every, folded);
  const exposure = (await exposuresNow(tx, [check], signedAt)).get(check.id) ?? null;
  const asked = askedOf(every, exposure, folded);
  const rests = (exposure?.rests ?? []).filter((rest) => !folded.has(rest.key));
  const answers = await measuredAnswers(tx, bike, checklist, [...asked, ...noLongerAsked], folded, policy);
  const stands = !checklist.afterRideOut || (await hadRideOut(tx, bike.id, signedAt, timeZone));
  const facts = await factsOf(tx, bike.id);
  const judgement = judgeCheck({
    questions: asked,
    noLongerAsked,
    answers: answers,
    open: facts.findings,
    fixedBefore: await putRightBefore(tx, bike.id, signedAt - policy.comingBack.days * DAY_MS, signedAt),
    policy,
    signedAt,
    signedBy: author.id,
    newId,
  });
  const stops = await markedStopsOf(tx, check.id, facts);
  const changed = withStops(
    stops.map((stop) => stop.finding),
    judgement.changes.map((change) => change.finding),
    facts.findings,
  );
  const rechecked = check.repairId
    ? await recheckedFindings(tx, check.repairId, changed, {
        facts,
        answers,
        complete: judgement.complete,
        author,
        policy,
        signedAt,
      })
    : null;
  const openedAt = check.openedAt.getTime();
  const not =
    checklist.clears && judgement.complete
      ? clearsNot(checklist, fitted, CHECKPOINTS, {
          ...{ openedAt, signedAt, supersededAt, reason },
          endOfDay: endOfSiteDay(openedAt, timeZone),
        })
      : null;
  const wholeDay = validUntil(checklist, signedAt, timeZone);
  // What arrives late counts no longer than the bike stayed what was looked at.
  const until = wholeDay !== null && disturbedAt > signedAt ? Math.min(wholeDay, disturbedAt) : wholeDay;
  return {
    kind: 'check.signed',
    happenedAt: signedAt,
    body: {
      bikeId: bike.id,
      checkId: check.id,
      signedBy: author.id,
      markIds: marks.map((mark) => mark.id).sort(),
      complete: judgement.complete,
      criticalsMissing: judgement.criticalsMissing,
      awaitsCoSign:
        author.trainee &&
        (checklist.clears || isAfterIncident(checklist.key) || checklist.key === RETURN_CHECKLIST),
      validUntil: judgement.complete && stands && !not ? until : null,
      ...(not ? { clearsNot: not } : {}),
      hasty: isHasty(marks, asked.length, policy.hasteSecondsEach),
      ...byInstrument(marks),
      ...(exposure ? { rests: rests.map(({ key, markId }) => ({ question: key, markId })) } : {}),
      ruledOut: ruledOutOf(checklist, fitted).map((each) => ({
        question: each.question.key,
        because: ruleText(each.because),
      })),
      findings: [...changed, ...(rechecked ?? [])],
      ...(stops.length > 0 ? { settles: stops.map((stop) => stop.id) } : {}),
      ...delivery,
      ...(check.repairId && judgement.complete ? { rechecked: { repairId: check.repairId } } : {}),
    },
  };
}

/**
 * Whether a whole ride-out was done today, before this, on the bike as it is built now: what a minute between riders stands on. One
 * that its rider's return ended still tells; one that a changed build or part ended does not.
 */
async function hadRideOut(
  tx: EntityManager,
  bikeId: string,
  signedAt: number,
  timeZone: string,
): Promise<boolean> {
  const today = await tx.getRepository(checkEntity).find({
    where: {
      bikeId,
      state: 'signed',
      complete: true,
      awaitsCoSign: false,
      voided: false,
      validUntil: Not(IsNull()),
      signedAt: Between(new Date(startOfSiteDay(signedAt, timeZone)), new Date(signedAt)),
    },
  });
  for (const check of today) {
    const { checklist } = await checklistByHash(tx, check.checklistHash);
    if (checklist.clears && !checklist.afterRideOut) return true;
  }
  return false;
}

function validUntil(checklist: ChecklistVersion, signedAt: number, timeZone: string): number | null {
  return checklist.clears && checklist.validity.until === 'end-of-day-or-return'
    ? endOfSiteDay(signedAt, timeZone)
    : null;
}

interface RecheckContext {
  readonly facts: { readonly findings: readonly Finding[] };
  readonly answers: ReturnType<typeof resolveMarks>;
  readonly complete: boolean;
  readonly author: Author;
  readonly policy: PolicyVersion;
  readonly signedAt: number;
}

/** What the repair worked on and this recheck passed. What failed again is already among the changes. */
async function recheckedFindings(
  tx: EntityManager,
  repairId: string,
  changed: readonly Finding[],
  context: RecheckContext,
): Promise<readonly Finding[]> {
  const repair = await tx.getRepository(repairEntity).findOneByOrFail({ id: repairId });
  const repaired = context.facts.findings.filter((finding) => repair.findingIds.includes(finding.id));
  const judged = orRefuse(
    judgeRecheck({
      repaired,
      answers: context.answers,
      complete: context.complete,
      signedBy: context.author.id,
      policy: context.policy,
      now: context.signedAt,
    }),
  );
  return judged.filter((finding) => !changed.some((each) => each.id === finding.id));
}

/** Which marks were measured with an instrument of the register, where any were. */
function byInstrument(marks: readonly Mark[]): { byInstrument?: readonly string[] } {
  const ids = marks.filter((mark) => mark.reading?.instrumentId).map(({ id }) => id);
  return ids.length > 0 ? { byInstrument: ids.sort() } : {};
}
