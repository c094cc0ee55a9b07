import { resolve } from 'node:path';
import { afterAll, beforeAll, describe, expect, inject, it } from 'vitest';
import { Key } from 'selenium-webdriver';
import { getFleetDocument } from '@cadre/contract/exchange';
import { addModel, addRack, type Rack } from '@cadre/contract/fleet';
import { getWall } from '@cadre/contract/wall';
import { fitPart } from '@cadre/contract/parts';
import { USUAL_BUILD } from '@cadre/core/fleet';
import { fleetCsv } from '../web/exchange/desk';
import { v7 as newId } from 'uuid';
import { SECRET, World } from '../testing/world';
import { Browser } from './support/browser';
import { ServerProcess } from './support/server-process';

let world: World;
let browser: Browser;
beforeAll(async () => {
  world = await World.open({ web: true, realClock: true });
  browser = await Browser.open(world.base);
  await browser.size('office');
});
afterAll(async () => {
  await browser?.close();
  await world?.close();
});

const hookOf = async (tag: string): Promise<string | null> => {
  const { bikes, racks } = await world.as('desk').send(getWall);
  const hookId = bikes.find((bike) => bike.tag === tag)?.hookId;
  return (
    racks
      .flatMap((rack) => rack.hooks.map((hook) => (hook.id === hookId ? `${rack.name} ${hook.number}` : '')))
      .find(Boolean) ?? null
  );
};
const choose = (file: string): Promise<void> =>
  browser.driver.findElement({ css: '[data-file]' }).then((input) => input.sendKeys(resolve(file)));

describe('a list of bikes', () => {
  it('comes in by hand: columns seen, words and dates answered once, wrong rows told, the rest on its racks', async () => {
    await browser.signIn('lead', SECRET, '/lists');
    await browser.find('[data-file]');
    await choose('test-world/lists/5-free-words.csv');
    await browser.find('[data-column="2"]');
    await browser.textIs('main', '7 rows under 10 headings');
    await browser.driver
      .executeScript(`const pick = (key, value) => { const select = document.querySelector('[data-word="' + key + '"] select'); select.value = value; select.dispatchEvent(new Event('change', { bubbles: true })); };
      pick('brake:disc', 'cable-disc'); pick('sprockets:7 hub', '7'); pick('accessories:bell, hoverboard', '');`);
    await browser.click('[data-to-preview]');
    await browser.textIs('[data-count-of=add]', '6');
    await browser.textIs('[data-count-of=wrong]', '1');
    await browser.textIs('[data-wrong="5"]', 'Kind: “penny farthing” is not understood');
    await browser.click('[data-bring-in]');
    await browser.textIs('[data-import-done]', '6 bikes added');
    const { bikes, models } = await world.as('desk').send(getWall);
    expect(
      bikes.filter((bike) => /^F0/.test(bike.tag)).map((bike) => [bike.tag, bike.build.brakeFront]),
    ).toEqual([
      ['F01', 'hydraulic-disc'],
      ['F02', 'rim'],
      ['F03', 'cable-disc'],
      ['F05', 'rim'],
      ['F06', 'hydraulic-disc'],
      ['F07', 'drum'],
    ]);
    expect(models.length).toBeGreaterThan(2);
    expect(await browser.complaints()).toEqual([]);
  });

  it('in the fleet already is changed only where asked, and the difference is shown first', async () => {
    await browser.go('/lists');
    await browser.find('[data-file]');
    await choose('test-world/lists/1-semicolons.csv');
    await browser.click('[data-to-preview]');
    await browser.click('[data-bring-in]');
    await browser.textIs('[data-import-done]', '4 bikes added');
    expect(await hookOf('N03')).toBe('New rail 3');
    await browser.go('/lists');
    await browser.find('[data-file]');
    await choose('test-world/lists/1-semicolons.csv');
    await browser.click('[data-to-preview]');
    await browser.textIs('[data-count-of=wrong]', '6');
    await browser.click('[data-update]');
    await browser.textIs('[data-count-of=same]', '4');
  });

  it('that is none is told at once, and nothing is kept', async () => {
    await browser.go('/lists');
    await browser.find('[data-file]');
    await choose('docs/screenshots/wall.png');
    await browser.textIs('[data-file-fault]', 'This file is not a table. Save the list as CSV');
    expect(await browser.count('[data-column]')).toBe(0);
  });

  it('comes in as a workbook that was taken out, and a fleet file is the same bytes after a wipe', async () => {
    const written = (form: string): Promise<number[]> =>
      browser.driver.executeAsyncScript<number[]>(
        `const [form, done] = arguments; const make = URL.createObjectURL; URL.createObjectURL = (blob) => { blob.arrayBuffer().then((b) => done([...new Uint8Array(b)])); URL.createObjectURL = make; return make(blob); }; document.querySelector('[data-export=' + form + ']').click();`,
        form,
      );
    await browser.go('/lists');
    await browser.find('[data-export=xlsx]');
    const json = Buffer.from(await written('json'));
    const csv = Buffer.from(await written('csv'));
    const workbook = Buffer.from(await written('xlsx'));
    const document = await world.as('desk').send(getFleetDocument);
    expect(JSON.parse(json.toString())).toEqual(document);
    expect(csv.toString()).toBe(fleetCsv(document as never));

    // Another program with the same name for its first site: wiped, as far as the fleet goes.
    const empty = await World.open({ web: true, realClock: true });
    const other = await Browser.open(empty.base);
    try {
      for (const rack of (await empty.as('lead').send(getWall)).racks)
        await empty.as('lead').raw('POST', `/api/v1/racks/${rack.id}/remove`, { id: newId() });
      const bring = async (name: string, bytes: Buffer, columns: boolean): Promise<void> => {
        await other.signIn('lead', SECRET, '/lists');
        await other.find('[data-file]');
        await other.driver.executeScript(
          `const [name, bytes] = arguments; const input = document.querySelector('[data-file]'); const files = new DataTransfer(); files.items.add(new File([new Uint8Array(bytes)], name)); input.files = files.files; input.dispatchEvent(new Event('change', { bubbles: true }));`,
          name,
          [...bytes],
        );
        if (columns) await other.click('[data-to-preview]');
        await other.click('[data-bring-in]');
        await other.textIs('[data-import-done]', 'added');
      };
      await bring('fleet.json', json, false);
      const back = await empty.as('desk').send(getFleetDocument);
      expect(`${JSON.stringify(back, null, 2)}\n`).toBe(json.toString());
      expect(fleetCsv(back as never)).toBe(csv.toString());
      // The workbook over it: every bike is as it was.
      await other.go('/lists');
      await other.find('[data-file]');
      await other.driver.executeScript(
        `const input = document.querySelector('[data-file]'); const files = new DataTransfer(); files.items.add(new File([new Uint8Array(arguments[0])], 'fleet.xlsx')); input.files = files.files; input.dispatchEvent(new Event('change', { bubbles: true }));`,
        [...workbook],
      );
      await other.click('[data-to-preview]');
      await other.click('[data-update]');
      await other.textIs('[data-count-of=same]', String(document.bikes.length));
      expect(await other.complaints()).toEqual([]);
    } finally {
      await other.close();
      await empty.close();
    }
  });
});

describe('the wall', () => {
  let rail: Rack;
  beforeAll(async () => {
    rail = await world
      .as('lead')
      .send(addRack, { body: { id: newId(), siteId: world.siteId, name: 'Arranged', hooks: 3 } });
    for (const tag of ['W1', 'W2', 'W3']) await world.bike(tag, 'child');
  });

  it('finds by words typed, says which word is true of none, and takes the first with Enter', async () => {
    await browser.signIn('lead', SECRET);
    await browser.find('[data-tag=W1]');
    await browser.press('f');
    await browser.find('#find:focus');
    await browser.press(...'due child');
    const children = (await world.as('desk').send(getWall)).bikes.filter(
      (bike) => bike.build.kind === 'child',
    ).length;
    await browser.textIs('#find-said', `${children} bikes`);
    await browser.press(...' zebra');
    await browser.textIs('#find-said', 'No bike matches “zebra”.');
    await browser.press(Key.ESCAPE, '/');
    await browser.press(...'w2', Key.ENTER);
    await browser.textIs('[data-clipboard] h2', 'W2');
  });

  it('keeps what is typed on at once, before the field that finds has the focus', async () => {
    await browser.go('/');
    await browser.find('[data-tag=W1]');
    await browser.driver.executeAsyncScript(
      `const done = arguments[arguments.length - 1];
       const type = (key) => document.body.dispatchEvent(new KeyboardEvent('keydown', { key, bubbles: true, cancelable: true }));
       type('/');
       Promise.resolve().then(() => { type('w'); type('2'); done(); });`,
    );
    await browser.find('[data-found=W2]');
    await browser.press(Key.ENTER);
    await browser.textIs('[data-clipboard] h2', 'W2');
  });

  it('says more on each tag when asked, on a line of its own that cuts nothing', async () => {
    for (const size of ['phone', 'office'] as const) {
      await browser.size(size);
      await browser.go('/');
      await browser.click('[data-more]');
      await browser.find('[data-tags-show]');
      await browser.driver.executeScript(
        `const select = document.querySelector('[data-tags-show] select'); select.value = 'kind'; select.dispatchEvent(new Event('change', { bubbles: true }));`,
      );
      await browser.textIs('[data-tag=W1] [data-tag-says]', 'Child');
      expect(
        await browser.driver.executeScript(
          `return [...document.querySelectorAll('[data-tag-says]')].filter((each) => each.scrollWidth > each.clientWidth).map((each) => each.textContent)`,
        ),
      ).toEqual([]);
    }
  });

  it('hangs many at once, and hands out what is cleared of them and no more', async () => {
    const bikes = await world.as('desk').send(getWall);
    const cleared = bikes.bikes.find((bike) => bike.tag === 'W1');
    if (cleared) await world.check(cleared, { checklist: 'ride-out-children' });
    await browser.go('/');
    await browser.find('[data-tag=W1][data-fitness=cleared]');
    await browser.click('[data-select]');
    for (const tag of ['W1', 'W2', 'W3']) await browser.click(`[data-tag=${tag}]`);
    await browser.textIs('[data-selection] h2', '3 bikes selected');
    await browser.driver.executeScript(
      `const select = document.querySelector('[data-selection] select'); select.value = arguments[0]; select.dispatchEvent(new Event('change', { bubbles: true }));`,
      rail.id,
    );
    await browser.click('[data-hang-all]');
    await browser.textIs('[data-selection]', '3 bikes moved to Arranged.');
    expect([await hookOf('W1'), await hookOf('W2'), await hookOf('W3')]).toEqual([
      'Arranged 1',
      'Arranged 2',
      'Arranged 3',
    ]);
    await browser.click('[data-hand-out]');
    await browser.textIs('[data-selection]', '1 bike handed out.');
    await browser.click('[data-take-back]');
    await browser.click('[data-selection] [data-back=fine]');
    await browser.textIs('[data-selection]', '1 bike taken back.');
  });

  it('is arranged by keyboard: a rack renamed and given hooks, a tag taken up and put on another hook', async () => {
    await browser.go('/');
    await browser.click('[data-more]');
    await browser.click('[data-arrange]');
    // Racks out of sight are not drawn.
    await browser.driver.executeScript('window.scrollTo(0, 1e6)');
    const name = await browser.find(`[data-rack-form="${rail.name}"] [data-rack-name] input`);
    await name.clear();
    await name.sendKeys('By the door');
    await browser.type('[data-rack-form=Arranged] [data-rack-hooks]', '4');
    await browser.press(Key.ENTER);
    await browser.find('[data-rack-form="By the door"]');
    await browser.driver.executeScript(`document.querySelector('[data-tag=W1]').focus()`);
    await browser.press(Key.ENTER);
    await browser.textIs('main', 'You are moving W1');
    await browser.driver.executeScript(
      `document.querySelector('ul[aria-label="By the door"] [data-hook="4"]').focus()`,
    );
    await browser.press(Key.ENTER);
    await browser.until(async () => (await hookOf('W1')) === 'By the door 4', 'W1 does not hang there');
    expect(await browser.complaints()).toEqual([]);
  });

  it('shows a change made through one server in a window of another, without a reload', async () => {
    const { socketPath, appPassword } = inject('database');
    const server = await ServerProcess.start({
      socketPath,
      password: appPassword,
      name: world.database.name,
    });
    const second = await Browser.open(`http://127.0.0.1:${server.port}`);
    try {
      const bike = await world.bike('L1');
      await second.signIn('desk', SECRET);
      await second.find('[data-tag]');
      await second.press('f');
      await second.find('#find:focus');
      await second.press('l', '1');
      await second.find('[data-tag=L1][data-fitness=due]');
      await world.check(bike);
      await second.find('[data-tag=L1][data-fitness=cleared]');
    } finally {
      await second.close();
      await server.kill();
    }
  });
});

describe('groups', () => {
  it('are pasted, repaired where a line could not be read, and stand on every screen with what is short', async () => {
    await browser.signIn('lead', SECRET, '/groups');
    // Out in an hour and back a minute later, on one day whatever the hour is now: a minute before midnight there is no later.
    const at = (ms: number, options: Intl.DateTimeFormatOptions, locale = 'en-GB'): string =>
      new Intl.DateTimeFormat(locale, { timeZone: 'Europe/London', ...options }).format(new Date(ms));
    const clock = (ms: number): string => at(ms, { hour: '2-digit', minute: '2-digit', hourCycle: 'h23' });
    const inAnHour = Date.now() + 3_600_000;
    const out = clock(inAnHour) === '23:59' ? inAnHour - 120_000 : inAnHour;
    const day = at(out, {}, 'en-CA');
    await browser.type(
      '[data-group-lines]',
      `${day} ${clock(out)}-${clock(out + 60_000)} Year 5: 2 x child's bike, 3 penny farthings`,
    );
    await browser.click('[data-take-lines]');
    await browser.textIs('[data-draft]', '“3 penny farthings” is not understood');
    const bikes = await browser.find('[data-draft] input[placeholder^="8 x"]');
    await bikes.clear();
    await bikes.sendKeys("9 x child's bike");
    await browser.click('[data-add-groups]');
    await browser.textIs('main', '1 group added.');
    await browser.textIs('[data-group="Year 5"]', /\d of 9 cleared · short \d × child’s bike/);
    await browser.go('/models');
    await browser.find('[data-group="Year 5"]');
  });
});

describe('a model and its bikes', () => {
  it('the fit list is entered once with units as people type them, and wrong values are named', async () => {
    await browser.signIn('mechanic', SECRET, '/models/new');
    await browser.find('[data-fit=maximumLoad]');
    const name = await browser.driver.executeScript<string>(
      `return [...document.querySelectorAll('label')].find((l) => l.textContent.trim() === 'Name').htmlFor`,
    );
    await browser.type(`[id="${name}"]`, 'Curlew');
    await browser.type('[data-fit=sidewallMaxFront]', '50 psi');
    await browser.type('[data-fit=sidewallMinFront]', '2,5');
    await browser.type('[data-fit=maximumLoad]', 'lots');
    await browser.click('[data-save]');
    await browser.textIs('form', 'Enter a number with its unit.');
    await browser.type('[data-fit=maximumLoad]', '120');
    await browser.click('[data-save]');
    await browser.textIs('[data-model=Curlew]', 'fit list: 3 of');
    const model = (await world.as('desk').send(getWall)).models.find((each) => each.name === 'Curlew');
    expect(model?.fit).toEqual({
      sidewallMinFront: 250,
      sidewallMaxFront: expect.closeTo(344.74, 1),
      maximumLoad: 120,
    });
  });

  it('a part the build speaks against is asked about with the reason; moved with one, it is on both timelines', async () => {
    const [from, to] = [await world.bike('P1'), await world.bike('P2', 'hybrid')];
    const part = {
      id: newId(),
      kind: 'wheel' as const,
      name: 'Roving wheel',
      facts: { wheelSize: '29' as const },
      markings: {},
    };
    await world.as('mechanic').send(fitPart, {
      params: { id: from.id },
      body: { id: newId(), part, position: 'front', anyway: '', at: Date.now() },
    });
    await browser.signIn('mechanic', SECRET, `/bikes/${from.id}`);
    await browser.click('[data-move]');
    await browser.type('form[aria-label="Move Roving wheel"] input', 'p2');
    await browser.textIs('[data-speaks-against]', 'This part is for another wheel size.');
    expect(await (await browser.find('[data-move-save]')).isEnabled()).toBe(false);
    await browser.type('[data-speaks-against] input', 'Only to roll it to the workshop');
    await browser.click('[data-move-save]');
    await browser.textIs('[data-clipboard]', 'Held');
    await browser.textIs('[data-clipboard]', 'Not reassembled: front wheel');
    await browser.go(`/bikes/${to.id}`);
    await browser.textIs(
      '[data-entry="part.fitted"]',
      'Roving wheel · front · Only to roll it to the workshop',
    );
  });

  it('a change of the model says how many bikes it built anew and how many are due for it', async () => {
    const build = { ...USUAL_BUILD.hybrid, accessories: [...USUAL_BUILD.hybrid.accessories] };
    const model = await world
      .as('lead')
      .send(addModel, { body: { id: newId(), name: 'Sanderling', build, fit: {} } });
    const bike = await world.bikeOf(model, 'S1');
    await world.check(bike);
    await browser.signIn('lead', SECRET, `/models/${model.id}`);
    await browser.find('[data-fit=maximumLoad]');
    await browser.driver.executeScript(
      `const id = [...document.querySelectorAll('label')].find((l) => l.textContent.trim() === 'Front brake').htmlFor; const select = document.getElementById(id); select.value = 'hydraulic-disc'; select.dispatchEvent(new Event('change', { bubbles: true }));`,
    );
    await browser.click('[data-save]');
    await browser.textIs('main', 'Saved. The build of 1 bike changed; 1 bike is now due');
    expect((await world.fitness(bike.id)).fitness).toBe('due');
  });
});

it('every zone of every kind of figure answers to a touch in its middle at phone size', async () => {
  await browser.size('phone');
  await browser.signIn('lead', SECRET, '/figures');
  await browser.find('[data-figure=trike] [data-zone]');
  const answers = await browser.driver.executeScript<{ figure: string; zone: string; hit: string | null }[]>(
    `return [...document.querySelectorAll('[data-figure]')].flatMap((figure) => { figure.scrollIntoView({ block: 'center' }); return [...figure.querySelectorAll('[data-zone]')].map((zone) => { const box = zone.querySelectorAll('circle')[1].getBoundingClientRect(); const hit = document.elementFromPoint(box.x + box.width / 2, box.y + box.height / 2)?.closest('[data-zone]'); return { figure: figure.dataset.figure, zone: zone.dataset.zone, hit: hit && figure.contains(hit) ? hit.dataset.zone : null }; }); });`,
  );
  expect(answers.length).toBeGreaterThan(80);
  expect(answers.filter((each) => each.zone !== each.hit)).toEqual([]);
  await browser.size('office');
});
