import { fieldIssues, measured, reaches, sinksTo, spareIssues, unmeasured, issue, type Measured } from './measured';
import { limitOf, type LimitChoices, type Sourced } from './limits';
import { sound, worstFirst, type Verdict } from './verdict';

/** What was measured: the compound alone, or pad and backing plate together. */
export const PAD_METHODS = ['compound', 'total'] as const;
export type PadMethod = (typeof PAD_METHODS)[number];

export interface PadMarkings {
  /** The backing plate, mm, as marked. */
  readonly plate?: number | undefined;
  /** The least total, mm, where the maker states one: it replaces the compound's limit. */
  readonly totalMin?: number | undefined;
}

/** How far above a fault a pad is near it when its maker states a total, mm. Source: the same half millimetre as of the compound. */
const NEAR_TOTAL = 0.5;

/**
 * The limits of one pad, for a thickness by this method, mm. Source: 1.0 mm of compound is the end, 1.5 mm is near it; a total of 3.0 mm
 * marked by the maker is judged as such. A house that rides hard or wet adds an allowance to both.
 */
function padLimits(marked: PadMarkings, byTotal: boolean, choices: LimitChoices): { readonly fault: Sourced; readonly renew: Sourced } {
  const allowance = limitOf(choices, 'padAllowance').value;
  if (byTotal && marked.totalMin !== undefined)
    return {
      fault: { value: marked.totalMin + allowance, source: 'marking' },
      renew: { value: marked.totalMin + NEAR_TOTAL + allowance, source: 'marking' },
    };
  const add = (limit: Sourced): Sourced => (allowance > 0 ? { value: limit.value + allowance, source: 'policy' } : limit);
  return { fault: add(limitOf(choices, 'padFault')), renew: add(limitOf(choices, 'padRenew')) };
}

/**
 * What is left on a disc brake's pads, mm: one figure a pad, one or two of them. A total less its backing plate (marked, else the house's) is
 * compound, unless the maker states a least total. The thinner decides; two that differ by half a millimetre are uneven besides.
 */
export function discPadVerdicts(
  thickness: readonly number[],
  method: PadMethod,
  marked: PadMarkings,
  choices: LimitChoices,
): Measured<readonly Verdict[]> {
  if (thickness.length < 1 || thickness.length > 2) return unmeasured(issue('thickness', 'how-many', { least: 1, most: 2 }));
  const wrong = [
    ...fieldIssues(...thickness.map((value, at) => ({ path: `thickness.${at}`, value, least: 0, most: method === 'total' ? 10 : 6, unit: 'mm' }))),
    ...spareIssues(
      { path: 'plate', value: marked.plate, least: 0, most: 5, unit: 'mm' },
      { path: 'totalMin', value: marked.totalMin, least: 0.5, most: 8, unit: 'mm' },
    ),
  ];
  if (wrong.length > 0) return unmeasured(...wrong);
  const byTotal = method === 'total' && marked.totalMin !== undefined;
  const plate = marked.plate ?? limitOf(choices, 'padPlate').value;
  const left = thickness.map((value) => (method === 'compound' || byTotal ? value : Math.max(0, value - plate)));
  const value = Math.min(...left);
  const { fault, renew } = padLimits(marked, byTotal, choices);
  const worn: Verdict = sinksTo(value, fault.value)
    ? { word: 'fault', becomes: 'stop', value, limit: fault, next: 'renew-pads' }
    : sinksTo(value, renew.value)
      ? { word: 'renew', becomes: 'upkeep', value, limit: renew, next: 'plan-pads' }
      : sound(value, renew);
  const apart = Math.max(...left) - value;
  const uneven = limitOf(choices, 'padUneven');
  return measured(
    worstFirst([
      worn,
      ...(reaches(apart, uneven.value) ? [{ word: 'watch', becomes: 'soon', value: apart, limit: uneven, next: 'centre-caliper' } as const] : []),
    ]),
  );
}
