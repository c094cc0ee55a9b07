/** What is marked on a tyre and its rim, in kPa; absent: not known. */
export interface TyreMarkings {
  readonly sidewallMin?: number | undefined;
  readonly sidewallMax?: number | undefined;
  readonly rimMax?: number | undefined;
  /** The rim has no hooks to hold the bead: it takes less, whatever the tyre says. */
  readonly hookless?: boolean | undefined;
}

export interface PressureWindow {
  readonly floor: number | null;
  readonly ceiling: number | null;
}

/** The most a rim without hooks may hold, kPa. Source: the common maximum for hookless rims; a marking on the rim beats it when lower. */
export const HOOKLESS_MOST = 500;

/** The window a tyre's pressure belongs in: from its sidewall minimum to the least of all stated maxima. Unknown ends are null. */
export function tyreWindow(marked: TyreMarkings): PressureWindow {
  const most = [marked.sidewallMax, marked.rimMax, marked.hookless ? HOOKLESS_MOST : undefined].filter((each) => each !== undefined);
  return { floor: marked.sidewallMin ?? null, ceiling: most.length > 0 ? Math.min(...most) : null };
}

export type PressureVerdict = 'inside' | 'low' | 'high' | 'empty' | 'unknown';

const TOLERANCE = 1e-9;
/** Under this nothing carries a rider, kPa. */
const EMPTY = 20;

/**
 * Where a gauge reading stands in the window. On a limit is outside it. `unknown` where the window does not say: then the
 * person does. Invalid readings (negative, not finite) are unknown.
 */
export function pressureVerdict(kpa: number, window: PressureWindow): PressureVerdict {
  if (!Number.isFinite(kpa) || kpa < 0) return 'unknown';
  if (kpa < EMPTY) return 'empty';
  if (window.ceiling !== null && kpa >= window.ceiling - TOLERANCE) return 'high';
  if (window.floor !== null && kpa <= window.floor + TOLERANCE) return 'low';
  return window.floor === null || window.ceiling === null ? 'unknown' : 'inside';
}
