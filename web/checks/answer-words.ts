import type { Question } from '@cadre/core/catalogue';
import type { Answer } from '@cadre/core/checks';
import { OUTCOME_WORDS } from './wording';

/** One answer of a check on record, in a line: outcome, faults, reading, note, and who said what where two did. */
export function answerWords(
  question: Question,
  answer: Answer | null,
  nameOf: (id: string) => string,
): string {
  if (!answer) return 'nobody looked';
  const faults = answer.faults
    .map((each) => question.checkpoint.faults.find((fault) => fault.key === each.fault)?.name ?? each.fault)
    .join(', ');
  const [mark] = answer.marks;
  const reading = mark?.reading
    ? `${mark.reading.typed}${/[a-z%]/i.test(mark.reading.typed) ? '' : ` ${mark.reading.unit}`}`
    : '';
  const paper = mark?.way === 'paper' ? 'keyed in from paper' : '';
  const two =
    answer.marks.length > 1
      ? answer.marks
          .map(
            (each) =>
              `${nameOf(each.author)}: ${each.outcome === 'withdrawn' ? '' : OUTCOME_WORDS[each.outcome].toLowerCase()}`,
          )
          .join('; ')
      : '';
  return [
    `${OUTCOME_WORDS[answer.outcome]}${faults ? `: ${faults}` : ''}`,
    reading,
    mark?.note ?? '',
    two,
    paper,
  ]
    .filter(Boolean)
    .join(' · ');
}
