/** What each shipped sheet is for, in the order one looks for it. */
const GROUPS = [
  { title: 'Every day', keys: ['ride-out', 'ride-out-children', 'turnaround', 'return'] },
  { title: 'One station, down the rack', keys: ['pressures', 'lube', 'bolts', 'lights'] },
  { title: 'Season and store', keys: ['season-opening', 'wet-season', 'lay-up'] },
  { title: 'In and away', keys: ['new-bike', 'intake', 'event'] },
  { title: 'After something happened', keys: ['after-crash', 'after-transport', 'after-dunking'] },
] as const;

interface Keyed {
  readonly key: string;
}
export interface SheetGroup<T> {
  readonly title: string;
  readonly sheets: readonly T[];
}

/** Sheets by what they are for; what this program wrote itself stands first. */
export function groupSheets<T extends Keyed>(sheets: readonly T[]): readonly SheetGroup<T>[] {
  const shipped = new Set<string>(GROUPS.flatMap((group) => group.keys));
  const own = sheets.filter((sheet) => !shipped.has(sheet.key));
  const listed = GROUPS.map(({ title, keys }) => ({
    title,
    sheets: keys.flatMap((key) => sheets.filter((sheet) => sheet.key === key)),
  }));
  return [{ title: 'This house’s own', sheets: own }, ...listed].filter((group) => group.sheets.length > 0);
}
