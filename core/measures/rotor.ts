import {
  fieldIssues,
  issue,
  measured,
  reaches,
  sinksTo,
  spareIssues,
  unmeasured,
  type Measured,
} from './measured';
import { limitOf, type LimitChoices, type Sourced } from './limits';
import { pass, unknown, worstFirst, type Verdict } from './verdict';

export interface RotorMarkings {
  /** The least thickness marked on the rotor, mm. */
  readonly min?: number | undefined;
  /** Its thickness when new, mm. */
  readonly nominal?: number | undefined;
}

/** A rotor's track is measured in so many places at least. */
export const LEAST_PLACES = 3;

/** What a rotor of a known thickness may wear to where nothing is marked, mm. Source: thicker ones differ by maker and are asked for. */
const BY_NOMINAL: readonly (readonly [number, number])[] = [
  [1.8, 1.5],
  [1.85, 1.55],
];
const SAME = 0.005;
/** Nothing known of it: no rotor is run thinner than this, mm. */
const NO_ROTOR_UNDER: Sourced = { value: 1.5, source: 'default' };

function rotorLimit(marked: RotorMarkings): Sourced | null {
  if (marked.min !== undefined) return { value: marked.min, source: 'marking' };
  // either way: no rotor is made half-way between two thicknesses
  const known = BY_NOMINAL.find(
    ([nominal]) => marked.nominal !== undefined && Math.abs(marked.nominal - nominal) < SAME,
  );
  return known ? { value: known[1], source: 'default' } : null;
}

/**
 * What a rotor's track, mm in three places or more, means. The least decides against the marked least, or that of its nominal thickness; with
 * neither there is no verdict but a request for the marking, and a stop at 1.5 mm or less. Within 0.1 mm above it is near. Places 0.05 mm apart pulse.
 */
export function rotorVerdicts(
  places: readonly number[],
  marked: RotorMarkings,
  choices: LimitChoices,
): Measured<readonly Verdict[]> {
  if (places.length < LEAST_PLACES || places.length > 24)
    return unmeasured(issue('places', 'how-many', { least: LEAST_PLACES, most: 24 }));
  const wrong = [
    ...fieldIssues(
      ...places.map((value, at) => ({ path: `places.${at}`, value, least: 0.5, most: 4, unit: 'mm' })),
    ),
    ...spareIssues(
      { path: 'min', value: marked.min, least: 0.5, most: 4, unit: 'mm' },
      { path: 'nominal', value: marked.nominal, least: 0.5, most: 4, unit: 'mm' },
    ),
  ];
  if (wrong.length > 0) return unmeasured(...wrong);
  const value = Math.min(...places);
  const limit = rotorLimit(marked);
  const thin = (least: Sourced): Verdict => {
    if (sinksTo(value, least.value))
      return { outcome: 'fail', becomes: 'stop', value, limit: least, next: 'renew-rotor' };
    const near = limitOf(choices, 'rotorNear').value;
    return sinksTo(value, least.value + near)
      ? { outcome: 'renew', becomes: 'upkeep', value, limit: least, next: 'plan-rotor' }
      : pass(value, least);
  };
  const unmarked = (): Verdict =>
    sinksTo(value, NO_ROTOR_UNDER.value)
      ? { outcome: 'fail', becomes: 'stop', value, limit: NO_ROTOR_UNDER, next: 'renew-rotor' }
      : unknown(value, 'read-rotor-marking');
  const spread = Math.max(...places) - value;
  const pulsing = limitOf(choices, 'rotorSpread');
  return measured(
    worstFirst([
      limit ? thin(limit) : unmarked(),
      ...(reaches(spread, pulsing.value)
        ? [
            {
              outcome: 'watch',
              becomes: 'watch',
              value: spread,
              limit: pulsing,
              next: 'note-pulsing',
            } as const,
          ]
        : []),
    ]),
  );
}
