import { afterEach, describe, expect, it, vi } from 'vitest';
import { addRack } from '@cadre/contract/fleet';
import { getWall } from '@cadre/contract/wall';
import { messagesOf } from '@cadre/contract/routes';
import { checkAnswers, RefusedError, send, UnreachableError } from '.';

const answers = (body: string, status = 200, type = 'application/json'): void => {
  vi.stubGlobal('fetch', () =>
    Promise.resolve(new Response(body, { status, headers: { 'content-type': type } })),
  );
};
afterEach(() => {
  checkAnswers(null);
  vi.unstubAllGlobals();
});

describe('a request', () => {
  it('goes without the half of a letter a field cut in two: with it, it would be refused whenever it is sent', async () => {
    const fetched = vi.fn(() => Promise.resolve(Response.json({ id: 'r' })));
    vi.stubGlobal('fetch', fetched);
    await send(addRack, { body: { id: 'i', siteId: 's', name: 'Rail 😀\ud83d', hooks: 2 } });
    expect(fetched.mock.calls[0]).toMatchObject([
      '/api/v1/racks',
      { body: expect.stringContaining('"Rail 😀"') as unknown },
    ]);
  });
  it('refused carries what the server says', async () => {
    answers('{"code":"session.required"}', 401);
    await expect(send(getWall)).rejects.toThrow(RefusedError);
  });
  it.each([
    ['a page of some proxy', '<html>busy</html>', 'text/html'],
    ['an answer that was cut off', '{"sites":[', 'application/json'],
  ])('%s is no answer of the server', async (_what, body, type) => {
    answers(body, 200, type);
    await expect(send(getWall)).rejects.toThrow(UnreachableError);
  });
  it('whose answer is not what was agreed fails before anybody reads it, where answers are checked', async () => {
    answers('{"sites":"none"}');
    expect(await send(getWall)).toEqual({ sites: 'none' });
    checkAnswers((route, answer) => void messagesOf(route).answer.parse(answer));
    await expect(send(getWall)).rejects.toMatchObject({ issues: expect.any(Array) as unknown });
  });
});
