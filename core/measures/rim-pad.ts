import { fieldIssues, issue, measured, sinksTo, unmeasured, type Measured } from './measured';
import { limitOf, type LimitChoices } from './limits';
import { pass, worstFirst, type Verdict } from './verdict';

export interface RimPads {
  /** The wear line or the grooves of both pads: still there, gone, or pads that have none. */
  readonly line: 'there' | 'gone' | 'none';
  /** Compound over the holder, mm, the least of both pads. */
  readonly overHolder?: number | undefined;
}

/**
 * What is left on a rim brake's pads. Source: the line or grooves gone is the maker's word that they are worn; a millimetre over
 * the holder is metal on the rim soon. At least one of the two is told.
 */
export function rimPadVerdict(pads: RimPads, choices: LimitChoices): Measured<Verdict> {
  const { line, overHolder } = pads;
  if (overHolder === undefined && line === 'none') return unmeasured(issue('overHolder', 'required'));
  const wrong =
    overHolder === undefined
      ? []
      : fieldIssues({ path: 'overHolder', value: overHolder, least: 0, most: 20, unit: 'mm' });
  if (wrong.length > 0) return unmeasured(...wrong);
  const holder = limitOf(choices, 'rimPadHolder');
  const value = overHolder ?? 0;
  const verdicts: Verdict[] = [];
  if (overHolder !== undefined)
    verdicts.push(
      sinksTo(overHolder, holder.value)
        ? { outcome: 'fail', becomes: 'stop', value, limit: holder, next: 'renew-pads' }
        : pass(value, holder),
    );
  if (line === 'gone')
    verdicts.push({
      outcome: 'fail',
      becomes: 'soon',
      value,
      limit: { value: 0, source: 'marking' },
      next: 'renew-pads-by-line',
    });
  if (verdicts.length === 0) verdicts.push(pass(value, null));
  const [worst] = worstFirst(verdicts);
  return worst ? measured(worst) : unmeasured(issue('overHolder', 'required'));
}
