import { hash, verify } from '@node-rs/argon2';
import type { EntityManager } from 'typeorm';
import { credentialEntity } from './entities';

export async function saveSecret(
  tx: EntityManager,
  personId: string,
  secret: string,
  oneTime = false,
): Promise<void> {
  await tx.getRepository(credentialEntity).save({ personId, hash: await hash(secret), oneTime });
}

export async function rightSecret(tx: EntityManager, personId: string, secret: string): Promise<boolean> {
  const credential = await tx.getRepository(credentialEntity).findOneBy({ personId });
  return credential !== null && verify(credential.hash, secret);
}
