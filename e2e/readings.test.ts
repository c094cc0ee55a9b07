import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { Key } from 'selenium-webdriver';
import { v7 as newId } from 'uuid';
import { listChecklists, type PolicyChoices } from '@cadre/contract/catalogue';
import { publishPolicy } from '@cadre/contract/policy';
import type { Bike } from '@cadre/contract/fleet';
import { USUAL_BUILD } from '@cadre/core/fleet';
import { SECRET, World } from '../testing/world';
import { Browser } from './support/browser';

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

async function setPolicy(part: Partial<PolicyChoices['practices']>): Promise<void> {
  const { policy } = await world.as('lead').send(listChecklists);
  const { schema: _schema, version: _version, note: _note, ...rest } = policy.policy;
  const body = {
    id: newId(),
    base: policy.hash,
    policy: { ...rest, practices: { ...rest.practices, ...part } },
    note: JSON.stringify(part),
  };
  await world.as('lead').send(publishPolicy, { body });
}
const withSprockets = (tag: string, sprockets: number): Promise<Bike> =>
  world.bike(tag, 'hardtail', { ...USUAL_BUILD.hardtail, sprockets });

/** Opens a checklist on a bike at the station where a look stands. */
async function standAt(bike: Bike, question: string, by = 'inspector'): Promise<void> {
  await browser.signIn(by, SECRET, `/stand/${bike.id}?checklist=season-opening`);
  await browser.find('[data-question]');
  await browser.press('l');
  await browser.click(`[data-left-question="${question}"]`);
  await browser.find(`[data-question="${question}"]`);
}
const row = (question: string): string => `[data-question="${question}"]`;
async function measure(question: string, typed: string): Promise<void> {
  const field = await browser.find(`${row(question)} [data-reading] input`);
  await field.sendKeys(Key.chord(Key.CONTROL, 'a'), typed, Key.ENTER);
}
const CHAIN = 'chain-wear@only';
const ROTOR = 'rotor-thickness@front';
const PADS = 'pad-thickness@front';

describe('a chain measured by ruler on eleven sprockets', () => {
  it.each([
    ['by-gearing', 'limit 0.5 %, Cadre’s default'],
    ['early', 'limit 0.5 %, Cadre’s default'],
    ['ruler', 'limit 0.52 %, set by your policy'],
  ] as const)(
    'by the practice %s is past its limit, and says why and what next',
    async (chainLimit, limit) => {
      await setPolicy({ chainLimit });
      const bike = await withSprockets(`E-${chainLimit}`, 11);
      await standAt(bike, CHAIN);
      await measure(CHAIN, '1/16');
      await browser.textIs(
        `${row(CHAIN)} [data-verdict]`,
        `Past its limit: 0.52 % (${limit}). Fit a new chain`,
      );
      await browser.click(`${row(CHAIN)} [data-accept]`);
      await browser.find(`${row(CHAIN)}[data-outcome=fail]`);
      await browser.textIs(row(CHAIN), 'At its limit · 1/16');
    },
  );

  it('typed before the practice was changed is judged anew by it', async () => {
    await setPolicy({ chainLimit: 'early' });
    const bike = await withSprockets('E-anew', 11);
    await standAt(bike, CHAIN);
    await measure(CHAIN, '1/16');
    await browser.textIs(`${row(CHAIN)} [data-verdict]`, 'limit 0.5 %, Cadre’s default');
    await setPolicy({ chainLimit: 'ruler' });
    await standAt(bike, CHAIN);
    await browser.textIs(`${row(CHAIN)} [data-verdict]`, 'limit 0.52 %, set by your policy');
  });

  it('tells, when the practice is changed, whose readings would mean something else', async () => {
    await setPolicy({ chainLimit: 'by-gearing' });
    const nine = await withSprockets('N9', 9);
    const reading = { measure: 'chain', method: 'ruler', values: [1 / 192], typed: '1/16', unit: '' };
    await world.check(nine, {
      checklist: 'season-opening',
      exceptions: [{ checkpoint: 'chain-wear', position: 'only', more: { reading } }],
    });
    await browser.signIn('lead', SECRET, '/policy');
    await browser.click('[data-practice=chainLimit] input[value=early]');
    await browser.click('[data-preview]');
    await browser.textIs('[data-reads=N9]', 'Past its limit: 0.52 % (limit 0.5 %, Cadre’s default)');
    expect(await browser.count('[data-reads]')).toBe(1);
  });
});

describe('a rotor nobody knows the limit of', () => {
  it('is judged as soon as its marking is read off it, and a marking that cannot be loses nothing', async () => {
    const bike = await withSprockets('RM', 10);
    await standAt(bike, ROTOR);
    await measure(ROTOR, '1.52 1.53 1.54');
    await browser.textIs(`${row(ROTOR)} [data-verdict]`, 'No limit is known');
    await browser.click(`${row(ROTOR)} [data-note-marking]`);
    const marked = `${row(ROTOR)} [data-marked=rotorMinFront] input`;
    await browser.type(marked, '15');
    await browser.click(`${row(ROTOR)} [data-keep-marking]`);
    await browser.textIs(`${row(ROTOR)} [data-marking]`, 'Enter 0.8 to 2.8');
    expect(await browser.value(marked)).toBe('15');
    await browser.type(marked, '1.55');
    await browser.click(`${row(ROTOR)} [data-keep-marking]`);
    await browser.textIs(
      `${row(ROTOR)} [data-verdict]`,
      'Past its limit: 1.52 mm (limit 1.55 mm, marked on the part)',
    );
    expect((await world.bikeNow(bike.id)).fit).toEqual({ rotorMinFront: 1.55 });
  });
});

describe('a reading at the stand', () => {
  it('is refused with its range, asked when unlikely, and loses nothing typed', async () => {
    await standAt(await withSprockets('R1', 10), PADS);
    await measure(PADS, '35');
    await browser.textIs(`${row(PADS)} [role=alert]`, 'outside the possible range, 0 mm to 10 mm');
    expect(await browser.value(`${row(PADS)} [data-reading] input`)).toBe('35');
    await measure(PADS, '0.2');
    await browser.textIs(`${row(PADS)} [role=alert]`, '0.2 mm is unusual');
    await measure(PADS, '2.4');
    await browser.textIs(`${row(PADS)} [data-verdict]`, 'Pass: 2.4 mm (limit 1.5 mm');
    // The number tells nothing of oil: the person still passes it.
    expect(await browser.count(`${row(PADS)}[data-outcome=none]`)).toBe(1);
  });

  it('by keypad and with the plate is judged at once; no sweep calls it sound', async () => {
    await standAt(await withSprockets('R2', 10), PADS);
    await browser.click(`${row(PADS)} [data-pad-toggle]`);
    for (const key of ['2', '.', '9', 'enter']) await browser.click(`${row(PADS)} [data-key="${key}"]`);
    await browser.textIs(`${row(PADS)} [data-verdict]`, 'Pass: 2.9 mm');
    await browser.click(`${row(PADS)} [data-choose=total]`);
    await browser.textIs(
      `${row(PADS)} [data-verdict]`,
      'Past its limit: 0.9 mm (limit 1 mm, Cadre’s default). Fit new pads',
    );
    await browser.click('[data-sweep]');
    await browser.find(`${row(PADS)}[data-outcome=none]`);
    await browser.click(`${row(PADS)} [data-accept]`);
    await browser.find(`${row(PADS)}[data-outcome=fail]`);
  });

  it('is left aside by the lead with a reason, never a stop, and by nobody else', async () => {
    const bike = await withSprockets('R3', 10);
    await standAt(bike, PADS);
    await measure(PADS, '1.3');
    await browser.textIs(`${row(PADS)} [data-verdict]`, 'Near its limit');
    expect(await browser.count('[data-leave-aside]')).toBe(0);
    await standAt(bike, PADS, 'lead');
    await measure(PADS, '0.8');
    await browser.textIs(`${row(PADS)} [data-verdict]`, 'Past its limit');
    expect(await browser.count('[data-leave-aside]')).toBe(0);
    await measure(PADS, '1.4');
    await browser.click('[data-leave-aside]');
    await browser.type('[data-aside-why]', 'New pads lie ready');
    await browser.click('[data-aside-done]');
    await browser.textIs('[data-aside]', 'New pads lie ready');
    await browser.click('[data-sweep]');
    await browser.until(
      async () =>
        (await browser.count(row(PADS))) === 0 ||
        (await browser.count(`${row(PADS)}[data-outcome=pass]`)) === 1,
      'it is not swept',
    );
  });

  it('better than last time asks whether the part was renewed', async () => {
    const bike = await withSprockets('R4', 10);
    const reading = { measure: 'disc-pad', method: 'compound', values: [1.6], typed: '1.6', unit: 'mm' };
    await world.check(bike, {
      checklist: 'season-opening',
      exceptions: [{ checkpoint: 'pad-thickness', position: 'front', more: { reading } }],
    });
    await standAt(bike, PADS);
    await browser.textIs(row(PADS), '1.6 mm');
    await measure(PADS, '3.4');
    await browser.textIs('[data-better]', 'Better than last time (1.6 mm)');
    await browser.click('[data-renewed]');
    await browser.until(async () => (await browser.count('[data-better]')) === 0, 'it asks again');
  });
});
