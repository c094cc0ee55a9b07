import type { DataSource } from 'typeorm';
import { faultInChain, type EntryCore } from '@cadre/core/records';
import { markDigest } from './mark-digest';
import type { EntryBodies } from './bodies';
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

/** Every photo's bytes against the hash its entry names, and that none is there unnamed. */
async function photoFaults(source: DataSource): Promise<readonly VerifyFault[]> {
  const real = (await source.query('SELECT id, SHA2(whole, 256) AS hash FROM photo')) as {
    id: string;
    hash: string;
  }[];
  const unnamed = new Map(real.map((row) => [row.id, row.hash]));
  const faults: VerifyFault[] = [];
  for (const row of await source.getRepository(entryEntity).findBy({ kind: 'photo.added' })) {
    const body = JSON.parse(row.body) as EntryBodies['photo.added'];
    if (unnamed.get(body.photoId) !== body.hash)
      faults.push({ chain: row.chain, seq: row.seq, what: 'its photo was altered or removed' });
    unnamed.delete(body.photoId);
  }
  if (unnamed.size > 0)
    faults.push({
      chain: 'photos',
      seq: unnamed.size,
      what: `${unnamed.size} photos stand that no entry names`,
    });
  return faults;
}

/** Walks every chain and the marks its entries cover, and names each first thing that does not agree. */
export async function verifyRecord(
  source: DataSource,
): Promise<{ readonly entries: number; readonly marks: number; readonly faults: readonly VerifyFault[] }> {
  const faults: VerifyFault[] = [];
  let entries = 0;
  let marks = 0;
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
    for (const row of rows.filter((each) => each.kind === 'check.marked')) {
      const body = JSON.parse(row.body) as EntryBodies['check.marked'];
      marks += body.markIds.length;
      if ((await markDigest(source.manager, body.markIds)) !== body.marksHash)
        faults.push({ chain: row.chain, seq: row.seq, what: 'a mark it covers was altered or removed' });
    }
  }
  faults.push(...(await photoFaults(source)));
  const [{ loose }] = (await source.query('SELECT COUNT(*) AS loose FROM mark')) as [
    { loose: number | string },
  ];
  if (Number(loose) !== marks)
    faults.push({ chain: 'marks', seq: Number(loose), what: `${loose} marks stand, ${marks} are covered` });
  return { entries, marks, faults };
}
