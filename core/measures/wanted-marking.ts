import type { MeasuredOn } from './judge-reading';
import type { Measure } from './measures';

const BOTH = (key: string): readonly string[] => [`${key}Front`, `${key}Rear`];

/** What may be read off a part at the stand and kept, by the fit list's key: only what gives a reading its limit. */
export const MARKINGS_AT_STAND: readonly string[] = [
  ...BOTH('rotorMin'),
  ...BOTH('rimWallMin'),
  ...BOTH('sidewallMin'),
  ...BOTH('sidewallMax'),
  'forkPressureMax',
  'shockPressureMax',
];

/**
 * The markings that would give a reading its limit on this bike and are not known, by the fit list's key: what to read off the part. Source: a
 * rotor of unknown make, a tyre without its window and an air spring without its most are judged by their marking only.
 */
export function wantedMarkings(
  measure: Measure,
  on: Pick<MeasuredOn, 'fit' | 'end' | 'rearSuspension'>,
): readonly string[] {
  const end = on.end === 'rear' ? 'Rear' : 'Front';
  const missing = (...keys: readonly string[]): readonly string[] =>
    keys.filter((key) => on.fit[key] === undefined);
  switch (measure) {
    case 'rotor':
      return missing(`rotorMin${end}`);
    case 'tyre-window':
      return missing(`sidewallMin${end}`, `sidewallMax${end}`);
    case 'rim-wall':
      return missing(`rimWallMin${end}`);
    case 'pressure':
      return missing(on.rearSuspension ? 'shockPressureMax' : 'forkPressureMax');
    default:
      return [];
  }
}
