import { MoreThan, Not, type EntityManager } from 'typeorm';
import type { Finding } from '@cadre/core/findings';
import type { FactSource } from '@cadre/server/fitness';
import { RefusedError } from '@cadre/server/platform/event-log';
import { findingEntity, type FindingRow } from './entities';

/** The finding with what its columns know better than its document. */
export function findingOf(row: FindingRow): Finding {
  return { ...row.finding, state: row.state, severity: row.severity, outingsUsed: row.outingsUsed };
}

export async function findingRow(tx: EntityManager, id: string): Promise<FindingRow> {
  const row = await tx.getRepository(findingEntity).findOneBy({ id });
  if (!row) throw new RefusedError('not-found', { what: 'finding' });
  return row;
}

/** A finding as it stands, with the bike it is on. */
export async function findFinding(
  tx: EntityManager,
  id: string,
): Promise<{ readonly bikeId: string; readonly finding: Finding }> {
  const row = await findingRow(tx, id);
  return { bikeId: row.bikeId, finding: findingOf(row) };
}

/** Writes findings as an event says they stand. */
export async function saveFindings(
  tx: EntityManager,
  bikeId: string,
  findings: readonly Finding[],
): Promise<void> {
  for (const finding of findings) {
    const { id, state, severity, outingsUsed } = finding;
    await tx
      .getRepository(findingEntity)
      .save({ id, bikeId, state, severity, outingsUsed, finding, openedAt: new Date(finding.openedAt) });
  }
}

/** Findings that are not closed and were found after a time. */
export async function openFindingsSince(
  tx: EntityManager,
  since: number,
): Promise<readonly { readonly bikeId: string; readonly finding: Finding }[]> {
  const rows = await tx
    .getRepository(findingEntity)
    .find({ where: { state: Not('closed'), openedAt: MoreThan(new Date(since)) }, order: { id: 'ASC' } });
  return rows.map((row) => ({ bikeId: row.bikeId, finding: findingOf(row) }));
}

const byId = (a: Finding, b: Finding): number => (a.id < b.id ? -1 : 1);

export const findingFacts: FactSource = {
  name: 'findings',
  async gather(tx, bikeId) {
    const rows = await tx.getRepository(findingEntity).find({ where: { bikeId, state: Not('closed') } });
    return { findings: rows.map(findingOf).sort(byId) };
  },
};
