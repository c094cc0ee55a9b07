import { MoreThan } from 'typeorm';
import type { Finding } from '@cadre/core/findings';
import { checkEntity, signedFacts } from '@cadre/server/checks';
import { findingFacts, saveFindings } from '@cadre/server/findings';
import { factsByBike, gatherFacts, saveFacts } from '@cadre/server/fitness';
import { forgetDoneAfter } from '@cadre/server/services';
import type { Projections } from '@cadre/server/platform/event-log';

export interface ClockEvents {
  'clock.corrected': {
    /** The latest time that was on record, and the right one. */
    from: number;
    to: number;
    note: string;
    /** Open findings whose time limit had been counted from a moment that never was, as they stand now. */
    findings: readonly { readonly bikeId: string; readonly finding: Finding }[];
  };
}

export const clockProjections: Projections<ClockEvents> = {
  async 'clock.corrected'(tx, { body: { to, findings } }) {
    const at = new Date(to);
    const checks = tx.getRepository(checkEntity);
    const voided = await checks.find({
      where: { signedAt: MoreThan(at) },
      select: { id: true, bikeId: true },
    });
    await checks.update(
      { signedAt: MoreThan(at), validUntil: MoreThan(at) },
      { validUntil: at, voided: true },
    );
    for (const { bikeId, finding } of findings) await saveFindings(tx, bikeId, [finding]);
    const bikeIds = [...new Set([...voided, ...findings].map((each) => each.bikeId))];
    const changed = new Map();
    for (const [bikeId, facts] of await factsByBike(tx, bikeIds))
      changed.set(bikeId, await gatherFacts(tx, bikeId, [signedFacts, findingFacts], facts));
    await saveFacts(tx, changed);
    await forgetDoneAfter(tx, to);
  },
};
