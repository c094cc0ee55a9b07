import { In, type EntityManager } from 'typeorm';
import { v7 as newId } from 'uuid';
import type { NewMark } from '@cadre/contract/checks';
import { questionKey } from '@cadre/core/catalogue';
import { markedUnasked, resolveMarks, type Mark } from '@cadre/core/checks';
import type { FitnessFacts } from '@cadre/core/fitness';
import { isSameFault, stopsOf, type Finding } from '@cadre/core/findings';
import type { FactSource } from '@cadre/server/fitness';
import { findBike } from '@cadre/server/fleet';
import { markEntity, markedStopEntity, type MarkedStopRow } from './entities';
import type { CheckInHand } from './in-hand';
import { measuredAnswers } from './measured-answers';
import { markOf } from './rows';

/** A stop somebody marked in a check under way, as it was judged then. */
export interface MarkedStop {
  readonly id: string;
  readonly author: string;
  readonly finding: Finding;
}

/** What a batch of marks did to the stops of its check: which hold the bike from now on, and which their own authors took back. */
export interface StopChanges {
  readonly began: readonly MarkedStop[];
  readonly ended: readonly string[];
}

/** The stops one person's marks say now. */
export async function stopsBy(
  tx: EntityManager,
  { check, checklist, questions, policy }: CheckInHand,
  marks: readonly Mark[],
): Promise<readonly Finding[]> {
  const said = resolveMarks(marks);
  const noLongerAsked = markedUnasked(checklist, questions, said);
  const all = [...questions, ...noLongerAsked];
  const answers = marks.some((mark) => mark.reading)
    ? await measuredAnswers(tx, await findBike(tx, check.bikeId), checklist, all, said, policy)
    : said;
  return stopsOf({
    questions,
    noLongerAsked,
    answers,
    policy,
    signedAt: Math.max(...marks.map((mark) => mark.at)),
    signedBy: marks[0]?.author ?? '',
    newId,
  });
}

/** What marks just stored did to the stops of their check. Nothing but a mark of the same person on the same question takes one back. */
export async function stopChanges(
  tx: EntityManager,
  inHand: CheckInHand,
  batch: readonly NewMark[],
): Promise<StopChanges | null> {
  const { check, hasStops } = inHand;
  const tells = (mark: NewMark): boolean =>
    mark.outcome === 'fail' || mark.outcome === 'watch' || mark.reading !== undefined;
  if (!hasStops && !batch.some(tells)) return null;
  const before = hasStops ? await tx.getRepository(markedStopEntity).findBy({ checkId: check.id }) : [];
  const authors = [...new Set(batch.map((mark) => mark.author))];
  const marks = await tx.getRepository(markEntity).findBy({ checkId: check.id, author: In(authors) });
  const began: MarkedStop[] = [];
  const ended: string[] = [];
  for (const author of authors) {
    const standing = await stopsBy(tx, inHand, marks.filter((row) => row.author === author).map(markOf));
    const own = before.filter((row) => row.author === author);
    for (const finding of standing)
      if (!own.some((row) => isSameFault(row.finding, finding))) began.push({ id: newId(), author, finding });
    const said = new Set(batch.filter((mark) => mark.author === author).map(questionKey));
    for (const row of own)
      if (said.has(questionKey(row.finding)) && !standing.some((each) => isSameFault(each, row.finding)))
        ended.push(row.id);
  }
  return began.length > 0 || ended.length > 0 ? { began, ended } : null;
}

/** The stops of a check that nobody took back. `facts`: of its bike, which say whether there are any. */
export async function markedStopsOf(
  tx: EntityManager,
  checkId: string,
  facts: Pick<FitnessFacts, 'draftStops'>,
): Promise<readonly MarkedStopRow[]> {
  return facts.draftStops.some((stop) => stop.checkId === checkId)
    ? tx.getRepository(markedStopEntity).find({ where: { checkId }, order: { id: 'ASC' } })
    : [];
}

const wordsOf = ({ finding }: MarkedStopRow): string => `${finding.words.checkpoint}: ${finding.words.fault}`;

export const draftStopFacts: FactSource = {
  name: 'draftStops',
  async gather(tx, bikeId) {
    const rows = await tx.getRepository(markedStopEntity).find({ where: { bikeId }, order: { id: 'ASC' } });
    // Two people who mark one fault say one thing.
    const known = new Map(rows.map((row) => [`${row.checkId} ${wordsOf(row)}`, row]));
    return {
      draftStops: [...known.values()].map((row) => ({ checkId: row.checkId, words: wordsOf(row) })),
    };
  },
};
