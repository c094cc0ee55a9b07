import { v7 as newId } from 'uuid';
import { afterAll, beforeAll, expect, it } from 'vitest';
import { addMarks, openCheck, signCheck } from '@cadre/contract/checks';
import type { Bike } from '@cadre/contract/fleet';
import { marksFor } from '@cadre/test-world/builders';
import { changePolicy } from '@cadre/test-world/client';
import { SECRET, World } from '../testing/world';
import { Browser } from './support/browser';
import { Proxy } from './support/proxy';
import { sweepToTheEnd } from './support/stand';

let world: World;
let proxy: Proxy;
let browser: Browser;
beforeAll(async () => {
  world = await World.open({ web: true, realClock: true });
  // The marks of this journey are given faster than any hand gives them.
  await changePolicy(world.as('lead'), { hasteSecondsEach: 0 });
  proxy = await Proxy.open(Number(new URL(world.base).port));
  browser = await Browser.open(proxy.base);
  await browser.size('office');
});
afterAll(async () => {
  await browser?.close();
  await proxy?.close();
  await world?.close();
});

/** All of it passed and signed just now. */
async function passed(bike: Bike): Promise<string> {
  const version = world.checklists.get('ride-out');
  if (!version) throw new Error('no ride-out');
  const [id, author] = [newId(), world.idOf('inspector')];
  const inspector = world.as('inspector');
  const begun = { id, bikeId: bike.id, checklistHash: version.hash, author, at: Date.now() };
  await inspector.send(openCheck, { body: begun });
  const marks = marksFor(version.checklist, bike.build, author, Date.now(), [], 1);
  await inspector.send(addMarks, { params: { id }, body: { marks } });
  const markIds = marks.map((mark) => mark.id);
  await inspector.send(signCheck, { params: { id }, body: { id: newId(), author, markIds, at: Date.now() } });
  return id;
}
const askedNow = async (): Promise<number> =>
  Number(/of (\d+)/.exec(await browser.text('[data-progress]'))?.[1]);

it('a lead leaves out what nothing can have changed, sees first what that saves, and a morning is done by it', async () => {
  const bike = await world.bike('E1', 'hybrid');
  await passed(bike);
  await browser.signIn('lead', SECRET, '/policy');
  await browser.click('[data-exposure-kind=hybrid] input, input[data-exposure-kind=hybrid]');
  await browser.type('[data-rest-days] input, input[data-rest-days]', '40');
  await browser.textIs('[data-exposure-choice]', '1 to 14 days');
  await browser.type('[data-rest-days] input, input[data-rest-days]', '3');
  await browser.click('[data-locked-site] input, input[data-locked-site]');
  await browser.click('[data-preview]');
  await browser.textIs('[data-exposure-effect]', /would take \d+ min today instead of \d+ min/);
  await browser.textIs('[data-exposure-of=E1]', /\d+ of \d+ questions/);
  await browser.type('[data-policy=note] input', 'Locked shed');
  await browser.click('[data-publish-policy]');
  await browser.until(async () => (await browser.count('[data-exposure-effect]')) === 0, 'not saved');

  await browser.signIn('inspector', SECRET);
  await browser.click('[data-tag=E1]');
  await browser.click('[data-act=check]');
  await browser.find('[data-question]');
  const asked = await askedNow();
  expect(asked).toBeGreaterThan(4);
  expect(asked).toBeLessThan(20);
  expect(await browser.count('[data-question="hub-play@front"]')).toBe(0);
  await sweepToTheEnd(browser);
  await browser.textIs('[data-resting]', 'questions not asked today');
  await browser.click('[data-resting] summary');
  await browser.textIs('[data-resting]', /Passed by inspector, today/i);
  await browser.textIs('[data-resting]', 'Hub play');
  // Not sure of it: all of it is asked, from the first of them on, and what was marked stands.
  await browser.click('[data-ask-also]');
  await browser.find('[data-question]');
  expect(await askedNow()).toBeGreaterThan(40);
  await sweepToTheEnd(browser);
  expect(await browser.count('[data-resting]')).toBe(0);
  await browser.click('[data-sign]');
  await browser.find('[data-tag=E1][data-fitness=cleared]');
  expect(await browser.complaints()).toEqual([]);
});

it('without signal all of it is asked, and stays so when the signal is back', async () => {
  const bike = await world.bike('E2', 'hybrid');
  await passed(bike);
  await browser.close();
  browser = await Browser.open(proxy.base, { worksOffline: true });
  await browser.signIn('inspector', SECRET);
  await browser.driver.executeAsyncScript(
    'const done = arguments[arguments.length - 1]; navigator.serviceWorker.ready.then(() => done(true));',
  );
  await browser.click('[data-tag=E2]');
  await browser.find('[data-act=check]');
  proxy.cut();
  await browser.click('[data-act=check]');
  await browser.find('[data-question]');
  expect(await askedNow()).toBeGreaterThan(40);
  proxy.mode = { kind: 'pass' };
  await browser.until(
    async () => Number(await browser.attribute('[data-waiting]', 'data-waiting')) === 0,
    'something stays unsent',
  );
  expect(await askedNow()).toBeGreaterThan(40);
});
