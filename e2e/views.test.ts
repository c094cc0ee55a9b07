import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { faulty } from '@cadre/test-world/builders';
import { SECRET, World } from '../testing/world';
import { scrollsSideways, violationsOf } from './support/axe';
import { Browser, SIZES, type Size } from './support/browser';

let world: World;
let browser: Browser;
const ids: Record<string, string> = {};
beforeAll(async () => {
  world = await World.open({ web: true, realClock: true });
  const held = await world.bike('K1');
  await world.check(held, {
    exceptions: [
      { checkpoint: 'bars', more: faulty('bent') },
      { checkpoint: 'tyre-casing', position: 'rear', more: faulty('worn') },
    ],
  });
  const fresh = await world.bike('K2', 'step-through');
  await world.check(await world.bike('K3', 'child'), { sheet: 'ride-out-children' });
  Object.assign(ids, { held: held.id, fresh: fresh.id });
  browser = await Browser.open(world.base);
});
afterAll(async () => {
  await browser?.close();
  await world?.close();
});

const openRow = async (): Promise<void> => {
  await browser.click('[data-question] [data-exception]');
  await browser.click('[data-fault]');
};
const VIEWS: readonly { name: string; path: () => string; wait: string; before?: () => Promise<void>; as?: string }[] = [
  { name: 'wall', path: () => '/', wait: '[data-tag=K1]' },
  { name: 'stand', path: () => `/stand/${ids.fresh}`, wait: '[data-question]' },
  { name: 'stand with a fault open', path: () => `/stand/${ids.fresh}`, wait: '[data-question]', before: openRow },
  { name: 'sign-off', path: () => `/stand/${ids.held}`, wait: '[data-question]', before: () => browser.click('[data-go-sign]') },
  { name: 'stand of a trainee', path: () => `/stand/${ids.held}`, wait: '[data-question]', as: 'trainee' },
  { name: 'bench', path: () => `/bench/${ids.held}`, wait: '[data-bench-bike]' },
  { name: 'bike form', path: () => `/bikes/${ids.held}/edit`, wait: '[data-save]' },
  { name: 'people', path: () => '/people', wait: 'form' },
  { name: 'sign-in', path: () => '/sign-in', wait: 'form' },
  { name: 'nowhere', path: () => '/no/such/place', wait: 'main' },
];
const THEMES = ['light', 'dim', 'contrast'];
const sizes = Object.keys(SIZES) as Size[];

describe.each(VIEWS.map((view, index) => ({ ...view, index })))('$name', (view) => {
  // Every size in every run; themes take turns over them, so that each view meets each.
  it.each(sizes.map((size, index) => [size, THEMES[(index + view.index) % THEMES.length] ?? 'light'] as const))(
    'at %s size in the %s theme is sound',
    async (size, theme) => {
      await browser.size(size);
      await browser.signIn(view.as ?? 'lead', SECRET, '/icon.svg');
      await browser.driver.executeScript('localStorage.setItem("cadre.theme", arguments[0])', theme);
      await browser.go(view.path());
      await browser.find(view.wait);
      await view.before?.();
      expect(await violationsOf(browser)).toEqual([]);
      expect(await scrollsSideways(browser)).toBe(false);
      expect(await browser.complaints()).toEqual([]);
    },
  );
});
