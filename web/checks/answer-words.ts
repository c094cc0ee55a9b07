import { questionKey, type Question } from '@cadre/core/catalogue';
import type { Answer } from '@cadre/core/checks';
import type { Bike } from '@cadre/contract/fleet';
import { SIDE_WORDS } from '@cadre/web/words';
import { OUTCOME_WORDS } from './wording';
import * as t from './messages';

/** What is open already at this question, with its place: it is looked at first. */
export function openFindingWords(
  findings: Bike['facts']['findings'],
  question: Pick<Question, 'key'>,
): string | null {
  const finding = findings.find((each) => questionKey(each) === question.key);
  if (!finding) return null;
  const { fault, note } = finding.words;
  const where = [
    finding.place?.side ? SIDE_WORDS[finding.place.side] : '',
    finding.place?.clock ? t.clockOclock({ clock: finding.place.clock }) : '',
  ].filter(Boolean);
  return t.openValuePart({
    value: [fault.toLowerCase(), ...where].join(', '),
    part: note ? ` (${note})` : '',
  });
}

/** One answer of a check on record, in a line: outcome, faults, reading, note, and who said what where two did. */
export function answerWords(
  question: Question,
  answer: Answer | null,
  nameOf: (id: string) => string,
): string {
  if (!answer) return t.notAnswered;
  const faults = answer.faults
    .map((each) => question.checkpoint.faults.find((fault) => fault.key === each.fault)?.name ?? each.fault)
    .join(', ');
  const [mark] = answer.marks;
  const reading = mark?.reading
    ? `${mark.reading.typed}${/[a-z%]/i.test(mark.reading.typed) ? '' : ` ${mark.reading.unit}`}`
    : '';
  const paper = mark?.way === 'paper' ? t.enteredFromPaper : '';
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
