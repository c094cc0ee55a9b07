import { afterAll, beforeAll, expect, it } from 'vitest';
import { SECRET } from '../testing/world';
import { openBehindProxy, type BehindProxy } from './support/behind-proxy';
import { sweepAndSign, sweepStation } from './support/stand';

let behind: BehindProxy;
let { world, proxy, browser } = {} as BehindProxy;
beforeAll(async () => {
  behind = await openBehindProxy('tablet');
  ({ world, proxy, browser } = behind);
});
afterAll(() => behind?.close());

const number = async (sql: string, values: string[] = []): Promise<number> =>
  Number(((await world.database.owner.query(sql, values)) as { n: string }[])[0]?.n);

async function typeIn(within: string, name: string): Promise<void> {
  await browser.type(`${within} input[autocomplete=username]`, name);
  await browser.type(`${within} input[type=password]`, SECRET);
  await browser.click(`${within} button[type=submit]`);
}
async function changeTo(name: string): Promise<void> {
  await browser.click('[data-person]');
  await typeIn('[role=dialog]', name);
  await browser.until(async () => (await browser.count('[role=dialog]')) === 0, `the dialog stays: ${name}`);
  await browser.textIs('[data-person]', name);
}
const waiting = async (): Promise<number> =>
  Number(await browser.attribute('[data-waiting]', 'data-waiting'));
/** Marks on this disk that nobody's key has signed. */
const unsigned = (): Promise<number> =>
  browser.driver.executeAsyncScript(
    `const done = arguments[0];
     const open = indexedDB.open('cadre');
     open.onsuccess = () => {
       const marks = open.result.transaction('marks').objectStore('marks').getAll();
       marks.onsuccess = () => { open.result.close(); done(marks.result.filter((each) => !each.mark.proof).length); };
     };`,
  );
const sweep = (): Promise<void> => sweepStation(browser);

it('two people mark on one tablet without a signal, each in their own name; what nothing shows to be theirs waits for them', async () => {
  const bike = await world.bike('T1');
  await browser.go('/');
  await typeIn('main', 'mechanic');
  await browser.find('[data-rails]');
  const bound = (many: number): Promise<void> =>
    browser.until(
      async () => (await number('SELECT COUNT(*) AS n FROM writer')) === many,
      `${many} keys are not bound`,
    );
  await bound(1);
  await changeTo('inspector');
  await bound(2);
  await browser.go(`/stand/${bike.id}`);
  await browser.find('[data-question]');
  await browser.until(
    () =>
      browser.driver.executeAsyncScript<boolean>(
        'const done = arguments[0]; navigator.serviceWorker.ready.then(() => done(Boolean(navigator.serviceWorker.controller)))',
      ),
    'no service worker',
  );
  // Another page was opened: the code opens the key again.
  await changeTo('inspector');
  await browser.until(async () => (await waiting()) === 0, 'something is unsent');
  proxy.cut();
  await sweep();
  await browser.until(async () => (await unsigned()) === 0, 'marks stay unsigned');
  await changeTo('mechanic'); // only the code opens the key, with no server to ask
  await sweep();
  await browser.until(async () => (await unsigned()) === 0, 'marks stay unsigned');
  expect(await waiting()).toBeGreaterThan(1);

  // The line is back, and with it the session of the inspector: the mechanic had signed out before.
  proxy.mode = { kind: 'pass' };
  await browser.find('[data-waits-for]');
  await browser.textIs('[data-waits-for]', 'mechanic has to');
  const authors = 'SELECT COUNT(DISTINCT author) AS n FROM mark';
  await browser.until(async () => (await number(authors)) === 1, 'the inspector’s marks are not sent');

  await changeTo('mechanic');
  await browser.until(async () => (await waiting()) === 0, 'something stays unsent');
  expect(await browser.count('[data-waits-for]')).toBe(0);
  expect(await number(authors)).toBe(2);
  await sweepAndSign(browser);
  await browser.find('[data-tag=T1][data-fitness=cleared]');
  const unproven = 'SELECT COUNT(*) AS n FROM mark WHERE author = ? AND proof IS NULL';
  expect(await number(unproven, [world.idOf('inspector')])).toBe(0);
});
