import { afterAll, beforeAll, expect, it } from 'vitest';
import { changePolicy } from '@cadre/test-world/client';
import { SECRET, World } from '../testing/world';
import { Browser } from './support/browser';
import { sweepToTheEnd } from './support/stand';

let world: World;
let browser: Browser;
beforeAll(async () => {
  world = await World.open({ web: true, realClock: true });
  await changePolicy(world.as('lead'), { marking: 'by-station' }, 'by station');
  browser = await Browser.open(world.base);
  await browser.size('tablet');
  await browser.signIn('mechanic', SECRET);
});
afterAll(async () => {
  await browser?.close();
  await world?.close();
});

it.each([
  ['assessment', 'full-suspension', 'V1'],
  ['after-crash', 'cargo', 'V2'],
  ['new-bike', 'trike', 'V3'],
] as const)(
  '%s of a %s is walked from the first station to the signature: nothing asked twice, nothing left',
  async (checklist, kind, tag) => {
    const bike = await world.bike(tag, kind);
    await browser.go(`/stand/${bike.id}?checklist=${checklist}`);
    await browser.find('[data-question]');
    const asked = Number(/(\d+) left/.exec(await browser.text('[data-left]'))?.[1]);
    expect(asked).toBeGreaterThan(40);
    const seen = new Set<string>();
    await sweepToTheEnd(browser, 'touch', async () => {
      const here = await browser.driver.executeScript<string[]>(
        "return [...document.querySelectorAll('[data-question]')].map((each) => each.dataset.question)",
      );
      here.forEach((key) => seen.add(key));
    });
    expect(seen.size).toBe(asked);
    await browser.click('[data-sign]');
    await browser.find('[data-rails]');
    await browser.until(
      async () => Number(await browser.attribute('[data-waiting]', 'data-waiting')) === 0,
      'it is not sent',
    );
    const [row] = (await world.database.owner.query(
      "SELECT c.complete, (SELECT COUNT(*) FROM mark m WHERE m.checkId = c.id) AS marks FROM bike_check c WHERE c.bikeId = ? AND c.state = 'signed'",
      [bike.id],
    )) as { complete: number; marks: string }[];
    expect([Number(row?.complete), Number(row?.marks)]).toEqual([1, asked]);
  },
);
