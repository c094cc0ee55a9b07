import {
  fieldIssues,
  issue,
  measured,
  median,
  reaches,
  sinksTo,
  spareIssues,
  unmeasured,
  type Measured,
} from './measured';
import { limitOf, type LimitChoices } from './limits';
import { pass, worstFirst, type Verdict } from './verdict';

export const SPOKE_METHODS = ['meter', 'pitch'] as const;
export type SpokeMethod = (typeof SPOKE_METHODS)[number];

export interface SideOfSpokes {
  /** One reading a spoke from the valve round, in meter units or Hz; 0 where there is no tension. */
  readonly readings: readonly number[];
  readonly method: SpokeMethod;
  /** The wheel's marked least, in meter units. */
  readonly floor?: number | undefined;
}

export interface SpokesAnswer {
  /** Each spoke's tension over its side's middle one, in the order read. */
  readonly relative: readonly number[];
  /** What each spoke is by the limits, in the same order. */
  readonly outcomes: readonly Verdict['outcome'][];
  /** A pitch tells even from uneven, and never whether the tension is enough. */
  readonly saysEnough: boolean;
  readonly verdicts: readonly Verdict[];
}

/**
 * The tension of one side's spokes against its middle one. By pitch it is (f / f_ref) squared, for spokes of one length and gauge.
 * Within a fifth of the middle passes; under half is slack (soon); none is a stop. By meter, a side whose middle is at or under the
 * wheel's marked least is slack all round, however even: a stop.
 */
export function spokesVerdicts(side: SideOfSpokes, choices: LimitChoices): Measured<SpokesAnswer> {
  const { readings, method, floor } = side;
  if (readings.length < 4 || readings.length > 40)
    return unmeasured(issue('readings', 'how-many', { least: 4, most: 40 }));
  const most = method === 'pitch' ? 2000 : 1000;
  const unit = method === 'pitch' ? 'Hz' : 'meter';
  const wrong = [
    ...fieldIssues(...readings.map((value, at) => ({ path: `readings.${at}`, value, least: 0, most, unit }))),
    ...spareIssues({ path: 'floor', value: floor, least: 0, most: 1000, unit: 'meter' }),
  ];
  if (wrong.length > 0) return unmeasured(...wrong);
  const middle = median(readings);
  const share = (reading: number): number => (sinksTo(middle, 0) ? 0 : reading / middle);
  const relative = readings.map((reading) => (method === 'pitch' ? share(reading) ** 2 : share(reading)));
  const off = limitOf(choices, 'spokeOff');
  const slack = limitOf(choices, 'spokeSlack');
  const verdictOf = (value: number): Verdict => {
    if (sinksTo(value, 0))
      return {
        outcome: 'fail',
        becomes: 'stop',
        value,
        limit: { value: 0, source: 'default' },
        next: 'stop-spoke',
      };
    if (sinksTo(value, slack.value))
      return { outcome: 'fail', becomes: 'soon', value, limit: slack, next: 'tension-spokes' };
    if (reaches(Math.abs(value - 1), off.value))
      return { outcome: 'watch', becomes: 'watch', value, limit: off, next: 'watch-spoke' };
    return pass(value, off);
  };
  const each = relative.map(verdictOf);
  const [worst] = worstFirst(each);
  const allSlack: readonly Verdict[] =
    method === 'meter' && floor !== undefined && sinksTo(middle, floor)
      ? [
          {
            outcome: 'fail',
            becomes: 'stop',
            value: middle,
            limit: { value: floor, source: 'marking' },
            next: 'tension-wheel',
          },
        ]
      : [];
  return measured({
    relative,
    outcomes: each.map(({ outcome }) => outcome),
    saysEnough: method === 'meter' && floor !== undefined,
    verdicts: worstFirst([...(worst ? [worst] : []), ...allSlack]),
  });
}
