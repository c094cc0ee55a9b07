import type { EntityManager } from 'typeorm';
import { questionsOf, type FittedPart } from '@cadre/core/catalogue';
import type { Build } from '@cadre/core/fleet';
import { checklistByHash } from '@cadre/server/catalogue';
import { RefusedError } from '@cadre/server/platform/event-log';
import type { CheckRow } from './entities';

export interface CheckInHand {
  readonly check: Pick<CheckRow, 'bikeId' | 'checklistHash' | 'state' | 'repairId'>;
  /** Whether any of the marks sent is there already. */
  readonly hasKnown: boolean;
  /** Keys of the questions its checklist asks of the bike as it is now. */
  readonly asked: ReadonlySet<string>;
}

interface Row extends Pick<CheckRow, 'bikeId' | 'checklistHash' | 'state' | 'repairId'> {
  readonly build: string;
  readonly known: number | string;
  readonly kind: FittedPart['kind'] | null;
  readonly position: FittedPart['position'];
}

/** A check with what it asks, in one statement: it is read once for every batch of marks. */
export async function checkInHand(
  tx: EntityManager,
  checkId: string,
  markIds: readonly string[],
): Promise<CheckInHand> {
  // Past the mapper: the bike and its parts would each be a statement of their own.
  const rows = await tx.query<Row[]>(
    'SELECT c.bikeId, c.checklistHash, c.state, c.repairId, b.build, (SELECT COUNT(*) FROM mark m WHERE m.id IN (?)) AS known, p.kind, f.position FROM bike_check c JOIN bike b ON b.id = c.bikeId LEFT JOIN fitment f ON f.bikeId = b.id AND f.removedAt IS NULL LEFT JOIN part p ON p.id = f.partId WHERE c.id = ?',
    [markIds, checkId],
  );
  const [check] = rows;
  if (!check) throw new RefusedError('not-found', { what: 'check' });
  const parts = rows.flatMap(({ kind, position }) => (kind === null ? [] : [{ kind, position }]));
  const { checklist } = await checklistByHash(tx, check.checklistHash);
  return {
    check,
    hasKnown: Number(check.known) > 0,
    asked: new Set(
      questionsOf(checklist, { build: JSON.parse(check.build) as Build, parts }).map((each) => each.key),
    ),
  };
}
