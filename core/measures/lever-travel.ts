import { fieldIssues, issue, measured, reaches, unmeasured, type Measured } from './measured';
import { limitOf, type LimitChoices } from './limits';
import { pass, type Verdict } from './verdict';

/** Where a lever bites, as a share of its free travel: both in the same unit. A bite past the travel is refused. */
export function leverShare(bite: number, travel: number): Measured<number> {
  const wrong = fieldIssues(
    { path: 'travel', value: travel, least: 5, most: 150, unit: 'mm' },
    { path: 'bite', value: bite, least: 0, most: 150, unit: 'mm' },
  );
  if (wrong.length > 0) return unmeasured(...wrong);
  return bite > travel
    ? unmeasured(issue('bite', 'over-its-most', { most: travel }))
    : measured(bite / travel);
}

/**
 * What a brake lever's bite point means, after a few strokes, 0 to 1 of its travel. Source: firm about half-way passes; very
 * near the rest position the pads may drag; past three fifths it is long; past four fifths, or on the grip, it may not stop.
 */
export function leverVerdict(share: number, touchesGrip: boolean, choices: LimitChoices): Measured<Verdict> {
  const wrong = fieldIssues({ path: 'share', value: share, least: 0, most: 1, unit: 'ratio' });
  if (wrong.length > 0) return unmeasured(...wrong);
  const stop = limitOf(choices, 'leverStop');
  const long = limitOf(choices, 'leverLong');
  const drag = limitOf(choices, 'leverDrag');
  const value = share;
  if (touchesGrip || reaches(value, stop.value))
    return measured({ outcome: 'fail', becomes: 'stop', value, limit: stop, next: 'stop-lever' });
  if (reaches(value, long.value))
    return measured({ outcome: 'watch', becomes: 'soon', value, limit: long, next: 'take-up-lever' });
  if (reaches(value, drag.value)) return measured(pass(value, long));
  return measured({ outcome: 'watch', becomes: 'watch', value, limit: drag, next: 'look-for-drag' });
}
