import { sizeKey } from '@cadre/core/fleet';
import { serves, standsIn, type Group, type SizeSubstitution, type Stock, type Want } from './groups';

export interface WantCover {
  readonly want: Want;
  readonly cleared: number;
  readonly short: number;
  /** Of those cleared, how many are of another size than was asked for. */
  readonly standIns: number;
}

export interface GroupCover {
  readonly group: Group;
  readonly needed: number;
  readonly cleared: number;
  readonly wants: readonly WantCover[];
}

/** Bikes that no want can tell apart: alike, at one site, and ready for the same departures. */
interface Class {
  readonly sample: Stock;
  readonly size: number;
  /** From which of the coming groups on they are ready. */
  readonly from: number;
}

/** One line of one group. */
interface Row {
  readonly at: number;
  readonly group: Group;
  readonly want: Want;
}

const overlap = (a: Group, b: Group): boolean =>
  a.outAt < b.backAt &&
  // The same either way: what is back as the other goes is in use at no moment of it.
  b.outAt < a.backAt;

/** Bikes in classes; one that is ready for no departure is in none. `coming` is in order of departure. */
function classesOf(bikes: readonly Stock[], coming: readonly Group[]): readonly Class[] {
  const byKey = new Map<string, { sample: Stock; size: number; from: number }>();
  for (const bike of bikes) {
    const from = bike.ready ? 0 : coming.findIndex((group) => (bike.readyAt ?? Infinity) <= group.outAt);
    if (from < 0) continue;
    const key = `${bike.siteId}\n${bike.kind}\n${sizeKey(bike.size)}\n${from}`;
    const known = byKey.get(key);
    if (known) known.size += 1;
    else byKey.set(key, { sample: bike, size: 1, from });
  }
  return [...byKey.values()];
}

/**
 * Gives out the classes, a bike at a time by augmenting paths over all groups at once: a bike changes its group when the one that had it can have another, so
 * that "any 1" never takes the only hybrid a later group asked for. Who was served stays served: the earliest departure comes first only where somebody goes
 * without in any case. Bikes of one class are alike: it holds as many at a time as it has bikes.
 */
class Assignment {
  private readonly given: number[][];

  constructor(
    private readonly rows: readonly Row[],
    private readonly classes: readonly Class[],
    private readonly choices: readonly (readonly number[])[],
  ) {
    this.given = rows.map(() => classes.map(() => 0));
  }

  count(row: number, column: number): number {
    return this.given[row]?.[column] ?? 0;
  }

  private add(row: number, column: number, by: number): void {
    const line = this.given[row];
    if (line) line[column] = (line[column] ?? 0) + by;
  }

  /** Whether this class has a bike left over for all the time this group is out. */
  private hasRoom(column: number, group: Group): boolean {
    // The same either way: a row that has none of this class adds a moment to look at, never a use.
    const out = this.rows.filter((row, at) => this.count(at, column) > 0 && overlap(row.group, group));
    // The same either way: its own going is looked at in any case, and only a group’s going raises the use.
    const moments = [group.outAt, ...out.map((row) => row.group.outAt).filter((at) => at > group.outAt)];
    const inUse = (moment: number): number =>
      this.rows.reduce(
        (sum, row, at) =>
          row.group.outAt <= moment && moment < row.group.backAt ? sum + this.count(at, column) : sum,
        0,
      );
    return moments.every((moment) => inUse(moment) < (this.classes[column]?.size ?? 0));
  }

  /** Finds one more bike for a row, moving others to other classes where that makes room. */
  serve(row: number, seen = new Set<number>()): boolean {
    const wanting = this.rows[row];
    if (!wanting) return false;
    for (const column of this.choices[row] ?? []) {
      if (seen.has(column)) continue;
      seen.add(column);
      if (this.hasRoom(column, wanting.group)) {
        this.add(row, column, 1);
        return true;
      }
      for (const [other, holding] of this.rows.entries()) {
        if (other === row || this.count(other, column) === 0 || !overlap(holding.group, wanting.group))
          continue;
        this.add(other, column, -1);
        if (this.hasRoom(column, wanting.group) && this.serve(other, seen)) {
          this.add(row, column, 1);
          return true;
        }
        this.add(other, column, 1);
      }
    }
    return false;
  }
}

/** The classes a row may be served from: what was asked for first, then what may stand in for it. */
function choicesOf(
  { at, group, want }: Row,
  classes: readonly Class[],
  substitution: SizeSubstitution,
): readonly number[] {
  const there = [...classes.entries()].filter(
    ([, each]) => each.from <= at && each.sample.siteId === group.siteId,
  );
  const exact = there.filter(([, each]) => serves(each.sample, want));
  const others = there.filter(
    ([, each]) => !serves(each.sample, want) && standsIn(each.sample, want, substitution),
  );
  return [...exact, ...others].map(([column]) => column);
}

/**
 * How far the cleared bikes go round: what each group that is not back yet can have, most bikes over all groups that are out at a time, and of equally good ways the one that serves
 * the earlier departure. What is out now counts for nobody: it has to be checked when it is back. `substitution`: which other size may stand in (policy).
 */
export function coverGroups(
  groups: readonly Group[],
  bikes: readonly Stock[],
  now: number,
  substitution: SizeSubstitution = 'exact',
): readonly GroupCover[] {
  const coming = groups
    .filter((group) => group.backAt > now)
    // The same either way: no two groups have one id.
    .sort((a, b) => a.outAt - b.outAt || (a.id < b.id ? -1 : 1));
  const classes = classesOf(bikes, coming);
  const rows = coming.flatMap((group, at) => group.wants.map((want): Row => ({ at, group, want })));
  const assignment = new Assignment(
    rows,
    classes,
    rows.map((row) => choicesOf(row, classes, substitution)),
  );
  for (const [index, { want }] of rows.entries())
    for (let left = want.count; left > 0; left -= 1) if (!assignment.serve(index)) break;
  return coming.map((group, at) => {
    const wants = rows.flatMap((row, index): WantCover[] => {
      if (row.at !== at) return [];
      const of = (isOf: (sample: Stock) => boolean): number =>
        classes.reduce(
          (sum, each, column) => (isOf(each.sample) ? sum + assignment.count(index, column) : sum),
          0,
        );
      const cleared = of(() => true);
      return [
        {
          want: row.want,
          cleared,
          short: row.want.count - cleared,
          standIns: of((sample) => !serves(sample, row.want)),
        },
      ];
    });
    const sum = (each: (want: WantCover) => number): number =>
      wants.reduce((all, want) => all + each(want), 0);
    return { group, needed: sum(({ want }) => want.count), cleared: sum(({ cleared }) => cleared), wants };
  });
}
