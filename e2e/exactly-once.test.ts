import { afterAll, beforeAll, beforeEach, describe, expect, it } from 'vitest';
import type { Bike } from '@cadre/contract/fleet';
import { SECRET } from '../testing/world';
import { Browser } from './support/browser';
import { sweepAndSign, sweepStation } from './support/stand';
import { openBehindProxy, type BehindProxy } from './support/behind-proxy';

let behind: BehindProxy;
let { world, server, proxy, browser } = {} as BehindProxy;
let bike: Bike;
let tags = 0;

beforeAll(async () => {
  behind = await openBehindProxy('tablet');
  ({ world, server, proxy, browser } = behind);
});
afterAll(() => behind?.close(browser));
beforeEach(async () => {
  proxy.mode = { kind: 'pass' };
  bike = await world.bike(`X${(tags += 1)}`);
});

const query = async (sql: string): Promise<number> =>
  Number(((await world.database.owner.query(sql, [bike.id])) as { n: string }[])[0]?.n);
const marksInDatabase = (): Promise<number> =>
  query('SELECT COUNT(*) AS n FROM mark m JOIN bike_check c ON c.id = m.checkId WHERE c.bikeId = ?');
const checksInDatabase = (): Promise<number> =>
  query('SELECT COUNT(*) AS n FROM bike_check WHERE bikeId = ?');
/** What this browser says of its marks: how many there are, how many it calls sent, and their ids. */
const kept = (): Promise<{ ids: string[]; sent: string[] }> =>
  browser.driver.executeAsyncScript(
    `const done = arguments[arguments.length - 1];
     const open = indexedDB.open('cadre');
     open.onsuccess = () => {
       const all = open.result.transaction(['marks', 'checks']);
       const marks = all.objectStore('marks').getAll();
       const checks = all.objectStore('checks').getAll();
       all.oncomplete = () => {
         const mine = new Set(checks.result.filter((c) => c.bikeId === '${'${BIKE}'}').map((c) => c.id));
         const rows = marks.result.filter((m) => mine.has(m.checkId));
         open.result.close();
         done({ ids: rows.map((m) => m.id), sent: rows.filter((m) => m.sent === 1).map((m) => m.id) });
       };
     };`.replace('${BIKE}', bike.id),
  );
const idsInDatabase = async (): Promise<string[]> =>
  (
    (await world.database.owner.query(
      'SELECT m.id FROM mark m JOIN bike_check c ON c.id = m.checkId WHERE c.bikeId = ?',
      [bike.id],
    )) as {
      id: string;
    }[]
  ).map((row) => row.id);

async function allSent(): Promise<void> {
  await browser.until(
    async () => Number(await browser.attribute('[data-waiting]', 'data-waiting')) === 0,
    'something stays unsent',
  );
}
const sweep = (): Promise<void> => sweepStation(browser);
async function finishAndSign(): Promise<void> {
  await sweepAndSign(browser);
  await browser.find('[data-tag]');
}
/** Every mark is in the database once, under the id this browser gave it; one check; signed once. */
async function expectExactlyOnce(): Promise<void> {
  const { ids, sent } = await kept();
  expect(sent.length).toBe(ids.length);
  expect((await idsInDatabase()).sort()).toEqual([...ids].sort());
  expect(await checksInDatabase()).toBe(1);
  expect(await browser.count('header [role=alert]')).toBe(0);
  expect(await query("SELECT COUNT(*) AS n FROM entry WHERE bikeId = ? AND kind = 'check.signed'")).toBe(1);
  expect((await world.fitness(bike.id)).fitness).toBe('cleared');
}

describe('exactly once', () => {
  it('when the line drops ten answers after the server had committed: of the opening, of every batch of marks, of the signature', async () => {
    /** Drops the next answers to a path and waits until what was sent is sent again and answered. */
    const dropped = async (matching: RegExp, times: number, act: () => Promise<void>): Promise<void> => {
      const before = proxy.dropped;
      proxy.mode = { kind: 'drop-answer', matching, left: times };
      await act();
      await browser.until(
        async () => proxy.dropped === before + times,
        `only ${proxy.dropped - before} of ${times} answers were dropped`,
      );
      await allSent();
    };
    proxy.dropped = 0;
    await dropped(/^POST \/api\/v1\/checks /, 1, async () => {
      await browser.signIn('inspector', SECRET, `/stand/${bike.id}`);
      await browser.find('[data-question]');
      await sweep();
    });
    for (let station = 2; station <= 6; station += 1)
      await dropped(/^POST \/api\/v1\/checks\/[^ ]+\/marks/, 1, sweep);
    await dropped(/^POST \/api\/v1\/checks\/[^ ]+\/sign/, 4, finishAndSign);
    expect(proxy.dropped).toBe(10);
    await expectExactlyOnce();
  });

  /** Kills the server at the very moment a request of this path has reached it, then brings it back. */
  async function killedAt(path: string, act: () => Promise<void>): Promise<void> {
    const hit = new Promise<void>((done) => {
      proxy.mode = { kind: 'notice', matching: new RegExp(`^POST /api/v1/checks/[^ ]+/${path}`), seen: done };
    });
    await act();
    await hit;
    await server.kill();
    proxy.mode = { kind: 'pass' };
    const { sent } = await kept();
    const stored = new Set(await idsInDatabase());
    expect(sent.every((id) => stored.has(id))).toBe(true);
    await server.up();
    await allSent();
  }

  it('when the server is killed three times between marks', async () => {
    await browser.signIn('inspector', SECRET, `/stand/${bike.id}`);
    await browser.find('[data-question]');
    for (let kill = 1; kill <= 3; kill += 1) await killedAt('marks', sweep);
    await finishAndSign();
    await allSent();
    await expectExactlyOnce();
  });

  it('when the server is killed in the sign-off, three bikes in a row', async () => {
    for (let kill = 1; kill <= 3; kill += 1) {
      if (kill > 1) bike = await world.bike(`X${(tags += 1)}`);
      await browser.signIn('inspector', SECRET, `/stand/${bike.id}`);
      await browser.find('[data-question]');
      await killedAt('sign', finishAndSign);
      await expectExactlyOnce();
    }
  });

  it('when the browser is killed with the server gone, and somebody has to sign in afresh', async () => {
    await browser.signIn('inspector', SECRET, `/stand/${bike.id}`);
    await browser.find('[data-question]');
    await browser.until(
      () =>
        browser.driver.executeAsyncScript<boolean>(
          'const done = arguments[0]; navigator.serviceWorker.ready.then(() => done(Boolean(navigator.serviceWorker.controller)))',
        ),
      'no service worker',
    );
    await sweep();
    await allSent();
    const strip = await browser.height('header');
    proxy.cut();
    await sweep();
    await sweep();
    await browser.textIs('[data-sync]', 'not synced');
    // It says more now and takes no more room: nothing moves under a hand that marks.
    expect(await browser.height('header')).toBe(strip);
    const before = await kept();
    expect(before.ids.length).toBeGreaterThan(before.sent.length);
    const { profile } = browser;
    await browser.kill();

    browser = await Browser.open(proxy.base, { profile, worksOffline: true });
    await browser.size('tablet');
    // Still no server: the shell opens, the draft is there and can be gone on with.
    await browser.go(`/stand/${bike.id}`);
    await browser.find('[data-question]');
    expect((await kept()).ids.sort()).toEqual([...before.ids].sort());
    await sweep();
    await browser.textIs('[data-sync]', 'not synced');
    proxy.mode = { kind: 'pass' };
    await browser.driver.manage().deleteAllCookies();
    await browser.click('[data-person]');
    await browser.type('[role=dialog] input[autocomplete=username]', 'inspector');
    await browser.type('[role=dialog] input[type=password]', SECRET);
    await browser.click('[role=dialog] button[type=submit]');
    await browser.until(async () => (await browser.count('[role=dialog]')) === 0, 'the dialog stays');
    await allSent();
    expect(await marksInDatabase()).toBe((await kept()).ids.length);
    await finishAndSign();
    await allSent();
    await expectExactlyOnce();
  });
});
