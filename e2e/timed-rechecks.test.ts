import { HOUR_MS } from '@cadre/core/time';
import { afterAll, beforeAll, describe, expect, inject, it, vi } from 'vitest';
import type { Bike } from '@cadre/contract/fleet';
import { SECRET, World } from '../testing/world';
import { Browser } from './support/browser';
import { ServerProcess } from './support/server-process';

let world: World;
let browser: Browser;
let isOpen = false;
let server: ServerProcess | null = null;
let bike: Bike;
let other: Bike;
beforeAll(async () => {
  world = await World.open({ web: true, realClock: true });
  bike = await world.bike('S1');
  other = await world.bike('S2');
});
/** No page is open any more. */
async function shut(): Promise<void> {
  if (isOpen) await browser.close();
  isOpen = false;
}
afterAll(async () => {
  await shut();
  await server?.kill();
  await world?.close();
});

/** The same program on a server whose clock stands so many hours later; the browser is opened on it only where somebody looks. */
async function later(hours: number): Promise<string> {
  const { socketPath, appPassword } = inject('database');
  await server?.kill();
  const clock = new Date(Date.now() + hours * HOUR_MS).toISOString();
  server = await ServerProcess.start(
    { socketPath, password: appPassword, name: world.database.name },
    { CADRE_CLOCK: clock },
  );
  return `http://127.0.0.1:${server.port}`;
}
async function lookAt(base: string, path: string): Promise<void> {
  await shut();
  browser = await Browser.open(base);
  isOpen = true;
  await browser.size('tablet');
  await browser.signIn('inspector', SECRET, path);
}
const raised = async (id: string): Promise<number> => {
  const rows = (await world.database.owner.query(
    "SELECT COUNT(*) AS n FROM entry WHERE kind = 'timed-recheck.raised' AND bikeId = ?",
    [id],
  )) as {
    n: string;
  }[];
  return Number(rows[0]?.n);
};
async function soak(id: string, bar: string, hours: string): Promise<void> {
  await browser.go(`/bikes/${id}`);
  await browser.click('[data-look-later]');
  await browser.click('[data-timed-recheck-form] button[type=submit]');
  await browser.textIs('[data-timed-recheck-form]', 'Enter the pressure now');
  await browser.type('[data-timed-recheck-pressure] input', bar);
  await browser.type('[data-timed-recheck-hours] input', hours);
  await browser.click('[data-timed-recheck-form] button[type=submit]');
  await browser.find('[data-timed-recheck=soak][data-due=false]');
}
async function gauge(bar: string): Promise<void> {
  await browser.type('[data-timed-recheck-answer] input', bar);
  await browser.click('[data-timed-recheck-done]');
}

describe('soaks set at two bikes', () => {
  it('raise themselves with no page open; one tells its rate and opens a finding, one is too soon to say and raises itself again', async () => {
    await lookAt(world.base, '/');
    await soak(bike.id, '3', '18');
    await soak(other.id, '2', '4');
    await shut();

    // Four hours on: nobody looks, and it is on the record.
    let base = await later(4);
    await vi.waitFor(async () => expect(await raised(other.id)).toBe(1), { timeout: 45_000, interval: 200 });
    expect(await raised(bike.id)).toBe(0);
    await lookAt(base, '/');
    await browser.find('[data-tag=S2] [data-look-again]');
    await browser.click('main [data-strip-again] a');
    await browser.find('[data-timed-recheck=soak][data-due=true]');
    await gauge('1.93');
    await browser.textIs('[data-soak-said]', 'No result yet. The next recheck is');
    await browser.find('[data-timed-recheck=soak][data-due=false]');
    await shut();

    base = await later(18);
    await lookAt(base, `/bikes/${bike.id}`);
    await browser.find('[data-timed-recheck=soak][data-due=true]');
    await gauge('2.76');
    await browser.textIs('[data-soak-said]', /loses 10\.[67] % a day: a finding was opened/);
    await browser.until(async () => (await browser.count('[data-timed-recheck]')) === 0, 'it still waits');
    expect((await world.bikeNow(bike.id)).facts.findings).toMatchObject([
      { fault: 'low-again', severity: 'soon' },
    ]);
    expect([await raised(other.id), await raised(bike.id)]).toEqual([2, 1]);
  });
});
