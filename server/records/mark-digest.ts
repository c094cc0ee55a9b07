import { In, type EntityManager } from 'typeorm';
import { markEntity, type MarkRow } from '@cadre/server/checks/entities';
import { hashOf } from './digest';

/** One mark as the record covers it. */
export function markDocument(row: MarkRow): object {
  return {
    id: row.id,
    checkId: row.checkId,
    checkpoint: row.checkpoint,
    position: row.position,
    word: row.word,
    way: row.way,
    faults: row.faults,
    note: row.note,
    reading: row.reading ?? null,
    author: row.author,
    device: row.device,
    at: row.at.getTime(),
  };
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
