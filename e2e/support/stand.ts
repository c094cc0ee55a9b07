import { Key } from 'selenium-webdriver';
import type { Browser } from './browser';

/** What stands at the stand at one instant; "end" once it can be signed. */
const standing = (browser: Browser): Promise<string> =>
  browser.driver.executeScript<string>(
    `if (document.querySelector('[data-sign]')) return 'end';
     const asked = [...document.querySelectorAll('[data-question]')].map((each) => each.dataset.question + each.dataset.outcome);
     return [document.querySelector('[data-left]')?.textContent, document.querySelector('[data-sweep]')?.textContent, scrollY, ...asked].join(' ');`,
  );

/** Sweeps station after station to the signature, each only once what the last did has come: a key too many would sign. */
export async function sweepToTheEnd(
  browser: Browser,
  by: 'touch' | 'keys' = 'touch',
  before: () => Promise<void> = async () => {},
): Promise<void> {
  await browser.find('[data-sweep], [data-sign]');
  for (let at = await standing(browser); at !== 'end';) {
    await browser.drawn();
    at = await standing(browser);
    await before();
    if (by === 'keys') await browser.press(Key.SPACE);
    else await browser.click('[data-sweep]');
    const last = at;
    await browser.until(
      async () => (at = await standing(browser)) !== last,
      `the sweep changed nothing: ${last}`,
    );
  }
}

/** Sweeps until the station in hand has given its marks: what was not in sight is shown first. */
export async function sweepStation(browser: Browser): Promise<void> {
  const left = (): Promise<string> => browser.text('[data-left]');
  for (const before = await left(); (await left()) === before;) {
    await browser.drawn();
    const last = await standing(browser);
    await browser.click('[data-sweep]');
    await browser.until(async () => (await standing(browser)) !== last, `the sweep changed nothing: ${last}`);
    if ((await browser.count('[data-left]')) === 0) return;
  }
}

/** The rest swept, and signed. */
export async function sweepAndSign(browser: Browser, by: 'touch' | 'keys' = 'touch'): Promise<void> {
  await sweepToTheEnd(browser, by);
  await browser.click('[data-sign]');
}
