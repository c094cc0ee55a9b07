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

/** A text under a key made here for it alone: whoever destroys the key destroys the text, wherever it is written. */
export function seal(id: string, text: string): { readonly secret: string; readonly sealed: string } {
  const secret = randomBytes(32);
  const nonce = randomBytes(NONCE);
  const cipher = createCipheriv('aes-256-gcm', secret, nonce).setAAD(Buffer.from(id));
  const body = Buffer.concat([cipher.update(text), cipher.final()]);
  return {
    secret: secret.toString('base64url'),
    sealed: Buffer.concat([nonce, cipher.getAuthTag(), body]).toString('base64url'),
  };
}

/** The text again. */
export function openSealed(id: string, secret: string, sealed: string): string {
  const bytes = Buffer.from(sealed, 'base64url');
  const decipher = createDecipheriv('aes-256-gcm', Buffer.from(secret, 'base64url'), bytes.subarray(0, NONCE))
    .setAAD(Buffer.from(id))
    .setAuthTag(bytes.subarray(NONCE, NONCE + TAG));
  return Buffer.concat([decipher.update(bytes.subarray(NONCE + TAG)), decipher.final()]).toString('utf8');
}

/** The names as the record keeps them: under a key of this person alone, made here, that can be destroyed while the record stays whole. */
export async function sealNames(
  tx: EntityManager,
  personId: string,
  { name, signInName }: Names,
): Promise<string> {
  const { secret, sealed } = seal(personId, JSON.stringify({ name, signInName }));
  await tx.getRepository(nameKeyEntity).insert({ personId, secret });
  return sealed;
}

/** The names again, or none where their key was destroyed. */
export async function openNames(tx: EntityManager, personId: string, sealed: string): Promise<Names> {
  const key = await tx.getRepository(nameKeyEntity).findOneBy({ personId });
  return key ? (JSON.parse(openSealed(personId, key.secret, sealed)) as Names) : nameless(personId);
}
