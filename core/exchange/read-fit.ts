import { fitItem, type FitList } from '@cadre/core/fleet';
import { readQuantity } from '@cadre/core/measures';
import type { Column } from './columns';
import type { RowIssue } from './planned';

/** What a row states of its bike's parts, in the core's units. */
export function readFit(cells: ReadonlyMap<Column, string>, issues: RowIssue[]): FitList {
  const fit: Record<string, number | string> = {};
  for (const [column, cell] of cells) {
    const item = column.startsWith('fit:') ? fitItem(column.slice(4)) : undefined;
    const value = cell.trim();
    if (!item || value === '') continue;
    if (item.stated.type !== 'number') {
      fit[item.key] = value;
      continue;
    }
    const number = readQuantity(value, item.stated.unit);
    if (number === null)
      issues.push({
        column,
        code: 'number-unread',
        value,
        correction: `${item.stated.least} ${item.stated.unit}`,
      });
    else fit[item.key] = number;
  }
  return fit;
}
