import { fieldIssues, measured, reaches, unmeasured, type Measured } from './measured';
import { limitOf, type LimitChoices } from './limits';
import { pass, type Verdict } from './verdict';

/**
 * How hollow a rim's brake track is under a straightedge, mm, and whether its wear mark is gone. Source: a worn rim can burst
 * under braking; half a millimetre or a mark that is gone is the end, a fifth is worth a note each time.
 */
export function rimTrackVerdict(
  hollow: number,
  indicator: 'there' | 'gone' | 'none',
  choices: LimitChoices,
): Measured<Verdict> {
  const wrong = fieldIssues({ path: 'hollow', value: hollow, least: 0, most: 3, unit: 'mm' });
  if (wrong.length > 0) return unmeasured(...wrong);
  const fault = limitOf(choices, 'rimTrackFault');
  const watch = limitOf(choices, 'rimTrackWatch');
  const value = hollow;
  if (indicator === 'gone')
    return measured({
      outcome: 'fail',
      becomes: 'stop',
      value,
      limit: { value: 0, source: 'marking' },
      next: 'stop-rim',
    });
  if (reaches(value, fault.value))
    return measured({ outcome: 'fail', becomes: 'stop', value, limit: fault, next: 'stop-rim' });
  if (reaches(value, watch.value))
    return measured({ outcome: 'watch', becomes: 'watch', value, limit: watch, next: 'measure-track-again' });
  return measured(pass(value, watch));
}
