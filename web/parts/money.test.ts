import { describe, expect, it } from 'vitest';
import fc from 'fast-check';
import type { StockItem } from '@cadre/core/parts';
import { moneyIn } from './money';
import { orderCsv } from './order-csv';

describe('money', () => {
  it.each([
    ['14.50', 1450],
    ['14,5', 1450],
    ['£14', 1400],
    [' 0 ', 0],
    ['1 200', 120_000],
  ])('reads %s', (typed, minor) => expect(moneyIn('GBP').read(typed)).toBe(minor));
  it.each(['', 'ten', '-3', '1.2.3'])('reads nothing from “%s”', (typed) =>
    expect(moneyIn('GBP').read(typed)).toBeNull(),
  );
  it('knows currencies without a smaller unit', () => {
    expect(moneyIn('JPY').read('1200')).toBe(1200);
    expect(moneyIn('JPY').show(1200)).toBe('¥1,200');
    expect(moneyIn('GBP').show(1450)).toBe('£14.50');
  });
  it('reads again what it would type', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 0, max: 1e8 }),
        fc.constantFrom('GBP', 'EUR', 'JPY', 'BHD'),
        (minor, currency) => {
          const money = moneyIn(currency);
          expect(money.read(money.typed(minor))).toBe(minor);
        },
      ),
    );
  });
});

it('an order list as a file: a line an item with what it is for, and no cell a spreadsheet would run', () => {
  const item = {
    id: 'i',
    kind: 'pads',
    name: '=HYPERLINK("x")',
    onHand: 0,
    least: 2,
    price: 1450,
    leadDays: 5,
    supplier: 'Reed',
  } as StockItem;
  const line = { item, count: 3, wantedFor: [{ tag: 'H01', count: 1 }], toTheLeast: 2, cost: 4350 };
  const csv = orderCsv([{ supplier: 'Reed', lines: [line], cost: 4350, leadDays: 5 }], moneyIn('GBP'));
  const [head, row] = csv.split('\r\n');
  expect(head).toBe('Supplier,Part,Count,Price each,Total,Lead time in days,For bikes,For stock');
  expect(row).toContain('3,14.50,43.50,5,H01,2');
  expect(row).not.toMatch(/(^|,)"?=/);
});
