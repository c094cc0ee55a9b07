import { MoreThan, type DataSource } from 'typeorm';
import { faultInChain, GENESIS, type EntryCore } from '@cadre/core/event-log';
import { sha256 } from './digest';
import { chainHeadEntity, entryEntity, type EntryRow } from './entities';
import { isAnchorSigned, isSignedByOne, type Anchor } from './record-key';

export interface VerifyFault {
  readonly chain: string;
  readonly seq: number;
  readonly what: string;
}

function coreOf(row: EntryRow): EntryCore & { hash: string } {
  return {
    chain: row.chain,
    seq: row.seq,
    previousHash: row.previousHash,
    id: row.id,
    kind: row.kind,
    body: JSON.parse(row.body) as unknown,
    policyHash: row.policyHash,
    author: row.author,
    happenedAt: row.happenedAt.getTime(),
    recordedAt: row.recordedAt.getTime(),
    hash: row.hash,
  };
}

/** What one feature keeps beside the log, covered by hashes in it: what does not agree, and how much was looked at. */
export type Verifier = (
  source: DataSource,
) => Promise<{ readonly looked: number; readonly faults: readonly VerifyFault[] }>;

/** What the record is held against from outside the database. */
export interface Proving {
  /** Public keys the server has signed with. None: signatures are not looked at. */
  readonly publicKeys: readonly string[];
  readonly anchors: readonly Anchor[];
}

const PAGE = 1000;

/** Walks one chain in pages. From its first signed entry on, every entry has to be signed: nobody who can only write to the database does that. */
async function walk(
  source: DataSource,
  chain: string,
  { publicKeys, anchors }: Proving,
): Promise<{ readonly seq: number; readonly hash: string; readonly faults: readonly VerifyFault[] }> {
  const faults: VerifyFault[] = [];
  const anchored = new Map<number, string>();
  for (const anchor of anchors)
    for (const head of anchor.heads) if (head.chain === chain) anchored.set(head.seq, head.hash);
  let last = { seq: 0, hash: GENESIS };
  let signing = false;
  for (;;) {
    const rows = await source
      .getRepository(entryEntity)
      .find({ where: { chain, seq: MoreThan(last.seq) }, order: { seq: 'ASC' }, take: PAGE });
    try {
      const broken = faultInChain(rows.map(coreOf), sha256, last);
      if (broken) return { ...last, faults: [...faults, { chain, ...broken }] };
    } catch (error) {
      // A body that no longer parses is an alteration like any other.
      return {
        ...last,
        faults: [...faults, { chain, seq: 0, what: `unreadable: ${(error as Error).message}` }],
      };
    }
    for (const { seq, hash, signature } of rows) {
      const wanted = anchored.get(seq);
      if (wanted !== undefined && wanted !== hash) faults.push({ chain, seq, what: 'not what was anchored' });
      if (publicKeys.length === 0 || (!signing && signature === null)) continue;
      signing = true;
      if (signature === null || !isSignedByOne(publicKeys, hash, signature))
        faults.push({ chain, seq, what: 'not signed by this server' });
    }
    const end = rows.at(-1);
    if (end) last = { seq: end.seq, hash: end.hash };
    if (rows.length < PAGE) break;
  }
  const missing = Math.max(0, ...anchored.keys());
  if (missing > last.seq) faults.push({ chain, seq: missing, what: 'anchored, and cut off since' });
  return { ...last, faults };
}

/** Walks every chain and what its entries cover, and names each first thing that does not agree. */
export async function verifyRecord(
  source: DataSource,
  verifiers: Readonly<Record<string, Verifier>>,
  proving: Proving = { publicKeys: [], anchors: [] },
): Promise<{
  readonly entries: number;
  /** How many of each covered thing were looked at, by its name. */
  readonly covered: Readonly<Record<string, number>>;
  readonly faults: readonly VerifyFault[];
}> {
  const faults: VerifyFault[] = [];
  let entries = 0;
  const heads = new Map(
    (await source.getRepository(chainHeadEntity).find()).map((head) => [head.chain, head]),
  );
  const written = await source.query<{ chain: string }[]>('SELECT DISTINCT chain FROM entry');
  const anchored = proving.anchors.flatMap((anchor) => anchor.heads.map((head) => head.chain));
  for (const chain of new Set([...heads.keys(), ...written.map((row) => row.chain), ...anchored])) {
    const walked = await walk(source, chain, proving);
    const head = heads.get(chain);
    entries += walked.seq;
    faults.push(...walked.faults);
    if (!head) faults.push({ chain, seq: walked.seq, what: 'its head is gone' });
    else if (
      walked.faults.length === 0 &&
      (walked.seq !== head.seq || (head.seq > 0 && walked.hash !== head.hash))
    )
      faults.push({ chain, seq: head.seq, what: 'cut short' });
  }
  for (const anchor of proving.anchors)
    if (proving.publicKeys.length > 0 && !isAnchorSigned(anchor, proving.publicKeys))
      faults.push({ chain: 'anchors', seq: anchor.at, what: 'this anchor was not signed by this server' });
  const covered: Record<string, number> = {};
  for (const [name, verify] of Object.entries(verifiers)) {
    const found = await verify(source);
    covered[name] = found.looked;
    faults.push(...found.faults);
  }
  return { entries, covered, faults };
}
