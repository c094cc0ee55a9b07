import { v7 as newId } from 'uuid';
import { afterAll, beforeAll, expect, it } from 'vitest';
import { changeSite, type Bike } from '@cadre/contract/fleet';
import { addGroup } from '@cadre/contract/schedule';
import { HOUR_MS } from '@cadre/core/time';
import { faulty } from '@cadre/test-world/builders';
import { SECRET, World } from '../testing/world';
import { openBehindProxy } from './support/behind-proxy';
import { Browser } from './support/browser';
import { sweepAndSign } from './support/stand';

let world: World;
let lead: Browser;
let inspector: Browser;
beforeAll(async () => {
  world = await World.open({ web: true, realClock: true });
  [lead, inspector] = await Promise.all([Browser.open(world.base), Browser.open(world.base)]);
  await lead.size('office');
  await inspector.size('phone');
});
afterAll(async () => {
  await lead?.close();
  await inspector?.close();
  await world?.close();
});

/** A zone in which it is the middle of the morning now, so that the day has time left. */
function morningZone(): string {
  const hour = new Date().getUTCHours();
  // No zone is further behind than twelve hours: in the last hour of the day it is one ahead.
  const ahead = hour > 22 ? 34 - hour : 10 - hour;
  return ahead === 0 ? 'UTC' : `Etc/GMT${ahead > 0 ? '-' : '+'}${Math.abs(ahead)}`;
}
const item = (tag: string, state: string): string => `[data-plan-item=${tag}][data-state=${state}]`;
const here = (name: string): string => `[data-here="${name}"] input, input[data-here="${name}"]`;
const lane = (name: string): string => `[data-plan-person="${name}"]`;
it('the day is planned by one and followed by two; who falls ill leaves the rest to the others', async () => {
  await world.as('lead').send(changeSite, {
    params: { id: world.siteId },
    body: { id: newId(), name: 'Boathouse', timeZone: morningZone(), opensAt: '09:00' },
  });
  const bikes: Bike[] = [];
  for (const tag of ['P1', 'P2', 'P3', 'P4', 'P5', 'P6']) bikes.push(await world.bike(tag));
  const broken = bikes[3] as Bike;
  await world.check(broken, {
    exceptions: [{ checkpoint: 'tyre-casing', position: 'rear', more: faulty('slash') }],
  });
  await world.as('mechanic').send(addGroup, {
    body: {
      ...{ id: newId(), siteId: world.siteId, name: 'Year 5', outAt: Date.now() + 2 * HOUR_MS },
      ...{ backAt: Date.now() + 4 * HOUR_MS, wants: [{ count: 7, kind: 'hardtail', size: '' }] },
    },
  });
  await lead.signIn('lead', SECRET, '/day-plan');
  await lead.find('[data-who]');
  // Two of them are elsewhere today.
  for (const name of ['lead', 'mechanic2']) await lead.click(here(name));
  await lead.click('[data-make-plan]');
  await lead.textIs('[data-met]', /6 of 7 bikes/);
  await lead.textIs('[data-unmet]', /Year 5.*1 short.*not enough such bikes/);
  await lead.find(`${lane('mechanic')} ${item('P4', 'waiting')}`);

  await inspector.signIn('inspector', SECRET, '/day-plan');
  await inspector.textIs(`${lane('inspector')} [data-left]`, /bikes? left/);
  const own = async (): Promise<string[]> =>
    inspector.driver.executeScript<string[]>(
      'return [...document.querySelectorAll(arguments[0])].map((each) => each.dataset.planItem)',
      `${lane('inspector')} [data-state=waiting]`,
    );
  const mine = await own();
  expect(mine.length).toBeGreaterThanOrEqual(2);
  const [first = '', second = ''] = mine;
  await inspector.click('[data-start-next]');
  await sweepAndSign(inspector);
  await lead.find(`${lane('inspector')} ${item(first, 'done')}`);

  await lead.click(`${lane('inspector')} ${item(second, 'waiting')} [data-give]`);
  await lead.click(`[data-give-to="mechanic"]`);
  await lead.textIs('main', `${second} is given to mechanic.`);
  await lead.find(`${lane('mechanic')} ${item(second, 'waiting')}`);
  await inspector.go('/day-plan');
  await inspector.find(`${lane('mechanic')} ${item(second, 'waiting')}`);

  // The inspector falls ill: what is done stays theirs, the rest goes to who is left.
  await lead.click('[data-who-box] summary');
  await lead.click(here('inspector'));
  await lead.click('[data-make-plan]');
  await lead.until(
    async () => (await lead.count(`${lane('inspector')} [data-state=waiting]`)) === 0,
    'the one who is ill still has work',
  );
  await lead.find(`${lane('inspector')} ${item(first, 'done')}`);
  await lead.find(`${lane('mechanic')} ${item(second, 'waiting')}`);
  await inspector.until(
    async () => (await inspector.count(`${lane('inspector')} [data-state=waiting]`)) === 0,
    'the other browser does not follow',
  );
  expect([await lead.complaints(), await inspector.complaints()]).toEqual([[], []]);
});

it('without a network the plan is still there to be followed', async () => {
  const behind = await openBehindProxy('tablet');
  const { browser, proxy } = behind;
  try {
    await behind.world.as('lead').send(changeSite, {
      params: { id: behind.world.siteId },
      body: { id: newId(), name: 'Boathouse', timeZone: morningZone(), opensAt: '09:00' },
    });
    await behind.world.bike('N1');
    await browser.signIn('mechanic', SECRET, '/day-plan');
    await browser.click('[data-make-plan]');
    await browser.find('[data-plan-item=N1]');
    await browser.until(
      () =>
        browser.driver.executeAsyncScript<boolean>(
          'const done = arguments[0]; navigator.serviceWorker.ready.then(() => done(Boolean(navigator.serviceWorker.controller)))',
        ),
      'no service worker',
    );
    proxy.cut();
    await browser.go('/day-plan');
    await browser.textIs('main', /Offline: the plan may be old/);
    await browser.find('[data-plan-item=N1]');
  } finally {
    await behind.close();
  }
});
