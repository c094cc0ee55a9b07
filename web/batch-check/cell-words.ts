import type { BatchCell, BatchColumn, TypedReading } from '@cadre/core/batch-check';
import { withPosition, ZONE_WORDS } from '@cadre/web/words';
import { OUTCOME_WORDS } from '@cadre/web/checks';
import { asTyped, withUnit } from '@cadre/web/measures';
import * as t from './messages';

export function columnName(column: BatchColumn): string {
  return column.kind === 'zone'
    ? ZONE_WORDS[column.zone]
    : withPosition(column.checkpoint.name, column.position);
}

/** The number in a cell: what was marked, or what was measured and waits for the person's word. */
export function cellReading(cell: BatchCell, typed: TypedReading | null): string {
  const marked = cell.answers.flatMap((each) => each.marks).find((mark) => mark.reading)?.reading;
  if (marked) return asTyped(marked);
  return typed ? withUnit(typed.typed, typed.measure) : '';
}

/** What a cell says, for whoever hears it. */
export function cellWordsFor(cell: BatchCell, reading: string): string {
  if (cell.questions.length === 0) return t.notAsked;
  const words = cell.outcome ? OUTCOME_WORDS[cell.outcome].toLowerCase() : t.noAnswerYet;
  const left =
    cell.left.length > 0 && cell.left.length < cell.questions.length
      ? t.leftLeft2({ left: cell.left.length })
      : '';
  return `${words}${left}${reading ? `, ${reading}` : ''}`;
}
