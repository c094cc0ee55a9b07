import * as t from './messages';

/** What each shipped checklist is for, in the order one looks for it. */
const GROUPS = [
  { title: t.everyDay, keys: ['ride-out', 'ride-out-children', 'turnaround', 'return'] },
  { title: t.oneStationOnMany, keys: ['pressures', 'lube', 'bolts', 'lights', 'sealant'] },
  { title: t.seasonStorage, keys: ['season-opening', 'wet-season', 'lay-up'] },
  { title: t.arrivalLayUp, keys: ['new-bike', 'assessment', 'event-order', 'event', 'event-morning'] },
  {
    title: t.afterIncident,
    keys: ['after-crash', 'after-transport', 'after-immersion', 'after-contamination'],
  },
] as const;

interface Keyed {
  readonly key: string;
}
export interface ChecklistGroup<T> {
  readonly title: string;
  readonly checklists: readonly T[];
}

/** Checklists by what they are for; what this program wrote itself stands first. */
export function groupChecklists<T extends Keyed>(checklists: readonly T[]): readonly ChecklistGroup<T>[] {
  const shipped = new Set<string>(GROUPS.flatMap((group) => group.keys));
  const own = checklists.filter((checklist) => !shipped.has(checklist.key));
  const listed = GROUPS.map(({ title, keys }) => ({
    title,
    checklists: keys.flatMap((key) => checklists.filter((checklist) => checklist.key === key)),
  }));
  return [{ title: t.yourChecklists, checklists: own }, ...listed].filter(
    (group) => group.checklists.length > 0,
  );
}
