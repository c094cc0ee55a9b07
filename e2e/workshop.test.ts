import { mkdtempSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import type { Origin } from 'selenium-webdriver';
import sharp from 'sharp';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { v7 as newId } from 'uuid';
import { changeBike, type Bike } from '@cadre/contract/fleet';
import { countStock, listStock, setStockItem } from '@cadre/contract/parts';
import { faulty, fieldsOf } from '@cadre/test-world/builders';
import { SECRET, World } from '../testing/world';
import { Browser } from './support/browser';
import { sweepAndSign } from './support/stand';

let world: World;
let browser: Browser;
beforeAll(async () => {
  world = await World.open({ web: true, realClock: true });
  browser = await Browser.open(world.base);
  await browser.size('tablet');
});
afterAll(async () => {
  await browser?.close();
  await world?.close();
});

const at = (): number => Date.now();
async function shelf(name: string, kind: 'rotor' | 'pads', onHand: number): Promise<string> {
  const id = newId();
  const item = {
    kind,
    name,
    facts: {},
    modelIds: [],
    markings: {},
    least: 1,
    price: 2600,
    leadDays: 5,
    supplier: 'Tern Components',
  };
  await world
    .as('lead')
    .send(setStockItem, { params: { id }, body: { id: newId(), item, version: null, at: at() } });
  await world.as('lead').send(countStock, {
    params: { id },
    body: { id: newId(), by: onHand, why: 'delivered', note: '', at: at() },
  });
  return id;
}
const onHand = async (id: string): Promise<number | undefined> =>
  (await world.as('desk').send(listStock)).items.find((item) => item.id === id)?.onHand;
/** A photo from the file, circled by finger, kept with the look in front. */
async function circledPhoto(): Promise<void> {
  const path = join(mkdtempSync(join(tmpdir(), 'cadre-workshop-')), 'rotor.jpg');
  writeFileSync(
    path,
    await sharp({ create: { width: 1200, height: 900, channels: 3, background: '#7d8b97' } })
      .jpeg()
      .toBuffer(),
  );
  await (await browser.find('[data-photo-file]')).sendKeys(path);
  await browser.find('[data-photo-pad] img');
  const canvas = await browser.find('[data-photo-canvas]');
  const { width, height } = await canvas.getRect();
  const on = (x: number, y: number) => ({
    x: Math.round(x * width),
    y: Math.round(y * height),
    origin: canvas as never as Origin,
  });
  await browser.driver.actions().move(on(-0.3, -0.3)).press().move(on(0.1, 0.2)).release().perform();
  await browser.find('[data-photo-pad] ellipse');
  await browser.click('[data-photo-keep]');
}
/** A bike held by a fault of its front brake. */
async function held(tag: string): Promise<Bike> {
  const bike = await world.bike(tag);
  await world.check(bike, {
    exceptions: [{ checkpoint: 'rotor', position: 'front', more: faulty('crack') }],
  });
  return bike;
}

describe('from a fault to a release', () => {
  it('goes the whole way: circled at the stand, held on another window, repaired with a part and a torque, looked at again by a second person, released, all of it told', async () => {
    const bike = await world.bike('WS1');
    const rotor = await shelf('Rotor, 180 mm', 'rotor', 2);
    const fields = { ...fieldsOf(await world.bikeNow(bike.id)), fit: { 'torqueMax:rotor-bolt': 6 } };
    await world.as('lead').send(changeBike, { params: { id: bike.id }, body: { ...fields, version: 1 } });
    await world.check(bike);
    const wall = await Browser.open(world.base);
    try {
      await wall.signIn('lead', SECRET, '/');
      await wall.find('[data-tag=WS1][data-fitness=cleared]');

      await browser.signIn('inspector', SECRET, `/stand/${bike.id}`);
      const question = '[data-question="rotor@rear"]';
      const sweepToIt = (): Promise<void> =>
        browser.until(async () => {
          if ((await browser.count(question)) > 0) return true;
          await browser.click('[data-sweep]');
          return false;
        }, 'the rear rotor is never asked');
      await sweepToIt();
      await browser.click(`${question} [data-exception]`);
      await browser.click(`${question} [data-fault=crack]`);
      await wall.find('[data-tag=WS1][data-fitness=held]');
      await circledPhoto();
      await browser.find('[data-look-photos] [data-photo=sent] ellipse');
      await sweepAndSign(browser);
      await browser.until(
        async () => Number(await browser.attribute('[data-waiting]', 'data-waiting')) === 0,
        'the check is not sent',
      );

      await browser.signIn('mechanic', SECRET, `/bench/${bike.id}`);
      await browser.find('[data-bench-bike] [data-photo] ellipse');
      await browser.click('[data-hang-open]');
      await browser.type('[data-hang-name]', 'Plate 3');
      await browser.click('[data-hang]');
      await browser.textIs('[data-hangs]', 'Plate 3');
      await browser.click('[data-start]');
      await browser.click('[data-take="Rotor, 180 mm"]');
      await browser.textIs('[data-used]', '1 left in stock');
      await browser.textIs('[data-torqued]', 'set 6 N m');
      await browser.type('[data-torque-of=rotor-bolt]', '5,8');
      await browser.type('[data-done]', 'New rotor, bolts in a star');
      await browser.type('[data-minutes]', '25');
      await browser.click('[data-finish]');
      await browser.textIs('[data-repair=done]', '1 × Rotor, 180 mm');
      expect(await onHand(rotor)).toBe(1);
      // Whoever repaired a brake does not look again, and nobody releases before.
      expect(await browser.count('[data-recheck], [data-release]')).toBe(0);

      await browser.signIn('inspector', SECRET, `/bench/${bike.id}`);
      await browser.click('[data-recheck]');
      await sweepToIt();
      await sweepAndSign(browser);
      await browser.textIs('[data-bench-bike]', 'Ready for release. A mechanic or lead releases the bike.');

      await browser.signIn('mechanic', SECRET, `/bench/${bike.id}`);
      await browser.find('[data-release]:disabled');
      await browser.click('[data-tag-back]');
      await browser.click('[data-release]');
      await wall.find('[data-tag=WS1][data-fitness=cleared]');

      await browser.go(`/bikes/${bike.id}`);
      const told: readonly (readonly [string, string, string])[] = [
        ['bike.released', 'Released', 'mechanic'],
        [
          'repair.done',
          'New rotor, bolts in a star · 1 × Rotor, 180 mm · Rotor bolt 5.8 N m · 25 min',
          'mechanic',
        ],
        ['part.fitted', 'Rotor fitted', 'mechanic'],
        ['repair.started', 'Repair started', 'mechanic'],
        ['hang-tag.hung', 'Plate 3', 'mechanic'],
        ['check.signed', 'Check signed', 'inspector'],
      ];
      for (const [kind, words, name] of told) {
        const entry = `[data-entry="${kind}"]`;
        await browser.textIs(entry, words);
        await browser.textIs(entry, name);
        expect(await browser.text(entry), kind).toMatch(/today \d\d:\d\d/);
      }
      await browser.find('[data-bike-photos] [data-photo=sent] ellipse');
      expect(await browser.complaints()).toEqual([]);
    } finally {
      await wall.close();
    }
  });
});

describe('the shelf', () => {
  it('gives no part that is not there: refused with what to do, nothing typed is lost, counted in it goes', async () => {
    const bike = await held('WS2');
    const pads = await shelf('Rotor, 160 mm', 'rotor', 0);
    await browser.signIn('mechanic', SECRET, `/bench/${bike.id}`);
    await browser.click('[data-start]');
    await browser.click('[data-take="Rotor, 160 mm"]');
    await browser.type('[data-done]', 'New rotor');
    await browser.click('[data-finish]');
    await browser.textIs('[data-bench-bike]', 'Rotor, 160 mm: 0 in stock, 1 needed');
    await browser.textIs(
      '[data-bench-bike]',
      'Count the stock and correct the number under Stock, or use fewer. Your entries are not lost.',
    );
    expect(await browser.value('[data-done]')).toBe('New rotor');

    await browser.go('/stock');
    const row = '[data-item="Rotor, 160 mm"]';
    await browser.click(`${row} [data-count-open]`);
    await browser.type(`${row} [data-count]`, 'two');
    await browser.click(`${row} [data-count-save]`);
    await browser.textIs(row, 'Enter a whole number');
    await browser.type(`${row} [data-count]`, '2');
    await browser.click(`${row} [data-count-save]`);
    await browser.textIs(`${row} [data-on-hand]`, '2');
    await browser.go(`/bench/${bike.id}`);
    await browser.click('[data-take="Rotor, 160 mm"]');
    await browser.type('[data-done]', 'New rotor');
    await browser.click('[data-finish]');
    await browser.find('[data-repair=done]');
    expect(await onHand(pads)).toBe(1);
  });

  it('tells a repair that waits for a part apart from one that can go on', async () => {
    const bike = await held('WS3');
    await browser.signIn('mechanic', SECRET, `/bench/${bike.id}`);
    await browser.click('[data-start]');
    await browser.click('[data-plan-open]');
    await (await browser.find('[data-waits-for] option[value=workshop]')).click();
    await browser.click('[data-plan-save]');
    await browser.textIs('[data-plan]', 'Enter what the repair waits for.');
    await browser.type('[data-waits-what]', 'Fork service in town');
    await browser.click('[data-plan-save]');
    await browser.textIs('[data-waits]', 'Away at a workshop: Fork service in town');
    await browser.find('[data-job=WS3][data-because=away]');
    await browser.click('[data-here]');
    await browser.find('[data-job=WS3]:not([data-because=away])');
  });
});

describe('the findings of the fleet', () => {
  it('two told of one thing are told as one; several are begun at once; a search is kept by name', async () => {
    const bike = await world.bike('WS4');
    for (const fault of ['worn', 'small-cut'])
      await world.check(bike, {
        exceptions: [
          {
            checkpoint: 'tyre-casing',
            position: 'rear',
            more: { outcome: fault === 'worn' ? 'fail' : 'watch', way: 'single', faults: [{ fault }] },
          },
        ],
      });
    await browser.signIn('mechanic', SECRET, `/bench/${bike.id}`);
    await browser.click('[data-bench-finding=worn] [data-merge-open]');
    await browser.click('[data-merge]');
    await browser.until(
      async () => (await browser.count('[data-bench-finding]')) === 1,
      'there are two still',
    );
    await browser.textIs('[data-bench-finding]', 'Fix by');

    await held('WS5');
    await browser.go('/findings?state=open');
    await browser.until(
      async () => (await browser.count('[data-finding]')) >= 2,
      'the findings are not there',
    );
    await browser.click('[data-view-name]');
    await browser.type('[data-view-title]', 'To repair');
    await browser.click('[data-view-save]');
    await browser.click('[data-choose-all]');
    await browser.click('[data-start-several]');
    await browser.until(async () => (await browser.count('[data-finding]')) === 0, 'some are not begun');
    await browser.go('/findings');
    await browser.click('[data-view="To repair"]');
    await browser.until(
      async () => (await browser.driver.getCurrentUrl()).endsWith('?state=open'),
      'the search is not what it was',
    );
  });
});

describe('a used bike on offer', () => {
  it('is looked over, priced against what is asked, taken, and is of the fleet with its findings', async () => {
    await browser.signIn('mechanic', SECRET, '/assessments');
    await browser.click('[data-add-assessment]');
    const type = async (label: string, text: string): Promise<void> => {
      const id = await browser.driver.executeScript<string>(
        'return [...document.querySelectorAll("[data-open-assessment] label")].find((each) => each.textContent === arguments[0]).htmlFor',
        label,
      );
      await browser.type(`#${id}`, text);
    };
    await browser.click('[data-assessment-save]');
    await browser.textIs('[data-open-assessment]', 'Enter a short tag of letters and digits.');
    await type('Tag', 'OFF1');
    await type('Make and model', 'Old hybrid');
    await type('Asking price', '120');
    await type('Value when repaired', '300');
    await browser.click('[data-assessment-save]');
    await browser.textIs(
      '[data-assessment]',
      'This bike is not checked yet, so the total does not include any repairs.',
    );
    await browser.find('[data-accept]:disabled');

    const wall = (await (await world.as('lead').raw('GET', '/api/v1/bikes')).json()) as { bikes: Bike[] };
    const bike = wall.bikes.find((each) => each.tag === 'OFF1') as Bike;
    await world.check(bike, {
      checklist: 'assessment',
      exceptions: [{ checkpoint: 'grips', more: faulty('torn') }],
    });
    const price = '[data-price-of=torn] input';
    await browser.type(price, 'ten');
    await browser.find(`${price}[aria-invalid=true]`);
    await browser.type(price, '9,50');
    await browser.textIs('[data-sum]', '€129.50');
    await browser.textIs('[data-sum]', '€170.50 below its value: worth buying');
    await browser.click('[data-accept]');
    await browser.textIs('[data-decided]', 'Accepted into the fleet');
    expect(await world.fitness(bike.id)).toMatchObject({
      fitness: 'held',
      reasons: expect.arrayContaining(['ready-for-release']) as unknown,
    });
    await browser.go(`/bench/${bike.id}`);
    await browser.find('[data-bench-finding=torn]');
  });
});
