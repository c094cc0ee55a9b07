import {
  fieldIssues,
  measured,
  reaches,
  sinksTo,
  spareIssues,
  unmeasured,
  issue,
  type Measured,
} from './measured';
import { limitOf, type LimitChoices, type Sourced } from './limits';
import { pass, worstFirst, type Verdict } from './verdict';

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

/** The two limits of a pad, mm; a program that rides hard or wet adds its allowance to both. */
function padLimits(
  fault: Sourced,
  renew: Sourced,
  choices: LimitChoices,
): { readonly fault: Sourced; readonly renew: Sourced } {
  const allowance = limitOf(choices, 'padAllowance').value;
  const add = ({ value, source }: Sourced): Sourced => ({
    value: value + allowance,
    source: allowance > 0 && source === 'default' ? 'policy' : source,
  });
  return { fault: add(fault), renew: add(renew) };
}

function wornVerdict(
  value: number,
  { fault, renew }: { readonly fault: Sourced; readonly renew: Sourced },
): Verdict {
  if (sinksTo(value, fault.value))
    return { outcome: 'fail', becomes: 'stop', value, limit: fault, next: 'renew-pads' };
  if (sinksTo(value, renew.value))
    return { outcome: 'renew', becomes: 'upkeep', value, limit: renew, next: 'plan-pads' };
  return pass(value, renew);
}

/** What the thinner pad means by its compound: 1.0 mm is the end, to 1.5 mm is near it (policy, else default). */
function byCompound(value: number, choices: LimitChoices): Verdict {
  return wornVerdict(value, padLimits(limitOf(choices, 'padFault'), limitOf(choices, 'padRenew'), choices));
}

/** What it means by the total its maker marks as the end; half a millimetre above is near it. */
function byTotal(value: number, totalMin: number, choices: LimitChoices): Verdict {
  return wornVerdict(
    value,
    padLimits(
      { value: totalMin, source: 'marking' },
      { value: totalMin + NEAR_TOTAL, source: 'marking' },
      choices,
    ),
  );
}

/**
 * What is left on a disc brake's pads, mm: one figure a pad, one or two of them. A total less its backing plate (marked, else the policy's) is
 * compound. Where the maker states a least total, a total is judged by that alone, and a compound by both, the worse counting. The thinner
 * pad decides; two that differ by half a millimetre are uneven besides.
 */
export function discPadVerdicts(
  thickness: readonly number[],
  method: PadMethod,
  marked: PadMarkings,
  choices: LimitChoices,
): Measured<readonly Verdict[]> {
  if (thickness.length < 1 || thickness.length > 2)
    return unmeasured(issue('thickness', 'how-many', { least: 1, most: 2 }));
  const wrong = [
    ...fieldIssues(
      ...thickness.map((value, at) => ({
        path: `thickness.${at}`,
        value,
        least: 0,
        most: method === 'total' ? 10 : 6,
        unit: 'mm',
      })),
    ),
    ...spareIssues(
      { path: 'plate', value: marked.plate, least: 0, most: 5, unit: 'mm' },
      { path: 'totalMin', value: marked.totalMin, least: 0.5, most: 8, unit: 'mm' },
    ),
  ];
  if (wrong.length > 0) return unmeasured(...wrong);
  const { totalMin } = marked;
  const plate = marked.plate ?? limitOf(choices, 'padPlate').value;
  const thinner = Math.min(...thickness);
  const worn =
    method === 'total'
      ? [
          totalMin === undefined
            ? byCompound(Math.max(0, thinner - plate), choices)
            : byTotal(thinner, totalMin, choices),
        ]
      : [
          byCompound(thinner, choices),
          ...(totalMin === undefined ? [] : [byTotal(thinner + plate, totalMin, choices)]),
        ];
  const [worst] = worstFirst(worn);
  const apart = Math.max(...thickness) - thinner;
  const uneven = limitOf(choices, 'padUneven');
  return measured(
    worstFirst([
      ...(worst ? [worst] : []),
      ...(reaches(apart, uneven.value)
        ? [
            {
              outcome: 'watch',
              becomes: 'soon',
              value: apart,
              limit: uneven,
              next: 'centre-caliper',
            } as const,
          ]
        : []),
    ]),
  );
}
