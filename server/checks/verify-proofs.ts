import { itemText } from '@cadre/core/authorship';
import type { MarkProof } from '@cadre/core/checks';
import { isSignedWith } from '@cadre/server/people';
import { jsonOf } from '@cadre/server/platform/database';
import type { Verifier, VerifyFault } from '@cadre/server/platform/event-log';
import type { MarkRow } from './entities';
import { itemOf, markOf, type About } from './rows';

const PAGE = 2000;

interface SignedRow extends Omit<MarkRow, 'faults' | 'reading' | 'proof' | 'counter'>, About {
  readonly faults: string;
  readonly reading: string | null;
  readonly proof: string;
  readonly counter: string | number;
  readonly personId: string | null;
  readonly publicKey: string | null;
}

/** Whether the author's own key signed this mark as it is stored. */
function isAuthors({ bikeId, checklistHash, personId, publicKey, ...row }: SignedRow): boolean {
  if (personId !== row.author || publicKey === null || row.writerId === null) return false;
  const counter = Number(row.counter);
  const proof = jsonOf<MarkProof>(row.proof);
  const mark = markOf({
    ...row,
    counter,
    proof,
    faults: jsonOf<MarkRow['faults']>(row.faults),
    reading: row.reading === null ? null : jsonOf<MarkRow['reading']>(row.reading),
  });
  const { kind, content } = itemOf({ bikeId, checklistHash }, mark);
  const text = itemText(kind, content, { writerId: row.writerId, counter, previous: proof.previous });
  return isSignedWith(publicKey, text, proof.signature);
}

/** Every mark that was signed against the key of its author: one slipped in under another name shows. */
export const verifyProofs: Verifier = async (source) => {
  const faults: VerifyFault[] = [];
  let looked = 0;
  for (let last = ''; ;) {
    const rows = await source.query<SignedRow[]>(
      `SELECT m.*, c.bikeId, c.checklistHash, w.personId, w.publicKey FROM mark m JOIN bike_check c ON c.id = m.checkId
       LEFT JOIN writer w ON w.id = m.writerId WHERE m.proof IS NOT NULL AND m.id > ? ORDER BY m.id LIMIT ${PAGE}`,
      [last],
    );
    for (const row of rows)
      if (!isAuthors(row))
        faults.push({ chain: 'marks', seq: 0, what: `mark ${row.id} was not signed by its author` });
    looked += rows.length;
    if (rows.length < PAGE) return { looked, faults };
    last = rows.at(-1)?.id ?? '';
  }
};
