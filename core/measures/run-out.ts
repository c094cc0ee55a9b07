import { fieldIssues, issue, measured, reaches, unmeasured, type Measured } from './measured';
import { limitOf, type LimitChoices } from './limits';
import { pass, type Verdict } from './verdict';

export interface RunOutWheel {
  /** A rim brake's pads have a millimetre of room; any other brake leaves the rim more. */
  readonly rimBrake: boolean;
  /** New or just trued. */
  readonly fresh?: boolean | undefined;
  /** The rim or tyre rubs on frame or fork. */
  readonly rubs?: boolean | undefined;
}

/** Least to greatest of a list of gaps, mm. */
export function widestDifference(gaps: readonly number[]): number {
  return gaps.length === 0 ? 0 : Math.max(...gaps) - Math.min(...gaps);
}

/**
 * How far a rim runs out, mm from least to greatest: sideways, or up and down; the greater of what is given decides. The rim is read, not
 * the tyre. Source: past a millimetre a rim brake rubs once a turn, past three the rim nears the frame; a disc allows more; a new wheel less.
 */
export function runOutVerdict(
  runOut: readonly number[],
  wheel: RunOutWheel,
  choices: LimitChoices,
): Measured<Verdict> {
  if (runOut.length < 1 || runOut.length > 2)
    return unmeasured(issue('runOut', 'how-many', { least: 1, most: 2 }));
  const wrong = fieldIssues(
    ...runOut.map((value, at) => ({ path: `runOut.${at}`, value, least: 0, most: 50, unit: 'mm' })),
  );
  if (wrong.length > 0) return unmeasured(...wrong);
  const value = Math.max(...runOut);
  const soon = limitOf(choices, wheel.fresh ? 'runOutNew' : wheel.rimBrake ? 'runOutRim' : 'runOutDisc');
  const stop = limitOf(choices, wheel.rimBrake ? 'runOutRimStop' : 'runOutDiscStop');
  if (wheel.rubs || reaches(value, stop.value))
    return measured({ outcome: 'fail', becomes: 'stop', value, limit: stop, next: 'stop-wheel' });
  if (reaches(value, soon.value))
    return measured({ outcome: 'fail', becomes: 'soon', value, limit: soon, next: 'true-wheel' });
  return measured(pass(value, soon));
}
