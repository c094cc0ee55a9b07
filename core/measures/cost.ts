import { fieldIssues, measured, sinksTo, unmeasured, type Field, type Measured } from './measured';

const money = (path: string, value: number): Field => ({ path, value, least: 0, most: 1e6, unit: 'money' });
const minutesOf = (path: string, value: number): Field => ({ path, value, least: 0, most: 1e4, unit: 'min' });

export interface Work {
  readonly parts: number;
  readonly minutes: number;
}

/** What a repair costs: parts plus minutes at an hourly rate. Money in one currency, minutes 0 to 10,000. */
export function repairCost(work: Work, hourlyRate: number): Measured<number> {
  const wrong = fieldIssues(
    money('parts', work.parts),
    minutesOf('minutes', work.minutes),
    money('rate', hourlyRate),
  );
  return wrong.length > 0 ? unmeasured(...wrong) : measured(work.parts + (work.minutes / 60) * hourlyRate);
}

export interface AssessmentAnswer {
  readonly repairs: number;
  /** Price and repairs together. */
  readonly whole: number;
  /** What a fit one is worth less the whole: under nothing, decline. */
  readonly gain: number;
  readonly accept: boolean;
}

/** Whether a used bike is worth taking: the price asked and every finding's repair, against a fit one's worth. Even is not worth it. */
export function assessment(
  findings: readonly Work[],
  hourlyRate: number,
  price: number,
  fitWorth: number,
): Measured<AssessmentAnswer> {
  const wrong = fieldIssues(
    money('rate', hourlyRate),
    money('price', price),
    money('worth', fitWorth),
    ...findings.flatMap((each, at) => [
      money(`findings.${at}.parts`, each.parts),
      minutesOf(`findings.${at}.minutes`, each.minutes),
    ]),
  );
  if (wrong.length > 0) return unmeasured(...wrong);
  const repairs = findings.reduce((sum, each) => sum + each.parts + (each.minutes / 60) * hourlyRate, 0);
  const whole = price + repairs;
  return measured({ repairs, whole, gain: fitWorth - whole, accept: !sinksTo(fitWorth, whole) });
}

export interface Waiting {
  /** The chain alone, now. */
  readonly now: number;
  /** Chain, cassette and rings together, later. */
  readonly later: number;
  readonly saved: number;
}

/** What waiting with a chain costs: a chain now, against chain, cassette and rings later, both with their minutes. */
export function costOfWaiting(chain: Work, sprockets: Work, hourlyRate: number): Measured<Waiting> {
  const wrong = fieldIssues(
    money('rate', hourlyRate),
    money('chain.parts', chain.parts),
    minutesOf('chain.minutes', chain.minutes),
    money('sprockets.parts', sprockets.parts),
    minutesOf('sprockets.minutes', sprockets.minutes),
  );
  if (wrong.length > 0) return unmeasured(...wrong);
  const now = chain.parts + (chain.minutes / 60) * hourlyRate;
  const later = now + sprockets.parts + (sprockets.minutes / 60) * hourlyRate;
  return measured({ now, later, saved: later - now });
}
