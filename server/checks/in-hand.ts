import type { EntityManager } from 'typeorm';
import {
  questionsOf,
  type ChecklistVersion,
  type Fitted,
  type PolicyVersion,
  type FittedPart,
  type Question,
} from '@cadre/core/catalogue';
import type { Build } from '@cadre/core/fleet';
import { checklistByHash } from '@cadre/server/catalogue';
import { policyOnBike } from '@cadre/server/fleet';
import { RefusedError } from '@cadre/server/platform/event-log';
import type { CheckRow } from './entities';

export interface CheckInHand {
  readonly check: Pick<CheckRow, 'id' | 'bikeId' | 'checklistHash' | 'state' | 'repairId' | 'openedAt'>;
  readonly checklist: ChecklistVersion;
  readonly fitted: Fitted;
  /** What its checklist asks of the bike as it is now. */
  readonly questions: readonly Question[];
  /** The policy as it holds for this bike on the day the check was begun. */
  readonly policy: PolicyVersion;
  /** Whether any of the marks named is there already. */
  readonly hasKnown: boolean;
  /** Whether a stop is marked in it. */
  readonly hasStops: boolean;
}

interface Row extends Pick<CheckRow, 'bikeId' | 'checklistHash' | 'state' | 'repairId' | 'openedAt'> {
  readonly build: string;
  readonly siteId: string;
  readonly known: number | string;
  readonly stops: number | string;
  readonly kind: FittedPart['kind'] | null;
  readonly position: FittedPart['position'];
}

/** A check with what it asks, in one statement: it is read once for every batch of marks. */
export async function inHand(
  tx: EntityManager,
  checkId: string,
  markIds: readonly string[] = [''],
): Promise<CheckInHand> {
  // Past the mapper: the bike and its parts would each be a statement of their own.
  const rows = await tx.query<Row[]>(
    'SELECT c.bikeId, c.checklistHash, c.state, c.repairId, c.openedAt, b.build, b.siteId, (SELECT COUNT(*) FROM mark m WHERE m.id IN (?)) AS known, (SELECT COUNT(*) FROM marked_stop s WHERE s.checkId = c.id) AS stops, p.kind, f.position FROM bike_check c JOIN bike b ON b.id = c.bikeId LEFT JOIN fitment f ON f.bikeId = b.id AND f.removedAt IS NULL LEFT JOIN part p ON p.id = f.partId WHERE c.id = ?',
    [markIds, checkId],
  );
  const [row] = rows;
  if (!row) throw new RefusedError('not-found', { what: 'check' });
  const { bikeId, checklistHash, state, repairId, openedAt } = row;
  const parts = rows.flatMap(({ kind, position }) => (kind === null ? [] : [{ kind, position }]));
  const fitted = { build: JSON.parse(row.build) as Build, parts };
  const { checklist } = await checklistByHash(tx, checklistHash);
  const policy = await policyOnBike(tx, { siteId: row.siteId, build: fitted.build }, openedAt.getTime());
  return {
    check: { id: checkId, bikeId, checklistHash, state, repairId, openedAt },
    checklist,
    fitted,
    questions: questionsOf(checklist, fitted, policy.practices),
    policy,
    hasKnown: Number(row.known) > 0,
    hasStops: Number(row.stops) > 0,
  };
}
