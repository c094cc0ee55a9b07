import { describe, expect, it } from 'vitest';
import { CHECKPOINTS, RIDE_OUT, SHIPPED_CHECKLISTS } from '@cadre/core/shipped';
import {
  compareChecklists,
  criticalBecause,
  droppedCriticals,
  checklistIssues,
  checklistWarnings,
  type Checkpoint,
  type ChecklistItem,
  type ChecklistVersion,
} from './index';

const [first, second] = RIDE_OUT.items as readonly [ChecklistItem, ChecklistItem];
const withFirst = (part: Partial<ChecklistItem>): ChecklistVersion => ({
  ...RIDE_OUT,
  items: [{ ...first, ...part }, ...RIDE_OUT.items.slice(1)],
});
const withWords = (part: Partial<Checkpoint>): ChecklistVersion =>
  withFirst({ checkpoint: { ...first.checkpoint, ...part } });

describe('what changed between two versions', () => {
  it.each(SHIPPED_CHECKLISTS.map((checklist) => [checklist.key, checklist] as const))(
    '%s and itself: nothing',
    (_key, checklist) => {
      const shuffledFields = JSON.parse(
        JSON.stringify(checklist, Object.keys(checklist).length ? undefined : null),
      ) as ChecklistVersion;
      expect(compareChecklists(checklist, shuffledFields)).toEqual({
        added: [],
        removed: [],
        changed: [],
        checklist: [],
      });
    },
  );

  it.each<[string, ChecklistVersion, readonly string[]]>([
    ['not critical any more', withFirst({ critical: false }), ['critical-dropped']],
    ['its rule', withWords({ applies: { always: true } }), ['rule']],
    ['its faults', withWords({ faults: first.checkpoint.faults.slice(1) }), ['faults']],
    ['its wording', withWords({ how: 'Another way to look.' }), ['wording']],
    ['its caution', withWords({ cautions: [] }), ['wording']],
    ['a limit', withFirst({ limit: { most: 3 } }), ['limit']],
    ['minutes', withFirst({ minutes: 9 }), ['minutes']],
    ['minutes as the catalogue has them', withFirst({ minutes: first.checkpoint.minutes }), []],
    ['where it is asked', withFirst({ positions: ['front'] }), ['positions']],
    ['two things at once', withFirst({ critical: false, minutes: 9 }), ['critical-dropped', 'minutes']],
  ])('%s', (_name, after, changes) => {
    const difference = compareChecklists(RIDE_OUT, after);
    expect(difference.changed.map((each) => [each.key, each.changes])).toEqual(
      changes.length ? [[first.checkpoint.key, changes]] : [],
    );
    expect(difference.checklist).toEqual([]);
  });

  it('names what was added and taken off, and the order', () => {
    const fewer = { ...RIDE_OUT, items: RIDE_OUT.items.slice(1) };
    expect(compareChecklists(RIDE_OUT, fewer).removed.map((each) => each.key)).toEqual([
      first.checkpoint.key,
    ]);
    expect(compareChecklists(fewer, RIDE_OUT).added).toEqual([
      { key: first.checkpoint.key, name: first.checkpoint.name, critical: first.critical },
    ]);
    expect(compareChecklists(RIDE_OUT, fewer).checklist).toEqual([]);
    expect(
      compareChecklists(RIDE_OUT, { ...RIDE_OUT, items: [second, first, ...RIDE_OUT.items.slice(2)] })
        .checklist,
    ).toEqual(['order']);
  });

  it.each<[Partial<ChecklistVersion>, string]>([
    [{ name: 'x' }, 'name'],
    [{ purpose: 'x' }, 'purpose'],
    [{ route: 'top-down' }, 'route'],
    [{ clears: false }, 'clears'],
    [{ afterRideOut: true }, 'clears'],
    [{ kinds: ['child'] }, 'kinds'],
    [{ between: ['wear'] }, 'between'],
  ])('%o is told as %s', (part, change) =>
    expect(compareChecklists(RIDE_OUT, { ...RIDE_OUT, ...part }).checklist).toEqual([change]),
  );

  it('tells a critical that is gone and one that is only marked down', () => {
    expect(droppedCriticals(RIDE_OUT, withFirst({ critical: false }))).toEqual([first.checkpoint.name]);
    expect(droppedCriticals(RIDE_OUT, { ...RIDE_OUT, items: RIDE_OUT.items.slice(1) })).toEqual([
      first.checkpoint.name,
    ]);
    expect(droppedCriticals(RIDE_OUT, { ...RIDE_OUT, items: [...RIDE_OUT.items].reverse() })).toEqual([]);
    const plain = RIDE_OUT.items.find((item) => !item.critical);
    expect(
      droppedCriticals(RIDE_OUT, { ...RIDE_OUT, items: RIDE_OUT.items.filter((item) => item !== plain) }),
    ).toEqual([]);
  });
});

describe('what keeps a checklist from being published', () => {
  it.each<[string, ChecklistVersion, readonly [string, string][]]>([
    ['no name', { ...RIDE_OUT, name: ' ' }, [['name', 'required']]],
    ['nothing on it', { ...RIDE_OUT, items: [] }, [['items', 'required']]],
    ['a checkpoint twice', { ...RIDE_OUT, items: [first, first] }, [['items.1.checkpoint.key', 'twice']]],
    ['no look', withWords({ how: '' }), [['items.0.checkpoint.how', 'required']]],
    ['nothing sound', withWords({ passWhen: ' ' }), [['items.0.checkpoint.passWhen', 'required']]],
    ['nowhere', withWords({ at: {} }), [['items.0.checkpoint.at', 'required']]],
    ['no faults', withWords({ faults: [] }), [['items.0.checkpoint.faults', 'required']]],
    [
      'a fault with nothing to do next',
      withWords({ faults: [{ key: 'a', name: 'A', floor: 'stop', doNext: '' }] }),
      [['items.0.checkpoint.faults.0.doNext', 'required']],
    ],
    [
      'a fault twice',
      withWords({
        faults: [0, 1].map(() => ({ key: 'a', name: 'A', floor: 'stop' as const, doNext: 'Repair it.' })),
      }),
      [['items.0.checkpoint.faults.1.key', 'twice']],
    ],
    ['minutes of nothing', withWords({ minutes: 0 }), [['items.0.checkpoint.minutes', 'out-of-range']]],
    ['minutes of no number', withFirst({ minutes: Number.NaN }), [['items.0.minutes', 'out-of-range']]],
    ['a limit upside down', withFirst({ limit: { least: 3, most: 2 } }), [['items.0.limit', 'upside-down']]],
    [
      'a route that leaves a zone out',
      { ...RIDE_OUT, route: { key: 'r', name: 'r', zones: ['frame'] } },
      [['route', 'not-every-zone']],
    ],
  ])('%s', (_name, checklist, issues) =>
    expect(checklistIssues(checklist).map((issue) => [issue.path, issue.code])).toEqual(issues),
  );

  it('tells everything at once', () => {
    expect(checklistIssues({ ...withWords({ how: '', passWhen: '' }), name: '' }).length).toBe(3);
  });
});

describe('what a lead is told before publishing', () => {
  const only = (key: string, part: Partial<Checkpoint> = {}, critical = true): ChecklistVersion => {
    const checkpoint = CHECKPOINTS.find((each) => each.key === key) as Checkpoint;
    return { ...RIDE_OUT, kinds: undefined, items: [{ checkpoint: { ...checkpoint, ...part }, critical }] };
  };
  it('a checklist without criticals', () =>
    expect(checklistWarnings(only('spokes', {}, false))).toEqual([{ code: 'no-criticals' }]));
  it('kinds it asks nothing of', () => {
    expect(
      checklistWarnings(only('kingpin')).map((warning) => ('kind' in warning ? warning.kind : '')),
    ).toEqual(['child', 'hybrid', 'hardtail', 'full-suspension', 'step-through', 'cargo']);
    expect(checklistWarnings({ ...only('kingpin'), kinds: ['trike'] })).toEqual([]);
  });
  it('a rule that says the same of every bike, with its clause', () => {
    const never = only('spokes', {
      applies: {
        all: [
          { fitted: 'fork', in: ['rigid'] },
          { fitted: 'fork', in: ['suspension'] },
        ],
      },
    });
    expect(checklistWarnings(never)).toContainEqual({
      code: 'rule-idle',
      checkpoint: 'Spokes',
      clause: 'fork is rigid and fork is suspension',
      truth: 'never',
    });
  });
  it('nothing of a checklist that is well', () => expect(checklistWarnings(RIDE_OUT)).toEqual([]));
});

describe('why a checkpoint is critical', () => {
  const look = {
    faults: [
      { key: 'soft', name: 'Soft', floor: 'soon' as const, doNext: 'x' },
      { key: 'worn', name: 'Worn', floor: 'stop' as const, doNext: 'x', by: ['wear' as const] },
    ],
  };
  it('by the fault that can arise in between, and else not', () => {
    expect(criticalBecause(look, [])).toBeNull();
    expect(criticalBecause(look, ['crash'])).toBeNull();
    expect(criticalBecause(look, ['crash', 'wear'])?.key).toBe('worn');
  });
  it('on any outing, by a fault that names nothing', () => {
    expect(
      criticalBecause(
        { faults: [...look.faults, { key: 'loose', name: 'Loose', floor: 'stop', doNext: 'x' }] },
        [],
      )?.key,
    ).toBe('loose');
  });
});
