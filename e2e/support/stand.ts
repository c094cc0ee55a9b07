import { Key } from 'selenium-webdriver';
import type { Browser } from './browser';

/** What stands at the stand at one instant; "end" once it can be signed. */
const standing = (browser: Browser): Promise<string> =>
  browser.driver.executeScript<string>(
    `if (document.querySelector('[data-sign]')) return 'end';
     const asked = [...document.querySelectorAll('[data-question]')].map((each) => each.dataset.question + each.dataset.outcome);
     return [document.querySelector('[data-left]')?.textContent, ...asked].join(' ');`,
  );

/** Sweeps station after station to the signature, each only once what the last did has come: a key too many would sign. */
export async function sweepToTheEnd(
  browser: Browser,
  by: 'touch' | 'keys' = 'touch',
  before: () => Promise<void> = async () => {},
): Promise<void> {
  await browser.find('[data-sweep], [data-sign]');
  for (let at = await standing(browser); at !== 'end';) {
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

/** The rest swept, and signed. */
export async function sweepAndSign(browser: Browser, by: 'touch' | 'keys' = 'touch'): Promise<void> {
  await sweepToTheEnd(browser, by);
  await browser.click('[data-sign]');
}
