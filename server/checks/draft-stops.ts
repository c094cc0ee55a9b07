import type { EntityManager } from 'typeorm';
import { questionsOf, DEFAULT_POLICY, type Fitted, type FittedPart } from '@cadre/core/catalogue';
import { resolveMarks, markedUnasked } from '@cadre/core/checks';
import { floorOf, severityOf } from '@cadre/core/findings';
import type { DraftStop } from '@cadre/core/fitness';
import type { Build } from '@cadre/core/fleet';
import { currentPolicy, checklistByHash } from '@cadre/server/catalogue';
import type { FactSource } from '@cadre/server/fitness';
import { bikeEntity } from '@cadre/server/fleet';
import { jsonOf } from '@cadre/server/platform/database';
import type { MarkRow } from './entities';
import { measuredAnswers } from './measured-answers';
import { markOf } from './rows';

interface OpenCheck {
  readonly id: string;
  readonly checklistHash: string;
  readonly fitted: Fitted;
  readonly marks: readonly MarkRow[];
}
interface OpenRow extends Omit<MarkRow, 'faults' | 'reading' | 'counter'> {
  readonly counter: string | number | null;
  readonly faults: string;
  readonly reading: string | null;
  readonly checklistHash: string;
  readonly build: string;
  readonly fitted: unknown;
}

/** The checks of a bike that are under way and have marks, with them and with what their questions are asked of. */
async function openChecks(tx: EntityManager, bikeId: string): Promise<readonly OpenCheck[]> {
  // Past the mapper: it follows every batch of marks, and would be four statements.
  const rows = await tx.query<OpenRow[]>(
    "SELECT m.*, c.checklistHash, b.build, (SELECT JSON_ARRAYAGG(JSON_OBJECT('kind', p.kind, 'position', f.position)) FROM fitment f JOIN part p ON p.id = f.partId WHERE f.bikeId = b.id AND f.removedAt IS NULL) AS fitted FROM bike_check c JOIN mark m ON m.checkId = c.id JOIN bike b ON b.id = c.bikeId WHERE c.bikeId = ? AND c.state = 'open' AND c.repairId IS NULL ORDER BY c.id",
    [bikeId],
  );
  const byCheck = new Map<string, OpenCheck & { marks: MarkRow[] }>();
  for (const { checklistHash, build, fitted, faults, reading, ...mark } of rows) {
    const parts = fitted === null ? [] : jsonOf<FittedPart[]>(fitted);
    const known = byCheck.get(mark.checkId) ?? {
      id: mark.checkId,
      checklistHash,
      fitted: { build: jsonOf<Build>(build), parts },
      marks: [],
    };
    known.marks.push({
      ...mark,
      counter: mark.counter === null ? null : Number(mark.counter),
      faults: jsonOf<MarkRow['faults']>(faults),
      reading: reading === null ? null : jsonOf<MarkRow['reading']>(reading),
    });
    byCheck.set(mark.checkId, known);
  }
  return [...byCheck.values()];
}

/** What is marked in checks under way and would hold the bike once signed. */
async function draftStopsOf(tx: EntityManager, bikeId: string): Promise<DraftStop[]> {
  const stops: DraftStop[] = [];
  for (const check of await openChecks(tx, bikeId)) {
    const { marks } = check;
    const measured = marks.some((mark) => mark.reading);
    if (!measured && !marks.some((mark) => mark.outcome === 'fail' || mark.outcome === 'watch')) continue;
    const { checklist } = await checklistByHash(tx, check.checklistHash);
    const asked = questionsOf(checklist, check.fitted);
    const folded = resolveMarks(marks.map(markOf));
    // A stop that was marked stays one, whatever the bike was built into meanwhile.
    const questions = [...asked, ...markedUnasked(checklist, asked, folded)];
    const bike = measured ? await tx.getRepository(bikeEntity).findOneByOrFail({ id: bikeId }) : null;
    const answers = bike
      ? await measuredAnswers(tx, bike, checklist, questions, folded, (await currentPolicy(tx)).policy)
      : folded;
    for (const question of questions) {
      const answer = answers.get(question.key);
      for (const marked of answer?.faults ?? []) {
        const fault = question.checkpoint.faults.find((each) => each.key === marked.fault);
        if (!answer || !fault) continue;
        // The policy matters to what local rules ask for only; most faults need not fetch it.
        const policy = fault.legal ? (await currentPolicy(tx)).policy : DEFAULT_POLICY;
        if (severityOf(answer.outcome, floorOf(fault, policy), marked) === 'stop')
          stops.push({ checkId: check.id, words: `${question.checkpoint.name}: ${fault.name}` });
      }
    }
  }
  return stops;
}

export const draftStopFacts: FactSource = {
  name: 'draftStops',
  gather: async (tx, bikeId) => ({ draftStops: await draftStopsOf(tx, bikeId) }),
};
