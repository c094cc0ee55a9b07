import type { Checkpoint } from './checkpoint';
import { zonesOf } from './route';
import type { SheetItem, SheetVersion } from './sheet';

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

export const SHEET_CHANGES = ['name', 'purpose', 'route', 'clears', 'kinds', 'between', 'order'] as const;
export type SheetChange = (typeof SHEET_CHANGES)[number];

interface Named {
  readonly key: string;
  readonly name: string;
  readonly critical: boolean;
}

export interface SheetDifference {
  readonly added: readonly Named[];
  readonly removed: readonly Named[];
  readonly changed: readonly {
    readonly key: string;
    readonly name: string;
    readonly changes: readonly ItemChange[];
  }[];
  readonly sheet: readonly SheetChange[];
}

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

function changesOf(before: SheetItem, after: SheetItem): readonly ItemChange[] {
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

const named = (item: SheetItem): Named => ({
  key: item.checkpoint.key,
  name: item.checkpoint.name,
  critical: item.critical,
});

/** What changed from one version of a sheet to another. Nothing at all: every list is empty. */
export function compareSheets(before: SheetVersion, after: SheetVersion): SheetDifference {
  const was = new Map(before.items.map((item) => [item.checkpoint.key, item]));
  const is = new Map(after.items.map((item) => [item.checkpoint.key, item]));
  const order = (items: readonly SheetItem[], other: ReadonlyMap<string, SheetItem>): string =>
    items
      .map((item) => item.checkpoint.key)
      .filter((key) => other.has(key))
      .join();
  const sheet: Partial<Record<SheetChange, boolean>> = {
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
    sheet: SHEET_CHANGES.filter((change) => sheet[change]),
  };
}

/** The criticals of an earlier version that the later one does not hold critical any more, by name: publishing that wants a reason. */
export function droppedCriticals(before: SheetVersion, after: SheetVersion): readonly string[] {
  const still = new Set(after.items.filter((item) => item.critical).map((item) => item.checkpoint.key));
  return before.items
    .filter((item) => item.critical && !still.has(item.checkpoint.key))
    .map((item) => item.checkpoint.name);
}
