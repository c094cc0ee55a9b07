import { createPublicKey, verify, type KeyObject } from 'node:crypto';
import { In, type EntityManager } from 'typeorm';
import { itemText, type ItemKind, type Proof } from '@cadre/core/authorship';
import type { Act } from '@cadre/core/people';
import { RefusedError, sha256 } from '@cadre/server/platform/event-log';
import { requireAct, type Actor } from '@cadre/server/platform/http';
import { personEntity, type PersonRow, type SignedItemRow } from './entities';

export type Author = Pick<PersonRow, 'id' | 'role' | 'trainee'>;

/** Something that may come through another person's session than its author's. */
export interface Item {
  readonly kind: ItemKind;
  readonly id: string;
  readonly author: string;
  /** All it says, as its author signed it. */
  readonly content: object;
  readonly proof?: Proof | undefined;
  /** It can hold a bike and never clears one: believed even when it may be from after its author left. */
  readonly warns?: boolean;
}

interface Writer {
  readonly id: string;
  readonly personId: string;
  readonly publicKey: string;
  /** Past this counter nothing is shown to be from before the author left. */
  readonly endedAt: string | number | null;
}

const keys = new Map<string, KeyObject>();
function keyOf(publicKey: string): KeyObject {
  const known = keys.get(publicKey);
  if (known) return known;
  if (keys.size > 2000) keys.clear();
  const key = createPublicKey({ key: Buffer.from(publicKey, 'base64url'), format: 'der', type: 'spki' });
  keys.set(publicKey, key);
  return key;
}

/** Whether a key's owner signed this text. */
export const isSignedWith = (publicKey: string, text: string, signature: string): boolean =>
  verify(
    'sha256',
    Buffer.from(text, 'utf8'),
    { key: keyOf(publicKey), dsaEncoding: 'ieee-p1363' },
    Buffer.from(signature, 'base64url'),
  );

async function writersOf(tx: EntityManager, ids: readonly string[]): Promise<ReadonlyMap<string, Writer>> {
  if (ids.length === 0) return new Map();
  const rows = await tx.query<Writer[]>(
    'SELECT w.id, w.personId, w.publicKey, e.counter AS endedAt FROM writer w LEFT JOIN writer_end e ON e.writerId = w.id WHERE w.id IN (?)',
    [ids],
  );
  return new Map(rows.map((row) => [row.id, row]));
}

async function peopleBehind(
  tx: EntityManager,
  actor: Actor,
  items: readonly Item[],
): Promise<ReadonlyMap<string, Author>> {
  const others = [...new Set(items.map((item) => item.author))].filter((id) => id !== actor.id);
  const rows = others.length > 0 ? await tx.getRepository(personEntity).findBy({ id: In(others) }) : [];
  return new Map<string, Author>([[actor.id, actor], ...rows.map((row) => [row.id, row] as const)]);
}

/**
 * Who gave these items: whoever is signed in, or another person whose key shows it. A key that was ended shows only what came before;
 * what came later may hold a bike, and waits for its author's own session where it could clear one. Answers which of them a key shows.
 */
export async function authorsOf(
  tx: EntityManager,
  actor: Actor,
  act: Act,
  items: readonly Item[],
): Promise<{
  readonly people: ReadonlyMap<string, Author>;
  readonly proven: ReadonlySet<string>;
  /** Believed only because they warn: they may be from after their author left. */
  readonly late: ReadonlySet<string>;
}> {
  const people = await peopleBehind(tx, actor, items);
  const writers = await writersOf(tx, [...new Set(items.flatMap((item) => item.proof?.writerId ?? []))]);
  const unproven: string[] = [];
  const warnings = new Set<string>();
  const shown: SignedItemRow[] = [];
  for (const { kind, id, author, content, proof, warns } of items) {
    const person = people.get(author);
    const writer = proof && writers.get(proof.writerId);
    const text = proof ? itemText(kind, content, proof) : '';
    const proven =
      writer?.personId === author && isSignedWith(writer.publicKey, text, proof?.signature ?? '');
    if (proven && proof) {
      const { writerId, counter, previous } = proof;
      shown.push({ writerId, counter, previous, hash: sha256(text), itemId: id });
    }
    const late = writer?.endedAt != null && (proof?.counter ?? 0) > Number(writer.endedAt);
    if (author !== actor.id && (!person || !proven || (late && !warns))) unproven.push(id);
    else if (person) requireAct(person, act);
    if (author !== actor.id && late) warnings.add(id);
  }
  if (unproven.length > 0) throw new RefusedError('author.unproven', { items: unproven });
  const noted = await noteShown(tx, shown);
  const others = items.filter((item) => item.author !== actor.id).map((item) => item.id);
  if (!noted && others.length > 0) throw new RefusedError('author.unproven', { items: others });
  return { people, proven: new Set(noted ? shown.map((row) => row.itemId) : []), late: warnings };
}

/** Each counter and each place in a series once: a second item there was signed with a copy of the key. */
async function noteShown(tx: EntityManager, shown: readonly SignedItemRow[]): Promise<boolean> {
  if (shown.length === 0) return true;
  const { affectedRows } = await tx.query<{ affectedRows: number }>(
    'INSERT IGNORE INTO signed_item (writerId, counter, previous, hash, itemId) VALUES ?',
    [shown.map((row) => [row.writerId, row.counter, row.previous, row.hash, row.itemId])],
  );
  return affectedRows === shown.length;
}

/** Who gave one item, and its proof if that shows it. */
export async function authorOf(
  tx: EntityManager,
  actor: Actor,
  act: Act,
  item: Item,
): Promise<{ readonly author: Author; readonly proof?: Proof }> {
  const { people, proven } = await authorsOf(tx, actor, act, [item]);
  return {
    author: people.get(item.author) as Author,
    ...(proven.has(item.id) && item.proof ? { proof: item.proof } : {}),
  };
}

/** For what is said in one's own session only. */
export function requireOwn(actor: Actor, author: string, act: Act): Author {
  if (author !== actor.id) throw new RefusedError('author.unproven', { items: [] });
  requireAct(actor, act);
  return actor;
}
