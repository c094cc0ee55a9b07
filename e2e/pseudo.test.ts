import { execFileSync } from 'node:child_process';
import { mkdtempSync, readdirSync, readFileSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { DEFAULT_PRACTICES } from '@cadre/core/catalogue';
import { CHECKPOINTS, PRACTICE_PROSE, shippedServices, GUIDES, TRACES } from '@cadre/core/shipped';
import { INSTRUMENT_UNITS } from '@cadre/core/instruments';
import { SECRET, World } from '../testing/world';
import { Browser, SIZES, type Size } from './support/browser';
import { lookAtTexts, rememberData } from './support/layout';
import { viewList, type LookedAt } from './support/view-list';
import { fillViews } from './support/view-world';

// Every view in a made-up language with accents and longer words: what stays plain was never put into a file of messages, and what is cut
// here is cut in the next real language.
let world: World;
let webDir: string;
const at: LookedAt = { browser: null as unknown as Browser, ids: {} };

beforeAll(async () => {
  webDir = mkdtempSync(join(tmpdir(), 'cadre-pseudo-'));
  execFileSync('npx', ['vite', 'build', 'web', '--outDir', webDir, '--logLevel', 'error'], {
    env: { ...process.env, NODE_ENV: 'production', CADRE_LANGUAGE: 'pseudo' },
  });
  world = await World.open({ webDir, realClock: true });
  Object.assign(at.ids, await fillViews(world));
  at.browser = await Browser.open(world.base);
  await rememberData(at.browser);
});
afterAll(async () => {
  await at.browser?.close();
  await world?.close();
  if (webDir) rmSync(webDir, { recursive: true, force: true });
});

/** The catalogue ships with the app; names of people are shown by their first word. */
function known(): readonly string[] {
  const texts = new Set<string>([
    'Ines',
    'lead',
    'inspector',
    'mechanic',
    'trainee',
    'desk',
    'Cadre',
    'utf-8',
    'links',
    // Typed by the test.
    'camels',
  ]);
  const gather = (value: unknown): void => {
    if (typeof value === 'string') texts.add(value);
    else if (value && typeof value === 'object') Object.values(value).forEach(gather);
  };
  gather([CHECKPOINTS, GUIDES, INSTRUMENT_UNITS, TRACES, PRACTICE_PROSE, shippedServices(DEFAULT_PRACTICES)]);
  // What stands in the lists that are opened, and how their files are called.
  for (const list of readdirSync('test-world/lists')) {
    texts.add(list);
    if (list.endsWith('.csv'))
      readFileSync(join('test-world/lists', list), 'latin1')
        .split(/[;,\t\r\n]/)
        .forEach((cell) => texts.add(cell.replaceAll('"', '').trim()));
  }
  return [...texts];
}
const KNOWN = known();

let person = '';
describe.each(viewList(at))('$name', (view) => {
  it('is translated, and nothing of it is cut, at every size', async () => {
    const name = view.as ?? 'lead';
    if (person !== name) await at.browser.signIn(name, SECRET, '/icon.svg');
    person = name;
    for (const size of Object.keys(SIZES) as Size[]) {
      await at.browser.size(size);
      if (size === 'office') {
        await at.browser.go(view.path());
        await at.browser.find(view.wait);
        await view.before?.();
      }
      expect({ size, ...(await lookAtTexts(at.browser, KNOWN)) }).toEqual({
        size,
        untranslated: [],
        cut: [],
      });
    }
  });
});
