import { bindWriter, type Person } from '@cadre/contract/people';
import { itemText, type ItemKind, type Proof } from '@cadre/core/authorship';
import { GENESIS } from '@cadre/core/event-log';
import { v7 as newId } from 'uuid';
import { send } from '@cadre/web/platform/api';
import { localDb, type SavedEntry, type SavedWriter } from '@cadre/web/platform/local-db';
import { setSigner, type Signer } from '../signer';
import { takeCounters, writerOf } from '../writers';

/** So long does trying one code take that a stolen disk gives up a short one slowly (docs/security.md). */
const ROUNDS = 600_000;
const P256 = { name: 'ECDSA', namedCurve: 'P-256' } as const;

const text = new TextEncoder();
const base64url = (bytes: ArrayBuffer): string =>
  btoa(String.fromCharCode(...new Uint8Array(bytes)))
    .replace(/\+/g, '-')
    .replace(/\//g, '_')
    .replace(/=+$/, '');
const hex = (bytes: ArrayBuffer): string =>
  [...new Uint8Array(bytes)].map((byte) => byte.toString(16).padStart(2, '0')).join('');
const random = (bytes: number): Uint8Array<ArrayBuffer> => crypto.getRandomValues(new Uint8Array(bytes));

/** SHA-256 in hexadecimal. */
export const digestOf = async (bytes: BufferSource): Promise<string> =>
  hex(await crypto.subtle.digest('SHA-256', bytes));

/** Whether this browser does cryptography here: without https it does not, and nothing is signed. */
export const canSign = (): boolean => typeof crypto.subtle === 'object';

/** The key a person's key lies under, from their secret. */
async function keyOfSecret(secret: string, salt: BufferSource): Promise<CryptoKey> {
  const material = await crypto.subtle.importKey('raw', text.encode(secret), 'PBKDF2', false, ['deriveKey']);
  return crypto.subtle.deriveKey(
    { name: 'PBKDF2', hash: 'SHA-256', salt, iterations: ROUNDS },
    material,
    { name: 'AES-GCM', length: 256 },
    false,
    ['wrapKey', 'unwrapKey'],
  );
}

async function wrapped(
  person: Person,
  pair: { readonly privateKey: CryptoKey; readonly publicKey: string },
  secret: string,
): Promise<SavedEntry> {
  const [salt, iv] = [random(16), random(12)];
  const under = await keyOfSecret(secret, salt);
  const key = await crypto.subtle.wrapKey('pkcs8', pair.privateKey, under, { name: 'AES-GCM', iv });
  return { signInName: person.signInName, person, publicKey: pair.publicKey, salt, iv, key };
}

/** The private key, or null where the secret is another one. */
async function unwrapped(entry: SavedEntry, secret: string, extractable = false): Promise<CryptoKey | null> {
  const under = await keyOfSecret(secret, entry.salt);
  try {
    return await crypto.subtle.unwrapKey(
      'pkcs8',
      entry.key,
      under,
      { name: 'AES-GCM', iv: entry.iv },
      P256,
      extractable,
      ['sign'],
    );
  } catch {
    return null; // what the cipher says to a wrong key
  }
}

function signerFor(writerId: string, personId: string, key: CryptoKey): Signer {
  let last: Promise<unknown> = Promise.resolve();
  async function sign(kind: ItemKind, content: object, given?: number): Promise<Proof> {
    const counter =
      given ?? (await localDb.transaction('rw', localDb.writers, () => takeCounters(personId, 1))).first;
    const previous = (await localDb.writers.get(writerId))?.previous ?? GENESIS;
    const place = { writerId, counter, previous };
    const bytes = text.encode(itemText(kind, content, place));
    const signature = await crypto.subtle.sign({ name: 'ECDSA', hash: 'SHA-256' }, key, bytes);
    // Before it is given out: whatever is killed now leaves a gap in the series, never two items in one place.
    await localDb.writers.update(writerId, { previous: await digestOf(bytes) });
    return { ...place, signature: base64url(signature) };
  }
  /** One after the other, in other tabs of this browser too. */
  const alone = <T>(work: () => Promise<T>): Promise<T> =>
    navigator.locks ? (navigator.locks.request(`cadre.${writerId}`, work) as Promise<T>) : work();
  return {
    personId,
    writerId,
    prove(kind, content, counter) {
      const next = last.then(() => alone(() => sign(kind, content, counter)));
      last = next.catch(() => undefined);
      return next;
    },
  };
}

/** Makes this person's key on this browser, or one anew where their secret does not open the old one. */
async function makeKey(person: Person, secret: string): Promise<{ writer: SavedWriter; key: CryptoKey }> {
  const pair = await crypto.subtle.generateKey(P256, true, ['sign', 'verify']);
  const publicKey = base64url(await crypto.subtle.exportKey('spki', pair.publicKey));
  const entry = await wrapped(person, { privateKey: pair.privateKey, publicKey }, secret);
  const writer = await localDb.transaction('rw', localDb.writers, async () => {
    const known = await writerOf(person.id);
    const next = known.entry
      ? { id: newId(), personId: person.id, counter: 0, previous: null, entry }
      : { ...known, entry };
    await localDb.writers.put(next);
    return next;
  });
  const key = await unwrapped(entry, secret);
  if (!key) throw new Error('a key that was just made does not open');
  return { writer, key };
}

/** Opens the key of whoever just typed their secret, making one on their first sign-in here, and has the server know it. */
export async function openKey(person: Person, secret: string, isStill: () => boolean): Promise<void> {
  const saved = await localDb.writers.where('personId').equals(person.id).last();
  const own = saved?.entry ? await unwrapped(saved.entry, secret) : null;
  const { writer, key } = own && saved ? { writer: saved, key: own } : await makeKey(person, secret);
  // Somebody else may have signed in while the key was being opened.
  if (!isStill() || !writer.entry) return;
  await localDb.writers.update(writer.id, { entry: { ...writer.entry, person } });
  setSigner(signerFor(writer.id, person.id, key));
  await send(bindWriter, { body: { id: writer.id, publicKey: writer.entry.publicKey } });
}

/** Without signal: the person whose key this secret opens here, or null. */
export async function openWithoutSignal(signInName: string, secret: string): Promise<Person | null> {
  const saved = await localDb.writers.filter((each) => each.entry?.signInName === signInName).last();
  const key = saved?.entry ? await unwrapped(saved.entry, secret) : null;
  if (!saved?.entry || !key) return null;
  setSigner(signerFor(saved.id, saved.personId, key));
  return saved.entry.person;
}

/** The secret was changed: the key lies under the new one from now on. */
export async function rewrapKey(person: Person, before: string, secret: string): Promise<void> {
  const saved = await localDb.writers.where('personId').equals(person.id).last();
  const privateKey = saved?.entry ? await unwrapped(saved.entry, before, true) : null;
  if (!saved?.entry || !privateKey) return;
  const entry = await wrapped(person, { privateKey, publicKey: saved.entry.publicKey }, secret);
  await localDb.writers.update(saved.id, { entry });
}
