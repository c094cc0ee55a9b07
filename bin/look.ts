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

/** The id of a bike by its tag, or of a model by its name. */
async function idOf(browser: Browser, named: string): Promise<string> {
  return browser.driver.executeAsyncScript<string>(
    'const [named, done] = arguments; fetch("/api/v1/wall").then((r) => r.json()).then((wall) => done((wall.bikes.find((bike) => bike.tag === named) ?? wall.models.find((model) => model.name === named)).id));',
    named,
  );
}

async function take(browser: Browser, picture: Picture, file: string): Promise<void> {
  await browser.size(picture.size);
  await browser.driver.executeScript(
    'localStorage.setItem("cadre.theme", arguments[0])',
    picture.theme ?? 'light',
  );
  const named = /\{([^}]+)\}/.exec(picture.path)?.[1];
  await browser.go(named ? picture.path.replace(`{${named}}`, await idOf(browser, named)) : picture.path);
  await browser.find(picture.path.startsWith('/sign-in') ? 'form' : 'main h1, main h2');
  // Until the wall has come nobody knows how many bikes may go out: no picture of that.
  await browser.until(
    async () =>
      !(await browser.count('[data-count=held]')) || /\d/.test(await browser.text('[data-count=held]')),
    'the wall does not come',
  );
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

const pickOnPhone = async (browser: Browser): Promise<void> => {
  await browser.click('[data-tag=Q14]');
  await browser.find('[data-clipboard]');
};

const pickService = async (browser: Browser): Promise<void> => {
  await browser.click('[data-entry-kind=service]');
  await browser.find('[data-entry-panel]');
};

const planTheDay = async (browser: Browser): Promise<void> => {
  await browser.click('[data-make-plan]');
  await browser.find('[data-plan-person]');
};
/** A campaign of all bikes, six weeks ahead,; it is ended again after the picture. */
const planACampaign = async (browser: Browser): Promise<void> => {
  await browser.click('[data-plan-campaign]');
  await browser.click('[data-campaign-save]');
  await browser.click('[data-chip]');
  await browser.find('[data-campaign-bike]');
};
const endIt = async (browser: Browser): Promise<void> => {
  await browser.click('[data-end]');
  await browser.click('[role=alert] button:last-child');
};

const openRound = async (browser: Browser): Promise<void> => {
  await browser.click('[data-round-plate="Morning round"] a');
  await browser.find('[data-projection]');
};
/** Three bikes gauged, the third too low; what was marked for the picture is taken back after it. */
const typeReadings = async (browser: Browser): Promise<void> => {
  await browser.find('[data-cell]');
  for (const keys of ['2.4', '2.6', '1.1']) {
    await browser.press(...keys, '\uE007');
    await browser.until(
      async () => (await browser.count('[data-batch-row] input')) === 0,
      'the number is not taken',
    );
  }
};
const undoLine = async (browser: Browser): Promise<void> => {
  for (const _ of [1, 2]) await browser.click('[data-undo]');
};

/** The chain of a bike that had a new one: both on the chart. */
const showWear = async (browser: Browser): Promise<void> => {
  await browser.click('[data-worn=chain]');
  await browser.find('[data-wear-chart] svg');
  await browser.driver.executeScript('document.querySelector("[data-wear]").scrollIntoView()');
};

/** A rotor measured in three places: kept in the picture's own browser, marked nowhere. */
const measureRotor = async (browser: Browser): Promise<void> => {
  const row = '[data-question="rotor-thickness@front"]';
  await (await browser.find(`${row} [data-reading] input`)).sendKeys('1.62 1.58 1.56', '\uE007');
  await browser.find(`${row} [data-verdict]`);
  await browser.driver.executeScript(
    'document.querySelector(arguments[0]).scrollIntoView({ block: "center" })',
    row,
  );
};
const previewPolicy = async (browser: Browser): Promise<void> => {
  await browser.type('[data-policy=soonDays] input', '1');
  await browser.click('[data-preview]');
  await browser.find('[data-policy-effect]');
  await browser.driver.executeScript('window.scrollTo(0, 0)');
};

const takeOneBack = async (browser: Browser): Promise<void> => {
  await browser.click('[data-out] button');
  await browser.find('[data-back]');
};
const chooseAllLabels = (browser: Browser): Promise<void> => browser.click('[data-choose=all]');
/** Where the problem is: the page a rider sees with the first touch. */
const openPublicPage = async (browser: Browser): Promise<void> => {
  const code = await browser.driver.executeAsyncScript<string>(
    'const done = arguments[0]; fetch("/api/v1/labels").then((r) => r.json()).then(({ codes }) => done(codes[0].code))',
  );
  await browser.go(`/r/${code}/report`);
};

const pictures: readonly Picture[] = [
  { name: 'wall', size: 'office', path: '/' },
  { name: 'wall-phone', size: 'phone', path: '/', before: pickOnPhone },
  { name: 'stand', size: 'office', path: '/stand/{Q32}' },
  { name: 'stand-fault', size: 'tablet', path: '/stand/{H03}', before: openFault, after: undo },
  {
    name: 'bench',
    size: 'office',
    path: '/bench/{H08}',
    before: (browser) => browser.find('[data-used-parts]').then(() => undefined),
  },
  { name: 'bike', size: 'office', path: '/bikes/{H01}' },
  { name: 'round', size: 'office', path: '/rounds', before: openRound },
  {
    name: 'batch-check',
    size: 'office',
    path: '/batch-check?bikes=Q05,Q06,Q07,Q08,Q18,Q19,Q20,Q21,Q22,Q23&checklist=pressures',
    before: typeReadings,
    after: undoLine,
  },
  {
    name: 'wear',
    size: 'office',
    path: '/bikes/{H02}',
    before: showWear,
  },
  { name: 'day-plan', size: 'tablet', path: '/day-plan', before: planTheDay },
  {
    name: 'torque',
    size: 'tablet',
    path: '/bikes/{H15}/torque?wrench=150&adapter=40',
    theme: 'contrast',
    before: (browser) => browser.find('[data-joint]').then(() => undefined),
  },
  { name: 'desk', size: 'phone', path: '/desk', before: takeOneBack },
  { name: 'labels', size: 'office', path: '/labels', before: chooseAllLabels },
  { name: 'public-page', size: 'phone', path: '/labels', before: openPublicPage },
  {
    name: 'reading',
    size: 'office',
    path: '/stand/{H04}?checklist=season-opening&at=rotor-thickness@front',
    before: measureRotor,
  },
  { name: 'calendar', size: 'office', path: '/calendar', before: pickService },
  { name: 'campaign', size: 'office', path: '/campaigns', before: planACampaign, after: endIt },
  { name: 'find-cause', size: 'office', path: '/find-cause/flat-again?bike=Q26&at=rear' },
  { name: 'policy', size: 'office', path: '/policy', before: previewPolicy },
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
