import { questionKey, type Question } from '@cadre/core/catalogue';
import type { Answer } from '@cadre/core/checks';
import type { Bike } from '@cadre/contract/fleet';
import { OUTCOME_WORDS, SIDE_WORDS } from './wording';

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
    finding.place?.clock ? `at ${finding.place.clock} o’clock` : '',
  ].filter(Boolean);
  return `Open: ${[fault.toLowerCase(), ...where].join(', ')}${note ? ` (${note})` : ''}`;
}

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
