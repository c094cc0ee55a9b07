import type { EntityManager } from 'typeorm';
import { isSameFault, type Finding } from '@cadre/core/findings';
import { sha256, type StoredEvent } from '@cadre/server/platform/event-log';
import { stopsBy } from './draft-stops';
import { markEntity, markedStopEntity } from './entities';
import { inHand } from './in-hand';
import { markOf } from './rows';

/** An id that a rebuild makes again from the same event. */
const idFrom = (...of: readonly string[]): string => {
  const hex = sha256(of.join(' '));
  return [
    hex.slice(0, 8),
    hex.slice(8, 12),
    `8${hex.slice(13, 16)}`,
    `8${hex.slice(17, 20)}`,
    hex.slice(20, 32),
  ].join('-');
};

/**
 * A limit changed on these bikes: readings of checks under way that are past it now hold them. None is let go by it, whatever the limit
 * was before. Answers on which bikes there are any.
 */
export async function remeasure(
  tx: EntityManager,
  event: Pick<StoredEvent, 'id'>,
  bikeIds: readonly string[],
): Promise<readonly string[]> {
  if (bikeIds.length === 0) return [];
  const checks = await tx.query<{ id: string; bikeId: string }[]>(
    "SELECT DISTINCT c.id, c.bikeId FROM bike_check c JOIN mark m ON m.checkId = c.id WHERE c.bikeId IN (?) AND c.state = 'open' AND m.reading IS NOT NULL ORDER BY c.id",
    [bikeIds],
  );
  const held = new Set<string>();
  for (const { id: checkId, bikeId } of checks) {
    const check = await inHand(tx, checkId);
    const marks = await tx.getRepository(markEntity).findBy({ checkId });
    const before = await tx.getRepository(markedStopEntity).findBy({ checkId });
    for (const author of [...new Set(marks.map((mark) => mark.author))].sort()) {
      const isKnown = (finding: Finding): boolean =>
        before.some((row) => row.author === author && isSameFault(row.finding, finding));
      const own = marks.filter((mark) => mark.author === author).map(markOf);
      for (const stop of (await stopsBy(tx, check, own)).filter((each) => !isKnown(each))) {
        const of = [event.id, checkId, author, stop.checkpoint, stop.position, stop.fault];
        const finding = { ...stop, id: idFrom('finding', ...of) };
        await tx
          .getRepository(markedStopEntity)
          .insert({ id: idFrom(...of), bikeId, checkId, author, finding });
        held.add(bikeId);
      }
    }
  }
  return [...held];
}
