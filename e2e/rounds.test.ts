import { Key } from 'selenium-webdriver';
import { afterAll, beforeAll, describe, expect, inject, it } from 'vitest';
import { v7 as newId } from 'uuid';
import { addMarks, openCheck } from '@cadre/contract/checks';
import { changeSite } from '@cadre/contract/fleet';
import { asBuilt, questionsOf } from '@cadre/core/catalogue';
import { USUAL_BUILD } from '@cadre/core/fleet';
import { markFor } from '@cadre/test-world/builders';
import { changePolicy } from '@cadre/test-world/client';
import { SECRET, World } from '../testing/world';
import { Browser } from './support/browser';
import { Proxy } from './support/proxy';
import { sweepAndSign, sweepStation } from './support/stand';
import { ServerProcess } from './support/server-process';

let world: World;
let server: ServerProcess;
let proxy: Proxy;
let stand: Browser;
let line: Browser;
const ids = new Map<string, string>();
const tag = (number: number): string => `M${String(number).padStart(2, '0')}`;
const tags = (from: number, to: number): string[] =>
  Array.from({ length: to - from + 1 }, (_, index) => tag(from + index));
const query = async <T>(sql: string, values: unknown[] = []): Promise<T[]> =>
  (await world.database.owner.query(sql, values)) as T[];
const number = async (sql: string, values: unknown[] = []): Promise<number> =>
  Number((await query<{ n: string }>(sql, values))[0]?.n);

beforeAll(async () => {
  world = await World.open({ realClock: true });
  // Somebody went away twenty minutes ago: that is today only where the day began before. It is always well on in one of these.
  const hour = Number(
    new Intl.DateTimeFormat('en-GB', { timeZone: 'Europe/London', hour: 'numeric', hourCycle: 'h23' }).format(
      Date.now(),
    ),
  );
  if (hour < 2)
    await world.as('lead').send(changeSite, {
      params: { id: world.siteId },
      body: { id: newId(), name: 'Shed', timeZone: 'Pacific/Auckland', opensAt: '09:00' },
    });
  await changePolicy(world.as('lead'), { marking: 'by-station' }, 'by station');
  for (const each of tags(1, 24))
    ids.set(each, (await world.bike(each, Number(each.slice(1)) <= 12 ? 'child' : 'hardtail')).id);
  const { socketPath, appPassword } = inject('database');
  server = await ServerProcess.start({ socketPath, password: appPassword, name: world.database.name });
  proxy = await Proxy.open(server.port);
  const open = (): Promise<Browser> => Browser.open(proxy.base, { worksOffline: true });
  [stand, line] = await Promise.all([open(), open()]);
  await stand.size('tablet');
  await line.size('office');
  await stand.signIn('inspector', SECRET);
  await line.signIn('mechanic', SECRET);
});
afterAll(async () => {
  await stand?.close();
  await line?.close();
  await proxy?.close();
  await server?.kill();
  await world?.close();
});

const allSent = (browser: Browser): Promise<void> =>
  browser.until(
    async () => Number(await browser.attribute('[data-waiting]', 'data-waiting')) === 0,
    'something stays unsent',
  );
/** The shell is kept, so that views open without the server. */
const shellSaved = (browser: Browser): Promise<unknown> =>
  browser.driver.executeAsyncScript(
    'const done = arguments[arguments.length - 1]; navigator.serviceWorker.ready.then(() => done(true));',
  );
async function finishAndSign(browser: Browser, back: string): Promise<void> {
  await sweepAndSign(browser);
  await browser.find(back);
}
const openOnBoard = async (browser: Browser, bike: string): Promise<void> => {
  await browser.click(`[data-round-bike=${bike}]`);
  await browser.find('[data-question]');
  await browser.textIs('h1', bike);
};
const counts = async (browser: Browser): Promise<Record<string, number>> => {
  const found: Record<string, number> = {};
  for (const key of ['done', 'of', 'hand', 'left', 'found'])
    found[key] = Number(await browser.text(`[data-round-counts] [data-count=${key}]`));
  return found;
};
const doneIs = (browser: Browser, done: number): Promise<void> =>
  browser.until(async () => (await counts(browser)).done === done, `the board does not say ${done} done`);
/** Goes down every column of the line. */
async function sweepTheLine(browser: Browser): Promise<void> {
  await browser.find('[data-batch-row]');
  await browser.until(
    async () => {
      if ((await browser.count('[data-batch-row][data-complete=false]')) === 0) return true;
      for (let bike = 0; bike < 12; bike += 1) await browser.press(Key.SPACE);
      return false;
    },
    'the line does not end',
    300_000,
  );
  await browser.click('[data-sign-all]');
}

describe('a morning round of 24 bikes', () => {
  it('by two people at the stand and on the line, with one handed over, one held, one taken over, and the server gone for a while', async () => {
    await stand.go('/rounds');
    await stand.click('[data-new-round]');
    await stand.textIs('[data-chosen-bikes]', '24 bikes');
    await stand.type('[data-bike-tags] input', 'M01 M01');
    await stand.click('[data-round-save]');
    await stand.textIs('[data-round-form]', 'Listed twice: M01');
    await stand.type('[data-bike-tags] input', ' ');
    await stand.click('[data-round-save]');
    await stand.find('[data-round]');
    expect(await counts(stand)).toEqual({ done: 0, of: 24, hand: 0, left: 24, found: 0 });
    const board = new URL(await stand.driver.getCurrentUrl()).pathname;
    await line.go(board);
    await Promise.all([shellSaved(stand), shellSaved(line)]);

    // Half of M01 at the stand, the rest by somebody else in another browser: one check, two names, one signature.
    await openOnBoard(stand, 'M01');
    for (const _ of [1, 2, 3]) await sweepStation(stand);
    await allSent(stand);
    await line.find('[data-round-bike=M01][data-row-state=in-hand]');
    await openOnBoard(line, 'M01');
    await line.textIs('[data-others]', 'inspector');
    await finishAndSign(line, '[data-round]');
    await stand.find('[data-signed-elsewhere]');
    await stand.click('[data-signed-elsewhere] button');
    await doneIs(stand, 1);

    // M02: both say something of the very same look; the worse counts, and it is held.
    await openOnBoard(stand, 'M02');
    await openOnBoard(line, 'M02');
    const question = (await stand.attribute('[data-question]', 'data-question')) ?? '';
    await sweepStation(stand);
    await allSent(stand);
    await line.find(`[data-question="${question}"][data-outcome=pass]`);
    await line.click(`[data-question="${question}"] [data-exception]`);
    await line.click('[data-fault]');
    await allSent(line);
    await finishAndSign(line, '[data-round]');
    await stand.find('[data-signed-elsewhere]');
    await stand.click('[data-signed-elsewhere] button');
    expect((await world.fitness(ids.get('M02') ?? '')).fitness).toBe('held');
    await doneIs(stand, 2);

    // M03 was begun by somebody who went away twenty minutes ago.
    const checklist = world.checklists.get('ride-out-children');
    if (!checklist) throw new Error('no checklist');
    const then = Date.now() - 20 * 60_000;
    const checkId = newId();
    const author = world.idOf('mechanic2');
    await world.as('mechanic2').send(openCheck, {
      body: { id: checkId, bikeId: ids.get('M03') ?? '', checklistHash: checklist.hash, author, at: then },
    });
    const begun = questionsOf(checklist.checklist, asBuilt(USUAL_BUILD.child)).slice(0, 9);
    await world.as('mechanic2').send(addMarks, {
      params: { id: checkId },
      body: { marks: begun.map((each) => markFor(each, author, then)) },
    });
    await stand.go(board);
    await stand.textIs('[data-round-bike=M03][data-row-state=abandoned]', 'Take over');
    await openOnBoard(stand, 'M03');
    await finishAndSign(stand, '[data-round]');
    await doneIs(stand, 3);

    // The server goes. Both go on: one at the stand, one down the line.
    await line.go(`/batch-check?bikes=${tags(5, 12).join(',')}&from=${board}`);
    await line.find('[data-batch-row]');
    await server.kill();
    await openOnBoard(stand, 'M04');
    await finishAndSign(stand, '[data-round]');
    await doneIs(stand, 4);
    await sweepTheLine(line);
    await line.until(
      async () => (await line.count('[data-batch-row][data-state=signing]')) === 8,
      'not all eight are signed here',
    );
    expect(await number('SELECT COUNT(*) AS n FROM bike_check WHERE bikeId = ?', [ids.get('M05')])).toBe(0);
    await server.up();
    await Promise.all([allSent(stand), allSent(line)]);
    await stand.go(board);
    await doneIs(stand, 12);

    // The rest down the line, but for one that is not wanted.
    await line.go(`/batch-check?bikes=${tags(13, 23).join(',')}&from=${board}`);
    await sweepTheLine(line);
    await allSent(line);
    await doneIs(stand, 23);
    await stand.click('[data-close]');
    await stand.click('[data-close-now]');
    await stand.textIs('[data-close-round] [role=alert]', 'M24');
    await stand.type('[data-why-all]', 'Not needed today');
    await stand.click('[data-close-now]');
    await stand.find('[data-round-state=closed]');
    await stand.textIs('[data-undone]', 'M24 Not needed today');
    expect(await counts(stand)).toEqual({ done: 23, of: 24, hand: 0, left: 1, found: 1 });

    for (const shared of ['M01', 'M02', 'M03']) {
      const bikeId = ids.get(shared);
      expect(
        await number(
          'SELECT COUNT(DISTINCT m.author) AS n FROM mark m JOIN bike_check c ON c.id = m.checkId WHERE c.bikeId = ?',
          [bikeId],
        ),
        shared,
      ).toBe(2);
      expect(await number('SELECT COUNT(*) AS n FROM bike_check WHERE bikeId = ?', [bikeId]), shared).toBe(1);
      expect(
        await number("SELECT COUNT(*) AS n FROM entry WHERE bikeId = ? AND kind = 'check.signed'", [bikeId]),
        shared,
      ).toBe(1);
    }
    const [checkpoint, position] = question.split('@');
    const both = await query<{ outcome: string }>(
      'SELECT m.outcome FROM mark m JOIN bike_check c ON c.id = m.checkId WHERE c.bikeId = ? AND m.checkpoint = ? AND m.position = ? ORDER BY m.outcome',
      [ids.get('M02'), checkpoint, position],
    );
    expect(both.map((mark) => mark.outcome).sort()).toEqual(['fail', 'pass']);
    expect(await number("SELECT COUNT(*) AS n FROM bike_check WHERE state = 'signed'")).toBe(23);
    expect([...(await stand.complaints()), ...(await line.complaints())]).toEqual([]);
  });

  it('a season check half-way in one browser is ended by another person in another: one check, both names, one signature', async () => {
    const bikeId = ids.get('M20') ?? '';
    await stand.go(`/stand/${bikeId}?checklist=season-opening`);
    await stand.find('[data-question]');
    const asked = Number(/(\d+) left/.exec(await stand.text('[data-left]'))?.[1]);
    expect(asked).toBeGreaterThanOrEqual(80);
    const left = async (browser: Browser): Promise<number> =>
      (await browser.count('[data-sign]')) > 0
        ? 0
        : Number(/(\d+) left/.exec(await browser.text('[data-left]'))?.[1]);
    await stand.until(async () => {
      if ((await left(stand)) <= asked / 2) return true;
      await sweepStation(stand);
      return false;
    }, 'half of it does not come');
    await allSent(stand);
    const half = await left(stand);
    await line.go(`/bikes/${bikeId}`);
    await line.click('[data-open-check] [data-go-on]');
    await line.find('[data-question]');
    await line.until(async () => (await left(line)) === half, 'the marks of the first are not there');
    await line.textIs('[data-others]', 'inspector');
    await finishAndSign(line, '[data-bike-page]');
    await allSent(line);
    const [check] = await query<{ id: string; signedBy: string }>(
      "SELECT c.id, c.signedBy FROM bike_check c JOIN checklist_version s ON s.hash = c.checklistHash WHERE c.bikeId = ? AND s.`key` = 'season-opening'",
      [bikeId],
    );
    expect(check?.signedBy).toBe(world.idOf('mechanic'));
    expect(await number('SELECT COUNT(DISTINCT author) AS n FROM mark WHERE checkId = ?', [check?.id])).toBe(
      2,
    );
    expect(
      await number(
        "SELECT COUNT(*) AS n FROM entry WHERE bikeId = ? AND kind = 'check.signed' AND JSON_VALUE(body, '$.checkId') = ?",
        [bikeId, check?.id],
      ),
    ).toBe(1);
    await line.go(`/checks/${check?.id}`);
    await line.textIs('[data-check-record]', /inspector, mechanic|mechanic, inspector/);
  });
});
