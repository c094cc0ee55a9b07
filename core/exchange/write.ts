import { ACCESSORIES, BUILD_FIELDS, buildText, FIT_ITEMS, type BuildField } from '@cadre/core/fleet';
import { EXPORT_COLUMNS, headingOf, type Column } from './columns';
import type { FleetBike, FleetDocument } from './document';

function isBuildField(column: Column): column is BuildField {
  return (BUILD_FIELDS as readonly string[]).includes(column);
}

function cellOf(bike: FleetBike, column: Column): string {
  if (column === 'accessories')
    return ACCESSORIES.filter((each) => bike.build.accessories.includes(each)).join(', ') || 'none';
  if (isBuildField(column)) return buildText(bike.build, column);
  if (column.startsWith('fit:')) return String(bike.fit[column.slice(4)] ?? '');
  if (column === 'hook') return bike.hook === null ? '' : String(bike.hook);
  return column === 'tag' ||
    column === 'model' ||
    column === 'size' ||
    column === 'serial' ||
    column === 'boughtOn' ||
    column === 'warrantyUntil' ||
    column === 'site' ||
    column === 'rack'
    ? bike[column]
    : '';
}

/** The bikes of a fleet as a table with headings, one line a bike, in the order of their tags. */
export function writeTable(fleet: FleetDocument): readonly (readonly string[])[] {
  const stated = FIT_ITEMS.filter((item) => fleet.bikes.some((bike) => bike.fit[item.key] !== undefined)).map(
    (item): Column => `fit:${item.key}`,
  );
  const columns = [...EXPORT_COLUMNS, ...stated];
  const bikes = [...fleet.bikes].sort((a, b) => (a.tag < b.tag ? -1 : 1));
  return [columns.map(headingOf), ...bikes.map((bike) => columns.map((column) => cellOf(bike, column)))];
}

/** Keeps a spreadsheet from running a cell: what would start a formula gets an apostrophe before it. */
export function defuse(cell: string): string {
  return /^[=+\-@\t\r]/.test(cell) ? `'${cell}` : cell;
}

/** What `defuse` put before a cell taken off again, so that a file comes back as it went out. */
export function undefuse(cell: string): string {
  return /^'[=+\-@\t\r]/.test(cell) ? cell.slice(1) : cell;
}
