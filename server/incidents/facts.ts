import type { EntityManager } from 'typeorm';
import type { Incident } from '@cadre/core/incidents';
import type { FactSource } from '@cadre/server/fitness';

/** What happened to a bike and was not looked at since: no complete check of the checklist for it was begun after, signed and, where a trainee did it, co-signed. */
async function incidentsOf(tx: EntityManager, bikeId: string): Promise<Incident[]> {
  const rows = await tx.query<(Omit<Incident, 'at'> & { at: Date })[]>(
    `SELECT m.id, m.kind, m.at, m.\`by\`, m.note,
      (SELECT c.id FROM bike_check c JOIN checklist_version v ON v.hash = c.checklistHash WHERE c.bikeId = m.bikeId AND c.state = 'signed' AND c.complete = 1 AND c.awaitsCoSign = 1 AND c.openedAt >= m.at
        AND v.\`key\` = CONCAT('after-', m.kind) ORDER BY c.signedAt DESC, c.id LIMIT 1) AS awaitsCoSign
      FROM incident m WHERE m.bikeId = ? AND NOT EXISTS (
      SELECT 1 FROM bike_check c JOIN checklist_version v ON v.hash = c.checklistHash
      WHERE c.bikeId = m.bikeId AND c.state = 'signed' AND c.complete = 1 AND c.awaitsCoSign = 0 AND c.openedAt >= m.at AND v.\`key\` = CONCAT('after-', m.kind)) ORDER BY m.at, m.id`,
    [bikeId],
  );
  return rows.map((row) => ({ ...row, at: row.at.getTime() }));
}

export const incidentFacts: FactSource = {
  name: 'incidents',
  gather: async (tx, bikeId) => ({ incidents: await incidentsOf(tx, bikeId) }),
};
