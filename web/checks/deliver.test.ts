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
    await deliverCheck(await stored(), author);
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
    await expect(deliverCheck(check, author)).rejects.toThrow('did not answer');
    expect(await localDb.marks.where('sent').equals(0).count()).toBe(3);
    expect(await undelivered()).toHaveLength(1);
    const first = calls.at(-1)?.body;
    await deliverCheck(await stored(), author);
    expect(calls.at(-1)?.body).toEqual(first);
    expect(await localDb.marks.where('sent').equals(1).count()).toBe(3);
  });

  it('joins the check somebody else had begun, with their marks', async () => {
    const theirs = newId();
    const [mark] = marksFor(RIDE_OUT, USUAL_BUILD.hardtail, newId(), 2000);
    answers = [problem(409, 'conflict.check-open', { id: theirs, marks: [mark] })];
    await deliverCheck(check, author);
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
    await deliverCheck(await stored(), author);
    expect(await stored()).toMatchObject({ state: 'open', signature: null });
    expect((await stored()).trouble).toContain('sign again');
    expect(await localDb.marks.where('checkId').equals(check.id).count()).toBe(4);
  });

  it('lets a new check begin when this one was signed elsewhere, and keeps what could not be sent', async () => {
    answers = [(path) => ok(path, {}), problem(409, 'check.already-signed')];
    await deliverCheck(check, author);
    expect(await stored()).toMatchObject({ state: 'signed' });
    expect((await stored()).trouble).toContain('This check is already signed.');
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
    await deliverCheck(check, author);
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
    await deliverCheck(await stored(), author);
    expect(await stored()).toMatchObject({ state: 'open', signature: null });
    expect((await stored()).trouble).toContain('second person');
  });

  it.each([
    ['a refusal is told and nothing is dropped', problem(422, 'check.mark-not-asked'), false, true],
    ['a lost session waits for a sign-in', problem(401, 'session.required'), true, false],
    ['a broken server is tried again', problem(500, 'unexpected'), true, false],
  ] as const)('%s', async (_name, answer, throws, troubled) => {
    answers = [answer];
    const outcome = deliverCheck(check, author);
    if (throws) await expect(outcome).rejects.toBeDefined();
    else await outcome;
    expect((await stored()).trouble !== null).toBe(troubled);
    expect(await localDb.marks.where('sent').equals(0).count()).toBe(3);
  });
});

describe('what another person entered on this browser', () => {
  const me = newId();
  const proof = { previous: '0'.repeat(64), signature: 'A'.repeat(86) };
  const sentMarks = () => calls.filter((call) => call.path.endsWith('/marks')).map((call) => call.body.marks);

  it('is sent in their name where their key shows it, and waits for them where nothing does', async () => {
    const [signed] = await localDb.marks.toArray();
    if (!signed) throw new Error('no mark');
    await localDb.marks.update(signed.id, { mark: { ...signed.mark, proof } });
    await localDb.checks.update(check.id, {
      state: 'signing',
      signature: { id: newId(), author: me, markIds: [], at: 9 },
    });
    await deliverCheck(await stored(), me);
    expect(calls[0]?.body.author).toBe(me); // nothing shows who began it: whoever sends it does
    expect(sentMarks()).toMatchObject([[{ id: signed.id, author, proof }]]);
    // The signature is over marks that wait.
    expect(calls.some((call) => call.path.endsWith('/sign'))).toBe(false);
    expect(await localDb.marks.where('sent').equals(0).count()).toBe(2);
    await deliverCheck(await stored(), author);
    expect(await localDb.marks.where('sent').equals(0).count()).toBe(0);
    await deliverCheck(await stored(), me);
    expect(await stored()).toMatchObject({ state: 'signed' });
  });

  it('waits for them once the server says that it may be from after they left', async () => {
    for (const { id, mark } of await localDb.marks.toArray())
      await localDb.marks.update(id, { mark: { ...mark, proof } });
    const [late] = await localDb.marks.toArray();
    const refusal = problem(403, 'author.unproven')();
    if (refusal === 'dead') throw new Error('no answer');
    answers = [
      () => ({ status: 200, body: {} }),
      () => ({ ...refusal, body: { ...(refusal.body as object), params: { items: [late?.id] } } }),
    ];
    await deliverCheck(await stored(), me);
    expect(sentMarks().map((marks) => (marks as unknown[]).length)).toEqual([3, 2]);
    expect((await localDb.marks.where('sent').equals(0).toArray()).map((each) => each.id)).toEqual([
      late?.id,
    ]);
    expect((await stored()).trouble).toBeNull();
  });
});
