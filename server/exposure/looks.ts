import type { EntityManager } from 'typeorm';
import {
  leastWork,
  placeOfKey,
  policyOn,
  questionsOf,
  type ChecklistVersion,
  type Fitted,
  type PolicyVersion,
  type Question,
} from '@cadre/core/catalogue';
import { resolveMarks, type Answer, type Mark } from '@cadre/core/checks';
import type { EarlierLook, Happening } from '@cadre/core/exposure';
import type { BikeKind } from '@cadre/core/fleet';
import { siteDay } from '@cadre/core/schedule';
import { checklistByHash } from '@cadre/server/catalogue';

interface Row extends Omit<Mark, 'at' | 'faults'> {
  readonly bikeId: string;
  readonly checkId: string;
  readonly checklistHash: string;
  readonly state: EarlierLook['state'];
  readonly openedAt: Date;
  readonly awaitsCoSign: number;
  readonly coSignedBy: string | null;
  readonly hasty: number;
  readonly trainee: number;
  readonly faults: string;
  readonly at: Date;
}

/** A bike as its questions are asked. */
export interface AskedBike {
  readonly id: string;
  readonly siteId: string;
  readonly kind: BikeKind;
  readonly fitted: Fitted;
  readonly timeZone: string;
}

export interface Looked {
  readonly looks: ReadonlyMap<string, EarlierLook>;
  /** What was put right on the spot: a hand was there, with a tool. */
  readonly work: readonly Happening[];
}

async function marksSince(
  tx: EntityManager,
  bikeIds: readonly string[],
  moment: number,
): Promise<ReadonlyMap<string, ReadonlyMap<string, readonly Row[]>>> {
  const rows = await tx.query<Row[]>(
    'SELECT c.bikeId, c.id AS checkId, c.checklistHash, c.state, c.openedAt, c.awaitsCoSign, c.coSignedBy, c.hasty, p.trainee, m.id, m.checkpoint, m.position, m.outcome, m.way, m.faults, m.note, m.author, LEAST(m.`at`, COALESCE(m.recordedAt, m.`at`)) AS `at`, COALESCE(m.writerId, m.author) AS writerId, COALESCE(m.counter, 0) AS counter FROM bike_check c JOIN mark m ON m.checkId = c.id JOIN person p ON p.id = m.author WHERE c.bikeId IN (?) AND c.openedAt >= ?',
    [bikeIds, new Date(moment)],
  );
  const byBike = new Map<string, Map<string, Row[]>>();
  for (const row of rows) {
    const checks = byBike.get(row.bikeId) ?? new Map<string, Row[]>();
    byBike.set(row.bikeId, checks.set(row.checkId, [...(checks.get(row.checkId) ?? []), row]));
  }
  return byBike;
}

/** Whether a check was marked faster, from its beginning on, than anybody can look: of a short one too, which is never told as a pattern. */
function isRushed(rows: readonly Row[], openedAt: number, secondsEach: number): boolean {
  const times = rows.map((row) => row.at.getTime());
  const questions = new Set(rows.map((row) => `${row.checkpoint}@${row.position}`)).size;
  return Math.max(...times) - Math.min(openedAt, ...times) < questions * secondsEach * 1000;
}

/** What putting a fault right on the spot may have loosened beside it. */
function workOf({ outcome, marks }: Answer, question: Question | undefined): Happening | null {
  if (outcome !== 'fixed' || !question) return null;
  const at = Math.max(...marks.map((mark) => mark.at));
  const { zone, position, checkpoint } = question;
  return { at, what: 'work', touched: leastWork({ zone, position, work: checkpoint.work }) };
}

/**
 * The newest look at each question of each bike since a moment. A pass that nobody signed says nothing, for or against; anything else marked does.
 *
 * @param now what is asked of the bike now: an earlier look counts only where the same was asked
 * @param since since when the policy is as it is: what was judged under another is no pass under this one
 */
export async function looksSince(
  tx: EntityManager,
  bikes: readonly AskedBike[],
  policy: PolicyVersion,
  now: ReadonlyMap<string, readonly Question[]>,
  { moment, since }: { readonly moment: number; readonly since: number },
): Promise<ReadonlyMap<string, Looked>> {
  const marks = await marksSince(
    tx,
    bikes.map((bike) => bike.id),
    moment,
  );
  const found = new Map<string, Looked>();
  for (const bike of bikes) {
    const looks = new Map<string, EarlierLook>();
    const work: Happening[] = [];
    const texts = new Map(
      (now.get(bike.id) ?? []).map((each) => [each.key, JSON.stringify(each.checkpoint)]),
    );
    for (const rows of marks.get(bike.id)?.values() ?? []) {
      const [check] = rows;
      if (!check) continue;
      const { checklist } = await checklistByHash(tx, check.checklistHash);
      const then = askedThen(bike, checklist, policy, check.openedAt.getTime());
      const rushed = isRushed(rows, check.openedAt.getTime(), policy.hasteSecondsEach);
      const given = rows.map((row): Mark => ({
        ...row,
        counter: Number(row.counter),
        at: row.at.getTime(),
        faults: JSON.parse(row.faults) as Mark['faults'],
      }));
      for (const answer of resolveMarks(given).values()) {
        const question = then.get(answer.key);
        const fixed = workOf(answer, question);
        if (fixed) work.push(fixed);
        const look = lookOf(answer, check, rows, {
          same: JSON.stringify(question?.checkpoint) === texts.get(answer.key),
          since,
          rushed,
        });
        const newest = looks.get(answer.key);
        if (look && !(newest && newest.mark.at > look.mark.at)) looks.set(answer.key, look);
      }
    }
    found.set(bike.id, { looks, work });
  }
  return found;
}

function askedThen(
  bike: AskedBike,
  checklist: ChecklistVersion,
  policy: PolicyVersion,
  at: number,
): ReadonlyMap<string, Question> {
  const { practices } = policyOn(policy, {
    kind: bike.kind,
    siteId: bike.siteId,
    day: siteDay(at, bike.timeZone),
  });
  return new Map(questionsOf(checklist, bike.fitted, practices).map((each) => [each.key, each]));
}

function lookOf(
  answer: Answer,
  check: Row,
  rows: readonly Row[],
  { same, since, rushed }: { readonly same: boolean; readonly since: number; readonly rushed: boolean },
): EarlierLook | null {
  const signed = check.state === 'signed';
  if (!signed && (answer.outcome === 'pass' || answer.outcome === 'skipped')) return null;
  const mark = answer.marks.reduce<Mark | undefined>(
    (latest, each) => (latest && latest.at >= each.at ? latest : each),
    undefined,
  );
  if (!mark) return null;
  const { checkpoint, position } = placeOfKey(answer.key);
  const byTrainee = rows.some(
    (row) =>
      row.checkpoint === checkpoint &&
      row.position === position &&
      row.author === mark.author &&
      Boolean(row.trainee),
  );
  return {
    mark: { key: answer.key, markId: mark.id, checkId: check.checkId, by: mark.author, at: mark.at },
    outcome: answer.outcome,
    way: mark.way,
    state: check.state,
    awaitsCoSign: check.coSignedBy === null && (Boolean(check.awaitsCoSign) || byTrainee),
    hasty: rushed || Boolean(check.hasty),
    sameQuestion: same && mark.at >= since,
  };
}
