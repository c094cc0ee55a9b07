import { createRequire } from 'node:module';
import { readFileSync } from 'node:fs';
import sharp from 'sharp';
import { v7 as newId } from 'uuid';
import { prepareZXingModule, readBarcodes } from 'zxing-wasm/reader';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { listLabels, makeLabels, type LabelCode } from '@cadre/contract/labels';
import { arrangeLabel, CODE, codeIn, USUAL_SHEET } from '@cadre/core/labels';
import { addRack } from '@cadre/contract/fleet';
import { refusalOf, World } from '../../testing/world';
import { labelPng } from './picture';
import { sheetPdf } from './sheet-pdf';

const BASE = 'https://bikes.lapwing-quay.example';
const DPI = 300;

let world: World;
beforeAll(async () => {
  world = await World.open();
  const wasm = createRequire(import.meta.url).resolve('zxing-wasm/reader/zxing_reader.wasm');
  const bytes = readFileSync(wasm);
  prepareZXingModule({
    overrides: {
      wasmBinary: bytes.buffer.slice(bytes.byteOffset, bytes.byteOffset + bytes.byteLength) as ArrayBuffer,
    },
  });
});
afterAll(() => world.close());

let tags = 0;
const make = (kind: LabelCode['kind'], subjectIds: readonly string[], renew = false, by = 'mechanic') =>
  world
    .as(by)
    .send(makeLabels, { body: { id: newId(), kind, subjectIds: [...subjectIds], renew } })
    .then(({ codes }) => codes);
const bike = () => world.bike(`L${(tags += 1)}`);

/** What the shipped decoder reads off a picture. */
async function readOff(png: Buffer): Promise<readonly string[]> {
  const found = await readBarcodes(new Blob([new Uint8Array(png)]), {
    formats: ['QRCode'],
    maxNumberOfSymbols: 40,
  });
  return found.map((each) => each.text);
}

describe('a code', () => {
  it('is 128 bits, made once, and anew when its label is lost: the old one ends', async () => {
    const of = await bike();
    const [first] = await make('bike', [of.id]);
    expect(first?.code).toMatch(CODE);
    expect(await make('bike', [of.id])).toEqual([first]);
    const [second] = await make('bike', [of.id], true);
    expect(second?.code).not.toBe(first?.code);
    const { codes } = await world.as('desk').send(listLabels);
    expect(codes.filter((each) => each.subjectId === of.id)).toEqual([second]);
  });

  it('is on a hook and on a rack too, and on nothing that is not there', async () => {
    const rack = await world
      .as('mechanic')
      .send(addRack, { body: { id: newId(), siteId: world.siteId, name: 'Slip rail', hooks: 2 } });
    expect(await make('rack', [rack.id])).toMatchObject([{ kind: 'rack', subjectId: rack.id }]);
    expect(
      await make(
        'hook',
        rack.hooks.map(({ id }) => id),
      ),
    ).toHaveLength(2);
    expect(await refusalOf(make('bike', [newId()]))).toBe('400 body.invalid');
    expect(await refusalOf(make('bike', [(await bike()).id], false, 'inspector'))).toBe(
      '403 act.not-allowed',
    );
  });

  it('is in the record by its hash only', async () => {
    const [made] = await make('bike', [(await bike()).id]);
    const entries = await world.database.source.query<{ body: string }[]>(
      "SELECT body FROM entry WHERE kind = 'labels.made'",
    );
    expect(entries.length).toBeGreaterThan(2);
    expect(entries.map(({ body }) => body).join()).not.toContain(made?.code);
  });
});

describe('a label', () => {
  const text = { code: 'AbCdEfGhIjKlMnOpQrStUv', name: 'Q31' };
  it('is not printed where no phone reaches the address, and says so', async () => {
    const [made] = await make('bike', [(await bike()).id]);
    const sheet = new URLSearchParams(
      Object.entries({ ...USUAL_SHEET, startAt: 1, codes: made?.code ?? '' }).map(([key, value]) => [
        key,
        String(value),
      ]),
    );
    const refused = await world.as('desk').raw('GET', `/api/v1/labels/sheet.pdf?${sheet.toString()}`);
    expect([refused.status, ((await refused.json()) as { code: string }).code]).toEqual([
      409,
      'labels.no-address',
    ]);
    expect((await world.as('desk').send(listLabels)).address).toBeNull();
  });

  it.each([
    [20, 20],
    [20, 26],
    [63.5, 33.9],
  ])('of %d by %d mm is read off its picture of 300 dots an inch', async (labelWidth, labelHeight) => {
    const png = await labelPng(text, BASE, { labelWidth, labelHeight });
    const { width, density } = await sharp(png).metadata();
    expect([width, density]).toEqual([Math.round((labelWidth / 25.4) * DPI), DPI]);
    const [read] = await readOff(png);
    expect(read).toBe(`${BASE}/r/${text.code}`);
    expect(codeIn(read ?? '')).toBe(text.code);
  });

  it.each(['Q31', 'Slip & <rail> 12'])('has its name, “%s”, beside the code', async (name) => {
    const size = { labelWidth: 63.5, labelHeight: 33.9 };
    const { data, info } = await sharp(await labelPng({ ...text, name }, BASE, size))
      .greyscale()
      .raw()
      .toBuffer({ resolveWithObject: true });
    const { name: box } = arrangeLabel(size, name.length);
    const from = Math.ceil((box.x / 25.4) * DPI);
    const dark = data.filter((value, at) => value < 128 && at % info.width >= from).length;
    expect(dark).toBeGreaterThan(500);
  });

  it('of 20 mm is read off a printed sheet, each at its place, from the one begun on', async () => {
    const labels = Array.from({ length: 7 }, (_, at) => ({
      code: `${'A'.repeat(21)}${at}`,
      name: `Q${at + 10}`,
    }));
    const sheet = { ...USUAL_SHEET, labelWidth: 20, labelHeight: 20, gapAcross: 2, gapDown: 2 };
    const pdf = await sheetPdf(labels, BASE, sheet, 3);
    const { pages, png } = await rendered(pdf);
    expect(pages).toBe(1);
    const read = await readOff(png);
    expect([...read].sort()).toEqual(labels.map(({ code }) => `${BASE}/r/${code}`));
  });

  it('goes on a second sheet where the first is full', async () => {
    const labels = Array.from({ length: 5 }, (_, at) => ({ code: `${'B'.repeat(21)}${at}`, name: `Q${at}` }));
    const { pages } = await rendered(await sheetPdf(labels, BASE, USUAL_SHEET, 22));
    expect(pages).toBe(2);
  });
});

/** The first page of a PDF as a picture of 300 dots an inch, drawn by a reader of PDFs. */
async function rendered(pdf: Buffer): Promise<{ pages: number; png: Buffer }> {
  const { getDocument } = await import('pdfjs-dist/legacy/build/pdf.mjs');
  const task = getDocument({ data: new Uint8Array(pdf), useSystemFonts: true });
  const document = await task.promise;
  const page = await document.getPage(1);
  const viewport = page.getViewport({ scale: DPI / 72 });
  const { createCanvas } = await import('@napi-rs/canvas');
  const canvas = createCanvas(Math.ceil(viewport.width), Math.ceil(viewport.height));
  const context = canvas.getContext('2d');
  context.fillStyle = '#ffffff';
  context.fillRect(0, 0, canvas.width, canvas.height);
  await page.render({ canvasContext: context as never, viewport }).promise;
  const png = canvas.toBuffer('image/png');
  await task.destroy();
  return { pages: document.numPages, png };
}
