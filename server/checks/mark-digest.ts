import { In, type EntityManager } from 'typeorm';
import { entryEntity, hashOf, type Verifier, type VerifyFault } from '@cadre/server/platform/event-log';
import { markEntity, type MarkRow } from './entities';
import type { CheckEvents } from './events';

/** What a mark says, whoever delivered it. */
export function markSaid(row: MarkRow): object {
  return {
    id: row.id,
    checkId: row.checkId,
    checkpoint: row.checkpoint,
    position: row.position,
    outcome: row.outcome,
    way: row.way,
    faults: row.faults,
    note: row.note,
    reading: row.reading ?? null,
    author: row.author,
    at: row.at.getTime(),
    ...(row.writerId === null ? {} : { writerId: row.writerId, counter: row.counter }),
  };
}

/** One mark as the record covers it: what it says, and how it came. Marks from before there were series cover no more than their device. */
export function markDocument(row: MarkRow): object {
  const { device, deliveredBy, proof, recordedAt } = row;
  const came = { deliveredBy, proof, recordedAt: recordedAt?.getTime() ?? null };
  return { ...markSaid(row), device, ...(row.writerId === null ? {} : came) };
}

/** The hash over marks as they stand in the table, in the order named. */
export async function markDigest(tx: EntityManager, markIds: readonly string[]): Promise<string> {
  const rows = await tx.getRepository(markEntity).find({ where: { id: In([...markIds]) } });
  const byId = new Map(rows.map((row) => [row.id, row]));
  return hashOf(
    markIds.map((id) => {
      const row = byId.get(id);
      return row ? markDocument(row) : null;
    }),
  );
}

/** Every mark against the hash of the entry that covers it, and that none stands uncovered. */
export const verifyMarks: Verifier = async (source) => {
  const faults: VerifyFault[] = [];
  let marks = 0;
  const covering = await source
    .getRepository(entryEntity)
    .find({ where: { kind: 'check.marked' }, order: { chain: 'ASC', seq: 'ASC' } });
  for (const row of covering) {
    const { markIds, marksHash } = JSON.parse(row.body) as CheckEvents['check.marked'];
    marks += markIds.length;
    if ((await markDigest(source.manager, markIds)) !== marksHash)
      faults.push({ chain: row.chain, seq: row.seq, what: 'a mark it covers was altered or removed' });
  }
  const stand = await source.getRepository(markEntity).count();
  if (stand !== marks)
    faults.push({ chain: 'marks', seq: stand, what: `${stand} marks stand, ${marks} are covered` });
  return { looked: marks, faults };
};
