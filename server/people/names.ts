import { createCipheriv, createDecipheriv, randomBytes } from 'node:crypto';
import type { EntityManager } from 'typeorm';
import { nameKeyEntity, type PersonRow } from './entities';

type Names = Pick<PersonRow, 'name' | 'signInName'>;

const NONCE = 12;
const TAG = 16;

/** What somebody is called whose name was destroyed: the end of their id tells two of them apart. */
export function nameless(personId: string): Names {
  const mark = personId.replaceAll('-', '').slice(-6);
  return { name: `Nameless ${mark.toUpperCase()}`, signInName: `nameless-${mark}` };
}

/** The names as the record keeps them: under a key of this person alone, made here, that can be destroyed while the record stays whole. */
export async function sealNames(
  tx: EntityManager,
  personId: string,
  { name, signInName }: Names,
): Promise<string> {
  const secret = randomBytes(32);
  await tx.getRepository(nameKeyEntity).insert({ personId, secret: secret.toString('base64url') });
  const nonce = randomBytes(NONCE);
  const cipher = createCipheriv('aes-256-gcm', secret, nonce).setAAD(Buffer.from(personId));
  const text = Buffer.concat([cipher.update(JSON.stringify({ name, signInName })), cipher.final()]);
  return Buffer.concat([nonce, cipher.getAuthTag(), text]).toString('base64url');
}

/** The names again, or none where their key was destroyed. */
export async function openNames(tx: EntityManager, personId: string, sealed: string): Promise<Names> {
  const key = await tx.getRepository(nameKeyEntity).findOneBy({ personId });
  if (!key) return nameless(personId);
  const bytes = Buffer.from(sealed, 'base64url');
  const decipher = createDecipheriv(
    'aes-256-gcm',
    Buffer.from(key.secret, 'base64url'),
    bytes.subarray(0, NONCE),
  )
    .setAAD(Buffer.from(personId))
    .setAuthTag(bytes.subarray(NONCE, NONCE + TAG));
  const text = Buffer.concat([decipher.update(bytes.subarray(NONCE + TAG)), decipher.final()]);
  return JSON.parse(text.toString('utf8')) as Names;
}
