import { mkdtempSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { v7 as newId } from 'uuid';
import { afterAll, beforeAll, expect, it } from 'vitest';
import { getRound, makeRound } from '@cadre/contract/rounds';
import { setOpening } from '@cadre/contract/fleet';
import { getWall } from '@cadre/contract/wall';
import { ALWAYS_OPEN, dayAfter, siteClock, siteDay, siteTimeOn, type Opening } from '@cadre/core/schedule';
import { DAY_MS } from '@cadre/core/time';
import { SECRET, World } from '../testing/world';
import { Browser } from './support/browser';

const mutable = (opening: Opening) => ({
  closedOn: [...opening.closedOn],
  exceptions: opening.exceptions.map((each) => ({ ...each })),
});

let world: World;
let browser: Browser;
beforeAll(async () => {
  world = await World.open({ web: true, realClock: true });
  browser = await Browser.open(world.base);
});
afterAll(async () => {
  await browser?.close();
  await world?.close();
});

it('a lead reads holidays from a calendar file, sees them in the weeks to come, and a round due on one moves', async () => {
  const bike = await world.bike('D1');
  const zone = 'Europe/London';
  const tomorrow = dayAfter(siteDay(Date.now(), zone));
  const id = newId();
  const deadline = siteTimeOn(tomorrow, zone, '23:30');
  await world.as('lead').send(makeRound, {
    body: {
      ...{ id, siteId: world.siteId, name: 'Tomorrow', checklistKey: null, bikeIds: [bike.id], people: [] },
      ...{ deadline, at: Date.now() },
    },
  });
  const path = join(mkdtempSync(join(tmpdir(), 'cadre-days-')), 'holidays.ics');
  const compact = tomorrow.replaceAll('-', '');
  writeFileSync(
    path,
    [
      ...['BEGIN:VCALENDAR', 'VERSION:2.0', 'PRODID:-//Lapwing Quay//Days//EN', 'BEGIN:VEVENT'],
      ...['UID:regatta', `DTSTAMP:${compact}T000000Z`, `DTSTART;VALUE=DATE:${compact}`, 'SUMMARY:Regatta'],
      ...['END:VEVENT', 'END:VCALENDAR', ''],
    ].join('\r\n'),
  );
  await browser.size('office');
  await browser.signIn('lead', SECRET, '/opening-days');
  await (await browser.find('[data-holidays]')).sendKeys(path);
  await browser.textIs('[data-opening-days]', /1 day in the next year from holidays.ics/);
  await browser.textIs(`[data-day="${tomorrow}"]`, /closed/);
  await browser.click('[data-save-opening]');
  await browser.textIs('[data-opening-days]', /Saved/);
  const moved = await world.as('desk').send(getRound, { params: { id } });
  expect(siteDay(moved.deadline, zone)).toBe(dayAfter(tomorrow));
  expect(siteClock(moved.deadline, zone)).toBe('23:30');
  expect(moved.deadline - deadline).toBeGreaterThan(DAY_MS / 2);
  // Somebody else saves meanwhile: it is said, what was changed here stays, and a second touch saves it over theirs.
  await browser.click('[data-weekday="1"]');
  const opening = async (): Promise<Opening | undefined> => {
    const { sites } = await world.as('desk').send(getWall);
    return sites.find((each) => each.id === world.siteId)?.opening;
  };
  const before = (await opening()) ?? ALWAYS_OPEN;
  await world.as('lead').send(setOpening, {
    params: { id: world.siteId },
    body: { id: newId(), before: mutable(before), opening: { ...mutable(before), closedOn: [2] } },
  });
  await browser.click('[data-save-opening]');
  await browser.find('[data-opening-days] [role=alert]');
  expect(
    await browser.driver.executeScript(
      'return document.querySelector("[data-weekday=\\"1\\"] input, input[data-weekday=\\"1\\"]").checked',
    ),
  ).toBe(false);
  await browser.click('[data-save-opening]');
  await browser.until(
    async () => JSON.stringify((await opening())?.closedOn) === '[1]',
    'the days are not saved',
  );
  await browser.click('[data-weekday="1"]');
  // Every weekday closed is no opening: said, and nothing is saved.
  for (const weekday of [1, 2, 3, 4, 5, 6, 7]) await browser.click(`[data-weekday="${weekday}"]`);
  await browser.textIs('[data-opening-days]', /at least one weekday open/);
  expect(await (await browser.find('[data-save-opening]')).isEnabled()).toBe(false);
  expect(await browser.complaints()).toEqual([]);
});
