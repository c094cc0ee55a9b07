import type { EntityManager } from 'typeorm';

/** The latest time on record, of one site and the program where a site is named: fitness is judged no earlier than that, whatever the clock says now. */
export async function recordedUntil(tx: EntityManager, siteId?: string): Promise<number> {
  const [row] = await tx.query<{ at: Date | null }[]>(
    `SELECT MAX(recordedUntil) AS at FROM chain_head${siteId ? ' WHERE chain = ? OR chain = (SELECT id FROM program LIMIT 1)' : ''}`,
    siteId ? [siteId] : [],
  );
  return row?.at?.getTime() ?? 0;
}

/** A lead confirmed that the clock was ahead: the latest time on record is this one. */
export async function resetRecordedUntil(tx: EntityManager, now: number): Promise<void> {
  await tx.query('UPDATE chain_head SET recordedUntil = LEAST(recordedUntil, ?)', [new Date(now)]);
}
