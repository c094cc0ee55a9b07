import { changePolicy } from '@cadre/test-world/client';
import { afterAll, beforeAll, expect, it } from 'vitest';
import { Key } from 'selenium-webdriver';
import { asBuilt, questionsOf, stationsOf, type MarkingWay } from '@cadre/core/catalogue';
import { BIKE_KINDS, USUAL_BUILD, type BikeKind } from '@cadre/core/fleet';
import { RIDE_OUT, RIDE_OUT_CHILDREN } from '@cadre/core/shipped';
import { SECRET, World } from '../testing/world';
import { Browser } from './support/browser';

let world: World;
let browser: Browser;
beforeAll(async () => {
  world = await World.open({ web: true, realClock: true });
  browser = await Browser.open(world.base);
});
afterAll(async () => {
  await browser?.close();
  await world?.close();
});

const checklistOf = (kind: BikeKind) => (kind === 'child' ? RIDE_OUT_CHILDREN : RIDE_OUT);
function sizeOf(kind: BikeKind): { asked: number; criticals: number; stations: number; minutes: number } {
  const asked = questionsOf(checklistOf(kind), asBuilt(USUAL_BUILD[kind]));
  return {
    asked: asked.length,
    criticals: asked.filter((each) => each.critical).length,
    stations: stationsOf(asked, checklistOf(kind).route).length,
    minutes: asked.reduce((sum, each) => sum + each.checkpoint.minutes, 0),
  };
}

let tags = 0;
async function allSound(kind: BikeKind, marking: MarkingWay, hand: 'keys' | 'touch'): Promise<number> {
  await changePolicy(world.as('lead'), { marking }, marking);
  const bike = await world.bike(`A${(tags += 1)}`, kind);
  await browser.size(hand === 'keys' ? 'office' : 'tablet');
  await browser.signIn('inspector', SECRET);
  await browser.find(`[data-tag=${bike.tag}]`);
  let acts = 0;
  const key = async (name: string): Promise<void> => {
    acts += 1;
    await browser.press(name);
  };
  const touch = async (css: string): Promise<void> => {
    acts += 1;
    await browser.click(css);
  };
  // The bikes of earlier rounds are cleared, so this one is the next that is due.
  if (hand === 'keys') {
    await key('s');
    await browser.textIs('[data-clipboard] h2', bike.tag);
    await key('c');
  } else {
    await touch(`[data-tag=${bike.tag}]`);
    await touch('[data-act=check]');
  }
  await browser.find('[data-question]');
  // Read at one instant: the bar goes away with the last mark. A sweep that only shows the rest has scrolled.
  const left = (): Promise<string> =>
    browser.driver.executeScript<string>(
      "return document.querySelector('[data-sign]') ? 'none' : `${document.querySelector('[data-left]')?.textContent} ${scrollY}`",
    );
  for (let before = await left(); before !== 'none';) {
    await browser.drawn();
    if (hand === 'keys') await key(Key.SPACE);
    else if (marking === 'criticals-one-by-one' && (await browser.count('[data-pass]')) > 0)
      await touch('[data-pass]');
    else await touch('[data-sweep]');
    const last = before;
    await browser.until(async () => (before = await left()) !== last, `the act changed nothing: ${last}`);
  }
  if (hand === 'keys') await key(Key.SPACE);
  else await touch('[data-sign]');
  await browser.find(`[data-tag=${bike.tag}][data-fitness=cleared]`);
  return acts;
}

it('prints what is asked of each kind of bike', () => {
  const lines = BIKE_KINDS.map((kind) => {
    const { asked, criticals, stations, minutes } = sizeOf(kind);
    return `${kind.padEnd(16)} ${checklistOf(kind).key.padEnd(18)} asked ${String(asked).padStart(3)}  critical ${String(criticals).padStart(3)}  stations ${stations}  minutes ${minutes.toFixed(1)}`;
  });
  process.stdout.write(`\n${lines.join('\n')}\n`);
  expect(lines).toHaveLength(BIKE_KINDS.length);
});

it.each([
  ['hardtail', 'by-station', 'keys'],
  ['hardtail', 'by-station', 'touch'],
  ['child', 'by-station', 'touch'],
  ['hardtail', 'criticals-one-by-one', 'keys'],
  ['hardtail', 'criticals-one-by-one', 'touch'],
] as const)(
  'an all-sound ride-out of a %s, %s, by %s, is within the budget of acts',
  async (kind, marking, hand) => {
    const acts = await allSound(kind, marking, hand);
    const { criticals, stations } = sizeOf(kind);
    const budget = marking === 'by-station' ? 12 : criticals + stations + 2;
    process.stdout.write(
      `${kind}, ${marking}, by ${hand}: ${acts} acts (at most ${budget}; ${criticals} criticals, ${stations} stations)\n`,
    );
    expect(acts).toBeGreaterThan(stations);
    expect(acts).toBeLessThanOrEqual(budget);
  },
);
