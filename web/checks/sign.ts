import type { NewMark } from '@cadre/contract/checks';
import { itemContent } from '@cadre/core/authorship';
import { signerOf } from '@cadre/web/platform/authorship';
import { localDb, savedUnderWay, type SavedCheck, type SavedMark } from '@cadre/web/platform/local-db';

/** Signs what was stored while its author's key is open here, so that anybody's session may deliver it. Without a key it waits for its author's. */

export async function signMarks(checkId: string, marks: readonly SavedMark[]): Promise<void> {
  const signer = signerOf(marks[0]?.mark.author ?? '');
  const check = await localDb.checks.get(checkId);
  if (!signer || !check) return;
  const about = { bikeId: check.bikeId, checklistHash: check.checklistHash };
  const signed: { key: string; changes: { mark: NewMark } }[] = [];
  for (const { id, mark } of marks) {
    if (mark.writerId !== signer.writerId) continue;
    const { previous, signature } = await signer.prove('mark', itemContent(about, mark), mark.counter);
    signed.push({ key: id, changes: { mark: { ...mark, proof: { previous, signature } } } });
  }
  // In one go: whoever follows these marks reads them again each time.
  await localDb.marks.bulkUpdate(signed);
}

/** A check begun here. One that somebody else had begun is open already. */
export async function signOpening(check: SavedCheck): Promise<void> {
  const signer = check.serverId ? null : signerOf(check.author);
  if (!signer) return;
  const { id, bikeId, checklistHash, author, openedAt: at } = check;
  const proof = await signer.prove('opening', { id, bikeId, checklistHash, author, at });
  await localDb.checks.update(id, { proof });
}

export async function signSignature(checkId: string): Promise<void> {
  const check = await localDb.checks.get(checkId);
  const signer = signerOf(check?.signature?.author ?? '');
  if (!check?.signature || !signer) return;
  const about = { bikeId: check.bikeId, checklistHash: check.checklistHash };
  const proof = await signer.prove('signature', itemContent(about, check.signature));
  await localDb.checks.update(checkId, { signature: { ...check.signature, proof } });
}

/** What this person entered here before their key was open. */
export async function signStored(personId: string): Promise<void> {
  const unsent = (await localDb.marks.where('sent').equals(0).toArray()).filter(
    ({ mark }) => mark.author === personId && !mark.proof,
  );
  for (const checkId of new Set(unsent.map((each) => each.checkId)))
    await signMarks(
      checkId,
      unsent.filter((each) => each.checkId === checkId),
    );
  for (const check of await savedUnderWay()) {
    if (check.author === personId && !check.proof) await signOpening(check);
    if (check.signature?.author === personId && !check.signature.proof) await signSignature(check.id);
  }
}
