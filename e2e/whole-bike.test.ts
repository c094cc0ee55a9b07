import { v7 as newId } from 'uuid';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { moveBike, type Bike } from '@cadre/contract/fleet';
import { fitPart, type Part } from '@cadre/contract/parts';
import { shippedServices } from '@cadre/core/shipped';
import { DEFAULT_PRACTICES } from '@cadre/core/catalogue';
import { faulty } from '@cadre/test-world/builders';
import { changePolicy } from '@cadre/test-world/client';
import { SECRET, World } from '../testing/world';
import { Browser } from './support/browser';
import { sweepAndSign, sweepToTheEnd } from './support/stand';

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

const labelled = async (label: string): Promise<string> =>
  `[id="${await browser.driver.executeScript<string>(
    'return [...document.querySelectorAll("label")].find((l) => l.textContent.trim() === arguments[0]).htmlFor',
    label,
  )}"]`;
const choose = async (label: string, value: string): Promise<void> => {
  const css = await labelled(label);
  await browser.driver.executeScript(
    'const s = document.querySelector(arguments[0]); s.value = arguments[1]; s.dispatchEvent(new Event("change", { bubbles: true }));',
    css,
    value,
  );
};

it('a bike with a coaster and a hand brake on one wheel is described, and its morning asks both and is done', async () => {
  await browser.signIn('lead', SECRET, '/bikes/new');
  await browser.find('form fieldset');
  await browser.type(await labelled('Tag'), 'W1');
  await browser.type(await labelled('Model name'), 'Dunlin 20');
  await choose('Kind', 'child');
  await choose('Rear brake', 'rim');
  await choose('Second rear brake', 'coaster');
  await choose('Gears', 'hub-gear');
  await browser.type(await labelled('Rear sprockets'), '1');
  await browser.driver.executeScript(
    `window.tops = new Set();
     (function watch() {
       const act = document.querySelector('[data-act=check]');
       if (act) window.tops.add(act.getBoundingClientRect().top);
       requestAnimationFrame(watch);
     })();`,
  );
  await browser.click('[data-save]');
  await browser.find('[data-tag=W1][data-fitness=due]');
  await browser.find('[data-look-later]');
  await browser.find('[data-incident-open]');
  // Nothing that comes later moves what a hand is about to touch.
  expect(await browser.driver.executeScript('return [...window.tops].length')).toBe(1);
  await browser.click('[data-act=check]');
  await browser.find('[data-question]');
  await sweepAndSign(browser);
  await browser.find('[data-tag=W1][data-fitness=cleared]');
  const rows = await world.database.owner.query<{ question: string }[]>(
    "SELECT DISTINCT CONCAT(checkpoint, '@', position) AS question FROM mark",
  );
  const asked = new Set(rows.map((row) => row.question));
  for (const key of ['coaster-brake@rear-second', 'rim-pads@rear', 'lever-travel@rear', 'chain-slack@only'])
    expect(asked, key).toContain(key);
  expect(asked).not.toContain('coaster-brake@rear');
  expect(await browser.complaints()).toEqual([]);
});

describe('a wheel', () => {
  const part = (name: string, kind: Part['kind']): Part => ({
    id: newId(),
    kind,
    name,
    facts: {},
    markings: {},
  });
  const fit = (bike: Bike, of: Part, position: 'rear' | 'only') =>
    world.as('mechanic').send(fitPart, {
      params: { id: bike.id },
      body: { id: newId(), part: of, position, anyway: '', at: Date.now() },
    });
  it('moves whole to another bike, says before what to set again there, and keeps that bike in until it is', async () => {
    const [from, to] = [await world.bike('W2'), await world.bike('W3')];
    await fit(from, part('Good wheel', 'wheel'), 'rear');
    await fit(from, part('Good tyre', 'tyre'), 'rear');
    await fit(from, part('Good cassette', 'cassette'), 'only');
    await fit(to, part('Bent wheel', 'wheel'), 'rear');
    await browser.signIn('mechanic', SECRET, `/bikes/${from.id}`);
    await browser.click('[data-fitment="Good wheel"] [data-move]');
    await browser.type('form[aria-label="Move Good wheel"] input', 'w3');
    await browser.textIs(
      '[data-set-again]',
      /Set again on W3: axle, tyre pressure, brake caliper and pads, gears/,
    );
    await browser.click('[data-move-save]');
    await browser.find('[data-fitment="Bent wheel"]');
    expect(await browser.count('[data-fitment="Good tyre"]')).toBe(0);
    await browser.go(`/bikes/${to.id}`);
    await browser.find('[data-fitment="Good cassette"]');
    await browser.find('[data-fitment="Good tyre"]');
    await browser.textIs('[data-clipboard]', 'Held');
    await browser.textIs('[data-clipboard]', /rear wheel \(Good wheel\) fitted. Set again: axle/);
    expect(await browser.complaints()).toEqual([]);
  });
});

it('a joint loosened twice is told where the wrench is', async () => {
  const bike = await world.bike('W4');
  const tightened = {
    exceptions: [{ checkpoint: 'crank-arms', more: faulty('loose', { outcome: 'fixed' }) }],
  };
  await world.check(bike, tightened);
  await browser.signIn('mechanic', SECRET, `/bikes/${bike.id}/torque`);
  await browser.find('[data-joint=crank-arm]');
  expect(await browser.count('[data-comes-loose]')).toBe(0);
  await world.check(bike, tightened);
  await browser.go(`/bikes/${bike.id}/torque`);
  await browser.textIs('[data-comes-loose=crank-arm]', /2 times on this bike/);
  await browser.textIs('[data-torque-card] [data-joint]', /Crank arm/);
  expect(await browser.complaints()).toEqual([]);
});

it('sealant and chain that are due are done from the stand, and say when next', async () => {
  const bike = await world.bike('W5', 'full-suspension');
  const everyOuting = shippedServices(DEFAULT_PRACTICES)
    .filter((rule) => rule.key === 'sealant' || rule.key === 'chain-lube')
    .map((rule) => ({ ...rule, every: { outings: 1, days: 90 } }));
  await changePolicy(world.as('lead'), { services: everyOuting as never });
  await world.check(bike);
  for (const to of ['out', 'in'] as const)
    await world
      .as('desk')
      .send(moveBike, { params: { id: bike.id }, body: { id: newId(), to, at: Date.now() } });
  await browser.signIn('mechanic', SECRET, `/bikes/${bike.id}`);
  await browser.click('[data-act=check]');
  await sweepToTheEnd(browser);
  await browser.textIs('[data-services-due]', /Sealant/);
  await browser.textIs('[data-services-due]', /Lube the chain/);
  await browser.click('[data-service-done=sealant]');
  await browser.click('[data-service-done=chain-lube]');
  await browser.until(
    async () => (await browser.count('[data-services-due]')) === 0,
    'a service stays overdue',
  );
  await browser.go(`/bikes/${bike.id}`);
  await browser.click('[data-all-services]');
  for (const key of ['sealant', 'chain-lube'])
    await browser.textIs(
      `[data-bike-services] [data-service="${key}"]`,
      /after 1 outing more|in 9\d days|in 89 days/,
    );
  expect(await browser.complaints()).toEqual([]);
});

it('a practice is changed for hybrids in the wet only: which bikes is shown first, and only they are asked so', async () => {
  const [hybrid, hardtail] = [await world.bike('W6', 'hybrid'), await world.bike('W7', 'hardtail')];
  await browser.signIn('lead', SECRET, '/policy');
  await browser.click('[data-add-season]');
  // All year round, so that today is in it.
  for (const [end, month] of [
    ['from', '01'],
    ['to', '12'],
  ] as const) {
    await browser.driver.executeScript(
      `const [, months] = document.querySelectorAll('[data-season-end=${end}] select');
       months.value = '${month}'; months.dispatchEvent(new Event('change', { bubbles: true }));`,
    );
    await browser.drawn();
  }
  await browser.click('[data-add-exception=sidewallSlash]');
  await browser.textIs('[data-exception=sidewallSlash]', /Tick the bikes or the seasons/);
  expect(await (await browser.find('[data-preview]')).isEnabled()).toBe(false);
  await browser.click('[data-exception=sidewallSlash] [data-kind=hybrid]');
  await browser.click('[data-exception=sidewallSlash] [data-climate=wet]');
  await browser.click('[data-preview]');
  await browser.textIs(
    '[data-practice-changes=sidewallSlash]',
    /Replace.*Stitch and patch.*1 bike: W6.*Only when it is wet/s,
  );
  await browser.type('[data-policy=note] input', 'Stitched in the wet months');
  await browser.click('[data-publish-policy]');
  await browser.textIs('main', /Stitched in the wet months/);
  const offers = async (bike: Bike): Promise<boolean> => {
    await browser.go(`/stand/${bike.id}?at=tyre-casing@front`);
    await browser.click('[data-question="tyre-casing@front"] [data-exception]');
    await browser.find('[data-fault=slash]');
    return (await browser.count('[data-fault=stitched]')) > 0;
  };
  expect([await offers(hybrid), await offers(hardtail)]).toEqual([true, false]);
  expect(await browser.complaints()).toEqual([]);
});
