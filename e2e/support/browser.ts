import { existsSync, mkdtempSync, readdirSync, readFileSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { Builder, By, Key, until, type WebDriver, type WebElement } from 'selenium-webdriver';
import { Options, ServiceBuilder, type Driver } from 'selenium-webdriver/chrome.js';

const FLAGS = [
  '--headless=new',
  '--no-sandbox',
  '--disable-gpu',
  '--disable-quic',
  '--no-first-run',
  '--disable-background-networking',
  '--disable-component-update',
  '--disable-sync',
  '--hide-scrollbars',
  '--force-prefers-reduced-motion',
];
/** Far more than it takes: a busy machine has been seen to take five times as long. */
const WAIT_MS = 120_000;
/** The driver's own pace of five looks a second is most of the time a long journey takes. */
const POLL_MS = 40;

interface Point {
  readonly x: number;
  readonly y: number;
}

/** Where a click went that missed: on what, and whether that does something of its own. */
interface Missed {
  readonly on: string;
  readonly acts: boolean;
}

/** The middle of what can be seen of an element, once it can be hit there and stands still; else why not. It leaves word in `missed` of a click that misses. */
const WHERE_TO_CLICK = `
  const [css, done] = arguments;
  const element = document.querySelector(css);
  if (!element) return done('there is none');
  if (element.disabled) return done('it is disabled');
  const middle = () => {
    const box = element.getClientRects()[0];
    if (!box || box.width === 0 || box.height === 0) return null;
    const [left, right] = [Math.max(box.left, 0), Math.min(box.right, innerWidth)];
    const [top, bottom] = [Math.max(box.top, 0), Math.min(box.bottom, innerHeight)];
    return left < right && top < bottom ? { x: (left + right) / 2, y: (top + bottom) / 2 } : null;
  };
  const over = (at) => at && document.elementFromPoint(at.x, at.y);
  if (!element.contains(over(middle()))) element.scrollIntoView({ block: 'center', inline: 'nearest', behavior: 'instant' });
  const before = middle();
  requestAnimationFrame(() => setTimeout(() => {
    const at = middle();
    const hit = over(at);
    if (!at || !before) return done('it is not to be seen');
    if (at.x !== before.x || at.y !== before.y) return done('it moves');
    if (!element.contains(hit)) return done('it is covered by ' + (hit ? hit.outerHTML.slice(0, 120) : 'nothing'));
    addEventListener('click', ({ target }) => {
      // The newest word counts: one waiting for a click that never came hears this one too.
      window.missed = element.contains(target) ? undefined : { on: target.outerHTML?.slice(0, 120) ?? 'the page', acts: Boolean(target.closest?.('a, button, input, select, textarea, label, summary, [role=button], [role=option]')) };
    }, { capture: true, once: true });
    done(at);
  }));
`;

export const SIZES = { office: [1280, 800], tablet: [834, 1112], phone: [390, 844] } as const;
export type Size = keyof typeof SIZES;

interface Opening {
  /** A profile of before; else a fresh one. */
  readonly profile?: string;
  readonly flags?: readonly string[];
  /** Stores the whole program for when there is no network, as a real one does: two hundred files a fresh profile. */
  readonly worksOffline?: boolean;
}

/** One browser with a profile of its own, which outlives it: a killed browser is started again over the same. */
export class Browser {
  private constructor(
    readonly driver: WebDriver,
    readonly base: string,
    readonly profile: string,
  ) {}

  static async open(base: string, given: Opening = {}): Promise<Browser> {
    const { flags = [], worksOffline = false } = given;
    const profile = given.profile ?? mkdtempSync(join(tmpdir(), 'cadre-chromium-'));
    const options = new Options();
    options.addArguments(...FLAGS, ...flags, `--user-data-dir=${profile}`);
    options.setChromeBinaryPath('/usr/bin/chromium');
    options.setLoggingPrefs({ browser: 'ALL' });
    const driver = await new Builder()
      .forBrowser('chrome')
      .setChromeOptions(options)
      .setChromeService(new ServiceBuilder('/usr/bin/chromedriver'))
      .build();
    await driver.manage().setTimeouts({ script: 120_000 });
    const browser = new Browser(driver, base, profile);
    if (!worksOffline) await browser.beforeEachPage('delete Navigator.prototype.serviceWorker;');
    return browser;
  }

  async size(size: Size): Promise<void> {
    const [width, height] = SIZES[size];
    await (this.driver as Driver).sendDevToolsCommand('Emulation.setDeviceMetricsOverride', {
      width,
      height,
      deviceScaleFactor: 1,
      mobile: false,
    });
  }

  /** Runs in every page opened from now on, before anything of its own. */
  async beforeEachPage(source: string): Promise<void> {
    await (this.driver as Driver).sendDevToolsCommand('Page.addScriptToEvaluateOnNewDocument', { source });
  }

  /** What only the browser’s own tools can set. */
  async devTools(command: string, parameters: object): Promise<void> {
    await (this.driver as Driver).sendDevToolsCommand(command, parameters);
  }

  async go(path: string): Promise<void> {
    await this.driver.get(this.base + path);
  }

  /** Signs in through the interface's own route, then opens a page: the session is the browser's own. */
  async signIn(signInName: string, secret: string, path = '/'): Promise<void> {
    await this.go('/icon.svg');
    const status = await this.driver.executeAsyncScript<number>(
      `const done = arguments[arguments.length - 1];
       fetch('/api/v1/session', { method: 'POST', headers: { 'content-type': 'application/json' }, body: JSON.stringify({ signInName: arguments[0], secret: arguments[1] }) }).then((r) => done(r.status), () => done(0));`,
      signInName,
      secret,
    );
    if (status !== 200) throw new Error(`sign-in of ${signInName} answered ${status}`);
    await this.go(path);
  }

  async find(css: string): Promise<WebElement> {
    try {
      return await this.driver.wait(
        until.elementLocated(By.css(css)),
        WAIT_MS,
        `nothing like ${css}`,
        POLL_MS,
      );
    } catch (error) {
      throw new Error(`${(error as Error).message}; the page is ${await this.shown()}`, { cause: error });
    }
  }

  private shown(): Promise<string> {
    return this.driver.executeScript<string>(
      'return `${location.pathname}: ${document.body?.innerText.slice(0, 1500)}`',
    );
  }

  /**
   * Clicks with the mouse itself, as soon as it can be hit and stands still: the driver's own click asks so much of the page that
   * it takes three times as long. Where the page moved under it and it hit nothing, it is made again, as by a hand; where it hit
   * something else that acts, that is an error.
   */
  async click(css: string): Promise<void> {
    let wrong: string | null = null;
    await this.until(async () => {
      const at = await this.driver.executeAsyncScript<Point | string>(WHERE_TO_CLICK, css);
      if (typeof at === 'string') throw new Error(at);
      for (const type of ['mousePressed', 'mouseReleased'])
        await (this.driver as Driver).sendDevToolsCommand('Input.dispatchMouseEvent', {
          type,
          ...at,
          button: 'left',
          clickCount: 1,
        });
      const missed = await this.driver.executeScript<Missed | null>(
        'const { missed } = window; delete window.missed; return missed ?? null',
      );
      wrong = missed?.acts ? missed.on : null;
      return missed === null || missed.acts;
    }, `cannot click ${css}`).catch(async (error: Error) => {
      throw new Error(`${error.message}; the page is ${await this.shown()}`, { cause: error });
    });
    if (wrong !== null) throw new Error(`the click on ${css} landed on ${String(wrong)}`);
  }

  /** Types into a field, named by itself or by the frame it stands in. */
  async type(css: string, text: string): Promise<void> {
    const element = await this.find(`:is(input, textarea):is(${css}), :is(${css}) :is(input, textarea)`);
    // Clearing from outside tells a long text's page nothing: it is taken out as a hand does it.
    if ((await element.getTagName()) === 'textarea')
      await element.sendKeys(Key.chord(Key.CONTROL, 'a'), Key.BACK_SPACE);
    else await element.clear();
    await element.sendKeys(text);
  }

  // What stands on the page is read in one go: the driver's own way runs a whole library in the page for every word.
  async text(css: string): Promise<string> {
    return this.driver.executeScript<string>('return arguments[0].innerText.trim()', await this.find(css));
  }

  /** What a field has in it. */
  async value(css: string): Promise<string> {
    return this.driver.executeScript<string>(
      'return arguments[0].value',
      await this.find(`:is(input, textarea, select):is(${css}), :is(${css}) :is(input, textarea, select)`),
    );
  }

  async attribute(css: string, name: string): Promise<string> {
    return this.driver.executeScript<string>(
      'return arguments[0].getAttribute(arguments[1]) ?? ""',
      await this.find(css),
      name,
    );
  }

  async count(css: string): Promise<number> {
    return this.driver.executeScript<number>('return document.querySelectorAll(arguments[0]).length', css);
  }

  async height(css: string): Promise<number> {
    return this.driver.executeScript<number>('return arguments[0].offsetHeight', await this.find(css));
  }

  async press(...keys: string[]): Promise<void> {
    for (const key of keys) await this.driver.actions().sendKeys(key).perform();
  }

  /** Types as a scanner does: all keys at once, in one go of the driver. */
  async scan(text: string): Promise<void> {
    await this.driver.executeScript(
      `const at = document.activeElement ?? document.body;
       for (const key of [...arguments[0], 'Enter']) at.dispatchEvent(new KeyboardEvent('keydown', { key, bubbles: true, cancelable: true }));`,
      text,
    );
  }

  /** Two frames on: what came into sight with the last scroll is known by then. */
  async drawn(): Promise<void> {
    await this.driver.executeAsyncScript(
      'const done = arguments[0]; requestAnimationFrame(() => requestAnimationFrame(() => setTimeout(done)))',
    );
  }

  /** Waits until a condition holds; a stale or covered element only means "not yet". */
  async until(condition: () => Promise<boolean>, what: string, waitMs = WAIT_MS): Promise<void> {
    let last: unknown = null;
    await this.driver
      .wait(
        async () => {
          try {
            return await condition();
          } catch (error) {
            last = error;
            return false;
          }
        },
        waitMs,
        undefined,
        POLL_MS,
      )
      .catch((error: Error) => {
        throw new Error(`${what}: ${last ? (last as Error).message : error.message}`);
      });
  }

  async textIs(css: string, wanted: string | RegExp): Promise<void> {
    let seen = '';
    await this.until(
      async () => {
        seen =
          (await this.driver.executeScript<string | undefined>(
            'return document.querySelector(arguments[0])?.innerText',
            css,
          )) ?? '';
        return typeof wanted === 'string' ? seen.includes(wanted) : wanted.test(seen);
      },
      `wanted ${String(wanted)} in ${css}`,
    ).catch((error: Error) => {
      throw new Error(`${error.message}; it says "${seen}"`);
    });
  }

  async screenshot(): Promise<Buffer> {
    await this.driver.executeAsyncScript(
      'document.fonts.ready.then(() => requestAnimationFrame(() => requestAnimationFrame(arguments[0])))',
    );
    return Buffer.from(await this.driver.takeScreenshot(), 'base64');
  }

  /** Messages of the content policy and uncaught errors of the page. */
  async complaints(): Promise<string[]> {
    const entries = await this.driver.manage().logs().get('browser');
    return entries
      .map((entry) => entry.message)
      .filter((message) => /Content Security Policy|Uncaught|\[Vue/.test(message));
  }

  /** Ends the browser as a power cut would. */
  async kill(): Promise<void> {
    const pid = this.pid();
    process.kill(pid, 'SIGKILL');
    await this.driver.quit().catch(() => undefined); // its browser is gone; only the driver process is left to end
  }

  /** The browser's main process: the one over this profile that is nobody's child process of its own. */
  private pid(): number {
    for (const entry of readdirSync('/proc').filter((name) => /^\d+$/.test(name))) {
      const file = `/proc/${entry}/cmdline`;
      const command = existsSync(file) ? readFileSync(file, 'latin1') : '';
      if (
        command.includes(`--user-data-dir=${this.profile}`) &&
        !command.includes('--type=') &&
        /chrom/.test(command.split('\0')[0] ?? '')
      )
        return Number(entry);
    }
    throw new Error('no browser process over this profile');
  }

  async close(keepProfile = false): Promise<void> {
    await this.driver.quit();
    if (!keepProfile) rmSync(this.profile, { recursive: true, force: true });
  }
}
