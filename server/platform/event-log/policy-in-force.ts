import type { EntityManager } from 'typeorm';

/** The hash of the policy each act under way was begun under, read under the lock of its chain: the policy its entries name. */
const inForce = new WeakMap<EntityManager, string | null>();

export const beginUnder = (tx: EntityManager, policyHash: string | null): void =>
  void inForce.set(tx, policyHash);

/** Undefined outside an act. */
export const policyInForce = (tx: EntityManager): string | null | undefined => inForce.get(tx);
