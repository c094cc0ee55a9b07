import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import {
  arrangeLabel,
  codeIn,
  isReachable,
  labelsPerPage,
  placeLabels,
  sheetIssues,
  USUAL_SHEET,
  type LabelSheet,
} from '.';

const sheet = (more: Partial<LabelSheet> = {}): LabelSheet => ({ ...USUAL_SHEET, ...more });
const CODE = 'AbCdEfGhIjKlMnOpQrStUv';

describe('labels on a sheet', () => {
  it('lie row by row, and go on with the next page', () => {
    expect(labelsPerPage(USUAL_SHEET)).toEqual({ across: 3, down: 8 });
    const places = placeLabels(USUAL_SHEET, 5, 23);
    expect(places.map(({ page }) => page)).toEqual([0, 0, 1, 1, 1]);
    expect(places[0]).toEqual({ page: 0, x: 7.2 + 66, y: expect.closeTo(12.9 + 7 * 33.9, 6) as number });
    expect(places[2]).toEqual({ page: 1, x: 7.2, y: 12.9 });
  });

  it.each([
    ['labelWidth', { labelWidth: 18 }, 'out-of-range'],
    ['labelWidth', { labelWidth: 250 }, 'no-room'],
    ['labelHeight', { labelHeight: 290 }, 'no-room'],
    ['pageWidth', { pageWidth: Number.NaN }, 'out-of-range'],
    ['gapDown', { gapDown: -1 }, 'out-of-range'],
  ])('are refused at %s for %o', (path, more, code) => {
    expect(sheetIssues(sheet(more))).toMatchObject([{ path, code }]);
  });

  it('never lie over each other nor off the page, whatever the sheet', () => {
    const mm = (min: number, max: number) => fc.double({ min, max, noNaN: true });
    const drawn = fc.record({
      ...{
        pageWidth: mm(60, 300),
        pageHeight: mm(60, 300),
        labelWidth: mm(19, 100),
        labelHeight: mm(19, 100),
      },
      ...{ marginLeft: mm(0, 20), marginTop: mm(0, 20), gapAcross: mm(0, 10), gapDown: mm(0, 10) },
    });
    let sheets = 0;
    fc.assert(
      fc.property(drawn, fc.integer({ min: 1, max: 40 }), (of, count) => {
        if (sheetIssues(of).length > 0) return;
        sheets += 1;
        const places = placeLabels(of, count);
        for (const { x, y } of places) {
          expect(x + of.labelWidth).toBeLessThanOrEqual(of.pageWidth + 1e-6);
          expect(y + of.labelHeight).toBeLessThanOrEqual(of.pageHeight + 1e-6);
        }
        const at = places.map(({ page, x, y }) => `${page} ${x.toFixed(6)} ${y.toFixed(6)}`);
        expect(new Set(at).size).toBe(count);
      }),
    );
    expect(sheets).toBeGreaterThan(50);
  });
});

describe('what is on a label', () => {
  it('is a code as large as there is room, with the name beside it on a wide one and under it on others', () => {
    const wide = arrangeLabel({ labelWidth: 63.5, labelHeight: 33.9 }, 3);
    expect(wide.code).toEqual({ x: 1.5, y: 1.5, side: 33.9 - 3 });
    expect(wide.name.x).toBeGreaterThan(wide.code.x + wide.code.side);
    const square = arrangeLabel({ labelWidth: 20, labelHeight: 20 }, 3);
    expect(square.name.y).toBeCloseTo(square.code.y + square.code.side, 9);
  });

  it('lies inside the label, and the name is not over the code', () => {
    const mm = fc.double({ min: 19, max: 200, noNaN: true });
    fc.assert(
      fc.property(mm, mm, fc.integer({ min: 0, max: 40 }), (labelWidth, labelHeight, letters) => {
        const { code, name } = arrangeLabel({ labelWidth, labelHeight }, letters);
        expect(code.side).toBeGreaterThanOrEqual(12);
        for (const [from, to, most] of [
          [code.x, code.x + code.side, labelWidth],
          [code.y, code.y + code.side, labelHeight],
          [name.x, name.x + name.width, labelWidth],
          [name.y, name.y + name.height, labelHeight],
        ] as const) {
          expect(from).toBeGreaterThanOrEqual(0);
          expect(to).toBeLessThanOrEqual(most + 1e-9);
        }
        const isBeside = name.x >= code.x + code.side - 1e-9;
        expect(isBeside || name.y >= code.y + code.side - 1e-9).toBe(true);
      }),
    );
  });
});

describe('a scanned text', () => {
  it.each([
    [`https://bikes.example/r/${CODE}`, CODE],
    [` http://10.0.0.7:8080/r/${CODE}/ `, CODE],
    [`https://bikes.example/r/${CODE}x`, null],
    [`https://bikes.example/x/${CODE}`, null],
    [`https://bikes.example/r/${CODE}/report`, null],
    [`ftp://bikes.example/r/${CODE}`, null],
    [CODE, null],
    ['Q31', null],
  ])('“%s” holds the code %s', (text, code) => expect(codeIn(text)).toBe(code));
});

describe('an address for labels', () => {
  it.each([
    ['https://bikes.example', true],
    ['http://192.168.1.20:8080', true],
    ['http://localhost:8080', false],
    ['http://shed.localhost', false],
    ['http://127.0.0.1:8080', false],
    ['http://[::1]:8080', false],
    ['http://0.0.0.0', false],
    ['no address', false],
    [null, false],
  ])('%s can be reached by phones: %s', (address, can) => expect(isReachable(address)).toBe(can));
});
