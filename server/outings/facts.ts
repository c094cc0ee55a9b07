import type { EntityManager } from 'typeorm';
import { RETURN_CHECKLIST, type ReturnCause } from '@cadre/core/outings';
import type { FitnessFacts } from '@cadre/core/fitness';
import type { FactSource } from '@cadre/server/fitness';

const DONE = `SELECT c.id FROM bike_check c JOIN checklist_version v ON v.hash = c.checklistHash
  WHERE c.bikeId = o.bikeId AND c.state = 'signed' AND c.complete = 1 AND c.openedAt >= o.backAt AND v.\`key\` = ?`;

/** The oldest outing since which the return checklist is due: no complete check of it was begun after the bike was back, signed and, where a trainee did it, co-signed. */
async function returnDueOf(tx: EntityManager, bikeId: string): Promise<FitnessFacts['returnCheck']> {
  const [row] = await tx.query<{ backAt: Date; returnCause: ReturnCause; awaitsCoSign: string | null }[]>(
    `SELECT o.backAt, o.returnCause, (${DONE} AND c.awaitsCoSign = 1 ORDER BY c.signedAt DESC, c.id LIMIT 1) AS awaitsCoSign
      FROM outing o WHERE o.bikeId = ? AND o.returnCause IS NOT NULL AND o.backAt IS NOT NULL
      AND NOT EXISTS (${DONE} AND c.awaitsCoSign = 0) ORDER BY o.backAt, o.id LIMIT 1`,
    [RETURN_CHECKLIST, bikeId, RETURN_CHECKLIST],
  );
  if (!row) return undefined;
  const { backAt, returnCause: because, awaitsCoSign } = row;
  return { since: backAt.getTime(), because, ...(awaitsCoSign ? { awaitsCoSign } : {}) };
}

export const returnFacts: FactSource = {
  name: 'returns',
  gather: async (tx, bikeId) => ({ returnCheck: await returnDueOf(tx, bikeId) }),
};
