import 'fake-indexeddb/auto';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { v7 as newId } from 'uuid';
import { USUAL_BUILD } from '@cadre/core/fleet';
import { RIDE_OUT } from '@cadre/core/shipped';
import { marksFor } from '@cadre/test-world/builders';
import { localDb, savedValue, type SavedCheck } from '@cadre/web/platform/local-db';
import { deliverCheck, setAside, undelivered } from './deliver';

const author = newId();
let check: SavedCheck;
let calls: { path: string; body: Record<string, unknown> }[];
type Answer = { status: number; body: unknown } | 'dead';
let answers: ((path: string) => Answer)[];

beforeEach(async () => {
  await Promise.all([localDb.checks.clear(), localDb.marks.clear()]);
  const id = newId();
  check = {
    id,
    serverId: null,
    bikeId: newId(),
    tag: 'Q1',
    build: USUAL_BUILD.hardtail,
    checklistHash: 'a'.repeat(64),
    checklist: RIDE_OUT,
    repairId: null,
    author,
    openedAt: 5,
    state: 'open',
    signature: null,
    trouble: null,
  };
  await localDb.checks.put(check);
  for (const mark of marksFor(RIDE_OUT, USUAL_BUILD.hardtail, author, 1000).slice(0, 3))
    await localDb.marks.put({ id: mark.id, checkId: id, mark, sent: 0 });
  calls = [];
  answers = [];
  vi.stubGlobal('fetch', async (path: string, init: { body: string }) => {
    const body = JSON.parse(init.body) as Record<string, unknown>;
    calls.push({ path, body });
    const answer = answers.shift()?.(path) ?? ok(path, body);
    if (answer === 'dead') throw new TypeError('network');
    return new Response(JSON.stringify(answer.body), {
      status: answer.status,
      headers: { 'content-type': 'application/json' },
    });
  });
});
afterEach(() => vi.unstubAllGlobals());

function ok(path: string, body: Record<string, unknown>): Answer {
  return {
    status: 200,
    body: path.endsWith('/marks') ? { sent: (body.marks as { id: string }[]).map((mark) => mark.id) } : {},
  };
}
const problem = (status: number, code: string, current?: unknown) => (): Answer => ({
  status,
  body: { type: `urn:cadre:${code}`, status, code, current },
});
const stored = async (): Promise<SavedCheck> => (await localDb.checks.get(check.id)) as SavedCheck;

describe('delivering a check', () => {
  it('opens it, sends its marks, then signs it, and calls them sent', async () => {
    await localDb.checks.update(check.id, {
      state: 'signing',
      signature: { id: newId(), author, markIds: [], at: 9 },
    });
    await deliverCheck(await stored());
    expect(calls.map((call) => call.path.split('/').slice(4).at(-1) ?? 'open')).toEqual([
      'open',
      'marks',
      'sign',
    ]);
    expect(await localDb.marks.where('sent').equals(0).count()).toBe(0);
    expect(await stored()).toMatchObject({ state: 'signed', serverId: check.id });
    expect(await undelivered()).toEqual([]);
  });

  it('keeps everything when the server does not answer, and sends the same again', async () => {
    answers = [() => ({ status: 200, body: {} }), () => 'dead'];
    await expect(deliverCheck(check)).rejects.toThrow('did not answer');
    expect(await localDb.marks.where('sent').equals(0).count()).toBe(3);
    expect(await undelivered()).toHaveLength(1);
    const first = calls.at(-1)?.body;
    await deliverCheck(await stored());
    expect(calls.at(-1)?.body).toEqual(first);
    expect(await localDb.marks.where('sent').equals(1).count()).toBe(3);
  });

  it('joins the check somebody else had begun, with their marks', async () => {
    const theirs = newId();
    const [mark] = marksFor(RIDE_OUT, USUAL_BUILD.hardtail, newId(), 2000);
    answers = [problem(409, 'conflict.check-open', { id: theirs, marks: [mark] })];
    await deliverCheck(check);
    expect((await stored()).serverId).toBe(theirs);
    expect(calls[1]?.path).toContain(theirs);
    expect(await localDb.marks.where('checkId').equals(check.id).count()).toBe(4);
  });

  it('asks for the signature again when somebody marked meanwhile', async () => {
    await localDb.checks.update(check.id, {
      state: 'signing',
      signature: { id: newId(), author, markIds: [], at: 9 },
    });
    const [mark] = marksFor(RIDE_OUT, USUAL_BUILD.hardtail, newId(), 2000);
    answers = [
      (path) => ok(path, {}),
      (path) => ok(path, calls.at(-1)?.body ?? {}),
      problem(409, 'check.marks-missing', { marks: [mark] }),
    ];
    await deliverCheck(await stored());
    expect(await stored()).toMatchObject({ state: 'open', signature: null });
    expect((await stored()).trouble).toContain('sign again');
    expect(await localDb.marks.where('checkId').equals(check.id).count()).toBe(4);
  });

  it('lets a new check begin when this one was signed elsewhere, and keeps what could not be sent', async () => {
    answers = [(path) => ok(path, {}), problem(409, 'check.already-signed')];
    await deliverCheck(check);
    expect(await stored()).toMatchObject({ state: 'signed' });
    expect((await stored()).trouble).toContain('signed already');
    expect(await localDb.marks.where('sent').equals(0).count()).toBe(3);
    await setAside(check.id);
    expect(await localDb.checks.count()).toBe(0);
    expect(await savedValue<{ marks: unknown[] }>(`set-aside.${check.id}`)).toMatchObject({
      marks: [{ sent: 0 }, { sent: 0 }, { sent: 0 }],
    });
  });

  it('brings no mark back that was set aside while it was on its way', async () => {
    const [first] = await localDb.marks.toArray();
    const deleted: Promise<void>[] = [];
    answers = [
      (path) => ok(path, {}),
      (path) => {
        deleted.push(localDb.marks.delete(first?.id ?? ''));
        return ok(path, calls.at(-1)?.body ?? {});
      },
    ];
    await deliverCheck(check);
    await Promise.all(deleted);
    expect((await localDb.marks.toArray()).map((mark) => mark.sent)).toEqual([1, 1]);
  });

  it('a refused signature leaves the check open to be signed by somebody else', async () => {
    await localDb.checks.update(check.id, {
      state: 'signing',
      signature: { id: newId(), author, markIds: [], at: 9 },
    });
    answers = [
      (path) => ok(path, {}),
      (path) => ok(path, calls.at(-1)?.body ?? {}),
      problem(403, 'recheck.second-person'),
    ];
    await deliverCheck(await stored());
    expect(await stored()).toMatchObject({ state: 'open', signature: null });
    expect((await stored()).trouble).toContain('somebody else');
  });

  it.each([
    ['a refusal is told and nothing is dropped', problem(422, 'check.mark-not-asked'), false, true],
    ['a lost session waits for a sign-in', problem(401, 'session.required'), true, false],
    ['a broken server is tried again', problem(500, 'unexpected'), true, false],
  ] as const)('%s', async (_name, answer, throws, troubled) => {
    answers = [answer];
    const outcome = deliverCheck(check);
    if (throws) await expect(outcome).rejects.toBeDefined();
    else await outcome;
    expect((await stored()).trouble !== null).toBe(troubled);
    expect(await localDb.marks.where('sent').equals(0).count()).toBe(3);
  });
});
