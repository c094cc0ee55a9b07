import type { EntityManager } from 'typeorm';
import { labelCodeEntity, type LabelCodeRow } from './entities';

/**
 * What a code is on. Unknown, ended and malformed ones are told alike and take alike: each is one look into the same index.
 */
export async function labelOf(
  tx: EntityManager,
  code: string,
): Promise<Pick<LabelCodeRow, 'kind' | 'subjectId'> | null> {
  const row = await tx.getRepository(labelCodeEntity).findOneBy({ code: code.slice(0, 60) });
  return row && row.revokedAt === null ? row : null;
}

/** The bike a code is on, as its id; null where it is on none, or not valid. */
export async function bikeOfCode(tx: EntityManager, code: string): Promise<string | null> {
  const label = await labelOf(tx, code);
  return label?.kind === 'bike' ? label.subjectId : null;
}
