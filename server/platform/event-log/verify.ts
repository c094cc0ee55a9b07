import type { DataSource } from 'typeorm';
import { faultInChain, type EntryCore } from '@cadre/core/event-log';
import { sha256 } from './digest';
import { chainHeadEntity, entryEntity, type EntryRow } from './entities';

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

/** Walks every chain and what its entries cover, and names each first thing that does not agree. */
export async function verifyRecord(
  source: DataSource,
  verifiers: Readonly<Record<string, Verifier>>,
): Promise<{
  readonly entries: number;
  /** How many of each covered thing were looked at, by its name. */
  readonly covered: Readonly<Record<string, number>>;
  readonly faults: readonly VerifyFault[];
}> {
  const faults: VerifyFault[] = [];
  let entries = 0;
  for (const head of await source.getRepository(chainHeadEntity).find()) {
    const rows = await source
      .getRepository(entryEntity)
      .find({ where: { chain: head.chain }, order: { seq: 'ASC' } });
    entries += rows.length;
    let broken = null;
    try {
      broken = faultInChain(rows.map(coreOf), sha256);
    } catch (error) {
      // A body that no longer parses is an alteration like any other.
      faults.push({ chain: head.chain, seq: 0, what: `unreadable: ${(error as Error).message}` });
    }
    if (broken) faults.push({ chain: head.chain, seq: broken.seq, what: broken.what });
    else if (rows.length !== head.seq || (rows.at(-1)?.hash ?? head.hash) !== head.hash)
      faults.push({ chain: head.chain, seq: head.seq, what: 'cut short' });
  }
  const covered: Record<string, number> = {};
  for (const [name, verify] of Object.entries(verifiers)) {
    const found = await verify(source);
    covered[name] = found.looked;
    faults.push(...found.faults);
  }
  return { entries, covered, faults };
}
