import { canonicalJson } from './canonical';

/** The head of an empty chain. */
export const GENESIS = '0'.repeat(64);

/** What an entry's hash covers: everything it says, and the hash before it. */
export interface EntryCore {
  readonly chain: string;
  readonly seq: number;
  readonly previousHash: string;
  readonly id: string;
  readonly kind: string;
  readonly body: unknown;
  readonly policyHash: string | null;
  readonly author: string | null;
  readonly happenedAt: number;
  readonly recordedAt: number;
}

/** The text whose hash is the entry's hash. */
export function entryText(entry: EntryCore): string {
  return canonicalJson([
    entry.chain,
    entry.seq,
    entry.previousHash,
    entry.id,
    entry.kind,
    entry.body,
    entry.policyHash,
    entry.author,
    entry.happenedAt,
    entry.recordedAt,
  ]);
}

export type ChainFault =
  | { readonly seq: number; readonly what: 'missing' }
  | { readonly seq: number; readonly what: 'broken-link' }
  | { readonly seq: number; readonly what: 'altered' };

/**
 * Walks one chain in order of seq and names the first thing wrong with it, or null. `hash` is the
 * digest of a text; it comes in so that core needs no crypto of its own. `after`: the entry before the first, where it is not the
 * chain's first.
 */
export function faultInChain(
  entries: Iterable<EntryCore & { readonly hash: string }>,
  hash: (text: string) => string,
  after: { readonly seq: number; readonly hash: string } = { seq: 0, hash: GENESIS },
): ChainFault | null {
  let previousHash = after.hash;
  let seq = after.seq + 1;
  for (const entry of entries) {
    if (entry.seq !== seq) return { seq, what: 'missing' };
    if (entry.previousHash !== previousHash) return { seq, what: 'broken-link' };
    if (hash(entryText(entry)) !== entry.hash) return { seq, what: 'altered' };
    previousHash = entry.hash;
    seq += 1;
  }
  return null;
}
