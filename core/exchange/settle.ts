import { differingFields } from '@cadre/core/fleet';
import type { Column } from './columns';
import type { FleetBike, FleetDocument } from './document';
import { rackKey, type Known } from './known';
import type { Difference, ImportAnswers, ImportPlan, PlannedRow, PlaceToMake, RowIssue } from './planned';
import type { Placed } from './read-place';

export interface Read {
  readonly line: number;
  readonly bike: FleetBike;
  readonly placed: Placed;
  readonly before: FleetBike | null;
}

export const hookKey = (bike: Pick<FleetBike, 'site' | 'rack' | 'hook'>): string | null =>
  bike.rack && bike.hook !== null ? `${rackKey(bike.site, bike.rack)}\n${bike.hook}` : null;

const shown = (bike: FleetBike, column: Column): string => {
  if (column === 'hook') return bike.hook === null ? '' : String(bike.hook);
  if (column === 'accessories') return bike.build.accessories.join(', ');
  if (column.startsWith('fit:')) return String(bike.fit[column.slice(4)] ?? '');
  const record = { ...bike.build, ...bike } as unknown as Record<string, unknown>;
  return String(record[column] ?? '');
};

function differencesOf(before: FleetBike, after: FleetBike): readonly Difference[] {
  const columns: Column[] = [
    ...(['model', 'size', 'serial', 'boughtOn', 'warrantyUntil', 'site', 'rack', 'hook'] as const).filter(
      (column) => before[column] !== after[column],
    ),
    ...differingFields(before.build, after.build),
    ...[...new Set([...Object.keys(before.fit), ...Object.keys(after.fit)])]
      .filter((key) => before.fit[key] !== after.fit[key])
      .map((key): Column => `fit:${key}`),
  ];
  return columns.map((column) => ({ column, before: shown(before, column), after: shown(after, column) }));
}

/** Tags twice in the file, hooks wanted twice or held by a bike that stays: what only shows when rows are seen together. */
export function settle(
  read: readonly Read[],
  fleet: FleetDocument,
  answers: Pick<ImportAnswers, 'update'>,
): readonly PlannedRow[] {
  // A row that is wrong moves no bike, so it frees no hook either, and that may make another row wrong.
  const wrong = new Set<number>();
  for (;;) {
    const rows = settleOnce(
      read,
      fleet,
      answers,
      new Set(read.filter(({ line }) => !wrong.has(line)).map(({ bike }) => bike.tag)),
    );
    const more = rows.filter((row) => row.act === 'wrong' && !wrong.has(row.line));
    if (more.length === 0) return rows;
    for (const row of more) wrong.add(row.line);
  }
}

function settleOnce(
  read: readonly Read[],
  fleet: FleetDocument,
  answers: Pick<ImportAnswers, 'update'>,
  leaving: ReadonlySet<string>,
): readonly PlannedRow[] {
  const holders = new Map(
    fleet.bikes
      .filter((bike) => !leaving.has(bike.tag))
      .flatMap((bike) => (hookKey(bike) ? [[hookKey(bike) ?? '', bike.tag] as const] : [])),
  );
  const lineOfTag = new Map<string, number>();
  const lineOfHook = new Map<string, number>();
  return read.map(({ line, bike, before }): PlannedRow => {
    const issues: RowIssue[] = [];
    const twin = lineOfTag.get(bike.tag);
    if (twin !== undefined)
      issues.push({ column: 'tag', code: 'tag-twice', value: bike.tag, correction: String(twin) });
    else lineOfTag.set(bike.tag, line);
    if (before && !answers.update)
      issues.push({ column: 'tag', code: 'tag-in-fleet', value: bike.tag, correction: null });
    const hook = hookKey(bike);
    const holder = hook ? holders.get(hook) : undefined;
    if (holder !== undefined && holder !== bike.tag)
      issues.push({ column: 'hook', code: 'hook-taken', value: String(bike.hook), correction: holder });
    const rival = hook ? lineOfHook.get(hook) : undefined;
    if (rival !== undefined)
      issues.push({
        column: 'hook',
        code: 'hook-twice',
        value: String(bike.hook),
        correction: String(rival),
      });
    if (issues.length > 0) return { line, act: 'wrong', tag: bike.tag, issues };
    if (hook) lineOfHook.set(hook, line);
    if (!before) return { line, act: 'add', bike };
    const differences = differencesOf(before, bike);
    return differences.length === 0
      ? { line, act: 'same', bike }
      : { line, act: 'change', bike, differences };
  });
}

export function placesToMake(read: readonly Read[], known: Known): Pick<ImportPlan, 'sites' | 'racks'> {
  const sites = [...new Set(read.map(({ bike }) => bike.site))].filter(
    (site) => !known.siteNames.includes(site),
  );
  const racks = new Map<string, PlaceToMake>();
  for (const { bike } of read) {
    if (!bike.rack) continue;
    const key = rackKey(bike.site, bike.rack);
    const hooksBefore = known.racks.get(key)?.hooks ?? 0;
    const wanted = Math.max(racks.get(key)?.hooks ?? hooksBefore, bike.hook ?? 0, 1);
    if (wanted > hooksBefore)
      racks.set(key, { site: bike.site, rack: bike.rack, hooksBefore, hooks: wanted });
  }
  return { sites, racks: [...racks.values()] };
}
