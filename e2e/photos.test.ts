import { mkdtempSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import sharp from 'sharp';
import type { Origin } from 'selenium-webdriver';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import type { Bike } from '@cadre/contract/fleet';
import { listPhotos, type Photo } from '@cadre/contract/photos';
import { SECRET } from '../testing/world';
import { openBehindProxy, type BehindProxy } from './support/behind-proxy';

let behind: BehindProxy;
let { world, proxy, browser } = {} as BehindProxy;
const folder = mkdtempSync(join(tmpdir(), 'cadre-photos-'));
const file = async (name: string, make: Promise<Buffer> | Buffer): Promise<string> => {
  const path = join(folder, name);
  writeFileSync(path, await make);
  return path;
};
const picture = (width: number, height: number) =>
  sharp({ create: { width, height, channels: 3, background: '#7d8b97' } });

beforeAll(async () => {
  behind = await openBehindProxy('tablet');
  ({ world, proxy, browser } = behind);
});
afterAll(() => behind?.close());

const photosOf = async (bike: Bike): Promise<readonly Photo[]> =>
  (await world.as('desk').send(listPhotos, { params: { id: bike.id } })).photos;
async function faultAt(bike: Bike): Promise<void> {
  await browser.signIn('inspector', SECRET, `/stand/${bike.id}`);
  await browser.click('[data-question] [data-exception]');
  await browser.click('[data-fault]');
  await browser.find('[data-look-photos]');
}
async function choose(path: string): Promise<void> {
  await (await browser.find('[data-photo-file]')).sendKeys(path);
}
async function drag(from: readonly [number, number], to: readonly [number, number]): Promise<void> {
  const canvas = await browser.find('[data-photo-canvas]');
  const { width, height } = await canvas.getRect();
  const at = ([x, y]: readonly [number, number]) => ({
    x: Math.round((x - 0.5) * width),
    y: Math.round((y - 0.5) * height),
    origin: canvas as never as Origin,
  });
  await browser.driver.actions().move(at(from)).press().move(at(to)).release().perform();
}

describe('a photo at the stand', () => {
  it('is circled by finger, kept with the look, and stands on the bench and on the bike', async () => {
    const bike = await world.bike('PH1');
    await faultAt(bike);
    await choose(await file('taken.jpg', picture(2000, 1500).jpeg().toBuffer()));
    await browser.find('[data-photo-pad] img');
    await drag([0.2, 0.2], [0.6, 0.7]);
    await browser.find('[data-photo-pad] ellipse');
    await browser.click('[data-photo-keep]');
    await browser.find('[data-look-photos] [data-photo=sent] img');
    const [photo] = await photosOf(bike);
    expect(photo).toMatchObject({
      width: 1600,
      height: 1200,
      by: world.idOf('inspector'),
      shapes: [{ kind: 'circle' }],
    });
    expect(photo?.shapes[0]?.from.x).toBeCloseTo(0.2, 1);
    expect(photo?.shapes[0]?.to.y).toBeCloseTo(0.7, 1);
    await browser.driver.executeScript(
      "document.querySelector('[data-look-photos] [data-photo]').scrollIntoView({ block: 'center' })",
    );
    await browser.click('[data-look-photos] [data-photo] button');
    await browser.find('[data-photo-show] ellipse');
    await browser.press('\uE00C');
    await browser.go(`/bikes/${bike.id}`);
    await browser.find('[data-bike-photos] [data-photo=sent] ellipse');
  });

  it('taken without signal is kept here through a reload, and sent when there is signal again', async () => {
    const bike = await world.bike('PH2');
    await faultAt(bike);
    proxy.mode = { kind: 'cut' };
    await choose(await file('later.jpg', picture(800, 600).jpeg().toBuffer()));
    await browser.find('[data-photo-pad] img');
    await browser.click('[data-photo-keep]');
    await browser.find('[data-look-photos] [data-photo=kept] img');
    expect(await photosOf(bike)).toEqual([]);
    await browser.until(
      async () => Number(await browser.attribute('[data-waiting]', 'data-waiting')) > 0,
      'nothing is said to wait',
    );
    proxy.mode = { kind: 'pass' };
    await browser.go(`/bikes/${bike.id}`);
    await browser.find('[data-bike-photos] [data-photo=sent] img');
    expect(await photosOf(bike)).toHaveLength(1);
  });

  it('that is none, or too wide, is told at once, and nothing is lost', async () => {
    const bike = await world.bike('PH3');
    await faultAt(bike);
    await choose(await file('notes.jpg', Buffer.from('bought two tubes')));
    await browser.textIs('[data-photo-said]', 'cannot read this file');
    await choose(await file('wide.png', picture(12_000, 20).png().toBuffer()));
    await browser.textIs('[data-photo-said]', '10,000 pixels a side');
    await choose(await file('list.pdf', Buffer.from('%PDF-1.4')));
    await browser.textIs('[data-photo-said]', 'cannot read this file');
    expect(await browser.count('[data-fault][aria-pressed=true]')).toBe(1);
    expect(await photosOf(bike)).toEqual([]);
  });
});
