import Papa from 'papaparse';
import { defuse } from '@cadre/core/exchange';
import type { SupplierOrder } from '@cadre/core/parts';
import type { Money } from './money';
import * as t from './messages';

/** What to order as comma separated values: a line an item, with what it is for. */
export function orderCsv(orders: readonly SupplierOrder[], money: Money): string {
  const lines = orders.flatMap(({ supplier, lines: of }) =>
    of.map(({ item, count, cost, wantedFor, toTheLeast }) => [
      supplier,
      item.name,
      String(count),
      money.typed(item.price),
      money.typed(cost),
      String(item.leadDays),
      wantedFor.map((each) => (each.count > 1 ? `${each.tag} (${each.count})` : each.tag)).join(' '),
      String(toTheLeast),
    ]),
  );
  const head = [t.supplier, t.part, t.count, t.priceEach, t.total, t.leadTimeInDays, t.forBikes, t.forStock];
  return `${Papa.unparse(
    [head, ...lines].map((row) => row.map(defuse)),
    { newline: '\r\n' },
  )}\r\n`;
}
