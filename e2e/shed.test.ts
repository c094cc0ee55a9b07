import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { v7 as newId } from 'uuid';
import { addModel } from '@cadre/contract/fleet';
import { USUAL_BUILD } from '@cadre/core/fleet';
import { faulty } from '@cadre/test-world/builders';
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

describe('a bike that crashed', () => {
  it('is told of at the desk, held on another window at once, looked over for just that, and held no more', async () => {
    const bike = await world.bike('CR1', 'child');
    await world.check(bike, { checklist: 'ride-out-children' });
    const other = await Browser.open(world.base);
    try {
      await other.signIn('inspector', SECRET, '/');
      await other.find('[data-tag=CR1][data-fitness=cleared]');
      await browser.signIn('desk', SECRET, `/bikes/${bike.id}`);
      // Two touches.
      await browser.click('[data-incident-open]');
      await browser.click('[data-incident-kind=crash]');
      await other.find('[data-tag=CR1][data-fitness=held]');
    } finally {
      await other.close();
    }
    await browser.textIs('[data-clipboard]', 'Crash: not checked since');
    expect(await browser.count('[data-act=out], [data-act=check]')).toBe(0);
    await browser.signIn('inspector', SECRET, `/bikes/${bike.id}`);
    await browser.click('[data-act=check]');
    await browser.textIs('header', 'After a crash');
    await sweepAndSign(browser);
    await browser.until(
      async () => !(await world.fitness(bike.id)).reasons.includes('incident'),
      'it is held still',
    );
    // What it was looked over for before it crashed counts no more.
    expect(await world.fitness(bike.id)).toMatchObject({ fitness: 'due', reasons: ['no-valid-check'] });
  });
});

describe('at the bench', () => {
  it('a fault leads to a line over its kin, and the torque card goes by the house', async () => {
    const build = { ...USUAL_BUILD.hardtail, accessories: [...USUAL_BUILD.hardtail.accessories] };
    const fit = { 'torqueMax:stem-faceplate': 6, 'torqueMax:bar-clamp': 5 };
    const model = await world.as('lead').send(addModel, { body: { id: newId(), name: 'Reed', build, fit } });
    const [own] = [
      await world.bikeOf(model, 'KN1'),
      await world.bikeOf(model, 'KN2'),
      await world.bikeOf(model, 'KN3'),
    ];
    await world.bike('KN4', 'child');
    await world.check(own, { exceptions: [{ checkpoint: 'bars', position: 'only', more: faulty('bent') }] });
    const fault = (await world.bikeNow(own.id)).facts.findings[0];
    await browser.signIn('mechanic', SECRET, `/bench/${own.id}`);
    await browser.textIs(
      '[data-similar-faults-open]',
      '2 similar bikes may have the same fault: 2 not checked since',
    );
    await browser.click('[data-similar-faults-open]');
    await browser.click('[data-batch-across]');
    await browser.find('[data-batch-row=KN3]');
    expect(await browser.count('[data-batch-row]')).toBe(2);
    await browser.textIs('[data-batch]', fault?.words.checkpoint ?? 'nothing found');

    await browser.go(`/bench/${own.id}`);
    await browser.click('[data-bench-bike] [data-torque]');
    await browser.textIs('[data-joint=stem-faceplate] [data-target]', '5 N m');
    await browser.signIn('lead', SECRET, '/policy');
    await browser.click('[data-policy-torque] button');
    await browser.type('[data-torque-most=bar-clamp] input', '300');
    await browser.textIs('[data-torque-most=bar-clamp]', 'Enter a number from 0.5 to 80 N m');
    await browser.type('[data-torque-most=bar-clamp] input', '4,2');
    await browser.click('[data-preview]');
    await browser.type('[data-policy=note] input', 'Old bars');
    await browser.click('[data-publish-policy]');
    await browser.textIs('[data-policy-version]', 'Old bars');
    await browser.go(`/bikes/${own.id}/torque`);
    await browser.textIs('[data-joint=stem-faceplate] [data-target]', '4.2 N m');
    await browser.textIs('[data-joint=stem-faceplate]', 'at most 4.2 N m (your policy)');
  });
});
