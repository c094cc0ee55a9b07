import { v7 as newId } from 'uuid';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { moveBike, type Bike } from '@cadre/contract/fleet';
import { SECRET, World } from '../testing/world';
import { Browser } from './support/browser';

let world: World;
let browser: Browser;
let bike: Bike;
beforeAll(async () => {
  world = await World.open({ web: true, realClock: true });
  bike = await world.bike('E1', 'hybrid');
  await world.bike('E2', 'child');
  browser = await Browser.open(world.base);
});
afterAll(async () => {
  await browser?.close();
  await world?.close();
});

const outing = async (): Promise<void> => {
  await world.check(await world.bikeNow(bike.id));
  for (const to of ['out', 'in'] as const)
    await world.as('desk').send(moveBike, {
      params: { id: bike.id },
      body: { id: newId(), to, at: world.clock.now },
    });
};
const service = (key: string): string => `[data-bike-services] [data-service="${key}"]`;

describe('a mechanic', () => {
  it('types what the computer stands at, and the chain that is due by it is done with one touch', async () => {
    await browser.size('office');
    await browser.signIn('mechanic', SECRET, `/bikes/${bike.id}`);
    await browser.click('[data-all-services]');
    await browser.textIs(service('chain-lube'), /after 300 km more/);
    await browser.type('[data-field=odometer] input', '1000');
    await browser.click('[data-save-odometer]');
    await browser.textIs('[data-odometer]', /1000 km/);
    await outing();
    // A figure too many is asked about, and stays as typed.
    await browser.type('[data-field=odometer] input', '13100');
    await browser.click('[data-save-odometer]');
    await browser.textIs('[data-odometer]', /last reading was 1000 km/);
    await browser.textIs('[data-save-odometer]', /Save anyway/);
    await browser.type('[data-field=odometer] input', '999');
    await browser.click('[data-save-odometer]');
    await browser.textIs('[data-odometer]', /Enter at least that/);
    await browser.type('[data-field=odometer] input', '1140');
    await browser.click('[data-save-odometer]');
    await browser.textIs('[data-odometer]', /1140 km/);
    await outing();
    await browser.type('[data-field=odometer] input', '1310');
    await browser.click('[data-save-odometer]');
    await browser.click('[data-save-odometer]');
    await browser.textIs(service('chain-lube'), /Overdue/);
    // Planned work keeps no bike in: it says so where the bike is in hand, and on the wall by its word.
    await browser.go('/');
    await browser.textIs('[data-services-overdue]', /1/);
    await browser.click('[data-services-overdue]');
    await browser.textIs('[data-services-due]', /Lube the chain/);
    await browser.click('[data-service-done=chain-lube]');
    await browser.until(
      async () => (await browser.count('[data-services-due]')) === 0,
      'the service stays overdue',
    );
    await browser.go(`/bikes/${bike.id}`);
    await browser.click('[data-all-services]');
    await browser.textIs(service('chain-lube'), /after 300 km more/);
    await browser.textIs(service('chain-lube'), /Last done/);
    expect(await browser.complaints()).toEqual([]);
  });
});

describe('a lead', () => {
  it('says when it is wet, sees which services come sooner, and keeps one bike in by an interval', async () => {
    await browser.signIn('lead', SECRET, '/policy');
    await browser.click('[data-add-season]');
    await browser.click('[data-rule=full-tune] [data-change-rule]');
    await browser.type('[data-rule=full-tune] [data-every=days] input', '0');
    await browser.textIs('[data-rule=full-tune]', /always be due/);
    await browser.type('[data-rule=full-tune] [data-every=days] input', '30');
    await browser.click('[data-preview]');
    await browser.textIs('[data-service-changes=full-tune]', /sooner on 2 bikes/);
    await browser.type('[data-policy=note] input', 'Wet winters');
    await browser.click('[data-publish-policy]');
    await browser.textIs('main', /Wet winters/);
    await browser.go(`/bikes/${bike.id}`);
    await browser.textIs(service('full-tune'), /Every 30 days/);
    expect(await browser.complaints()).toEqual([]);
  });
});
