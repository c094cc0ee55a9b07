import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { Key } from 'selenium-webdriver';
import { changeBike } from '@cadre/contract/fleet';
import { fieldsOf } from '@cadre/test-world/builders';
import { SECRET, World } from '../testing/world';
import { violationsOf } from './support/axe';
import { Browser } from './support/browser';
import { sweepAndSign } from './support/stand';

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

describe.each([
  ['by keyboard in the office', 'office', 'J1'],
  ['by touch on a phone', 'phone', 'J2'],
] as const)('from a due bike to a released one, %s', (_name, size, tag) => {
  it('goes the whole way', async () => {
    const bike = await world.bike(tag);
    await browser.size(size);
    // Signed in by hand, once each way.
    await browser.go('/sign-in');
    await browser.type('input[autocomplete=username]', 'inspector');
    await browser.type('input[type=password]', SECRET);
    await browser.click('button[type=submit]');

    await browser.click(`[data-tag=${tag}]`);
    await browser.textIs('[data-fitness-word]', 'Due');
    await browser.click('[data-act=check]');

    await browser.find('[data-question="wheel-thru-axle@front"]');
    if (size === 'office') await browser.press('f', '1', Key.ESCAPE);
    else {
      await browser.click('[data-question="wheel-thru-axle@front"] [data-exception]');
      await browser.click('[data-fault=loose]');
    }
    await browser.find('[data-question="wheel-thru-axle@front"][data-outcome=fail]');
    await sweepAndSign(browser, size === 'office' ? 'keys' : 'touch');

    await browser.click(`[data-tag=${tag}][data-fitness=held]`);
    await browser.textIs('[data-clipboard]', 'Thru-axle home and tight, front: loose or not fully threaded');
    await browser.textIs('[data-clipboard]', 'Repair, recheck, release');

    await browser.signIn('mechanic', SECRET, `/bench/${bike.id}`);
    await browser.click('[data-start]');
    await browser.click('[data-finish]');
    await browser.textIs('[data-repair=started]', 'Enter the work done');
    await browser.type('[data-done]', 'Axle cleaned, threaded home, torqued');
    await browser.click('[data-finish]');
    await browser.find('[data-repair=done]');
    expect(await browser.count('[data-release]')).toBe(0);

    await browser.signIn('inspector', SECRET, `/bench/${bike.id}`);
    await browser.click('[data-recheck]');
    await browser.find('[data-question="wheel-thru-axle@front"]');
    expect(await browser.count('[data-question="spokes@rear"]')).toBe(0);
    await sweepAndSign(browser, size === 'office' ? 'keys' : 'touch');
    await browser.textIs('[data-bench-bike]', 'Ready for release. A mechanic or lead releases the bike.');

    await browser.signIn('mechanic', SECRET, `/bench/${bike.id}`);
    await browser.click('[data-release]');
    await browser.textIs('[data-bench-bike]', 'Cleared');
    await browser.go('/');
    await browser.find(`[data-tag=${tag}][data-fitness=cleared]`);
    expect((await world.fitness(bike.id)).fitness).toBe('cleared');
    expect(await browser.complaints()).toEqual([]);
  });
});

it('shows what one window did in another without a reload', async () => {
  const bike = await world.bike('J3');
  const second = await Browser.open(world.base);
  try {
    await second.signIn('desk', SECRET);
    await second.find('[data-tag=J3][data-fitness=due]');
    await world.check(bike);
    await second.find('[data-tag=J3][data-fitness=cleared]');
  } finally {
    await second.close();
  }
});

it('follows one live stream for all tabs of a browser, and the next tab takes over when the first is closed', async () => {
  const bike = await world.bike('J5');
  const streams = () =>
    browser.driver.executeScript<number>(
      "return performance.getEntriesByType('resource').filter((each) => each.name.endsWith('/api/v1/changes')).length",
    );
  await browser.size('office');
  await browser.signIn('desk', SECRET);
  await browser.find('[data-tag=J5][data-fitness=due]');
  const first = await browser.driver.getWindowHandle();
  await browser.driver.switchTo().newWindow('tab');
  await browser.go('/');
  await browser.find('[data-tag=J5][data-fitness=due]');
  await world.check(bike, { leftOut: ['bars'] });
  await browser.find('[data-tag=J5][data-fitness=held]');
  expect(await streams()).toBe(0);
  const second = await browser.driver.getWindowHandle();
  await browser.driver.switchTo().window(first);
  await browser.find('[data-tag=J5][data-fitness=held]');
  await browser.driver.close();
  await browser.driver.switchTo().window(second);
  await world.check(bike);
  await browser.find('[data-tag=J5][data-fitness=cleared]');
});

it('lets another person take the tablet over and keeps what is on the screen, with each mark under its own name', async () => {
  const bike = await world.bike('J4');
  await browser.size('tablet');
  await browser.signIn('inspector', SECRET, `/stand/${bike.id}`);
  await browser.click('[data-sweep]');
  await browser.click('[data-person]');
  await browser.type('[role=dialog] input[autocomplete=username]', 'mechanic');
  await browser.type('[role=dialog] input[type=password]', SECRET);
  await browser.click('[role=dialog] button[type=submit]');
  await browser.until(async () => (await browser.count('[role=dialog]')) === 0, 'the dialog stays');
  await sweepAndSign(browser);
  await browser.find('[data-tag=J4][data-fitness=cleared]');
  const [{ authors, checks }] = (await world.database.owner.query(
    'SELECT COUNT(DISTINCT m.author) AS authors, COUNT(DISTINCT c.id) AS checks FROM mark m JOIN bike_check c ON c.id = m.checkId WHERE c.bikeId = ?',
    [bike.id],
  )) as [{ authors: string; checks: string }];
  expect([Number(authors), Number(checks)]).toEqual([2, 1]);
});

it('keeps what was typed into the bike form when it is refused, and says which field', async () => {
  await world.bike('J8');
  await browser.size('office');
  await browser.signIn('lead', SECRET, '/bikes/new');
  const field = async (label: string) =>
    browser.driver.executeScript<string>(
      'return [...document.querySelectorAll("label")].find((l) => l.textContent.trim() === arguments[0]).htmlFor',
      label,
    );
  await browser.find('form fieldset');
  const tag = await field('Tag');
  const model = await field('Model name');
  await browser.type(`[id="${tag}"]`, 'J8');
  await browser.click('[data-save]');
  await browser.textIs(`[id="${model}-says"]`, 'Fill this in');
  await browser.type(`[id="${model}"]`, 'Heron');
  await browser.click('[data-save]');
  await browser.textIs('[role=alert]', 'Tag J8 is already in use');
  expect(await browser.value(`[id="${model}"]`)).toBe('Heron');
  await browser.type(`[id="${tag}"]`, 'J9');
  await browser.click('[data-save]');
  await browser.find('[data-tag=J9][data-fitness=due]');
});

it('shows both sides when two people edit one bike, and keeps the one chosen', async () => {
  const bike = await world.bike('J6');
  await browser.size('tablet');
  await browser.signIn('lead', SECRET, `/bikes/${bike.id}/edit`);
  const field = async (label: string): Promise<string> => {
    let id: string | null = null;
    await browser.until(
      async () =>
        (id = await browser.driver.executeScript<string | null>(
          'return [...document.querySelectorAll("label")].find((l) => l.textContent.trim() === arguments[0])?.htmlFor ?? null',
          label,
        )) !== null,
      `no field ${label}`,
    );
    return `[id="${id}"]`;
  };
  const model = await field('Model name');
  await browser.until(async () => (await browser.value(model)) === bike.model, 'the form is not filled');
  await world.as('mechanic').send(changeBike, {
    params: { id: bike.id },
    body: { ...fieldsOf(bike), model: 'Theirs', version: bike.version },
  });
  await browser.type(model, 'Mine');
  await browser.click('[data-save]');
  await browser.textIs('section[aria-label="Both sides"]', /Model name\s+Yours: Mine\s+Theirs: Theirs/);
  expect(await violationsOf(browser)).toEqual([]);
  await browser.click('[data-both-save]');
  await browser.find('[data-tag=J6]');
  expect((await world.bikeNow(bike.id)).model).toBe('Mine');
});
