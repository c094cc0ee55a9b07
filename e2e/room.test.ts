import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { Key } from 'selenium-webdriver';
import { v7 as newId } from 'uuid';
import { addGroup } from '@cadre/contract/schedule';
import { makeRound } from '@cadre/contract/rounds';
import { BIKE_KINDS } from '@cadre/core/fleet';
import { SECRET, World } from '../testing/world';
import { Browser } from './support/browser';
import { sweepToTheEnd } from './support/stand';

// How much of the work is in sight, and that nobody passes what was not.
let world: World;
let browser: Browser;
const ids: string[] = [];

beforeAll(async () => {
  world = await World.open({ web: true, realClock: true });
  for (let at = 0; at < 73; at += 1) {
    const bike = await world.bike(`T${at + 10}`, BIKE_KINDS[at % BIKE_KINDS.length]);
    ids.push(bike.id);
  }
  const now = Date.now();
  for (const [index, name] of ['Year 4', 'Family hire', 'Evening club'].entries())
    await world.as('lead').send(addGroup, {
      body: {
        id: newId(),
        siteId: world.siteId,
        name,
        outAt: now + (index + 1) * 3_600_000,
        backAt: now + (index + 3) * 3_600_000,
        wants: [{ count: 8, kind: 'hybrid', size: '' }],
      },
    });
  await world.as('lead').send(makeRound, {
    body: {
      id: newId(),
      siteId: world.siteId,
      name: 'Morning',
      checklistKey: null,
      bikeIds: ids.slice(0, 30),
      people: [],
      deadline: now + 3_600_000,
      at: now,
    },
  });
  browser = await Browser.open(world.base);
  await browser.signIn('lead', SECRET, '/icon.svg');
});
afterAll(async () => {
  await browser?.close();
  await world?.close();
});

/** How many of these lie whole in sight: over nothing else, under neither strip nor bar. */
const inSight = (css: string): Promise<number> =>
  browser.driver.executeScript<number>(
    `return [...document.querySelectorAll(arguments[0])].filter((each) => {
       const { left, top, right, bottom } = each.getBoundingClientRect();
       const at = (x, y) => each.contains(document.elementFromPoint(x, y));
       return top >= 0 && bottom <= innerHeight && at((left + right) / 2, top + 12) && at((left + right) / 2, bottom - 6);
     }).length`,
    css,
  );

describe('the room the work has', () => {
  it('is over half of the racks at 1280 by 800, with a bike in hand', async () => {
    await browser.size('office');
    await browser.go('/');
    await browser.click('[data-tag=T12]');
    await browser.find('[data-clipboard]');
    expect(await inSight('[data-tag]')).toBeGreaterThanOrEqual(40);
  });

  it.each([
    ['office', 7],
    ['phone', 4],
  ] as const)('at the stand is so many questions at %s size: %i', async (size, least) => {
    await browser.size(size);
    await browser.go(`/stand/${ids[1]}`);
    await browser.find('[data-question]');
    const asked = (await browser.driver.executeScript<number>(
      "return document.querySelectorAll('[data-question]').length",
    )) as number;
    expect(await inSight('[data-question]')).toBeGreaterThanOrEqual(Math.min(asked, least));
  });

  it.each(['touch', 'keys'] as const)('no sweep passes a row that was not in sight, by %s', async (hand) => {
    await browser.size('phone');
    await browser.go(`/stand/${ids[hand === 'touch' ? 2 : 3]}`);
    await browser.find('[data-question]');
    const given = (): Promise<number> =>
      browser.driver.executeScript<number>(
        "return document.querySelectorAll('[data-question]:not([data-outcome=none])').length",
      );
    // The first station that is longer than the screen.
    const before = await browser.driver.executeScript<string>(
      "return document.querySelector('[data-sweep]').textContent",
    );
    if (hand === 'keys') await browser.press(Key.SPACE);
    else await browser.click('[data-sweep]');
    await browser.until(
      async () =>
        (await browser.driver.executeScript<string>(
          "return document.querySelector('[data-sweep]').textContent",
        )) !== before,
      'the sweep neither passed nor showed',
    );
    if (/other/i.test(before)) expect(await given()).toBe(0);
    let acts = 2;
    await sweepToTheEnd(browser, hand, async () => {
      acts += 1;
    });
    process.stdout.write(`on a phone, by ${hand}: ${acts + 1} acts (at most 16)\n`);
    expect(acts + 1).toBeLessThanOrEqual(16);
  });
});
