import type { EntityManager } from 'typeorm';
import type { Campaign } from '@cadre/contract/campaign';
import { RefusedError } from '@cadre/server/platform/event-log';
import { campaignEntity, type CampaignRow } from './entities';

export async function findCampaign(tx: EntityManager, id: string): Promise<CampaignRow> {
  const row = await tx.getRepository(campaignEntity).findOneBy({ id, ended: false });
  if (!row) throw new RefusedError('not-found', { what: 'campaign' });
  return row;
}

export async function openCampaigns(tx: EntityManager): Promise<CampaignRow[]> {
  return tx
    .getRepository(campaignEntity)
    .find({ where: { ended: false }, order: { byDay: 'ASC', id: 'ASC' } });
}

interface DoneRow {
  readonly bikeId: string;
  readonly signedAt: Date;
  readonly signedBy: string;
}

/** Campaigns as the interface tells them: what is done, the checks tell. */
export async function describeCampaigns(
  tx: EntityManager,
  rows: readonly CampaignRow[],
): Promise<Campaign[]> {
  const described: Campaign[] = [];
  for (const { plan, madeAt, ended: _ended, ...row } of rows) {
    const checks = await tx.query<DoneRow[]>(
      `SELECT c.bikeId, c.signedAt, c.signedBy FROM bike_check c JOIN checklist_version v ON v.hash = c.checklistHash
       WHERE v.\`key\` = ? AND c.state = 'signed' AND c.complete = 1 AND c.awaitsCoSign = 0 AND c.signedAt >= ? ORDER BY c.signedAt`,
      [row.checklistKey, madeAt],
    );
    const bikes = new Set(plan.bikes.map((bike) => bike.bikeId));
    const done = new Map(
      checks
        .filter((check) => bikes.has(check.bikeId))
        .map(({ bikeId, signedAt, signedBy }) => [bikeId, { bikeId, at: signedAt.getTime(), by: signedBy }]),
    );
    described.push({ ...row, ...plan, madeAt: madeAt.getTime(), done: [...done.values()] });
  }
  return described;
}
