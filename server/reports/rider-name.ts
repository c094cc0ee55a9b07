import { LessThan, type EntityManager } from 'typeorm';
import { openSealed, seal } from '@cadre/server/people';
import { riderKeyEntity } from './entities';

/** What a rider called themselves, as the record keeps it: under a key that is destroyed when its days are over, while the record stays whole. */
export async function sealRiderName(
  tx: EntityManager,
  reportId: string,
  name: string,
  now: number,
): Promise<string> {
  if (name === '') return '';
  const { secret, sealed } = seal(reportId, name);
  await tx.getRepository(riderKeyEntity).insert({ reportId, secret, madeAt: new Date(now) });
  return sealed;
}

/** The name again; empty where there was none, or its key is gone. */
export async function openRiderName(tx: EntityManager, reportId: string, sealed: string): Promise<string> {
  if (sealed === '') return '';
  const key = await tx.getRepository(riderKeyEntity).findOneBy({ reportId });
  return key ? openSealed(reportId, key.secret, sealed) : '';
}

/** Destroys the keys of names told before a time. Answers how many there were. */
export async function forgetRidersBefore(tx: EntityManager, before: number): Promise<number> {
  const { affected } = await tx.getRepository(riderKeyEntity).delete({ madeAt: LessThan(new Date(before)) });
  return affected ?? 0;
}
