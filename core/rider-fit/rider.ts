/** A rider as far as a fit goes. Nothing of it is stored. */
export interface Rider {
  readonly massKg: number;
  /** What rider and bike carry besides, kg. */
  readonly luggageKg: number;
  readonly heightMm: number | null;
  readonly inseamMm: number | null;
}

/** A leg is so much of a body, on the short side: a saddle that starts too low is only tiring. */
const INSEAM_SHARE = 0.46;

/** The inseam, mm, and whether it was only worked out from the height; null where neither is known. */
export function inseamOf(rider: Pick<Rider, 'heightMm' | 'inseamMm'>): {
  readonly mm: number;
  readonly estimated: boolean;
} | null {
  if (rider.inseamMm !== null) return { mm: rider.inseamMm, estimated: false };
  return rider.heightMm === null ? null : { mm: rider.heightMm * INSEAM_SHARE, estimated: true };
}
