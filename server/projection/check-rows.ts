import type { EntityManager } from 'typeorm';
import type { Finding } from '@cadre/core/findings';
import { checkEntity } from '@cadre/server/checks/entities';
import { findingEntity } from '@cadre/server/findings/entities';
import type { EntryBodies } from '@cadre/server/records';
import { keepReadings } from './wear-rows';

export async function keepFindings(
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

/** A signed check corrected: the correction stands beside it, and what was incomplete after all counts for nothing from here on. */
export async function checkAmended(
  tx: EntityManager,
  body: EntryBodies['check.amended'],
  at: Date,
): Promise<void> {
  const checks = tx.getRepository(checkEntity);
  const { checkId: id, amends, signedBy, reason, criticalsMissing } = body;
  const complete = criticalsMissing.length === 0;
  await checks.update(
    { id },
    { state: 'signed', signedBy, signedAt: at, complete, criticalsMissing: criticalsMissing.length, reason },
  );
  const amended = await checks.findOneByOrFail({ id: amends });
  if (amended.complete && !complete)
    await checks.update(
      { id: amends },
      {
        complete: false,
        criticalsMissing: criticalsMissing.length,
        validUntil: amended.validUntil && amended.validUntil < at ? amended.validUntil : at,
      },
    );
  await keepFindings(tx, body.bikeId, body.findings);
  await keepReadings(tx, body.bikeId, id, amends);
}
