import { kindIn, sizeKey, type BikeKind } from '@cadre/core/fleet';

/** So many bikes, of a kind and size when it matters. An empty size, a null kind: any. */
export interface Want {
  readonly count: number;
  readonly kind: BikeKind | null;
  readonly size: string;
}

/** People due out at a time from a site. */
export interface Group {
  readonly id: string;
  readonly siteId: string;
  readonly name: string;
  readonly outAt: number;
  readonly backAt: number;
  readonly wants: readonly Want[];
}

/** A bike as far as groups go. `ready`: it may go out and hangs here now. */
export interface Stock {
  readonly id: string;
  readonly siteId: string;
  readonly kind: BikeKind;
  readonly size: string;
  readonly ready: boolean;
  /** When it will be, where somebody is at it. */
  readonly readyAt?: number;
}

export interface WantCover {
  readonly want: Want;
  readonly cleared: number;
  readonly short: number;
}

export interface GroupCover {
  readonly group: Group;
  readonly needed: number;
  readonly cleared: number;
  readonly wants: readonly WantCover[];
}

/** Whether a bike serves a want: its kind and its size, each where it matters. */
export function serves(bike: Pick<Stock, 'kind' | 'size'>, want: Want): boolean {
  return (want.kind === null || want.kind === bike.kind) && (want.size === '' || sizeKey(want.size) === sizeKey(bike.size));
}

/** Bikes that no want of a group can tell apart. */
interface Class {
  readonly bikes: string[];
  readonly sample: Stock;
}

function classesOf(bikes: readonly Stock[]): Class[] {
  const byKey = new Map<string, Class>();
  for (const bike of bikes) {
    const key = `${bike.kind}\n${sizeKey(bike.size)}`;
    const known = byKey.get(key);
    if (known) known.bikes.push(bike.id);
    else byKey.set(key, { bikes: [bike.id], sample: bike });
  }
  return [...byKey.values()];
}

/**
 * Gives each want as many bikes as can be given to all wants together (maximum flow by augmenting
 * paths, one bike a path): "any 24 in" never takes the hardtail another line needs while a child's bike hangs there.
 */
function fill(wants: readonly Want[], classes: readonly Class[]): number[][] {
  const given = wants.map(() => classes.map(() => 0));
  const used = classes.map(() => 0);
  const at = (row: number, column: number): number => given[row]?.[column] ?? 0;
  const add = (row: number, column: number, by: number): void => {
    const line = given[row];
    if (line) line[column] = (line[column] ?? 0) + by;
  };
  const augment = (wanting: number, seen: Set<number>): boolean => {
    for (const [column, each] of classes.entries()) {
      const want = wants[wanting];
      if (!want || seen.has(column) || !serves(each.sample, want)) continue;
      seen.add(column);
      if ((used[column] ?? 0) < each.bikes.length) {
        used[column] = (used[column] ?? 0) + 1;
        add(wanting, column, 1);
        return true;
      }
      for (const other of wants.keys()) {
        if (other === wanting || at(other, column) === 0 || !augment(other, seen)) continue;
        add(other, column, -1);
        add(wanting, column, 1);
        return true;
      }
    }
    return false;
  };
  for (const [index, want] of wants.entries()) {
    for (let left = want.count; left > 0; left -= 1) if (!augment(index, new Set())) break;
  }
  return given;
}

const overlap = (a: Group, b: Group): boolean => a.outAt < b.backAt && b.outAt < a.backAt;

/**
 * How far the cleared bikes go round: for each group that has not gone out yet, in order of time, the
 * bikes it can have that no earlier overlapping group at the same site takes. What is out now counts for
 * nobody: it has to be looked at again when it is back. Groups whose time to be back is past are left out.
 */
export function coverGroups(groups: readonly Group[], bikes: readonly Stock[], now: number): readonly GroupCover[] {
  const coming = groups.filter((group) => group.backAt > now).sort((a, b) => a.outAt - b.outAt || (a.id < b.id ? -1 : 1));
  const taken = new Map<string, Group[]>();
  return coming.map((group) => {
    const free = bikes.filter(
      (bike) =>
        (bike.ready || (bike.readyAt ?? Infinity) <= group.outAt) &&
        bike.siteId === group.siteId &&
        !(taken.get(bike.id) ?? []).some((other) => overlap(other, group)),
    );
    const classes = classesOf(free);
    const given = fill(group.wants, classes);
    for (const [column, each] of classes.entries()) {
      const count = given.reduce((sum, row) => sum + (row[column] ?? 0), 0);
      for (const id of each.bikes.slice(0, count)) taken.set(id, [...(taken.get(id) ?? []), group]);
    }
    const wants = group.wants.map((want, row) => {
      const cleared = (given[row] ?? []).reduce((sum, value) => sum + value, 0);
      return { want, cleared, short: want.count - cleared };
    });
    return {
      group,
      needed: group.wants.reduce((sum, want) => sum + want.count, 0),
      cleared: wants.reduce((sum, want) => sum + want.cleared, 0),
      wants,
    };
  });
}

const WORD_NUMBERS: Readonly<Record<string, number>> = {
  a: 1,
  an: 1,
  one: 1,
  two: 2,
  three: 3,
  four: 4,
  five: 5,
  six: 6,
  seven: 7,
  eight: 8,
  nine: 9,
  ten: 10,
  twelve: 12,
};

export type ReadWants = { readonly wants: readonly Want[]; readonly unread: readonly string[] };

function wantIn(text: string): Want | null {
  const match = /^(\d+|[a-z]+)\s*[x×*]?\s+(.+)$/i.exec(text) ?? /^(\d+)\s*[x×*]\s*(.+)$/i.exec(text) ?? /^(\d+)()$/.exec(text);
  if (!match) return null;
  const count = /^\d+$/.test(match[1] ?? '') ? Number(match[1]) : (WORD_NUMBERS[(match[1] ?? '').toLowerCase()] ?? 0);
  if (count < 1 || count > 500) return null;
  const words = (match[2] ?? '').trim();
  const size =
    /(\d+(?:[.,]\d)?)\s*(?:"|”|in\b|inch)/i.exec(words)?.[1] ??
    /\b(XXS|XS|S|M|L|XL|XXL)\b/.exec(words)?.[1] ??
    /\bsize\s+(\S+)/i.exec(words)?.[1] ??
    '';
  const kind = words === '' ? null : kindIn(words.replace(/-/g, ' '));
  const anyBike = words === '' || /^(any|bikes?|adults?)\b/i.test(words);
  if (!size && !kind && !anyBike) return null;
  return { count, kind, size: /^\d/.test(size) ? `${size.replace(',', '.')} in` : size };
}

/** What a line like "8 x 24in, 4 hybrid M and 2 trikes" wants, and the pieces of it nobody can read. */
export function readWants(text: string): ReadWants {
  const pieces = text
    .split(/[,;\n]|\band\b|\+/i)
    .map((piece) => piece.trim())
    .filter(Boolean);
  const read = pieces.map((piece) => [piece, wantIn(piece)] as const);
  return { wants: read.flatMap(([, want]) => (want ? [want] : [])), unread: read.filter(([, want]) => !want).map(([piece]) => piece) };
}
