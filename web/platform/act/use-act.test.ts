import { afterEach, describe, expect, it, vi } from 'vitest';
import { readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import { countStock } from '@cadre/contract/parts';
import { ROUTES } from '@cadre/contract/routes';
import { addRack } from '@cadre/contract/fleet';
import { fetched, Refusal } from '../../../testing/fetched';
import { useAct } from './use-act';

afterEach(() => vi.unstubAllGlobals());
const PATH = 'POST /api/v1/stock/s1/count';
const body = (by: number, at = 1) => ({
  params: { id: 's1' },
  body: { by, why: 'lost' as const, note: '', at },
});

describe('an act of the web', () => {
  it('keeps its id and its body until it is answered, and begins a new one then', async () => {
    const server = fetched();
    const act = useAct();
    await expect(act(countStock, body(-1, 1))).rejects.toThrow('did not answer');
    server.answers[PATH] = () => ({ onHand: 2 });
    await act(countStock, body(-1, 2));
    expect(server.sent[1]?.body).toEqual(server.sent[0]?.body);
    await act(countStock, body(-1, 3));
    expect(server.sent[2]?.body.id).not.toBe(server.sent[0]?.body.id);
    expect(server.sent[2]?.body.at).toBe(3);
  });

  it('keeps its id when something else is typed meanwhile, so that the server can say the first had arrived', async () => {
    const server = fetched();
    const act = useAct();
    await expect(act(countStock, body(-1))).rejects.toThrow();
    server.answers[PATH] = () => new Refusal('conflict.id-reused');
    await expect(act(countStock, body(-2))).rejects.toMatchObject({
      problem: { code: 'conflict.id-reused' },
    });
    expect(server.sent[1]?.body).toMatchObject({ id: server.sent[0]?.body.id, by: -2 });
    // That was an answer.
    await expect(act(countStock, body(-2))).rejects.toMatchObject({
      problem: { code: 'conflict.id-reused' },
    });
    expect(server.sent[2]?.body.id).not.toBe(server.sent[0]?.body.id);
  });

  it('is another one on another thing, and in another form', async () => {
    const server = fetched();
    const act = useAct();
    const rack = (name: string) => ({ body: { siteId: 's', name, hooks: 2 } });
    await expect(act(addRack, rack('A'), 'A')).rejects.toThrow();
    await expect(act(addRack, rack('B'), 'B')).rejects.toThrow();
    await expect(useAct()(addRack, rack('A'), 'A')).rejects.toThrow();
    expect(new Set(server.sent.map((each) => each.body.id)).size).toBe(3);
  });

  it('is not answered by a server that broke', async () => {
    const server = fetched({ [PATH]: () => new Refusal('server.error', [], 500) });
    const act = useAct();
    await expect(act(countStock, body(-1))).rejects.toThrow();
    await expect(act(countStock, body(-1))).rejects.toThrow();
    expect(server.sent[1]?.body.id).toBe(server.sent[0]?.body.id);
  });
});

describe('writing', () => {
  /** What has ids of its own: the outbox's marks, photos and recordings, and sessions. */
  const OTHERS = [
    'web/checks/deliver.ts',
    'web/photos/deliver-photos.ts',
    'web/sounds/deliver-sounds.ts',
    'web/people/use-session.ts',
    'web/platform/authorship/keys/index.ts',
  ];
  const READS = ['checks.find', 'policy.preview', 'groups.fetch-calendar'];
  const files = readdirSync('web', { recursive: true, encoding: 'utf8' })
    .filter((name) => /\.(ts|vue)$/.test(name) && !/\.test\.|^dist|node_modules/.test(name))
    .map((name) => join('web', name));

  it('goes through an act everywhere', () => {
    const contracts = readdirSync('contract', { recursive: true, encoding: 'utf8' }).filter((name) =>
      name.endsWith('.ts'),
    );
    const writes = contracts.flatMap((name) =>
      [
        ...readFileSync(join('contract', name), 'utf8').matchAll(
          /export const (\w+) = route<typeof schemas\.\w+>\(\{\s*name: '([^']+)'/g,
        ),
      ]
        .filter(
          ([, , route]) =>
            ROUTES.some((each) => each.name === route && each.method !== 'GET') &&
            !READS.includes(route ?? ''),
        )
        .map(([, written]) => written ?? ''),
    );
    expect(writes.length).toBeGreaterThan(45);
    const sends = new RegExp(`(?<![\\w.])send\\((${writes.join('|')})\\b`);
    const past = files.filter((file) => !OTHERS.includes(file) && sends.test(readFileSync(file, 'utf8')));
    expect(files.length).toBeGreaterThan(250);
    expect(past).toEqual([]);
  });
});
