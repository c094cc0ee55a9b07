import { describe, expect, it } from 'vitest';
import { ruleText, type ChecklistVersion } from '@cadre/core/catalogue';
import { SHIPPED_CHECKLISTS } from '@cadre/core/shipped';
import { readChecklistDocument, checklistDocument, writeChecklistDocument } from './schemas';

const plain = (value: unknown): unknown => JSON.parse(JSON.stringify(value));
const [rideOut] = SHIPPED_CHECKLISTS as [ChecklistVersion];
/** A copy of the ride-out's file with things set otherwise, by their paths; undefined takes one away. */
function spoilt(changes: Readonly<Record<string, unknown>>): unknown {
  const document = plain(writeChecklistDocument(rideOut));
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

describe('a checklist as a file', () => {
  it.each(SHIPPED_CHECKLISTS.map((checklist) => [checklist.key, checklist] as const))(
    '%s comes back as it went out',
    (_key, checklist) => {
      const document = writeChecklistDocument(checklist);
      expect(checklistDocument.safeParse(document).success).toBe(true);
      const read = readChecklistDocument(plain(document));
      expect(read.ok && plain(read.checklist)).toEqual(plain({ ...checklist, schema: 2, version: 1 }));
    },
  );

  it('writes rules as people write them', () => {
    const [item] = writeChecklistDocument(rideOut).checklist.items;
    expect(item?.checkpoint.applies).toBe(ruleText(rideOut.items[0]?.checkpoint.applies ?? { always: true }));
  });

  it.each<[string, string, unknown, string, string | null]>([
    ['a zone', 'checklist.items.0.checkpoint.at.front', 'front-whel', 'front-whel', 'front-wheel'],
    ['a phase', 'checklist.items.0.checkpoint.phase', 'standing', 'standing', null],
    ['a severity', 'checklist.items.2.checkpoint.faults.0.floor', 'stopp', 'stopp', 'stop'],
    [
      'a rule’s word',
      'checklist.items.0.checkpoint.applies',
      'retention is quick-relese',
      'quick-relese',
      'quick-release',
    ],
    [
      'a rule’s field',
      'checklist.items.0.checkpoint.applies',
      'retension is nutted',
      'retension',
      'retention',
    ],
    ['a name that is missing', 'checklist.name', undefined, '', null],
    ['a critical that is no yes or no', 'checklist.items.1.critical', 'yes', 'yes', null],
  ])('names %s that is not known, where it stands and the nearest', (_name, path, value, word, nearest) => {
    const read = readChecklistDocument(spoilt({ [path]: value }));
    expect(read.ok ? [] : read.issues).toContainEqual(expect.objectContaining({ path, word, nearest }));
  });

  it.each([null, 3, 'x', [], {}, { format: 'another', schema: 2, checklist: {} }])(
    '%o is no checklist',
    (raw) => {
      const read = readChecklistDocument(raw);
      expect(read.ok).toBe(false);
      expect(!read.ok && read.issues.length).toBeGreaterThan(0);
    },
  );

  it('tells everything at once', () => {
    const read = readChecklistDocument(
      spoilt({ 'checklist.items.0.checkpoint.phase': 'x', 'checklist.items.1.checkpoint.phase': 'y' }),
    );
    expect(!read.ok && read.issues.map((issue) => issue.path)).toEqual([
      'checklist.items.0.checkpoint.phase',
      'checklist.items.1.checkpoint.phase',
    ]);
  });
});
