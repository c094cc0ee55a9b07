import { v7 as newId } from 'uuid';
import { afterAll, beforeAll, expect, it } from 'vitest';
import { listCampaigns } from '@cadre/contract/campaign';
import { setOpening, type Bike } from '@cadre/contract/fleet';
import { dayAfter, siteDay } from '@cadre/core/schedule';
import { SECRET, World } from '../testing/world';
import { Browser } from './support/browser';

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

const set = (fields: readonly (readonly [css: string, value: string])[]): Promise<void> =>
  browser.driver.executeScript(
    `for (const [css, value] of arguments[0]) {
       const field = document.querySelector(css + ' :is(input, select)') ?? document.querySelector(css);
       field.value = value;
       field.dispatchEvent(new Event(field.tagName === 'SELECT' ? 'change' : 'input', { bubbles: true }));
     }`,
    fields,
  );
const planned = async () => {
  const [campaign] = (await world.as('desk').send(listCampaigns)).campaigns;
  if (!campaign) throw new Error('no campaign');
  return campaign;
};
const dayOf = (tag: string): string => `[data-campaign-day]:has([data-chip=${tag}])`;

it('a campaign is planned, a bike put on another day stays there, somebody is ill, a day is closed, and what is done stays done', async () => {
  const bikes: Bike[] = [];
  for (const tag of ['S1', 'S2', 'S3', 'S4', 'S5', 'S6']) bikes.push(await world.bike(tag, 'hybrid'));
  const today = siteDay(Date.now(), 'Europe/London');
  const day = (ahead: number): string => dayAfter(today, ahead);
  await browser.signIn('lead', SECRET, '/campaigns');
  await browser.click('[data-plan-campaign]');
  await browser.find('[data-campaign-form]');
  // Nobody can finish that: it says what is left over, why, and when it would be done.
  await set([
    ['[data-campaign-day]', today],
    ['[data-campaign-stands]', '1'],
    ['[data-campaign-hours]', '2'],
  ]);
  await browser.click('[data-campaign-save]');
  await browser.textIs('[data-slips]', /bikes will not be done.*hours run out.*would be done by/s);
  await browser.click('[data-end]');
  await browser.click('[role=alert] button:last-child');
  await browser.until(async () => (await browser.count('[data-campaign]')) === 0, 'the campaign stays');

  await browser.click('[data-plan-campaign]');
  await browser.find('[data-campaign-form]');
  await set([['[data-campaign-day]', day(9)]]);
  await browser.click('[data-add-parts]');
  await browser.find('[data-parts-tags="0"]');
  await browser.type('[data-parts-tags="0"]', 'S6');
  await set([['[data-parts-day="0"]', day(5)]]);
  await browser.click('[data-campaign-save]');
  await browser.textIs('[data-campaign]', /0 of 6 done/);
  const first = await planned();
  expect(first.slots).toHaveLength(6);
  expect((first.slots.find((slot) => slot.bikeId === bikes[5]?.id)?.day ?? '') >= day(5)).toBe(true);

  // Put on a day by keys: it stays there.
  await browser.click('[data-chip=S1]');
  await set([['[data-move-day]', day(8)]]);
  await browser.click('[data-fix]');
  await browser.textIs('[data-said]', /S1 moved to/);
  await browser.textIs(`[data-campaign-day="${day(8)}"]`, /S1/);
  // Where its parts have not come it cannot go.
  await browser.click('[data-chip=S6]');
  await browser.textIs('[data-campaign-bike]', /S6:.*parts from/s);
  await set([['[data-move-day]', day(1)]]);
  await browser.click('[data-fix]');
  await browser.textIs('main', /S6 cannot go there/);

  // Somebody is ill on every day but the last.
  const ill = (await planned()).slots.find((slot) => slot.bikeId === bikes[1]?.id)?.personId ?? '';
  await browser.click('[data-campaign] details summary');
  await set([
    ['[data-away-who]', ill],
    ['[data-away-from]', today],
    ['[data-away-until]', day(7)],
  ]);
  await browser.click('[data-away-save]');
  await browser.textIs('[data-said]', /Planned again/);
  const second = await planned();
  expect(second.slots.filter((slot) => slot.personId === ill && slot.day <= day(7))).toEqual([]);
  expect(second.slots.find((slot) => slot.bikeId === bikes[0]?.id)).toMatchObject({
    day: day(8),
    fixed: true,
  });
  expect(second.slips).toEqual([]);

  // What is done is done, on a day that is closed meanwhile nothing is planned any more.
  await world.check(bikes[2] as Bike, { checklist: 'season-opening' });
  await browser.textIs('[data-campaign-done]', '1 of 6 done');
  await world.as('lead').send(setOpening, {
    params: { id: world.siteId },
    body: {
      id: newId(),
      before: { closedOn: [], exceptions: [] },
      opening: { closedOn: [], exceptions: [{ day: day(8), opensAt: null, name: 'Fair' }] },
    },
  });
  await browser.textIs(`[data-campaign-day="${day(8)}"]`, /closed/);
  await browser.click('[data-plan-again]');
  await browser.textIs('[data-said]', /S1 could not stay/);
  await browser.until(
    async () => (await browser.count(`[data-campaign-day="${day(8)}"] [data-chip]`)) === 0,
    'a bike is planned for a closed day',
  );
  await browser.find(dayOf('S1'));
  await browser.go('/calendar');
  await browser.find('[data-entry-kind=campaign]');
  expect(await browser.complaints()).toEqual([]);
});
