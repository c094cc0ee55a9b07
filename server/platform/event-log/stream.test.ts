import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { signOut } from '@cadre/contract/people';
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
async function follow(headers: Record<string, string> = {}): Promise<Reader> {
  const response = await fetch(`${world.base}/api/v1/changes`, {
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

  it('is for people who are signed in', async () => {
    const response = await fetch(`${world.base}/api/v1/changes`);
    expect(response.status).toBe(401);
  });
});
