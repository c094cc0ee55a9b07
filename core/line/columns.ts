import type { Asked, Checkpoint, Position, Zone } from '@cadre/core/catalogue';
import type { Outcome, Standing } from '@cadre/core/checks';

/** What one goes down the line with: a whole checklist, one zone of it, or one checkpoint. */
export type LineScope =
  | { readonly kind: 'checklist' }
  | { readonly kind: 'zone'; readonly zone: Zone }
  | { readonly kind: 'checkpoint'; readonly checkpoint: string };

/** A column of the line: everything a checklist asks at one zone, or one question. */
export type LineColumn =
  | { readonly kind: 'zone'; readonly key: string; readonly zone: Zone }
  | {
      readonly kind: 'question';
      readonly key: string;
      readonly zone: Zone;
      readonly checkpoint: Checkpoint;
      readonly position: Position;
    };

/** As many questions as fit side by side; more are shown by zone. */
export const MOST_QUESTIONS = 12;

export function inScope(asked: Pick<Asked, 'zone' | 'checkpoint'>, scope: LineScope): boolean {
  switch (scope.kind) {
    case 'checklist':
      return true;
    case 'zone':
      return asked.zone === scope.zone;
    case 'checkpoint':
      return asked.checkpoint.key === scope.checkpoint;
  }
}

/**
 * The columns of a line over bikes: every question any of them is asked, side by side while they fit, else by zone in the
 * order of the route. A zone or a checkpoint chosen is always shown by its questions.
 */
export function lineColumns(
  byBike: readonly (readonly Asked[])[],
  scope: LineScope,
  zones: readonly Zone[],
): readonly LineColumn[] {
  const questions = new Map<string, Asked>();
  for (const asked of byBike.flat())
    if (inScope(asked, scope) && !questions.has(asked.key)) questions.set(asked.key, asked);
  const place = (zone: Zone): number => (zones.includes(zone) ? zones.indexOf(zone) : zones.length);
  const inOrder = [...questions.values()].sort((a, b) => place(a.zone) - place(b.zone));
  if (scope.kind === 'checklist' && inOrder.length > MOST_QUESTIONS)
    return [...new Set(inOrder.map((asked) => asked.zone))].map((zone) => ({
      kind: 'zone',
      key: zone,
      zone,
    }));
  return inOrder.map(({ key, zone, checkpoint, position }) => ({
    kind: 'question',
    key,
    zone,
    checkpoint,
    position,
  }));
}

export interface LineCell {
  /** What is asked of this bike here; none: its build rules it out. */
  readonly asked: readonly Asked[];
  readonly left: readonly Asked[];
  /** The worst of what was said so far; null when nobody looked yet. */
  readonly outcome: Outcome | null;
  readonly standings: readonly Standing[];
}

const WORST: readonly Outcome[] = ['fault', 'watch', 'not-looked-at', 'put-right', 'sound'];

/** What stands in one cell: one bike's questions under one column. */
export function lineCell(
  column: LineColumn,
  asked: readonly Asked[],
  standings: ReadonlyMap<string, Standing>,
): LineCell {
  const here = asked.filter((each) =>
    column.kind === 'zone' ? each.zone === column.zone : each.key === column.key,
  );
  const said = here.flatMap((each) => standings.get(each.key) ?? []);
  return {
    asked: here,
    left: here.filter((each) => !standings.has(each.key)),
    outcome: WORST.find((outcome) => said.some((each) => each.outcome === outcome)) ?? null,
    standings: said,
  };
}
