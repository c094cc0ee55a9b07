import 'fake-indexeddb/auto';
import { createPinia, setActivePinia } from 'pinia';
import { v7 as newId } from 'uuid';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { USUAL_BUILD } from '@cadre/core/fleet';
import { RIDE_OUT } from '@cadre/core/shipped';
import { marksFor } from '@cadre/test-world/builders';
import { localDb, saveCheck } from '@cadre/web/platform/local-db';
import { useSession } from '@cadre/web/people';
import { fetched, Refusal, type Fetched } from '../../testing/fetched';
import { useOutbox } from './use-outbox';

const author = newId();
let server: Fetched;

/** A check begun here with three marks that nobody was sent yet. */
async function begun(tag: string, openedAt: number): Promise<string> {
  const id = newId();
  await saveCheck({
    id,
    serverId: null,
    bikeId: newId(),
    tag,
    build: USUAL_BUILD.hardtail,
    checklistHash: 'a'.repeat(64),
    checklist: RIDE_OUT,
    repairId: null,
    author,
    openedAt,
    state: 'open',
    signature: null,
    trouble: null,
  });
  for (const mark of marksFor(RIDE_OUT, USUAL_BUILD.hardtail, author, openedAt).slice(0, 3))
    await localDb.marks.put({ id: mark.id, checkId: id, mark, sent: 0 });
  server.answers[`POST /api/v1/checks/${id}/marks`] = (body) => ({
    sent: (body.marks as { id: string }[]).map((mark) => mark.id),
  });
  return id;
}

beforeEach(async () => {
  setActivePinia(createPinia());
  await Promise.all([
    localDb.checks.clear(),
    localDb.marks.clear(),
    localDb.acts.clear(),
    localDb.photos.clear(),
    localDb.sounds.clear(),
  ]);
  server = fetched();
  useSession().deliverer = author;
});
afterEach(() => {
  useOutbox().$dispose();
  vi.useRealTimers();
  vi.unstubAllGlobals();
});

describe('the outbox', () => {
  it('sends a recording as soon as it is saved, and says whose others wait for', async () => {
    const bikeId = newId();
    const said = {
      bikeId,
      at: 1,
      bytes: Uint8Array.from([1]),
      type: 'audio/webm',
      gear: '',
      doing: '',
      trouble: null,
    };
    server.answers[`POST /api/v1/bikes/${bikeId}/sounds`] = () => ({});
    await localDb.sounds.put({ ...said, id: 'draft', author, state: 'draft' });
    await localDb.sounds.put({ ...said, id: 'other', author: 'ben', state: 'waiting' });
    const outbox = useOutbox();
    outbox.begin();
    await vi.waitFor(() => expect(outbox.waitsFor).toEqual(new Map([['ben', 1]])));
    expect(outbox.waiting).toBe(1);
    await localDb.sounds.update('draft', { state: 'waiting' });
    await vi.waitFor(async () => expect(await localDb.sounds.get('draft')).toBeUndefined(), 10_000);
    expect(server.sent.map(({ body }) => body.id)).toEqual(['draft']);
    await vi.waitFor(() => expect(outbox.waiting).toBe(1));
  });

  it('sends what is saved here, the oldest check first, and counts down to nothing', async () => {
    server.answers['POST /api/v1/checks'] = () => ({});
    const late = await begun('Q2', 2000);
    const early = await begun('Q1', 1000);
    const outbox = useOutbox();
    outbox.begin();
    await vi.waitFor(() => expect(server.sent.length).toBe(4), 10_000);
    await vi.waitFor(() => expect(outbox.allSent).toBe(true), 10_000);
    expect(server.sent.map((each) => each.at)).toEqual([
      'POST /api/v1/checks',
      `POST /api/v1/checks/${early}/marks`,
      'POST /api/v1/checks',
      `POST /api/v1/checks/${late}/marks`,
    ]);
    expect(await localDb.marks.where('sent').equals(0).count()).toBe(0);
  });

  it('with no server keeps all of it, says so, and tries again later and later by itself', async () => {
    vi.useFakeTimers({ toFake: ['setTimeout', 'clearTimeout'] });
    const id = await begun('Q1', 1000);
    const outbox = useOutbox();
    await outbox.flush();
    expect(outbox.reachable).toBe(false);
    expect(server.sent).toHaveLength(1);
    expect(await localDb.marks.where('sent').equals(0).count()).toBe(3);
    // The first wait is half a second, the next twice as long.
    for (const [wait, tries] of [
      [499, 1],
      [1, 2],
      [999, 2],
      [1, 3],
    ] as const) {
      vi.advanceTimersByTime(wait);
      await vi.waitFor(() => expect(server.sent).toHaveLength(tries));
    }
    server.answers['POST /api/v1/checks'] = () => ({});
    vi.advanceTimersByTime(2000);
    await vi.waitFor(async () => expect(await localDb.marks.where('sent').equals(0).count()).toBe(0), 10_000);
    expect(server.sent.at(-1)?.at).toBe(`POST /api/v1/checks/${id}/marks`);
    expect(outbox.reachable).toBe(true);
  });

  it('sends once, however many ask while it is at it', async () => {
    server.answers['POST /api/v1/checks'] = () => ({});
    await begun('Q1', 1000);
    const outbox = useOutbox();
    await Promise.all([outbox.flush(), outbox.flush(), outbox.flush()]);
    await vi.waitFor(async () => expect(await localDb.marks.where('sent').equals(0).count()).toBe(0), 10_000);
    expect(server.sent.filter((each) => each.at === 'POST /api/v1/checks')).toHaveLength(1);
  });

  it('asks for a sign-in when the session is gone, and loses nothing', async () => {
    server.answers['POST /api/v1/checks'] = () => new Refusal('session.required', [], 401);
    await begun('Q1', 1000);
    await useOutbox().flush();
    expect(useSession().needsSignIn).toBe(true);
    expect(await localDb.marks.where('sent').equals(0).count()).toBe(3);
  });

  it('shows what the server will not take, by bike, and goes on with the others', async () => {
    server.answers['POST /api/v1/checks'] = () => ({});
    const refused = await begun('Q1', 1000);
    server.answers[`POST /api/v1/checks/${refused}/marks`] = () =>
      new Refusal('check.mark-not-asked', [], 422);
    const second = await begun('Q2', 2000);
    const outbox = useOutbox();
    outbox.begin();
    await vi.waitFor(() => expect(outbox.troubles.map((each) => each.tag)).toEqual(['Q1']), 10_000);
    await vi.waitFor(() =>
      expect(server.sent.map((each) => each.at)).toContain(`POST /api/v1/checks/${second}/marks`),
    );
  });
});
