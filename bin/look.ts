import { mkdirSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { Browser, SIZES, type Size } from '../e2e/support/browser';
import { runCommand, say } from './say';

// Takes pictures of a running Cadre with its demo data: the views in docs/screenshots, or one view on request.
//   npm run look                      the pictures of the docs
//   npm run look -- /bench office dim a picture of one address, size and theme into /tmp
const OUT = 'docs/screenshots';
const base = process.env.CADRE_LOOK_AT ?? 'http://127.0.0.1:8080';

interface Picture {
  readonly name: string;
  readonly size: Size;
  readonly path: string;
  readonly theme?: string;
  readonly before?: (browser: Browser) => Promise<void>;
  readonly after?: (browser: Browser) => Promise<void>;
}

async function bikeId(browser: Browser, tag: string): Promise<string> {
  return browser.driver.executeAsyncScript<string>(
    'const [tag, done] = arguments; fetch("/api/v1/wall").then((r) => r.json()).then((wall) => done(wall.bikes.find((bike) => bike.tag === tag).id));',
    tag,
  );
}

async function take(browser: Browser, picture: Picture, file: string): Promise<void> {
  await browser.size(picture.size);
  await browser.driver.executeScript('localStorage.setItem("cadre.theme", arguments[0])', picture.theme ?? 'light');
  const path = await picture.path.replace(/\{(\w+)\}/, '$1');
  const tag = /\{(\w+)\}/.exec(picture.path)?.[1];
  await browser.go(tag ? picture.path.replace(`{${tag}}`, await bikeId(browser, tag)) : path);
  await browser.find(picture.path.startsWith('/sign-in') ? 'form' : 'main h1, main h2');
  await picture.before?.(browser);
  writeFileSync(file, await browser.screenshot());
  await picture.after?.(browser);
  say(file);
}

/** Opens the first row and names its first fault; what is marked for the picture is taken back after it. */
const openFault = async (browser: Browser): Promise<void> => {
  await browser.find('[data-question]');
  await browser.click('[data-question] [data-exception]');
  await browser.click('[data-fault][aria-pressed=false]');
  await browser.find('[data-fault][aria-pressed=true]');
};
const undo = (browser: Browser): Promise<void> => browser.click('[data-undo]');

const pictures: readonly Picture[] = [
  { name: 'wall', size: 'office', path: '/' },
  { name: 'wall-phone', size: 'phone', path: '/' },
  { name: 'wall-dim', size: 'tablet', path: '/', theme: 'dim' },
  { name: 'stand', size: 'office', path: '/stand/{Q10}' },
  { name: 'stand-fault', size: 'tablet', path: '/stand/{H03}', before: openFault, after: undo },
  { name: 'stand-phone', size: 'phone', path: '/stand/{Q10}' },
  { name: 'bench', size: 'office', path: '/bench/{H04}' },
  { name: 'bike-form', size: 'office', path: '/bikes/{H05}/edit' },
  { name: 'people', size: 'office', path: '/people' },
  { name: 'sign-in', size: 'office', path: '/sign-in' },
];

await runCommand(async () => {
  const browser = await Browser.open(base);
  try {
    await browser.signIn(process.env.CADRE_LOOK_AS ?? 'ines', process.env.CADRE_LOOK_SECRET ?? 'curlew-1');
    const [path, size = 'office', theme = 'light'] = process.argv.slice(3);
    if (path) {
      if (!(size in SIZES)) throw new Error(`no size ${size}; there are ${Object.keys(SIZES).join(', ')}`);
      const picture: Picture = {
        name: 'look',
        size: size as Size,
        path,
        theme,
        ...(process.env.CADRE_LOOK_OPEN ? { before: openFault, after: undo } : {}),
      };
      await take(browser, picture, `/tmp/look-${path.replace(/\W+/g, '-')}-${size}-${theme}.png`);
      return;
    }
    mkdirSync(OUT, { recursive: true });
    for (const picture of pictures) await take(browser, picture, join(OUT, `${picture.name}.png`));
  } finally {
    await browser.close();
  }
});
