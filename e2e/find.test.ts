import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { SECRET, World } from '../testing/world';
import { Browser } from './support/browser';
import { sweepStation } from './support/stand';
import { cameraFlags, filmOfCode } from './support/fake-video';

let world: World;
let browser: Browser;
const ids: Record<string, string> = {};
beforeAll(async () => {
  world = await World.open({ web: true, realClock: true });
  for (const tag of ['F1', 'F2', 'F3']) ids[tag] = (await world.bike(tag)).id;
  browser = await Browser.open(world.base, { flags: cameraFlags(filmOfCode('F2')) });
  await browser.size('phone');
  await browser.signIn('inspector', SECRET);
  await browser.find('[data-tag=F1]');
});
afterAll(async () => {
  await browser?.close();
  await world?.close();
});

describe('a bike is found', () => {
  it('by its code before the camera, with nothing fetched from elsewhere', async () => {
    await browser.go('/rounds');
    await browser.click('[data-find]');
    await browser.click('[data-use-camera]');
    await browser.find('[data-bike-page]');
    expect(new URL(await browser.driver.getCurrentUrl()).pathname).toBe(`/bikes/${ids.F2}`);
    expect(await browser.complaints()).toEqual([]);
  });
  it('by its tag typed anywhere, and says when there is none', async () => {
    await browser.go('/checklists');
    await browser.find('[data-checklist=ride-out]');
    await browser.press('/');
    await browser.type('#find-anywhere', 'nobody9');
    await browser.press('\uE007');
    await browser.textIs('[data-find-bike] [role=alert]', 'nobody9');
    await browser.type('#find-anywhere', 'f3');
    await browser.press('\uE007');
    await browser.textIs('[data-clipboard] h2', 'F3');
    // Back leads to the page before, and nothing goes on lying over it.
    await browser.press('/');
    await browser.find('#find-anywhere');
    await browser.driver.navigate().back();
    await browser.find('[data-checklist=ride-out]');
    await browser.until(
      async () => (await browser.count('[data-find-bike]')) === 0,
      'the search stays over another page',
    );
  });
  it('by a wedge scanner: at the stand the next bike is opened, and what was marked on the first is kept', async () => {
    await browser.go(`/stand/${ids.F1}`);
    await sweepStation(browser);
    const left = await browser.text('[data-left]');
    await browser.scan('F3');
    await browser.textIs('h1', 'F3');
    await browser.scan('F1');
    await browser.textIs('h1', 'F1');
    await browser.textIs('[data-left]', left);
  });
  it('and is taken in hand on the wall', async () => {
    await browser.go('/');
    await browser.find('[data-tag=F1]');
    await browser.scan('F2');
    await browser.textIs('[data-clipboard] h2', 'F2');
  });
});
