import { v7 as newId } from 'uuid';
import { afterAll, beforeAll, expect, it } from 'vitest';
import { changeBike, moveBike, setOpening } from '@cadre/contract/fleet';
import { getRound, makeRound } from '@cadre/contract/rounds';
import { ALWAYS_OPEN, dayAfter, siteClock, siteDay, siteTimeOn } from '@cadre/core/schedule';
import { shippedServices } from '@cadre/core/shipped';
import { DEFAULT_PRACTICES } from '@cadre/core/catalogue';
import { fieldsOf } from '@cadre/test-world/builders';
import { changePolicy } from '@cadre/test-world/client';
import { SECRET, World } from '../testing/world';
import { Browser } from './support/browser';

const ZONE = 'Europe/London';
let world: World;
let browser: Browser;
beforeAll(async () => {
  world = await World.open({ web: true, realClock: true });
  browser = await Browser.open(world.base);
  await browser.size('office');
});
afterAll(async () => {
  await browser?.close();
  await world?.close();
});
const entries = (name: string): Promise<number> => browser.count(`[data-entry="${name}"]`);

it('what is due is seen on the calendar, done by a batch check or by one act, and gone from it', async () => {
  const everyOuting = shippedServices(DEFAULT_PRACTICES)
    .filter((rule) => rule.key === 'sealant' || rule.key === 'chain-lube')
    .map((rule) => ({ ...rule, every: { outings: 1, days: 90 } }));
  await changePolicy(world.as('lead'), { services: everyOuting as never });
  for (const tag of ['C1', 'C2']) {
    const bike = await world.bike(tag, 'full-suspension');
    await world.check(bike);
    if (tag === 'C1') {
      const now = await world.bikeNow(bike.id);
      const fit = { ...now.fit, sealantFront: 60, sealantRear: 60 };
      await world
        .as('lead')
        .send(changeBike, { params: { id: bike.id }, body: { ...fieldsOf(now), fit, version: now.version } });
    }
    for (const to of ['out', 'in'] as const)
      await world
        .as('desk')
        .send(moveBike, { params: { id: bike.id }, body: { id: newId(), to, at: Date.now() } });
  }
  await browser.signIn('mechanic', SECRET, '/calendar');
  await browser.textIs('[data-entry="Sealant"]', /2 bikes\s*overdue/);
  // Two of four tyres state their dose; all are done in one batch check, and gone.
  await browser.click('[data-entry="Sealant"]');
  await browser.textIs('[data-entry-panel]', /C1\s*C2/);
  await browser.textIs('[data-sealant]', /120 ml.*2 tyres have no dose/);
  await browser.click('[data-batch]');
  await browser.find('[data-batch-row=C2] [data-cell]');
  const left = (): Promise<number> => browser.count('[data-batch-row][data-complete=false]');
  for (let last = await left(); last > 0; last = await left()) {
    await browser.press('a');
    await browser.until(async () => (await left()) < last, 'the act changed nothing');
  }
  await browser.click('[data-sign-all]');
  await browser.until(
    async () => (await browser.count('[data-batch-row][data-state=signed]')) === 2,
    'not all are signed',
  );
  await browser.go('/calendar');
  await browser.find('[data-entry="Lube the chain"]');
  await browser.until(async () => (await entries('Sealant')) === 0, 'the sealant stays');
  // What was done away from a checklist is said so, for all at once.
  await browser.click('[data-entry="Lube the chain"]');
  await browser.click('[data-all-done]');
  await browser.until(async () => (await entries('Lube the chain')) === 0, 'the lubing stays');
  await browser.textIs('main', 'Done on 2 bikes.');
  expect(await browser.complaints()).toEqual([]);
});

it('a round is moved to another day, never to one on which the site is closed or that is over', async () => {
  const bike = await world.bike('C3');
  const [today, tomorrow] = [siteDay(Date.now(), ZONE), dayAfter(siteDay(Date.now(), ZONE))];
  const [closed, open] = [dayAfter(tomorrow), dayAfter(tomorrow, 2)];
  const id = newId();
  await world.as('lead').send(makeRound, {
    body: {
      ...{ id, siteId: world.siteId, name: 'Rims', checklistKey: null, bikeIds: [bike.id], people: [] },
      ...{ deadline: siteTimeOn(tomorrow, ZONE, '10:30'), at: Date.now() },
    },
  });
  const exceptions = [{ day: closed, opensAt: null, name: 'Regatta' }];
  await world.as('lead').send(setOpening, {
    params: { id: world.siteId },
    body: {
      id: newId(),
      before: { ...ALWAYS_OPEN, closedOn: [], exceptions: [] },
      opening: { closedOn: [], exceptions },
    },
  });
  await browser.signIn('lead', SECRET, '/calendar');
  await browser.click('[data-entry="Rims"]');
  const move = async (day: string): Promise<void> => {
    await browser.driver.executeScript(
      `const input = document.querySelector('[data-move-round] input'); input.value = arguments[0]; input.dispatchEvent(new Event('input', { bubbles: true }));`,
      day,
    );
    await browser.click('[data-move-round] button');
  };
  await move(closed);
  await browser.textIs('main', /The site is closed on/);
  await move(dayAfter(today, -1));
  await browser.textIs('main', /Choose today or a later day/);
  await move(open);
  await browser.textIs('main', /Rims moved to/);
  const moved = await world.as('desk').send(getRound, { params: { id } });
  expect([siteDay(moved.deadline, ZONE), siteClock(moved.deadline, ZONE)]).toEqual([open, '10:30']);
  // And by hand: dragged to a day that is open it stays there, dragged to a closed one it goes back.
  const drag = async (day: string): Promise<void> => {
    const [tag, cell] = [
      await browser.find('[data-entry="Rims"]'),
      await browser.find(`[data-days] [data-date="${day}"]`),
    ];
    await browser.driver.actions({ async: true }).dragAndDrop(tag, cell).perform();
  };
  await browser.find(`[data-date="${open}"] [data-entry="Rims"]`);
  await drag(tomorrow);
  await browser.until(
    async () =>
      siteDay((await world.as('desk').send(getRound, { params: { id } })).deadline, ZONE) === tomorrow,
    'it was not dragged',
  );
  await browser.find(`[data-date="${tomorrow}"] [data-entry="Rims"]`);
  await drag(closed);
  await browser.textIs('main', /The site is closed on/);
  await browser.find(`[data-date="${tomorrow}"] [data-entry="Rims"]`);
  // Of one bike only its own things are shown.
  await browser.type('[data-only-bike] input, input[data-only-bike]', 'C1');
  await browser.until(async () => (await entries('Rims')) === 0, 'the round of another bike stays');
  await browser.type('[data-only-bike] input, input[data-only-bike]', 'C9');
  await browser.textIs('main', /No bike has this tag/);
  expect(await browser.complaints()).toEqual([]);
});

it('one’s own calendar program reads it at a private address, until that is ended', async () => {
  await browser.signIn('desk', SECRET, '/calendar');
  await browser.click('[data-calendar-addresses] summary');
  await browser.click('[data-make-address]');
  await browser.find('[data-fresh-address]');
  const address = await browser.value('[data-fresh-address]');
  expect(address).toMatch(/\/calendar\/[\w-]{22}\.ics$/);
  const read = (): Promise<Response> => fetch(address);
  expect(await (await read()).text()).toMatch(/SUMMARY:Round: Rims/);
  await browser.go('/calendar');
  await browser.click('[data-calendar-addresses] summary');
  await browser.find('[data-address]');
  expect(await browser.count('[data-fresh-address]')).toBe(0);
  await browser.click('[data-end-address]');
  await browser.until(async () => (await browser.count('[data-address]')) === 0, 'the address stays');
  expect((await read()).status).toBe(404);
  expect(await browser.complaints()).toEqual([]);
});
