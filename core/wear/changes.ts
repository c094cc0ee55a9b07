import { robustLine, spreadOf, type WearPoint } from './robust-line';

/** So many readings are needed to tell the parts of a life from one another, and it is cut into so many. */
const PIECES_FROM = 6;
const PIECES = 3;
/** A pace that seems to change by more was not read well enough to say. */
const MOST = 1;

/**
 * How much the pace of parts differs between the thirds of their lives, beyond what their noise (a standard deviation) explains, as a share of the rate; null where no series is long enough.
 */
export function changesOf(series: readonly (readonly WearPoint[])[], noise: number): number | null {
  const differences = series.flatMap((points) => {
    const inOrder = [...points].sort((a, b) => a.usage - b.usage);
    const whole = points.length < PIECES_FROM ? null : robustLine(inOrder);
    if (!whole || whole.rate === 0) return [];
    const each = Math.floor((inOrder.length - 1) / PIECES);
    const pieces = Array.from({ length: PIECES }, (_, at) =>
      inOrder.slice(at * each, at === PIECES - 1 ? undefined : (at + 1) * each + 1),
    );
    return pieces.flatMap((piece) => {
      const line = robustLine(piece);
      if (!line) return [];
      const byNoise = (noise / whole.rate) ** 2 * (1 / spreadOf(piece) - 1 / spreadOf(inOrder));
      const share = (line.rate - whole.rate) / whole.rate;
      // Readings as good as at one place tell of no pace.
      return Number.isFinite(share ** 2) && Number.isFinite(byNoise) ? [{ share, byNoise }] : [];
    });
  });
  if (differences.length === 0) return null;
  const mean = (of: (each: (typeof differences)[number]) => number): number =>
    differences.reduce((sum, each) => sum + of(each), 0) / differences.length;
  return Math.min(
    MOST,
    Math.sqrt(Math.max(0, mean(({ share }) => share ** 2) - mean(({ byNoise }) => byNoise))),
  );
}
