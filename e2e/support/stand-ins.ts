import type { InstrumentKind, StandInFault } from '@cadre/core/instruments';
import type { Browser } from './browser';

/** The simulated instruments in a second window of the same browser. */
export class StandIns {
  private constructor(
    private readonly browser: Browser,
    private readonly work: string,
    private readonly own: string,
  ) {}

  static async open(browser: Browser): Promise<StandIns> {
    const { driver } = browser;
    const work = await driver.getWindowHandle();
    await driver.switchTo().newWindow('tab');
    const own = await driver.getWindowHandle();
    await browser.size('office');
    await browser.go('/instruments/stand-ins');
    await browser.find('[data-stand-in]');
    await driver.switchTo().window(work);
    return new StandIns(browser, work, own);
  }

  /** Sets one up and presses its button, once for each value; then the work is in front again. */
  async send(
    kind: InstrumentKind,
    values: readonly (number | string)[],
    more: { readonly fault?: StandInFault; readonly serial?: string } = {},
  ): Promise<void> {
    const { browser } = this;
    await browser.driver.switchTo().window(this.own);
    const card = `[data-stand-in=${kind}]`;
    if (more.serial !== undefined) await browser.type(`${card} [data-serial]`, more.serial);
    await browser.driver.executeScript(
      `const select = document.querySelector(arguments[0]);
       select.value = arguments[1];
       select.dispatchEvent(new Event('change', { bubbles: true }));`,
      `${card} select`,
      more.fault ?? 'none',
    );
    for (const value of values) {
      await browser.type(`${card} [data-truth]`, String(value));
      await browser.click(`${card} [data-send]`);
    }
    await browser.driver.switchTo().window(this.work);
  }
}
