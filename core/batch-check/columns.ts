import type { Question, Checkpoint, Position, Zone } from '@cadre/core/catalogue';
import type { Outcome, Answer } from '@cadre/core/checks';

/** What one goes down the batch with: a whole checklist, one zone of it, or one checkpoint. */
export type BatchScope =
  | { readonly kind: 'checklist' }
  | { readonly kind: 'zone'; readonly zone: Zone }
  /** What shows while a bike is washed, as the first station of its check. */
  | { readonly kind: 'wash' }
  | { readonly kind: 'checkpoint'; readonly checkpoint: string };

/** Checkpoints that are answered by looking, under sponge and rinse: fresh oil, a rub, a line in the paint, a bulge, a bend. What wants a hand or a tool is not among them. */
export const WASH_BAY: ReadonlySet<string> = new Set([
  'washed',
  'frame-whole',
  'fork-whole',
  'fork-legs',
  'tyre-casing',
  'rim',
  'rotor',
  'hanger',
]);

/** A column of the batch: everything a checklist asks at one zone, or one question. */
export type BatchColumn =
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

export function inScope(question: Pick<Question, 'zone' | 'checkpoint'>, scope: BatchScope): boolean {
  switch (scope.kind) {
    case 'checklist':
      return true;
    case 'zone':
      return question.zone === scope.zone;
    case 'wash':
      return WASH_BAY.has(question.checkpoint.key);
    case 'checkpoint':
      return question.checkpoint.key === scope.checkpoint;
  }
}

/**
 * The columns of a batch over bikes: every question any of them is asked, side by side while they fit, else by zone in the
 * order of the route. A zone or a checkpoint chosen is always shown by its questions.
 */
export function batchColumns(
  byBike: readonly (readonly Question[])[],
  scope: BatchScope,
  zones: readonly Zone[],
): readonly BatchColumn[] {
  const questions = new Map<string, Question>();
  for (const question of byBike.flat())
    if (inScope(question, scope) && !questions.has(question.key)) questions.set(question.key, question);
  const place = (zone: Zone): number => (zones.includes(zone) ? zones.indexOf(zone) : zones.length);
  const inOrder = [...questions.values()].sort((a, b) => place(a.zone) - place(b.zone));
  if (scope.kind === 'checklist' && inOrder.length > MOST_QUESTIONS)
    return [...new Set(inOrder.map((question) => question.zone))].map((zone) => ({
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

export interface BatchCell {
  /** What is asked of this bike here; none: its build rules it out. */
  readonly questions: readonly Question[];
  readonly left: readonly Question[];
  /** The worst of what was said so far; null when nobody looked yet. */
  readonly outcome: Outcome | null;
  readonly answers: readonly Answer[];
}

const WORST: readonly Outcome[] = ['fail', 'watch', 'skipped', 'fixed', 'pass'];

/** What stands in one cell: one bike's questions under one column. */
export function batchCell(
  column: BatchColumn,
  asked: readonly Question[],
  answers: ReadonlyMap<string, Answer>,
): BatchCell {
  const here = asked.filter((each) =>
    column.kind === 'zone' ? each.zone === column.zone : each.key === column.key,
  );
  const said = here.flatMap((each) => answers.get(each.key) ?? []);
  return {
    questions: here,
    left: here.filter((each) => !answers.has(each.key)),
    outcome: WORST.find((outcome) => said.some((each) => each.outcome === outcome)) ?? null,
    answers: said,
  };
}
