import { fieldIssues, measured, sinksTo, unmeasured, type Measured } from './measured';
import { limitOf, type LimitChoices } from './limits';
import { pass, unknown, type Verdict } from './verdict';

/**
 * What is left of a tyre's sealant, ml, against its dose on the fit list: dry at a quarter of it and less, low at half. Without a dose the
 * person says. What was poured is written down and judged by nobody. The shares are this product's own and a program's to change.
 */
export function sealantVerdict(
  ml: number,
  how: 'left' | 'poured',
  dose: number | undefined,
  choices: LimitChoices,
): Measured<Verdict> {
  const wrong = fieldIssues({ path: 'sealant', value: ml, least: 0, most: 500, unit: 'ml' });
  if (wrong.length > 0) return unmeasured(...wrong);
  if (how === 'poured') return measured(pass(ml, null));
  if (dose === undefined) return measured(unknown(ml, 'person-says'));
  const part = (key: 'sealantDry' | 'sealantLow') => {
    const share = limitOf(choices, key);
    return { value: share.value * dose, source: share.source };
  };
  const [dry, low] = [part('sealantDry'), part('sealantLow')];
  if (sinksTo(ml, dry.value))
    return measured({ outcome: 'fail', becomes: 'soon', value: ml, limit: dry, next: 'refill-sealant' });
  if (sinksTo(ml, low.value))
    return measured({ outcome: 'renew', becomes: 'upkeep', value: ml, limit: low, next: 'top-up-sealant' });
  return measured(pass(ml, low));
}
