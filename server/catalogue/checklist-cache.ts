import type { DataSource, EntityManager } from 'typeorm';
import { RefusedError } from '@cadre/server/platform/event-log';
import { checklistEntity, type ChecklistRow } from './entities';

/**
 * Published checklists are named by the hash of their content, so what was read once is true for ever. They are
 * tens of kilobytes of JSON and asked for at every mark: each database's are parsed once. Nobody may change them.
 */
const known = new WeakMap<DataSource, Map<string, ChecklistRow>>();
/** Rechecks make checklists of their own: the oldest go when there are many. */
const MOST = 200;

export async function checklistByHash(tx: EntityManager, hash: string): Promise<ChecklistRow> {
  const cache = known.get(tx.connection) ?? new Map<string, ChecklistRow>();
  known.set(tx.connection, cache);
  const cached = cache.get(hash);
  if (cached) return cached;
  const row = await tx.getRepository(checklistEntity).findOneBy({ hash });
  if (!row) throw new RefusedError('not-found', { what: 'checklist' });
  if (cache.size >= MOST) cache.delete(cache.keys().next().value ?? '');
  cache.set(hash, row);
  return row;
}
