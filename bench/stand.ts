import { chmodSync, mkdtempSync, rmSync } from 'node:fs';
import type { Server } from 'node:http';
import type { AddressInfo } from 'node:net';
import { resolve } from 'node:path';
import { pino } from 'pino';
import type { DataSource } from 'typeorm';
import type { Driver } from 'selenium-webdriver/chrome.js';
import { v7 as newId } from 'uuid';
import { importBikes, BATCH } from '@cadre/contract/exchange';
import { addRack } from '@cadre/contract/fleet';
import { getWall } from '@cadre/contract/wall';
import { setUp } from '@cadre/contract/setup';
import { BIKE_KINDS } from '@cadre/core/fleet';
import { createApp } from '@cadre/server/app';
import { bikeFieldsOf } from '@cadre/test-world/builders';
import { Client } from '@cadre/test-world/client';
import { startDatabaseServer, type DatabaseServer } from '../bin/database-server';
import { openStore } from '../bin/open-store';
import type { Browser } from '../e2e/support/browser';

export const SECRET = 'curlew-0';

export interface Stand {
  readonly client: Client;
  readonly base: string;
  readonly source: DataSource;
  close(): Promise<void>;
}

/** Runs with a MariaDB of its own, every commit on the disk as in use. */
export async function withDatabase<T>(run: (server: DatabaseServer) => Promise<T>): Promise<T> {
  const dataDir = mkdtempSync('/tmp/cadre-bench-');
  chmodSync(dataDir, 0o755);
  const server = await startDatabaseServer({
    dataDir,
    died: (notice) => {
      throw notice;
    },
  });
  try {
    return await run(server);
  } finally {
    await server.stop();
    rmSync(dataDir, { recursive: true, force: true });
  }
}

/** A program with so many bikes on racks of fifty hooks, served with the built front end. */
export async function openStand(server: DatabaseServer, name: string, bikes: number): Promise<Stand> {
  const { source } = await openStore(server, name);
  const app = createApp({
    source,
    now: Date.now,
    log: pino({ level: 'error' }),
    version: 'bench',
    demo: false,
    webDir: resolve('web/dist'),
    publicUrl: null,
  });
  const http: Server = app.listen(0, '127.0.0.1');
  await new Promise((done) => http.once('listening', done));
  const base = `http://127.0.0.1:${(http.address() as AddressInfo).port}`;
  const client = new Client(base);
  await client.send(setUp, {
    body: {
      id: newId(),
      programName: 'Bench',
      siteName: 'Shed',
      timeZone: 'Europe/London',
      opensAt: '09:00',
      leadName: 'Lead',
      signInName: 'lead',
      secret: SECRET,
    },
  });
  const siteId = (await client.send(getWall)).sites[0]?.id ?? '';
  for (let first = 0; first < bikes; first += 50) {
    const rack = await client.send(addRack, {
      body: { id: newId(), siteId, name: `Rail ${first / 50 + 1}`, hooks: 50 },
    });
    const rows = rack.hooks.map((hook, index) => ({
      id: newId(),
      version: null,
      ...bikeFieldsOf(BIKE_KINDS[(first / 50 + index) % BIKE_KINDS.length] ?? 'hybrid', {
        tag: `B${String(first + index + 1).padStart(4, '0')}`,
        siteId,
        hookId: hook.id,
      }),
    }));
    for (let at = 0; at < rows.length; at += BATCH)
      await client.send(importBikes, { body: { id: newId(), siteId, bikes: rows.slice(at, at + BATCH) } });
  }
  return {
    client,
    base,
    source,
    async close() {
      http.closeAllConnections();
      await new Promise((done) => http.close(done));
      await source.destroy();
    },
  };
}

/** Milliseconds from the start of a navigation to the frame in which something like `css` is first on screen. */
export async function firstView(browser: Browser, path: string, css: string): Promise<number> {
  const { driver } = browser;
  const { identifier } = (await (driver as Driver).sendAndGetDevToolsCommand(
    'Page.addScriptToEvaluateOnNewDocument',
    {
      source: `new MutationObserver((_m, own) => { if (document.querySelector(${JSON.stringify(css)})) { own.disconnect(); requestAnimationFrame(() => setTimeout(() => { window.seenAt = performance.now(); })); } }).observe(document, { childList: true, subtree: true });`,
    },
  )) as unknown as { identifier: string };
  await browser.go(path);
  let seen = 0;
  await browser.until(
    async () => (seen = (await driver.executeScript<number | null>('return window.seenAt ?? null')) ?? 0) > 0,
    `${css} never shows`,
  );
  await (driver as Driver).sendDevToolsCommand('Page.removeScriptToEvaluateOnNewDocument', { identifier });
  return seen;
}
