import { describe, expect, it } from 'vitest';
import { ruleText, type SheetVersion } from '@cadre/core/catalogue';
import { SHIPPED_SHEETS } from '@cadre/core/shipped';
import { readSheetDocument, sheetDocument, writeSheetDocument } from './schemas';

const plain = (value: unknown): unknown => JSON.parse(JSON.stringify(value));
const [rideOut] = SHIPPED_SHEETS as [SheetVersion];
/** A copy of the ride-out's file with things set otherwise, by their paths; undefined takes one away. */
function spoilt(changes: Readonly<Record<string, unknown>>): unknown {
  const document = plain(writeSheetDocument(rideOut));
  for (const [path, value] of Object.entries(changes)) {
    const steps = path.split('.');
    const last = steps.pop() ?? '';
    const inside = steps.reduce<Record<string, unknown>>(
      (each, step) => each[step] as Record<string, unknown>,
      document as Record<string, unknown>,
    );
    if (value === undefined) Reflect.deleteProperty(inside, last);
    else inside[last] = value;
  }
  return document;
}

describe('a sheet as a file', () => {
  it.each(SHIPPED_SHEETS.map((sheet) => [sheet.key, sheet] as const))(
    '%s comes back as it went out',
    (_key, sheet) => {
      const document = writeSheetDocument(sheet);
      expect(sheetDocument.safeParse(document).success).toBe(true);
      const read = readSheetDocument(plain(document));
      expect(read.ok && plain(read.sheet)).toEqual(plain({ ...sheet, schema: 2, version: 1 }));
    },
  );

  it('writes rules as people write them', () => {
    const [item] = writeSheetDocument(rideOut).sheet.items;
    expect(item?.checkpoint.applies).toBe(ruleText(rideOut.items[0]?.checkpoint.applies ?? { always: true }));
  });

  it.each<[string, string, unknown, string, string | null]>([
    ['a zone', 'sheet.items.0.checkpoint.at.front', 'front-whel', 'front-whel', 'front-wheel'],
    ['a phase', 'sheet.items.0.checkpoint.phase', 'standing', 'standing', null],
    ['a severity', 'sheet.items.2.checkpoint.faults.0.floor', 'stopp', 'stopp', 'stop'],
    [
      'a rule’s word',
      'sheet.items.0.checkpoint.applies',
      'retention is quick-relese',
      'quick-relese',
      'quick-release',
    ],
    ['a rule’s field', 'sheet.items.0.checkpoint.applies', 'retension is nutted', 'retension', 'retention'],
    ['a name that is missing', 'sheet.name', undefined, '', null],
    ['a critical that is no yes or no', 'sheet.items.1.critical', 'yes', 'yes', null],
  ])('names %s that is not known, where it stands and the nearest', (_name, path, value, word, nearest) => {
    const read = readSheetDocument(spoilt({ [path]: value }));
    expect(read.ok ? [] : read.issues).toContainEqual(expect.objectContaining({ path, word, nearest }));
  });

  it.each([null, 3, 'x', [], {}, { format: 'another', schema: 2, sheet: {} }])('%o is no sheet', (raw) => {
    const read = readSheetDocument(raw);
    expect(read.ok).toBe(false);
    expect(!read.ok && read.issues.length).toBeGreaterThan(0);
  });

  it('tells everything at once', () => {
    const read = readSheetDocument(
      spoilt({ 'sheet.items.0.checkpoint.phase': 'x', 'sheet.items.1.checkpoint.phase': 'y' }),
    );
    expect(!read.ok && read.issues.map((issue) => issue.path)).toEqual([
      'sheet.items.0.checkpoint.phase',
      'sheet.items.1.checkpoint.phase',
    ]);
  });
});
