import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { SECRET, World } from '../testing/world';
import { axeInEveryPage, scrollsSideways, violationsOf } from './support/axe';
import { Browser, SIZES, type Size } from './support/browser';

import { viewList, type LookedAt } from './support/view-list';
import { fillViews } from './support/view-world';

let world: World;
const ids: Record<string, string> = {};
beforeAll(async () => {
  world = await World.open({ web: true, realClock: true });
  Object.assign(ids, await fillViews(world));
  at.browser = await Browser.open(world.base);
  await axeInEveryPage(at.browser);
});
afterAll(async () => {
  await at.browser?.close();
  await world?.close();
});

const at: LookedAt = { browser: null as unknown as Browser, ids };
const VIEWS = viewList(at);

let person = '';
/** Signs in when somebody else's turn comes: the views of one person need it once. */
async function signedIn(name: string): Promise<void> {
  if (person !== name) await at.browser.signIn(name, SECRET, '/icon.svg');
  person = name;
}
let shown: Size | null = null;
async function sized(size: Size): Promise<void> {
  if (shown !== size) await at.browser.size(size);
  shown = size;
}
const THEMES = ['light', 'dim', 'contrast'];
const sizes = Object.keys(SIZES) as Size[];

describe.each(VIEWS.map((view, index) => ({ ...view, index })))('$name', (view) => {
  // One opening a view, as somebody who turns a tablet: every size in every run; themes take turns over them, so that each view meets each.
  it('is sound at every size', async () => {
    const inTurn = sizes.map(
      (size, index) => [size, THEMES[(index + view.index) % THEMES.length] ?? 'light'] as const,
    );
    await sized(sizes[0] ?? 'office');
    await signedIn(view.as ?? 'lead');
    await at.browser.go(view.path());
    await at.browser.find(view.wait);
    await view.before?.();
    // The phone always, the two larger sizes by turns: what they show is laid out alike.
    const looked = inTurn.filter(
      ([size]) => size === 'phone' || (size === 'office') === (view.index % 2 === 0),
    );
    for (const [size, theme] of inTurn) {
      await sized(size);
      await at.browser.driver.executeScript('document.documentElement.dataset.theme = arguments[0]', theme);
      const violations = looked.some(([each]) => each === size) ? await violationsOf(at.browser) : [];
      expect({ size, theme, violations }).toEqual({ size, theme, violations: [] });
      await at.browser.until(
        async () => !(await scrollsSideways(at.browser)),
        `${view.name} scrolls sideways at ${size} size`,
        5000,
      );
    }
    expect(await at.browser.complaints()).toEqual([]);
  });
});
