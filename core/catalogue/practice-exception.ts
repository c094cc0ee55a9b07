import type { FieldIssue } from '@cadre/core/errors';
import { BIKE_KINDS, type BikeKind } from '@cadre/core/fleet';
import { PRACTICES, type PracticeQuestion, type Practices } from './practices';
import { CLIMATES, type Climate } from './season';

/** Where a practice is another than the program's: on these kinds of bike, in these climates. */
export interface PracticeException {
  readonly practice: PracticeQuestion;
  readonly side: string;
  /** Absent: every kind. */
  readonly kinds?: readonly BikeKind[] | undefined;
  /** Absent: all year. */
  readonly climates?: readonly Climate[] | undefined;
}

/** Which bike, in which weather. */
export interface PracticedOn {
  readonly kind: BikeKind;
  readonly climate: Climate;
}

/**
 * Practices that set an interval. A service counts over all seasons, at the pace of each: these are another by kind only, never by climate, for
 * which a service has climates of its own.
 */
export const INTERVAL_PRACTICES: readonly PracticeQuestion[] = [
  'sealantEvery',
  'chainLube',
  'postFreed',
  'forkLowers',
  'fullTune',
];

/** Climates in which a tyre is let down a little where the program does so: grip before speed. */
const SLIPPERY: readonly Climate[] = ['wet', 'salt', 'freezing'];

const reaches = ({ kinds, climates }: PracticeException, on: PracticedOn): boolean =>
  (!kinds || kinds.includes(on.kind)) && (!climates || climates.includes(on.climate));

/** What is done on such a bike in such weather: the program's practices with its exceptions. */
export function practicesOn(
  policy: { readonly practices: Practices; readonly practiceExceptions: readonly PracticeException[] },
  on: PracticedOn,
): Practices {
  const elsewhere = policy.practiceExceptions
    .filter((each) => reaches(each, on))
    .map(({ practice, side }) => [practice, side] as const);
  const practices: Practices = { ...policy.practices, ...Object.fromEntries(elsewhere) };
  return SLIPPERY.includes(on.climate) ? practices : { ...practices, winterPressure: 'as-summer' };
}

const common = <T>(a: readonly T[] | undefined, b: readonly T[] | undefined, all: readonly T[]): boolean =>
  (a ?? all).some((each) => (b ?? all).includes(each));

/**
 * What is wrong with exceptions as written: a side that is none, one of no kind or no climate or of all bikes all year, an interval's by climate, and two for one practice
 * that both hold for some bike on some day.
 */
export function exceptionIssues(exceptions: readonly PracticeException[]): readonly FieldIssue[] {
  return exceptions.flatMap((each, index): FieldIssue[] => {
    const path = `practiceExceptions.${index}`;
    const twice = exceptions
      .slice(0, index)
      .some(
        (other) =>
          other.practice === each.practice &&
          common(other.kinds, each.kinds, BIKE_KINDS) &&
          common(other.climates, each.climates, CLIMATES),
      );
    return [
      ...((PRACTICES[each.practice] as readonly string[]).includes(each.side)
        ? []
        : [{ path: `${path}.side`, code: 'unknown' } as const]),
      ...(each.kinds?.length === 0 || (!each.kinds && !each.climates)
        ? [{ path: `${path}.kinds`, code: 'required' } as const]
        : []),
      ...(each.climates?.length === 0 ? [{ path: `${path}.climates`, code: 'required' } as const] : []),
      ...(each.climates && INTERVAL_PRACTICES.includes(each.practice)
        ? [{ path: `${path}.climates`, code: 'interval-by-climate' } as const]
        : []),
      ...(twice ? [{ path: `${path}.practice`, code: 'exception-twice' } as const] : []),
    ];
  });
}
