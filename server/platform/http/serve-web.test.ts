import { mkdirSync, mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import type { Server } from 'node:http';
import type { AddressInfo } from 'node:net';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { brotliCompressSync } from 'node:zlib';
import express from 'express';
import { afterEach, beforeEach, describe, expect, it } from 'vitest';
import { serveWeb } from './serve-web';

let dir: string;
let server: Server | null = null;
beforeEach(() => {
  dir = mkdtempSync(join(tmpdir(), 'cadre-web-'));
  mkdirSync(join(dir, 'assets'));
  writeFileSync(join(dir, 'index.html'), '<title>Shell</title>');
  writeFileSync(join(dir, 'assets', 'shell-1.js'), 'export {};');
});
afterEach(() => {
  server?.close();
  server = null;
  rmSync(dir, { recursive: true });
});

async function opened(): Promise<(path: string) => Promise<Response>> {
  const app = express();
  serveWeb(app, dir);
  const listening = app.listen(0, '127.0.0.1');
  server = listening;
  await new Promise((done) => listening.once('listening', done));
  return (path) =>
    fetch(`http://127.0.0.1:${(listening.address() as AddressInfo).port}${path}`, {
      headers: { 'accept-encoding': 'br' },
    });
}

describe('the front end as it is served', () => {
  it('names what a view needs along with the shell, in its order, and nothing for other addresses', async () => {
    const told = [
      { path: '^/bikes/[^/]+$', files: ['/assets/shell-1.js', '/assets/bike-2.js'] },
      { path: '^/$', files: ['/assets/wall-3.js'] },
    ];
    writeFileSync(join(dir, 'fetched-ahead.json'), JSON.stringify(told));
    const get = await opened();
    const link = async (path: string): Promise<string | null> => (await get(path)).headers.get('link');
    expect(await link('/bikes/b1')).toBe(
      '</assets/shell-1.js>; rel=modulepreload, </assets/bike-2.js>; rel=modulepreload',
    );
    expect(await link('/')).toBe('</assets/wall-3.js>; rel=modulepreload');
    expect(await link('/bikes/b1/record')).toBeNull();
  });
  it('serves without a word of that, too', async () => {
    const answer = await (await opened())('/bikes/b1');
    expect([answer.status, answer.headers.get('link'), await answer.text()]).toEqual([
      200,
      null,
      '<title>Shell</title>',
    ]);
  });
  it('keeps hashed files for ever and the shell never; a hashed file that is gone is not the shell', async () => {
    const get = await opened();
    const [file, shell, gone] = [
      await get('/assets/shell-1.js'),
      await get('/rounds'),
      await get('/assets/shell-0.js'),
    ];
    expect(file.headers.get('cache-control')).toContain('immutable');
    expect(shell.headers.get('cache-control')).toBe('no-cache');
    expect(gone.status).toBe(404);
    expect((await get('/assets/%ff')).status).toBe(404);
  });
  it('outlives a file that goes while it runs, packed or plain: that one is gone, the rest is served', async () => {
    writeFileSync(join(dir, 'assets', 'shell-1.js.br'), brotliCompressSync('export {};'));
    writeFileSync(join(dir, 'icon.svg'), '<svg/>');
    const get = await opened();
    expect((await get('/assets/shell-1.js')).headers.get('content-encoding')).toBe('br');
    for (const name of ['assets/shell-1.js', 'assets/shell-1.js.br', 'icon.svg']) rmSync(join(dir, name));
    expect((await get('/assets/shell-1.js')).status).toBe(404);
    expect(await (await get('/icon.svg')).text()).toBe('<title>Shell</title>');
    expect(await (await get('/rounds')).text()).toBe('<title>Shell</title>');
  });
  it('does not come up without having been built, and says so', () => {
    rmSync(join(dir, 'index.html'));
    expect(() => serveWeb(express(), dir)).toThrow('the front end is not built');
  });
});
