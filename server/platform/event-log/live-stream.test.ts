import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { v7 as newId } from 'uuid';
import { addMarks, openCheck } from '@cadre/contract/checks';
import { changeSite, getBike, type Bike } from '@cadre/contract/fleet';
import { signOut } from '@cadre/contract/people';
import { marksFor } from '@cadre/test-world/builders';
import { Client } from '@cadre/test-world/client';
import { SECRET, World } from '../../../testing/world';

let world: World;
const ended = new AbortController();
beforeAll(async () => {
  world = await World.open();
});
afterAll(async () => {
  ended.abort();
  await world.close();
});

type Reader = ReadableStreamDefaultReader<Uint8Array>;
async function follow(headers: Record<string, string> = {}, query = ''): Promise<Reader> {
  const response = await fetch(`${world.base}/api/v1/changes${query}`, {
    headers: { cookie: world.as('desk').cookie, ...headers },
    signal: ended.signal,
  });
  return (response.body as ReadableStream<Uint8Array>).getReader();
}
/** All that is told until something wanted was. */
async function until(reader: Reader, wanted: RegExp): Promise<string> {
  let seen = '';
  while (!wanted.test(seen)) seen += new TextDecoder().decode((await reader.read()).value);
  return seen;
}
interface Told {
  readonly bikeId: string | null;
  readonly kind: string;
  readonly bike?: Bike | null;
}
const toldOf = (seen: string): Told[] =>
  [...seen.matchAll(/^data: (.+)$/gm)].map((match) => JSON.parse(match[1] ?? '') as Told);
const cursorOf = (seen: string): string => [...seen.matchAll(/id: (\S+)/g)].at(-1)?.[1] ?? '';

describe('the live stream', () => {
  it('tells a change as it comes, and goes on from where a browser was', async () => {
    const reader = await follow();
    await until(reader, /hello/);
    const live = await world.bike('L1');
    const seen = await until(reader, new RegExp(live.id));
    const missed = await world.bike('L2');
    const caughtUp = await until(await follow({ 'last-event-id': cursorOf(seen) }), new RegExp(missed.id));
    expect(caughtUp).toContain('bike.added');
    expect(caughtUp).not.toContain(live.id);
  });

  it('tells them in the order they were written, each once', async () => {
    const reader = await follow();
    await until(reader, /hello/);
    const bikes = [await world.bike('L3'), await world.bike('L4'), await world.bike('L5')];
    const seen = await until(reader, new RegExp(bikes[2]?.id ?? ''));
    const told = [...seen.matchAll(/"bikeId":"([0-9a-f-]+)"/g)].map((match) => match[1]);
    expect(told.filter((id) => bikes.some((bike) => bike.id === id))).toEqual(bikes.map((bike) => bike.id));
  });

  it('from a cursor that is none begins now, and says nothing of what was before', async () => {
    const before = await world.bike('L6');
    const reader = await follow({ 'last-event-id': 'from;the:moon' });
    await until(reader, /hello/);
    const after = await world.bike('L7');
    expect(await until(reader, new RegExp(after.id))).not.toContain(before.id);
  });

  it('ends with its session, and tells nothing after it', async () => {
    const client = new Client(world.base);
    await client.signIn('desk', SECRET);
    const reader = await follow({ cookie: client.cookie });
    await until(reader, /hello/);
    await client.send(signOut, {});
    const late = await world.bike('L8');
    let seen = '';
    for (;;) {
      const { done, value } = await reader.read();
      if (done) break;
      seen += new TextDecoder().decode(value);
    }
    expect(seen).not.toContain(late.id);
  });

  it('brings the bike as it is since, or says that its row is as it was', async () => {
    const reader = await follow();
    await until(reader, /hello/);
    const bike = await world.bike('L9');
    const [checkId, author] = [newId(), world.idOf('inspector')];
    const checklist = world.checklists.get('ride-out');
    if (!checklist) throw new Error('no ride-out');
    const at = world.clock.now;
    await world.as('inspector').send(openCheck, {
      body: { id: checkId, bikeId: bike.id, checklistHash: checklist.hash, author, at },
    });
    const opened = toldOf(await until(reader, /check\.opened.*\n\n/)).at(-1);
    expect(opened?.bike).toEqual(await world.as('desk').send(getBike, { params: { id: bike.id } }));
    const [mark] = marksFor(checklist.checklist, bike.build, author, at);
    if (!mark) throw new Error('no mark');
    await world.as('inspector').send(addMarks, { params: { id: checkId }, body: { marks: [mark] } });
    const marked = toldOf(await until(reader, /check\.marked.*\n\n/)).at(-1);
    expect(marked).toMatchObject({ bikeId: bike.id, bike: null });
  });

  it('tells of the bikes of the sites asked for, and of what is no bike', async () => {
    const elsewhere = await follow({}, `?sites=${newId()}`);
    const here = await follow({}, `?sites=${newId()},${world.siteId}`);
    await Promise.all([until(elsewhere, /hello/), until(here, /hello/)]);
    const bike = await world.bike('L10');
    await world.as('lead').send(changeSite, {
      params: { id: world.siteId },
      body: { id: newId(), name: 'Shed', timeZone: 'Europe/London', opensAt: '08:30' },
    });
    expect(await until(here, /site\.changed/)).toContain(bike.id);
    expect(await until(elsewhere, /site\.changed/)).not.toContain(bike.id);
  });

  it('is open so many times in one session, and no oftener', async () => {
    const client = new Client(world.base);
    await client.signIn('desk', SECRET);
    const statusOf = async (): Promise<number> =>
      (
        await fetch(`${world.base}/api/v1/changes`, {
          headers: { cookie: client.cookie },
          signal: ended.signal,
        })
      ).status;
    const statuses: number[] = [];
    while (statuses.at(-1) !== 503 && statuses.length < 20) statuses.push(await statusOf());
    expect(statuses).toEqual([...Array.from({ length: 12 }, () => 200), 503]);
    await until(await follow(), /hello/);
  });

  it('is for people who are signed in', async () => {
    const response = await fetch(`${world.base}/api/v1/changes`);
    expect(response.status).toBe(401);
  });
});
