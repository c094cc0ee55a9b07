import { fieldIssues, issue, measured, reaches, sinksTo, unmeasured, type Measured } from './measured';
import { limitOf, type LimitChoices, type LimitKey, type Sourced } from './limits';
import { fixOnSpot, pass, type Verdict } from './verdict';

/** Sag as a share: what the ring or shaft shows over travel (fork) or stroke (shock), both mm. More than there is is refused. */
export function sagShare(ringMm: number, travelMm: number): Measured<number> {
  const wrong = fieldIssues(
    { path: 'travel', value: travelMm, least: 15, most: 250, unit: 'mm' },
    { path: 'ring', value: ringMm, least: 0, most: 250, unit: 'mm' },
  );
  if (wrong.length > 0) return unmeasured(...wrong);
  return ringMm > travelMm
    ? unmeasured(issue('ring', 'over-its-most', { most: travelMm }))
    : measured(ringMm / travelMm);
}

export const SAG_BANDS = ['hybrid-fork', 'trail-fork', 'trail-shock', 'park-fork', 'park-shock'] as const;
export type SagBand = (typeof SAG_BANDS)[number];
const BAND: Record<SagBand, readonly [LimitKey, LimitKey]> = {
  'hybrid-fork': ['sagHybridLeast', 'sagHybridMost'],
  'trail-fork': ['sagTrailForkLeast', 'sagTrailForkMost'],
  'trail-shock': ['sagTrailShockLeast', 'sagTrailShockMost'],
  'park-fork': ['sagParkForkLeast', 'sagParkForkMost'],
  'park-shock': ['sagParkShockLeast', 'sagParkShockMost'],
};

export function sagBand(
  band: SagBand,
  choices: LimitChoices,
): { readonly least: Sourced; readonly most: Sourced } {
  const [least, most] = BAND[band];
  return { least: limitOf(choices, least), most: limitOf(choices, most) };
}

/** What a sag (share, 0 to 1) means in its band, ends included (policy, else default). Outside it is set right now by pressure and measured again; left so it is upkeep. */
export function sagVerdict(sag: number, band: SagBand, choices: LimitChoices): Measured<Verdict> {
  const wrong = fieldIssues({ path: 'sag', value: sag, least: 0, most: 1, unit: 'ratio' });
  if (wrong.length > 0) return unmeasured(...wrong);
  const { least, most } = sagBand(band, choices);
  if (!sinksTo(sag, most.value)) return measured(fixOnSpot(sag, most, 'set-sag', 'upkeep'));
  if (!reaches(sag, least.value)) return measured(fixOnSpot(sag, least, 'set-sag', 'upkeep'));
  return measured(pass(sag, most));
}

/** The most a pressure is changed at a step, as a share. */
const MOST_STEP = 0.2;
export interface SagPressure {
  /** kPa to set next. */
  readonly pressure: number;
  readonly held: 'step' | 'marked' | null;
}

/**
 * The pressure to try next, kPa: p x sag / target, changed by at most a fifth at a step, never past the marked maximum (kPa, when known). Sag and target as shares
 * over 0. A pressure already over the marked maximum is brought down to it, however far.
 */
export function sagPressure(
  pressure: number,
  sag: number,
  target: number,
  markedMax?: number,
): Measured<SagPressure> {
  const wrong = fieldIssues(
    { path: 'pressure', value: pressure, least: 50, most: 3000, unit: 'kPa' },
    { path: 'sag', value: sag, least: 0.01, most: 1, unit: 'ratio' },
    { path: 'target', value: target, least: 0.05, most: 0.5, unit: 'ratio' },
    ...(markedMax === undefined
      ? []
      : [{ path: 'markedMax', value: markedMax, least: 100, most: 3000, unit: 'kPa' }]),
  );
  if (wrong.length > 0) return unmeasured(...wrong);
  const wanted = (pressure * sag) / target;
  const stepped = Math.min(pressure * (1 + MOST_STEP), Math.max(pressure * (1 - MOST_STEP), wanted));
  if (markedMax !== undefined && stepped > markedMax)
    return measured({ pressure: markedMax, held: 'marked' });
  // either way: the end of a billionth
  return measured({ pressure: stepped, held: Math.abs(stepped - wanted) > 1e-9 ? 'step' : null });
}

/** What the ring tells on the return of hard use: shares 0 to 1. A note, no verdict: full travel is normal unless it was harsh. */
export function usedTravel(used: number): Measured<'firmer-than-needed' | 'full-travel' | 'as-meant'> {
  const wrong = fieldIssues({ path: 'used', value: used, least: 0, most: 1, unit: 'ratio' });
  if (wrong.length > 0) return unmeasured(...wrong);
  return measured(
    !reaches(used, 0.7) ? 'firmer-than-needed' : reaches(used, 0.98) ? 'full-travel' : 'as-meant',
  );
}
