import { type Check, type NewMark, addMarks, openCheck, signCheck } from '@cadre/contract/checks';
import { leaveApart } from '@cadre/contract/reassembly';
import {
  saveValue,
  localDb,
  savedUnderWay,
  withChecklists,
  type SavedCheck,
} from '@cadre/web/platform/local-db';
import { RefusedError, send, wordsFor, wantsSignIn } from '@cadre/web/platform/api';

const BATCH = 100;

/** Makes sure the server knows the check; joins the one somebody else had begun. */
async function deliverOpening(check: SavedCheck): Promise<string> {
  if (check.serverId) return check.serverId;
  let serverId = check.id;
  try {
    await send(openCheck, {
      body: {
        id: check.id,
        bikeId: check.bikeId,
        checklistHash: check.checklistHash,
        author: check.author,
        at: check.openedAt,
      },
    });
  } catch (error) {
    if (!(error instanceof RefusedError) || error.problem.code !== 'conflict.check-open') throw error;
    const theirs = error.problem.current as Check;
    serverId = theirs.id;
    await takeMarks(check.id, theirs.marks);
  }
  await localDb.checks.update(check.id, { serverId });
  return serverId;
}

/** Keeps marks the server has that are not known here (somebody else's, or one's own from another device). */
export async function takeMarks(checkId: string, marks: readonly NewMark[]): Promise<void> {
  // Most of it is known already, again and again while others mark: what is written wakes whoever follows.
  const known = new Map(
    (await localDb.marks.where('checkId').equals(checkId).toArray()).map((each) => [each.id, each.sent]),
  );
  const fresh = marks
    .filter((mark) => known.get(mark.id) !== 1)
    .map((mark) => ({ id: mark.id, checkId, mark, sent: 1 as const }));
  if (fresh.length > 0) await localDb.marks.bulkPut(fresh);
}

async function deliverMarks(check: SavedCheck, serverId: string): Promise<void> {
  for (;;) {
    const waiting = await localDb.marks.where('[checkId+sent]').equals([check.id, 0]).limit(BATCH).toArray();
    if (waiting.length === 0) return;
    const { sent } = await send(addMarks, {
      params: { id: serverId },
      body: { marks: waiting.map((each) => each.mark) },
    });
    await localDb.marks.bulkUpdate(sent.map((key) => ({ key, changes: { sent: 1 } })));
  }
}

async function deliverSignature(check: SavedCheck, serverId: string): Promise<void> {
  if (!check.signature) return;
  try {
    await send(signCheck, { params: { id: serverId }, body: check.signature });
    await localDb.checks.update(check.id, { state: 'signed' });
  } catch (error) {
    if (!(error instanceof RefusedError) || !isFinal(error)) throw error;
    // Somebody marked meanwhile: their marks are shown, and the signer signs again for all of it.
    if (error.problem.code === 'check.marks-missing')
      await takeMarks(check.id, (error.problem.current as Check).marks);
    // Refused as it stands: sending the same again would only be refused again.
    await localDb.checks.update(check.id, { state: 'open', signature: null });
    throw error;
  }
}

/** A refusal that sending again cannot change; a lost session or a broken server is not one. */
function isFinal(error: RefusedError): boolean {
  return !wantsSignIn(error) && error.problem.status < 500;
}

/** The server's check is over: what is kept here stays on show until somebody sets it aside, and a new check may begin. */
const OVER: readonly string[] = ['check.already-signed', 'check.abandoned'];

/**
 * Sends what is kept of one check, in order: its opening, its marks, its signature. Whatever was sent
 * already is sent again the same and counts once. Throws when the server cannot be reached.
 */
export async function deliverCheck(check: SavedCheck): Promise<void> {
  try {
    const serverId = await deliverOpening(check);
    await deliverMarks(check, serverId);
    await deliverSignature(check, serverId);
  } catch (error) {
    if (!(error instanceof RefusedError) || !isFinal(error)) throw error;
    const { what, todo } = wordsFor(error.problem);
    await localDb.checks.update(check.id, {
      trouble: `${what} ${todo}`,
      ...(OVER.includes(error.problem.code) ? { state: 'signed' as const } : {}),
    });
  }
}

/** Sends what was left apart, in the order it was said. A refusal stays on show until somebody sets it aside. */
export async function deliverActs(): Promise<void> {
  for (const act of (await localDb.acts.toArray())
    .filter((each) => each.trouble === null)
    .sort((a, b) => a.at - b.at)) {
    const { id, bikeId, what, at, author } = act;
    try {
      await send(leaveApart, { params: { id: bikeId }, body: { id, what, at, author } });
      await localDb.acts.delete(id);
    } catch (error) {
      if (!(error instanceof RefusedError) || !isFinal(error)) throw error;
      const said = wordsFor(error.problem);
      await localDb.acts.update(id, {
        trouble: `“${what}” left apart was not taken. ${said.what} ${said.todo}`,
      });
    }
  }
}

/** Takes a check that can no longer be sent off the list. It stays in this browser, under its own name. */
export async function setAside(checkId: string): Promise<void> {
  const check = await localDb.checks.get(checkId);
  const marks = await localDb.marks.where('checkId').equals(checkId).toArray();
  await saveValue(`set-aside.${checkId}`, { check, marks });
  await localDb.marks.where('checkId').equals(checkId).delete();
  await localDb.checks.delete(checkId);
}

/** Checks with something left to send and nothing known to be wrong with it. */
export async function undelivered(): Promise<SavedCheck[]> {
  const waitingFor = new Set(
    (await localDb.marks.where('sent').equals(0).toArray()).map((each) => each.checkId),
  );
  const begun = await savedUnderWay();
  const others = await withChecklists(await localDb.checks.bulkGet([...waitingFor]));
  return [...new Map([...begun, ...others].map((check) => [check.id, check])).values()]
    .filter(
      (check) =>
        check.trouble === null &&
        (check.state === 'signing' ||
          waitingFor.has(check.id) ||
          (check.state === 'open' && check.serverId === null)),
    )
    .sort((a, b) => a.openedAt - b.openedAt);
}
