import type { Bike } from '@cadre/contract/fleet';
import { useCatalogue } from '@cadre/web/catalogue';
import { followSaved, localDb, type SavedCheck } from '@cadre/web/platform/local-db';
import { useOutbox } from './use-outbox';

/** So long somebody at a bike waits to hear what need not be asked; then all of it is. */
const WAIT_MS = 1500;

/** Until the server's answer is kept, or the wait is over. */
function told(id: string): Promise<void> {
  return new Promise((done) => {
    const finish = (): void => {
      clearTimeout(timer);
      following.unsubscribe();
      done();
    };
    const timer = setTimeout(finish, WAIT_MS);
    const following = followSaved(
      () => localDb.checks.get(id),
      (found) => {
        if (found?.exposure !== undefined) finish();
      },
    );
  });
}

/**
 * Waits until it is known what a check begun here asks, so that no row goes away under the hand. Only where the policy asks such bikes by exposure is there anything to wait
 * for; without an answer in time all is asked, and stays so.
 */
export function useExposureKnown(): (check: SavedCheck, bike: Bike) => Promise<void> {
  const catalogue = useCatalogue();
  const outbox = useOutbox();
  return async ({ id, checklist, repairId, exposure }, bike) => {
    if (exposure !== undefined) return;
    const byExposure =
      checklist.clears &&
      !checklist.afterRideOut &&
      repairId === null &&
      catalogue.known?.policy.policy.exposure.kinds.includes(bike.build.kind);
    if (byExposure && outbox.reachable) {
      void outbox.flush();
      await told(id);
    }
    await localDb.transaction('rw', localDb.checks, async () => {
      const now = await localDb.checks.get(id);
      if (now && now.exposure === undefined) await localDb.checks.update(id, { exposure: null });
    });
  };
}
