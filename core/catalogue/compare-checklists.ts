import type { Checkpoint } from './checkpoint';
import { zonesOf } from './route';
import type { ChecklistItem, ChecklistVersion } from './checklist';

/** What of an item may differ from version to version. */
export const ITEM_CHANGES = [
  'critical-dropped',
  'critical-added',
  'rule',
  'faults',
  'wording',
  'limit',
  'minutes',
  'positions',
] as const;
export type ItemChange = (typeof ITEM_CHANGES)[number];

export const CHECKLIST_CHANGES = ['name', 'purpose', 'route', 'clears', 'kinds', 'between', 'order'] as const;
export type ChecklistChange = (typeof CHECKLIST_CHANGES)[number];

interface Named {
  readonly key: string;
  readonly name: string;
  readonly critical: boolean;
}

export interface ChecklistDifference {
  readonly added: readonly Named[];
  readonly removed: readonly Named[];
  readonly changed: readonly {
    readonly key: string;
    readonly name: string;
    readonly changes: readonly ItemChange[];
  }[];
  readonly checklist: readonly ChecklistChange[];
}

/** Whether two versions are the same: there is nothing to publish. */
export const changesNothing = ({ added, removed, changed, checklist }: ChecklistDifference): boolean =>
  added.length + removed.length + changed.length + checklist.length === 0;

/** A text that is alike for like values, whatever order their fields were written in. */
function text(value: unknown): string {
  return JSON.stringify(value, (_key, each: unknown) =>
    each && typeof each === 'object' && !Array.isArray(each)
      ? Object.fromEntries(Object.entries(each).sort(([a], [b]) => (a < b ? -1 : 1)))
      : each,
  );
}

function wordingOf(checkpoint: Checkpoint): unknown {
  const { faults: _faults, applies: _applies, minutes: _minutes, ...wording } = checkpoint;
  return wording;
}

function changesOf(before: ChecklistItem, after: ChecklistItem): readonly ItemChange[] {
  const differ = (a: unknown, b: unknown): boolean => text(a ?? null) !== text(b ?? null);
  const [was, is] = [before.checkpoint, after.checkpoint];
  const found: Partial<Record<ItemChange, boolean>> = {
    'critical-dropped': before.critical && !after.critical,
    'critical-added': !before.critical && after.critical,
    rule: differ(was.applies, is.applies),
    faults: differ(was.faults, is.faults),
    wording: differ(wordingOf(was), wordingOf(is)),
    limit: differ(before.limit, after.limit),
    minutes: (before.minutes ?? was.minutes) !== (after.minutes ?? is.minutes),
    positions: differ(before.positions, after.positions),
  };
  return ITEM_CHANGES.filter((change) => found[change]);
}

const named = (item: ChecklistItem): Named => ({
  key: item.checkpoint.key,
  name: item.checkpoint.name,
  critical: item.critical,
});

/** What changed from one version of a checklist to another. Nothing at all: every list is empty. */
export function compareChecklists(before: ChecklistVersion, after: ChecklistVersion): ChecklistDifference {
  const was = new Map(before.items.map((item) => [item.checkpoint.key, item]));
  const is = new Map(after.items.map((item) => [item.checkpoint.key, item]));
  const order = (items: readonly ChecklistItem[], other: ReadonlyMap<string, ChecklistItem>): string =>
    items
      .map((item) => item.checkpoint.key)
      .filter((key) => other.has(key))
      .join();
  const checklist: Partial<Record<ChecklistChange, boolean>> = {
    name: before.name !== after.name,
    purpose: before.purpose !== after.purpose,
    route: zonesOf(before.route).join() !== zonesOf(after.route).join(),
    clears:
      before.clears !== after.clears || (before.afterRideOut ?? false) !== (after.afterRideOut ?? false),
    kinds: text(before.kinds ?? null) !== text(after.kinds ?? null),
    between: text(before.between ?? []) !== text(after.between ?? []),
    order: order(before.items, is) !== order(after.items, was),
  };
  return {
    added: after.items.filter((item) => !was.has(item.checkpoint.key)).map(named),
    removed: before.items.filter((item) => !is.has(item.checkpoint.key)).map(named),
    changed: after.items.flatMap((item) => {
      const earlier = was.get(item.checkpoint.key);
      const changes = earlier ? changesOf(earlier, item) : [];
      return changes.length > 0 ? [{ key: item.checkpoint.key, name: item.checkpoint.name, changes }] : [];
    }),
    checklist: CHECKLIST_CHANGES.filter((change) => checklist[change]),
  };
}

/** The criticals of an earlier version that the later one does not hold critical any more, by name: publishing that wants a reason. */
export function droppedCriticals(before: ChecklistVersion, after: ChecklistVersion): readonly string[] {
  const still = new Set(after.items.filter((item) => item.critical).map((item) => item.checkpoint.key));
  return before.items
    .filter((item) => item.critical && !still.has(item.checkpoint.key))
    .map((item) => item.checkpoint.name);
}
