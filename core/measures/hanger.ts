import { fieldIssues, issue, measured, reaches, unmeasured, type Measured } from './measured';
import { limitOf, type LimitChoices } from './limits';
import { widestDifference } from './run-out';
import { pass, type Verdict } from './verdict';

/**
 * How bent a derailleur hanger is: gaps between gauge and one point of the rim turned to each place, mm. The widest difference
 * counts. Source: eleven sprockets and more leave half the room.
 */
export function hangerVerdict(
  gaps: readonly number[],
  sprockets: number,
  choices: LimitChoices,
): Measured<Verdict> {
  if (gaps.length < 2 || gaps.length > 8) return unmeasured(issue('gaps', 'how-many', { least: 2, most: 8 }));
  const wrong = fieldIssues(
    ...gaps.map((value, at) => ({ path: `gaps.${at}`, value, least: 0, most: 60, unit: 'mm' })),
  );
  if (wrong.length > 0) return unmeasured(...wrong);
  const limit = limitOf(choices, sprockets >= 11 ? 'hangerMany' : 'hangerFew');
  const value = widestDifference(gaps);
  return measured(
    reaches(value, limit.value)
      ? { outcome: 'fail', becomes: 'soon', value, limit, next: 'align-hanger' }
      : pass(value, limit),
  );
}
