import { request } from 'node:http';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { v7 as newId } from 'uuid';
import { World } from '../../testing/world';

let world: World;
beforeAll(async () => {
  world = await World.open();
});
afterAll(() => world.close());

const port = (): number => Number(new URL(world.base).port);
interface Given {
  readonly path?: string;
  readonly method?: string;
  readonly headers?: Record<string, string>;
  readonly body?: Buffer;
  /** Sends the body's beginning and holds the rest back. */
  readonly hold?: boolean;
}
interface Answered {
  readonly status: number;
  readonly headers: Record<string, unknown>;
  readonly text: string;
}
/** Past fetch: its Host cannot be set, nor a body held back. */
function ask({ path = '/api/health', method = 'GET', headers = {}, body, hold = false }: Given) {
  const made = request({ port: port(), host: '127.0.0.1', path, method, headers });
  const answered = new Promise<Answered>((done, failed) => {
    made.once('error', failed);
    made.once('response', (response) => {
      let text = '';
      response.on('data', (chunk: Buffer) => (text += chunk.toString()));
      response.once('end', () => done({ status: response.statusCode ?? 0, headers: response.headers, text }));
    });
  });
  if (hold) made.write((body ?? Buffer.alloc(0)).subarray(0, 1000));
  else made.end(body);
  return { made, answered };
}
const code = async (given: Given): Promise<string> => {
  const { status, text } = await ask(given).answered;
  return `${status} ${(JSON.parse(text) as { code?: string }).code ?? ''}`.trim();
};

describe('the server’s outside', () => {
  it('answers to its own addresses and to no name a name server pointed here', async () => {
    expect(await code({ headers: { host: `localhost:${port()}` } })).toBe('200');
    expect(await code({ headers: { host: `127.0.0.1:${port()}` } })).toBe('200');
    expect(await code({ headers: { host: `[::1]:${port()}` } })).toBe('200');
    expect(await code({ headers: { host: 'rebound.example' } })).toBe('421 host.refused');
  });

  it('says that the database is down while it is frozen, instead of saying nothing', async () => {
    const { source } = world.database;
    const query = source.query.bind(source);
    source.query = () => new Promise(() => undefined);
    try {
      const { status, text } = await ask({}).answered;
      expect([status, JSON.parse(text)]).toMatchObject([200, { status: 'database-down', database: 'down' }]);
    } finally {
      source.query = query;
    }
  });

  it('lets nobody else’s page use camera, microphone or instruments, and says so', async () => {
    const { headers } = await ask({}).answered;
    expect(headers['permissions-policy']).toBe(
      'camera=(self), microphone=(self), serial=(self), bluetooth=(self), hid=(self)',
    );
    expect(headers['strict-transport-security']).toBeUndefined(); // on plain http it would lock people out
  });

  it('reads no body of a stranger, and a small one at the sign-in', async () => {
    const large = Buffer.from(JSON.stringify({ signInName: 'x'.repeat(20_000), secret: 'y' }));
    const headers = { 'content-type': 'application/json', 'content-length': String(large.length) };
    const sent = { method: 'POST', headers, body: large };
    expect(await code({ ...sent, path: '/api/v1/session' })).toBe('413 body.too-large');
    // Nothing but the beginning is sent: it is refused without waiting for the rest.
    const { made, answered } = ask({ ...sent, path: `/api/v1/checks/${newId()}/marks`, hold: true });
    expect((await answered).status).toBe(401);
    made.destroy();
  });

  it('takes in so much at a time and no more, and goes on once that is over', async () => {
    const headers = {
      cookie: world.as('mechanic').cookie,
      'content-type': 'image/jpeg',
      'content-length': String(4 * 1024 * 1024),
    };
    const held = Array.from({ length: 30 }, () =>
      ask({
        method: 'POST',
        path: `/api/v1/photos/${newId()}?of=%7B%7D`,
        headers,
        body: Buffer.alloc(2000),
        hold: true,
      }),
    );
    const first = await Promise.race(held.map(({ answered }) => answered));
    expect(`${first.status} ${(JSON.parse(first.text) as { code: string }).code}`).toBe('503 server.busy');
    held.forEach(({ made, answered }) => {
      answered.catch(() => undefined); // the line is cut
      made.destroy();
    });
    for (;;) {
      const { status } = await ask({
        method: 'POST',
        path: '/api/v1/checks/find',
        headers: { cookie: headers.cookie, 'content-type': 'application/json' },
        body: Buffer.from('{}'),
      }).answered;
      if (status === 400) break;
      expect(status).toBe(503);
    }
  });

  it('writes no value of a statement into its log', async () => {
    await world.database.owner.query('RENAME TABLE bike_disturbed TO gone_for_now');
    const bike = await world.bike('OUT1');
    expect((await world.as('mechanic').raw('GET', `/api/v1/bikes/${bike.id}`)).status).toBe(200);
    await expect(world.check(bike)).rejects.toThrow('500');
    await world.database.owner.query('RENAME TABLE gone_for_now TO bike_disturbed');
    const logged = world.log.join('');
    expect(logged).toContain('ER_NO_SUCH_TABLE');
    expect(logged).not.toContain(bike.id);
  });
});
