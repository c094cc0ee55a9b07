import type { Server } from 'node:http';
import type { AddressInfo } from 'node:net';
import { resolve } from 'node:path';
import { pino } from 'pino';
import { afterAll, beforeAll, expect, it } from 'vitest';
import { createApp } from '@cadre/server/app';
import { createTestDatabase, type TestDatabase } from '../testing/database';
import { scrollsSideways, violationsOf } from './support/axe';
import { Browser } from './support/browser';

let database: TestDatabase;
let server: Server;
let browser: Browser;
beforeAll(async () => {
  database = await createTestDatabase();
  const app = createApp({
    source: database.source,
    now: Date.now,
    log: pino({ level: 'silent' }),
    version: 't',
    demo: false,
    webDir: resolve('web/dist'),
    publicUrl: null,
    checkAnswers: true,
  });
  server = app.listen(0, '127.0.0.1');
  await new Promise((done) => server.once('listening', done));
  browser = await Browser.open(`http://127.0.0.1:${(server.address() as AddressInfo).port}`);
});
afterAll(async () => {
  await browser?.close();
  server?.closeAllConnections();
  server?.close();
  await database?.drop();
});

/** Fills in a field by the words of its label. */
async function fill(label: string, text: string): Promise<void> {
  const find = `return [...document.querySelectorAll('label')].filter((l) => l.textContent.trim() === arguments[0]).map((l) => l.htmlFor)[0] ?? null`;
  let id: string | null = null;
  await browser.until(
    async () => (id = await browser.driver.executeScript<string | null>(find, label)) !== null,
    `no field ${label}`,
  );
  await browser.type(`[id="${id}"]`, text);
}

it('an empty program is set up, gets a rack and a first bike, and says so at every step', async () => {
  await browser.size('office');
  await browser.go('/');
  await browser.textIs('h1', 'Set up your program');
  expect(await violationsOf(browser)).toEqual([]);
  await fill('Program', 'Heron Creek');
  await fill('First site', 'Shed');
  await fill('Time zone', 'Heron/Creek');
  await fill('Your name', 'Ada Quill');
  await fill('Your sign-in name', 'ada');
  await fill('Your code', 'heron-12');
  await browser.click('button[type=submit]');
  await browser.textIs('form', 'This time zone does not exist. Try Europe/London.');
  await fill('Time zone', 'Europe/London');
  await browser.click('button[type=submit]');

  await browser.textIs('main', 'No racks here yet');
  expect(await violationsOf(browser)).toEqual([]);
  await browser.type('[data-new-rack-name]', 'Rail');
  await browser.type('[data-new-rack-hooks]', '4');
  await browser.click('[data-rack-add]');
  await browser.textIs('main', '0 bikes · 4 hooks');

  await browser.go('/bikes/new');
  await fill('Tag', 'h1');
  await fill('Model name', 'Reed');
  const hook = `const field = [...document.querySelectorAll('label')].find((l) => l.textContent.trim() === 'Hook').htmlFor; const select = document.getElementById(field); select.selectedIndex = 1; select.dispatchEvent(new Event('change', { bubbles: true })); return select.options[1].textContent.trim()`;
  expect(await browser.driver.executeScript<string>(hook)).toBe('Rail, hook 1');
  await browser.click('[data-save]');
  await browser.find('[data-tag=H1][data-fitness=due]');
  await browser.textIs('[data-clipboard]', 'No ride-out check yet');
  expect(await scrollsSideways(browser)).toBe(false);
  expect(await browser.complaints()).toEqual([]);
});
