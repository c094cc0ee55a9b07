import { v7 as newId } from 'uuid';
import { writeFileSync, mkdtempSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import sharp from 'sharp';
import { afterAll, beforeAll, expect, it } from 'vitest';
import type { Bike } from '@cadre/contract/fleet';
import { makeLabels } from '@cadre/contract/labels';
import { SECRET, World } from '../testing/world';
import { scrollsSideways, violationsOf } from './support/axe';
import { Browser } from './support/browser';
import { sweepAndSign } from './support/stand';

let world: World;
let phone: Browser;
let lead: Browser;
let bike: Bike;
let code = '';

beforeAll(async () => {
  world = await World.open({ web: true, realClock: true });
  bike = await world.bike('P31');
  await world.check(bike);
  const body = { id: newId(), kind: 'bike' as const, subjectIds: [bike.id], renew: false };
  code = (await world.as('mechanic').send(makeLabels, { body })).codes[0]?.code ?? '';
  // A stranger's phone that runs no scripts.
  phone = await Browser.open(world.base);
  await phone.devTools('Emulation.setScriptExecutionDisabled', { value: true });
  lead = await Browser.open(world.base);
  await phone.size('phone');
  await lead.size('office');
  await lead.signIn('lead', SECRET, '/');
  await lead.find('[data-rails]');
});
afterAll(async () => {
  await phone?.close();
  await lead?.close();
  await world?.close();
});

/** Past the helper that runs a script in the page: this phone runs none. */
const press = async (css: string): Promise<void> => (await phone.find(css)).click();

it('a stranger reports a weak brake in three touches without scripts and with a photo; the wall shows it held, and the lead makes it a finding that waits at the bench', async () => {
  await phone.go(`/r/${code}`);
  await phone.textIs('main', 'Ready to ride');
  await press('a.m');
  await press('svg a[href$="/front-brake"]');
  await press('a[href$="/weak"]');
  const file = join(mkdtempSync(join(tmpdir(), 'photo-')), 'brake.jpg');
  const image = sharp({ create: { width: 1200, height: 900, channels: 3, background: '#a33' } });
  writeFileSync(file, await image.jpeg().toBuffer());
  await (await phone.find('input[type=file]')).sendKeys(file);
  await press('button[value=yes]');
  await phone.textIs('main', 'Do not ride this bike any more');
  await lead.until(
    async () => (await lead.attribute('[data-tag=P31]', 'data-fitness')) === 'held',
    'the wall does not show the bike held',
    2000,
  );
  await lead.find('[data-reports-waiting]');
  await lead.click('[data-reports-waiting]');
  await lead.textIs('[data-report=P31]', 'Front brake: weak');
  await lead.find('[data-report=P31] img');
  await lead.click('[data-make-finding]');
  await lead.find('[data-to-finding] option[value="stops-wheel@front"]');
  await lead.driver.executeScript(
    `const select = document.querySelector('[data-to-finding] select');
     select.value = 'stops-wheel@front';
     select.dispatchEvent(new Event('change', { bubbles: true }));`,
  );
  await lead.click('[data-to-finding] [data-choose=none]');
  await lead.click('[data-finding-now]');
  await lead.textIs('[data-reports]', 'Became a finding');
  const { facts } = await world.bikeNow(bike.id);
  expect(facts.reports).toEqual([]);
  expect(facts.findings).toMatchObject([{ checkpoint: 'stops-wheel', severity: 'stop' }]);
  await lead.go(`/bench/${bike.id}`);
  await lead.textIs('main', 'Does not stop the wheel');
  // Repaired by one, looked at again by another, released: the wall shows it, and so does the label.
  const workshop = await Browser.open(world.base);
  try {
    await workshop.size('tablet');
    await workshop.signIn('mechanic', SECRET, `/bench/${bike.id}`);
    await workshop.click('[data-start]');
    await workshop.type('[data-done]', 'New pads, bedded in');
    await workshop.click('[data-finish]');
    await workshop.find('[data-repair=done]');
    await workshop.signIn('inspector', SECRET, `/bench/${bike.id}`);
    await workshop.click('[data-recheck]');
    await sweepAndSign(workshop);
    await workshop.textIs('[data-bench-bike]', 'Ready for release. A mechanic or lead releases the bike.');
    await workshop.signIn('mechanic', SECRET, `/bench/${bike.id}`);
    await lead.go('/');
    await lead.find('[data-tag=P31][data-fitness=held]');
    await workshop.click('[data-release]');
    await lead.until(
      async () => (await lead.attribute('[data-tag=P31]', 'data-fitness')) === 'cleared',
      'the wall does not show the bike cleared',
      2000,
    );
    await phone.go(`/r/${code}`);
    await phone.textIs('main', 'Ready to ride');
    expect(await workshop.complaints()).toEqual([]);
  } finally {
    await workshop.close();
  }
  expect(await lead.complaints()).toEqual([]);
});

it('each page reads well to every reader', async () => {
  const stranger = await Browser.open(world.base);
  try {
    await stranger.size('phone');
    for (const path of ['', '/report', '/report/rear-wheel', '/report/rear-wheel/flat', '/help', 'x'])
      for (const dark of [false, true]) {
        const value = dark ? 'dark' : 'light';
        await stranger.devTools('Emulation.setEmulatedMedia', {
          features: [{ name: 'prefers-color-scheme', value }],
        });
        await stranger.go(`/r/${code}${path}`);
        expect(await violationsOf(stranger), `${path} ${value}`).toEqual([]);
        expect(await scrollsSideways(stranger), path).toBe(false);
      }
  } finally {
    await stranger.close();
  }
});
