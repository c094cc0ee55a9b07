/** The newest look at one bike of a round, on the round's checklist, begun or signed since the round was made. */
export interface RoundLook {
  readonly bikeId: string;
  readonly checkId: string;
  readonly state: 'open' | 'signed';
  /** Who marked last, or began it. */
  readonly by: string;
  readonly lastAt: number;
  readonly signedBy: string | null;
  readonly signedAt: number | null;
  readonly complete: boolean;
  /** Questions with a watch or fault. */
  readonly found: number;
}

export const ROW_STATES = ['waiting', 'in-hand', 'abandoned', 'done', 'incomplete'] as const;
export type RowState = (typeof ROW_STATES)[number];

export interface RoundRow {
  readonly bikeId: string;
  readonly state: RowState;
  readonly look: RoundLook | null;
}

/** A bike nobody has marked for so long may be taken over without asking. */
export const ABANDONED_AFTER_MS = 15 * 60_000;

function stateOf(look: RoundLook | null, now: number): RowState {
  if (!look) return 'waiting';
  if (look.state === 'signed') return look.complete ? 'done' : 'incomplete';
  return now - look.lastAt > ABANDONED_AFTER_MS ? 'abandoned' : 'in-hand';
}

/** Every bike of a round with how far it is. */
export function roundRows(
  bikeIds: readonly string[],
  looks: readonly RoundLook[],
  now: number,
): readonly RoundRow[] {
  const byBike = new Map(looks.map((look) => [look.bikeId, look]));
  return bikeIds.map((bikeId) => {
    const look = byBike.get(bikeId) ?? null;
    return { bikeId, state: stateOf(look, now), look };
  });
}

export interface RoundCount {
  readonly of: number;
  readonly done: number;
  readonly inHand: number;
  readonly left: number;
  readonly found: number;
}

export function countRound(rows: readonly RoundRow[]): RoundCount {
  const with_ = (...states: readonly RowState[]): number =>
    rows.filter((row) => states.includes(row.state)).length;
  return {
    of: rows.length,
    done: with_('done'),
    inHand: with_('in-hand'),
    left: rows.length - with_('done'),
    found: rows.reduce((sum, row) => sum + (row.look?.found ?? 0), 0),
  };
}

/** Where a bike of a round hangs, and when a group needs it. */
export interface RoundPlace {
  readonly place: number;
  readonly neededAt: number | null;
}

/**
 * The next bike for somebody: what a group needs before what none does, the earliest first; then the nearest to where they
 * stand. What somebody has in hand is theirs; one's own unfinished bike comes before anything else.
 */
export function nextForMe(
  rows: readonly RoundRow[],
  me: string,
  at: number | null,
  standing: (bikeId: string) => RoundPlace,
): RoundRow | null {
  const mine = rows.find(
    (row) => (row.state === 'in-hand' || row.state === 'abandoned') && row.look?.by === me,
  );
  if (mine) return mine;
  const free = rows.filter(
    (row) => row.state === 'waiting' || row.state === 'abandoned' || row.state === 'incomplete',
  );
  const away = (row: RoundRow): number =>
    at === null ? standing(row.bikeId).place : Math.abs(standing(row.bikeId).place - at);
  const needed = (row: RoundRow): number => standing(row.bikeId).neededAt ?? Infinity;
  return (
    [...free].sort(
      (a, b) =>
        compare(needed(a), needed(b)) ||
        away(a) - away(b) ||
        standing(a.bikeId).place - standing(b.bikeId).place,
    )[0] ?? null
  );
}

function compare(a: number, b: number): number {
  if (a === b) return 0;
  return a < b ? -1 : 1; // the same either way: equal ones are told above
}
