import type { DataSource, EntityManager } from 'typeorm';
import { completePolicy } from '@cadre/core/catalogue';
import { policyInForce } from '@cadre/server/platform/event-log';
import { policyEntity, type PolicyRow } from './entities';

/** Published policies are named by the hash of their content: each is read once. Nobody may change them. */
const known = new WeakMap<DataSource, Map<string, PolicyRow>>();

function keep(tx: EntityManager, row: PolicyRow): PolicyRow {
  const cache = known.get(tx.connection) ?? new Map<string, PolicyRow>();
  known.set(tx.connection, cache);
  const complete = { ...row, policy: completePolicy(row.policy) };
  cache.set(row.hash, complete);
  return complete;
}

/** The policy in force: the one an act was begun under, else the newest published, with what its time did not know yet as shipped. */
export async function currentPolicy(tx: EntityManager): Promise<PolicyRow> {
  const hash = policyInForce(tx);
  const cached = hash ? known.get(tx.connection)?.get(hash) : undefined;
  if (cached) return cached;
  return keep(
    tx,
    await tx
      .getRepository(policyEntity)
      .findOneOrFail(hash ? { where: { hash } } : { where: {}, order: { version: 'DESC' } }),
  );
}
