import { type Check, type NewMark, addMarks, openCheck, signCheck } from '@cadre/contract/checks';
import type { CheckExposure } from '@cadre/core/exposure';
import { leaveApart } from '@cadre/contract/reassembly';
import {
  saveValue,
  localDb,
  savedUnderWay,
  withChecklists,
  type SavedCheck,
  type SavedMark,
} from '@cadre/web/platform/local-db';
import { RefusedError, send, wordsFor, wantsSignIn } from '@cadre/web/platform/api';
import * as t from './messages';

const BATCH = 100;

/** Whether this session may send something: its own person's, or what its author's key shows to be theirs. The rest waits for its author. */
export const isDeliverable = (me: string, item: { author: string; proof?: unknown }): boolean =>
  item.author === me || item.proof !== undefined;

const isUnproven = (error: unknown): error is RefusedError =>
  error instanceof RefusedError && error.problem.code === 'author.unproven';

/** Makes sure the server knows the check; joins the one somebody else had begun. */
async function deliverOpening(check: SavedCheck, me: string): Promise<string> {
  if (check.serverId) return check.serverId;
  let serverId = check.id;
  let exposure: CheckExposure | null;
  try {
    ({ exposure } = await send(openCheck, {
      body: {
        id: check.id,
        bikeId: check.bikeId,
        checklistHash: check.checklistHash,
        author: check.author,
        at: check.openedAt,
        ...(check.proof ? { proof: check.proof } : {}),
        // Whose key does not show that they began it: whoever sends it does.
        ...(isDeliverable(me, check) ? {} : { author: me }),
      },
    }));
  } catch (error) {
    if (!(error instanceof RefusedError) || error.problem.code !== 'conflict.check-open') throw error;
    const theirs = error.problem.current as Check;
    ({ id: serverId, exposure } = theirs);
    await takeMarks(check.id, theirs.marks);
  }
  const known = await localDb.checks.get(check.id);
  // Whoever began without an answer asks all of it.
  await localDb.checks.update(check.id, { serverId, ...(known?.exposure === undefined ? { exposure } : {}) });
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

async function deliverMarks(check: SavedCheck, serverId: string, me: string): Promise<void> {
  for (;;) {
    const unsent = await localDb.marks.where('[checkId+sent]').equals([check.id, 0]).toArray();
    const waiting = unsent.filter(({ mark }) => isDeliverable(me, mark)).slice(0, BATCH);
    if (waiting.length === 0) return;
    try {
      const { sent } = await send(addMarks, {
        params: { id: serverId },
        body: { marks: waiting.map((each) => each.mark) },
      });
      await localDb.marks.bulkUpdate(sent.map((key) => ({ key, changes: { sent: 1 } })));
    } catch (error) {
      if (!isUnproven(error) || !(await dropProofs(waiting, error, me))) throw error;
    }
  }
}

/** What the server does not take on its proof waits for its author's own session. Answers whether there was any. */
async function dropProofs(marks: readonly SavedMark[], error: RefusedError, me: string): Promise<boolean> {
  const named = (error.problem.params?.items ?? []) as readonly string[];
  const refused = marks.filter(({ id, mark }) => named.includes(id) && mark.author !== me);
  await localDb.marks.bulkUpdate(
    refused.map(({ id, mark: { proof: _proof, ...mark } }) => ({ key: id, changes: { mark } })),
  );
  return refused.length > 0;
}

async function deliverSignature(check: SavedCheck, serverId: string, me: string): Promise<void> {
  if (!check.signature || !isDeliverable(me, check.signature)) return;
  // It is over marks that wait for their author.
  if ((await localDb.marks.where('[checkId+sent]').equals([check.id, 0]).count()) > 0) return;
  try {
    await send(signCheck, { params: { id: serverId }, body: check.signature });
    await localDb.checks.update(check.id, { state: 'signed' });
  } catch (error) {
    if (!(error instanceof RefusedError) || !isFinal(error)) throw error;
    if (isUnproven(error) && check.signature.author !== me) {
      const { proof: _proof, ...signature } = check.signature;
      await localDb.checks.update(check.id, { signature });
      return;
    }
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
 *
 * @param me who is signed in: what others said and did not sign waits for them
 */
export async function deliverCheck(check: SavedCheck, me: string): Promise<void> {
  try {
    const serverId = await deliverOpening(check, me);
    await deliverMarks(check, serverId, me);
    await deliverSignature(check, serverId, me);
  } catch (error) {
    if (!(error instanceof RefusedError) || !isFinal(error)) throw error;
    const { what, todo } = await wordsFor(error.problem);
    await localDb.checks.update(check.id, {
      trouble: `${what} ${todo}`,
      ...(OVER.includes(error.problem.code) ? { state: 'signed' as const } : {}),
    });
  }
}

/** Sends what was left apart, in the order it was said. A refusal stays on show until somebody sets it aside. */
export async function deliverActs(me: string): Promise<void> {
  for (const act of (await localDb.acts.toArray())
    .filter((each) => each.trouble === null && isDeliverable(me, each))
    .sort((a, b) => a.at - b.at)) {
    const { id, bikeId, what, at, author, proof } = act;
    const body = { id, what, at, author, ...(proof ? { proof } : {}) };
    try {
      await send(leaveApart, { params: { id: bikeId }, body });
      await localDb.acts.delete(id);
    } catch (error) {
      if (!(error instanceof RefusedError) || !isFinal(error)) throw error;
      if (isUnproven(error) && author !== me) {
        const { proof: _proof, ...waits } = act;
        await localDb.acts.put(waits);
        continue;
      }
      const said = await wordsFor(error.problem);
      await localDb.acts.update(id, {
        trouble: t.whatCouldNotSaved({ what, what2: said.what, todo: said.todo }),
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
